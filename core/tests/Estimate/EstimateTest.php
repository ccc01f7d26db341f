<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Gauge\Loops;
use PHPUnit\Framework\TestCase;

final class EstimateTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function estimate(array $changes = []): MaterialEstimate
    {
        return MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote($changes))));
    }

    /** NIST/SEMATECH e-Handbook 1.3.6.7.1, table of the cumulative normal (area from 0 to z, plus one half). */
    public function testChancesAgreeWithThePublishedTable(): void
    {
        $spread = new Spread(100, 0.1);
        foreach ([
            [0.0, 0.5],
            [1.0, 0.84134],
            [1.28, 0.89973],
            [1.96, 0.97500],
            [-1.0, 0.15866],
            [2.5, 0.99379],
        ] as [$z, $area]) {
            self::assertEqualsWithDelta($area, $spread->chanceWithin(100 + 10 * $z), 1e-5);
        }
    }

    public function testLowAndHighLeaveOutOneInTwenty(): void
    {
        $spread = new Spread(100, 0.08);
        self::assertEqualsWithDelta(0.05, $spread->chanceWithin($spread->low()), 1e-6);
        self::assertEqualsWithDelta(0.95, $spread->chanceWithin($spread->high()), 1e-6);
        self::assertSame([1.0, 0.0], [(new Spread(5, 0))->chanceWithin(5), (new Spread(5, 0))->chanceWithin(4.9)]);
    }

    /**
     * Loops with the strand's thickness. Where a stitch is as wide as high and three strands wide they are Handbook 4's
     * 4(w + h) and so on, from memory, within 6 in 100; of a thin strand on a wide hook those are a third too much; a
     * weighed swatch of 4 mm cord, 99 mm a stitch of 12 by 12, is within 5 in 100.
     */
    public function testLoopLengths(): void
    {
        $eats = fn(Stitch $stitch, float $thick): float => $stitch->loopLength(
            Length::mm(12),
            Length::mm(12),
            Length::mm($thick),
        )->mm;
        foreach ([
            'sc' => 96.0, 'hdc' => 4 * 30 + 1.3 * 12, 'dc' => 4 * 36 + 24.0, 'tr' => 4 * 48 + 48.0, 'ch' => 3.2 * 12,
            'sl st' => 3.5 * 12,
        ] as $stitch => $memory) {
            $one = Stitch::from($stitch);
            foreach ([2.0, 4.0, 7.0] as $thick) {
                self::assertEqualsWithDelta(Loops::mm($stitch, 12, 12, $thick), $eats($one, $thick), 1e-9, $stitch);
            }
            self::assertEqualsWithDelta(1.0, $eats($one, 4.0) / $memory, 0.06, $stitch);
        }
        self::assertEqualsWithDelta(98.75, $eats(Stitch::Single, 4.0), 0.05 * 98.75);
        self::assertEqualsWithDelta(96 / 1.31, $eats(Stitch::Single, 2.0), 0.5);
        self::assertEqualsWithDelta(1.1, $eats(Stitch::Crab, 4.0) / $eats(Stitch::Single, 4.0), 0.03);
        self::assertEqualsWithDelta(36.0, $eats(Stitch::Whip, 9.0), 1e-9);
    }

    /** By hand: 992 sc of 0.79 g, 55 chains scaled as measured, two tails. */
    public function testAWeighedSwatchSetsTheScale(): void
    {
        $estimate = self::estimate();
        $chain = Loops::mm('ch', 12, 11.5, 4) / Loops::mm('sc', 12, 11.5, 4) * 0.79;
        self::assertEqualsWithDelta(992 * 0.79 + 55 * $chain + 0.35 * 8.2, $estimate->grams->likely, 1e-6);
        self::assertSame(Origin::FromSwatch, $estimate->origin);
        self::assertEqualsWithDelta($estimate->grams->likely / 8.2, $estimate->metres->likely, 1e-9);
        // All of it 7 % off together, each part 3.5 %, the chains 8 %.
        $parts = array_sum(
            array_map(
                fn(PartTakes $part): float => $part->part === 'tails' ? 0.0 : (0.035 * $part->grams) ** 2,
                $estimate->parts,
            ),
        );
        $off = (0.07 * ($estimate->grams->likely - 0.35 * 8.2)) ** 2 + $parts + (0.08 * 55 * $chain) ** 2;
        // Each row 3 % by itself, and 0.6 % more or less than the one before: what drifts in one goes on in all that
        // follow.
        $onward = 0.0;
        foreach ([
            68 * 0.79,
            36 * 0.79 + 32 * $chain,
            ...array_fill(0, 15, 56 * 0.79),
            48 * 0.79 + 23 * $chain,
        ] as $grams) {
            $onward += $grams;
            $off += (0.03 * $grams) ** 2 + (0.006 * $onward) ** 2;
        }
        $off = sqrt($off);
        self::assertEqualsWithDelta($off, $estimate->grams->likely * $estimate->grams->relative, 1e-6);
        self::assertEqualsWithDelta(0.94, (float) $estimate->enough, 0.01);
    }

    public function testWithoutAMassLoopsGuessAndTheSpreadIsWider(): void
    {
        $estimate = self::estimate(['gauge/mass' => null]);
        self::assertSame(Origin::Guessed, $estimate->origin);
        self::assertGreaterThan(self::estimate()->grams->relative, $estimate->grams->relative);
        self::assertEqualsWithDelta(
            (992 * Loops::mm('sc', 12, 11.5, 4) + 55 * Loops::mm('ch', 12, 11.5, 4)) / 1000 + 0.35,
            $estimate->metres->likely,
            1e-6,
        );
    }

    public function testUnknownStockGivesNoChance(): void
    {
        self::assertNull(self::estimate(['material/on_hand' => null])->enough);
        self::assertEqualsWithDelta(0, (float) self::estimate(['material/on_hand' => '0 g'])->enough, 1e-9);
    }

    public function testJoinedRoundsEatTheirJoins(): void
    {
        self::assertGreaterThan(
            self::estimate()->metres->likely,
            self::estimate(['working' => 'joined'])->metres->likely,
        );
    }

    /** In a hundred: never all of them, never none. */
    public function testChancesAreToldInAHundred(): void
    {
        self::assertSame(
            [1, 1, 50, 58, 57, 90, 99, 99],
            array_map(MaterialEstimate::hundred(...), [0.0, 0.01, 0.5, 0.578, 0.572, 0.9, 0.99, 1.0]),
        );
    }
}
