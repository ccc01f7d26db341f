<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Glossary\Glossary;
use Fescue\Core\Instruction\Motif;
use Tests\TestCase;

final class GlossaryTest extends TestCase
{
    /** Anybody reads it; each word has its place, a picture of its own and no other's id. */
    public function testEachWordIsToldAndDrawn(): void
    {
        $page = (string) $this->get('/words')->assertOk()->getContent();
        $terms = array_map(Glossary::term(...), array_keys(Glossary::TRADE + Glossary::OURS));
        self::assertGreaterThan(20, count($terms));
        self::assertCount(count($terms), array_unique(array_column($terms, 'drawing')));
        foreach ($terms as $term) {
            self::assertNotFalse(simplexml_load_string($term->drawing), $term->key);
            self::assertStringContainsString("<div id=\"{$term->key}\">", $page);
            self::assertStringContainsString(e($term->said), $page);
        }
        foreach (Motif::all() as $motif) {
            self::assertStringContainsString("<div id=\"fabric-{$motif->key}\">", $page);
        }
        preg_match_all('/\bid="([^"]+)"/', $page, $ids);
        self::assertSame($ids[1], array_values(array_unique($ids[1])), 'An id stands twice.');
        self::assertSame([], array_diff(
            array_unique((preg_match_all('/href="#([^"]+)"/', $page, $used) > 0) ? $used[1] : []),
            $ids[1],
        ));
    }

    public function testFabricsAreInHerNames(): void
    {
        $this->withHeader('Accept-Language', 'es');
        $this->get('/words')->assertSee('Punto bajo (pb)')->assertSee('Palabras del oficio');
    }

    public function testAWordOpensInPlace(): void
    {
        $this->actingAs($maker = $this->maker());
        $this->swatch($maker, $this->material($maker));
        $page = (string) $this->get('/swatches/trial')->assertOk()->getContent();
        self::assertStringContainsString('popovertarget="term-firmness"', $page);
        self::assertStringContainsString('id="term-firmness" popover', $page);
    }
}
