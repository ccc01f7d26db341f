<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bags\Have;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\NotUnderstood;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The start, of so much strand. */
final class HaveTest extends TestCase
{
    /** @return array<string, array{string, float}> as written, and grams of a strand of 8 g/m */
    public static function written(): array
    {
        return [
            'grams' => ['450 g', 450], 'bare' => ['450', 450], 'kilos' => ['0,9 kg', 900], 'metres' => ['120 m', 960],
            'yards' => ['100 yd', 731.52], 'balls' => ['3 × 250 g', 750], 'of balls' => ['2 balls of 80 m', 1280],
            'x' => ['4x100', 400], 'Spanish' => ['2 ovillos de 100 g', 200],
        ];
    }

    #[DataProvider('written')]
    public function testItIsReadAsPeopleSayIt(string $text, float $grams): void
    {
        self::assertEqualsWithDelta($grams, Have::read($text, LinearDensity::gramsPerMetre(8))->grams, 0.01);
    }

    public function testWhatIsNoneIsRefused(): void
    {
        foreach (['a lot', '3 balls', '0 g', '0.5 g', '51 kg', '999 × 900 g', '-4 g'] as $text) {
            try {
                Have::read($text, LinearDensity::gramsPerMetre(8));
                self::fail("{$text} was read.");
            } catch (NotUnderstood $e) {
                self::assertNotSame('', $e->said->message);
            }
        }
    }

    /** Each kind says whether it can be made of it, and how large it could be; more of it is a larger bag. */
    public function testEachKindSaysHowFarItReaches(): void
    {
        $this->get('/')->assertOk()->assertSee('Fescue plans the bag that you can crochet')->assertDontSee('sure up to');
        $reaches = function (string $have): array {
            $page = (string) $this->get('/begin?kind=cord&thick=4&have='.urlencode($have))->assertOk()->getContent();
            preg_match_all('~class="have (good|bad)">(\d+) in 100</span><span class="said">sure up to (\d+) × (\d+) cm~u', $page, $found);

            return [$found[1], array_map(intval(...), $found[2]), array_map(intval(...), $found[3])];
        };
        [$few, , $narrow] = $reaches('200 g');
        [$many, $chances, $wide] = $reaches('9 kg');
        self::assertGreaterThan(12, count($few));
        self::assertSame(['bad'], array_values(array_unique($few)));
        self::assertSame(['good'], array_values(array_unique($many)));
        self::assertSame([99], array_values(array_unique($chances)));
        foreach ($wide as $nth => $one) {
            // A fabric takes as much as it is large: 45 times as much is √45 times as wide.
            self::assertEqualsWithDelta(sqrt(45), $one / $narrow[$nth], 0.5);
        }
        // By length it is weighed by what such a strand weighs, and it goes on to the whole plan.
        $this->get('/begin?kind=cord&thick=4&have=2000+m')->assertSee('class="have good"', false);
        $this->get('/begin/plan?kind=cord&thick=4&bag=oval&have=200+g')->assertOk()
            ->assertSee('makes it enough in 90 of 100.');
    }

    public function testWhatCannotBeReadIsToldAtItsFieldAndStaysThere(): void
    {
        $this->get('/begin?have=a+lot')->assertOk()->assertSee('value="a lot"', false)
            ->assertSee('Write it as 450 g, as 120 m, or as 3 × 250 g.')->assertDontSee('class="have', false);
        $this->getJson('/begin?have=a+lot&part=answer')->assertJsonPath('errors.have', 'Write it as 450 g, as 120 m, or as 3 × 250 g.');
    }
}
