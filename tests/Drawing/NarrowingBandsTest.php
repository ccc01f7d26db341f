<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\NarrowingBands;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Tests\Bag\Documents;
use Illuminate\Foundation\Testing\TestCase;

final class NarrowingBandsTest extends TestCase
{
    /**
     * Each weigh-in has a band of its own, no wider than the one before, and all are to the scale of the line of what
     * is on hand.
     */
    public function testBandsNarrowAndAreToScale(): void
    {
        $plan = Planner::plan(
            BagDocument::read(
                Documents::tote(
                    [
                        'weigh_ins' => [
                            ['after' => 'Round 4', 'left' => '690 g'],
                            ['after' => 'Round 8', 'left' => '480 g'],
                            ['after' => 'Round 12', 'left' => '270 g'],
                        ],
                    ],
                ),
            ),
        );
        $svg = simplexml_load_string(NarrowingBands::of($plan));
        self::assertNotFalse($svg);
        $bands = $likely = [];
        $onHand = null;
        foreach ($svg->path as $path) {
            $d = (string) $path['d'];
            match ((string) $path['stroke-width']) {
                '14' => sscanf($d, 'M%f %fH%f', $from, $y, $to) === 3 ? $bands[] = [$from, $to] : self::fail($d),
                '3' => sscanf($d, 'M%f', $x) === 1 ? $likely[] = $x : self::fail($d),
                '2.5' => sscanf($d, 'M%f', $x) === 1 ? $onHand = $x : self::fail($d),
                default => null,
            };
        }
        self::assertCount(4, $bands);
        self::assertCount(4, $likely);
        foreach ($bands as $place => [$from, $to]) {
            self::assertGreaterThan($from, $likely[$place]);
            self::assertLessThan($to, $likely[$place]);
            if ($place > 0) {
                self::assertLessThanOrEqual($bands[$place - 1][1] - $bands[$place - 1][0] + 0.1, $to - $from);
            }
        }
        // Pixels to the gram by the last band; the 900 g on hand stand where it says.
        $grams = MaterialEstimate::of($plan)->grams;
        $scale = ($bands[3][1] - $bands[3][0]) / ($grams->high() - $grams->low());
        self::assertEqualsWithDelta($bands[3][0] + $scale * (900 - $grams->low()), $onHand, 1.0);
        foreach (['before the first', 'after Round 4', 'after Round 8', 'after Round 12', '900 g on hand'] as $said) {
            self::assertStringContainsString($said, (string) $svg->asXML());
        }
    }

    public function testWhatIsNotKnownHasNoLine(): void
    {
        $svg = NarrowingBands::of(Planner::plan(BagDocument::read(Documents::tote(['material/on_hand' => null]))));
        self::assertStringNotContainsString('on hand', $svg);
        self::assertStringContainsString('before the first', $svg);
    }
}
