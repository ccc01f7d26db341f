<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Sheets\PlanSheet;
use App\Bags\WorkSheet;
use App\Glossary\HowTo;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Fescue\Core\Stitch\Terms;
use Tests\TestCase;

final class HowToTest extends TestCase
{
    /** Anybody reads it; every step has a picture of its own, and nothing on the page has another's id. */
    public function testEachIsToldInThreeDrawnSteps(): void
    {
        $page = (string) $this->get('/how-to')->assertOk()->getContent();
        $drawn = [];
        foreach (HowTo::all(Terms::US) as $one) {
            self::assertCount(3, $one->steps, $one->key);
            self::assertTrue(str_contains($page, "<section id=\"{$one->key}\""), $one->key);
            self::assertTrue(str_contains($page, "href=\"#{$one->key}\""), $one->key);
            foreach ($one->steps as [$drawing, $does]) {
                self::assertNotFalse(simplexml_load_string($drawing), $one->key);
                self::assertTrue(str_contains($page, e($does)), $does);
                $drawn[] = $drawing;
            }
        }
        self::assertSame($drawn, array_values(array_unique($drawn)));
        preg_match_all('/\bid="([^"]+)"/', $page, $ids);
        self::assertSame($ids[1], array_values(array_unique($ids[1])), 'An id stands twice.');
        preg_match_all('/href="#([^"]+)"/', $page, $used);
        self::assertSame([], array_diff(array_unique($used[1]), $ids[1]));
    }

    public function testInHerNamesAndByHerHand(): void
    {
        $this->get('/how-to')->assertSee('Single crochet (sc)')->assertSee('The hook in the left hand')
            ->assertDontSee('class="how-to left"', false);
        $this->get('/how-to?hand=left')->assertSee('class="how-to left"', false)->assertSee('The hook in the right hand');
        // She is not asked again; what is no hand changes nothing.
        $this->get('/how-to?hand=none')->assertSee('class="how-to left"', false);
        $this->withHeader('Accept-Language', 'es')->get('/how-to')->assertSee('Punto bajo (pb)')
            ->assertSee('Lazada, saca un lazo: 3 lazos.');
    }

    /** From every row of every bag of the demo a place on that page is named that is there. */
    public function testEveryRowHasItsPlace(): void
    {
        $this->seed(DatabaseSeeder::class);
        $keys = array_map(fn(HowTo $one): string => $one->key, HowTo::all(Terms::US));
        $seen = [];
        $maker = User::query()->sole();
        foreach ($maker->bags as $bag) {
            foreach (PlanSheet::of($bag, $maker)->plan->work->rows as $row) {
                $seen[] = $key = HowTo::of($row);
                self::assertContains($key, $keys, "{$bag->id} {$row->id}");
            }
        }
        self::assertContains('seam-whip', $seen);
        self::assertContains('dc', $seen);
        $bag = $maker->bags()->firstOrFail();
        $sheet = WorkSheet::of(PlanSheet::of($bag, $maker));
        $this->actingAs($maker)->get("/bags/{$bag->id}/work")->assertOk()->assertSee('/how-to#'.$sheet->how(), false);
    }
}
