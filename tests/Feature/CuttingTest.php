<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CuttingTest extends TestCase
{
    public function testEachKindTeachesBeforeAnythingIsTyped(): void
    {
        $this->actingAs($this->maker());
        $this->get('/cutting')->assertOk()->assertSee('uncut; the spine is opened')->assertSee('Spine left uncut')->assertDontSee('Bottom seam');
        $this->get('/cutting?kind=panel')->assertSee('zigzag')->assertDontSee('Spine left uncut');
        $this->get('/cutting?kind=bag')->assertSee('Bottom seam cut off')->assertDontSee('Pull');
        $this->get('/cutting?kind=kite')->assertOk()->assertSee('Spine left uncut');
    }

    public function testAShirtBothWays(): void
    {
        // 16 strips of 2.5: 16·(92 − 5) + 15·√(5² + 2.5²) cm; pulled by 30 %; two shirts lose a lap between them.
        $this->actingAs($this->maker())->get('/cutting?kind=tube&width=46&height=40&strip=2,5+cm&spine=&pull=30&mass=180&pieces=2')->assertOk()
            ->assertSeeInOrder(['strand from one', '14.8 m', '14.3 m'])->assertSeeInOrder(['from 2, joined', '29.5 m', '28.7 m'])
            ->assertSeeInOrder(['after the pull', '38.3 m', '37.3 m'])->assertSeeInOrder(['weighs after the pull', '9.4 g/m'])
            ->assertSee('Cut away from you,')->assertSee('Jersey sheds dust')->assertDontSee('suffocate');
    }

    /** Handbook 3 [check]: six loops a bag of a 30 cm ruler by 5 cm. Common practice, no source. */
    public function testACarrierBagBothWays(): void
    {
        $this->actingAs($this->maker())->get('/cutting?kind=bag&width=30&height=40&strip=5&handles=7&seam=3')->assertOk()
            ->assertSeeInOrder(['strand from one', '3.6 m', '1.7 m'])->assertSeeInOrder(['the strand lies', 'single', 'double'])
            ->assertSeeInOrder(['strips of one', '6', '6'])->assertSee('Plastic bags suffocate');
    }

    /** @return array<string, array{string, string, string}> */
    public static function bad(): array
    {
        return [
            'no width' => ['width', '', 'Nothing is written'],
            'words' => ['height', 'as long as my arm', 'not understood'],
            'zero' => ['strip', '0', 'above nothing'],
            'too wide a strip' => ['strip', '60 cm', 'wider than the piece is high'],
            'too fine a strip' => ['strip', '0.5 mm', 'up to 400'],
            'absurd' => ['width', '3 km', 'not a unit'],
            'a spine too wide' => ['spine', '50 cm', 'leave less uncut'],
            'pull in words' => ['pull', 'a lot', 'in percent'],
            'half a shirt' => ['pieces', '1.5', 'from 1 to 500'],
            'a shirt of lead' => ['mass', '90 kg', 'at most 20 kg'],
            'script' => ['width', '<script>alert(1)</script>', 'not understood'],
        ];
    }

    #[DataProvider('bad')]
    public function testBadMeasuresAreSaidAtTheirFieldAndStay(string $field, string $value, string $message): void
    {
        $query = [$field => $value] + ['kind' => 'tube', 'width' => '46 cm', 'height' => '40 cm', 'strip' => '2.5 cm', 'spine' => '2 cm', 'pull' => '20', 'mass' => '180 g', 'pieces' => '3'];
        $page = $this->actingAs($this->maker())->get('/cutting?'.http_build_query($query))->assertOk()->assertSee($message)->assertSee("id=\"{$field}-wrong\"", false)->assertSee('Mend what is marked')->assertDontSee('<script>alert', false);
        if ($value !== '') {
            $page->assertSee('value="'.e($value).'"', false);
        }
    }

    public function testEveryCutIsDrawnToScaleInOrder(): void
    {
        $page = (string) $this->actingAs($this->maker())->get('/cutting?kind=bag&width=30&height=40&strip=5&handles=7&seam=3')->getContent();
        preg_match_all('/<svg xmlns.*?<\/svg>/s', $page, $drawings);
        self::assertCount(2, $drawings[0]);
        foreach ($drawings[0] as $svg) {
            self::assertTrue((new \DOMDocument())->loadXML($svg));
            self::assertSame(1, preg_match('/width="([\d.]+)" height="([\d.]+)" fill="#E7EDE0"/', $svg, $piece));
            self::assertEqualsWithDelta(30 / 40, (float) $piece[1] / (float) $piece[2], 0.001);
        }
        // Loops: handles and seam come off first, then five cuts make six of them; each has its number.
        preg_match_all('/font-weight="600" font-size="13">(\d+)<\/text>/', $drawings[0][1], $numbers);
        sort($numbers[1]);
        self::assertSame(['1', '2', '3', '4', '5', '6', '7'], $numbers[1]);
    }
}
