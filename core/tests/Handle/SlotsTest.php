<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Handle;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Counter;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Instruction\Motif;
use PHPUnit\Framework\TestCase;

final class SlotsTest extends TestCase
{
    private static function gauge(): Gauge
    {
        return new Gauge(Motif::single(), Length::mm(12), Length::mm(11.5));
    }

    /** Handbook 7 [check]: skip 10 and ch 16 twice on 56 leaves 68. Common practice, no source; ours stand one stitch nearer the middle. */
    public function testOnFiftySix(): void
    {
        $slots = new Slots(56, 14, 10, 16, 1, Working::Spiral);
        self::assertSame([9, 18, 9], [$slots->before, $slots->between, $slots->after]);
        [$slot, $edge] = $slots->rows(17);
        self::assertSame([56, 68], [Counter::count($slot)->takes, Counter::count($slot)->leaves]);
        self::assertSame([68, 68], [Counter::count($edge)->takes, Counter::count($edge)->leaves]);
        self::assertSame([Part::Handles, Part::Edge], [$slot->part, $edge->part]);
        self::assertSame(['Round 17', 'Round 18'], [$slot->name, $edge->name]);
        self::assertEqualsWithDelta(0, $slots->offCentre(), 1e-9);
    }

    /** Handbook 7 [check]: skip 10 and chain 15 on 72, then 15 around the chain. Common practice, no source. */
    public function testOnSeventyTwo(): void
    {
        $slots = new Slots(72, 18, 10, 15, 1, Working::Spiral);
        self::assertSame([13, 26, 13], [$slots->before, $slots->between, $slots->after]);
        self::assertSame(82, Counter::count($slots->rows(1)[1])->leaves);
    }

    /** Front and back are half a round apart, wherever the middle stands and whatever is skipped. */
    public function testFrontAndBackFaceEachOther(): void
    {
        for ($half = 10; $half < 60; $half++) {
            for ($centre = 4.0; $centre <= $half - 4; $centre += 0.5) {
                for ($skip = 1; $skip <= Slots::widest(2 * $half, $centre); $skip += 3) {
                    $slots = new Slots(2 * $half, $centre, $skip, $skip + 4, 1, Working::Joined);
                    $front = $slots->before + $skip / 2;
                    $back = $slots->before + $skip + $slots->between + $skip / 2;
                    self::assertEqualsWithDelta($half, $back - $front, 1e-9);
                    self::assertLessThanOrEqual(0.5, abs($front - $centre));
                    self::assertGreaterThanOrEqual(1, min($slots->before, $slots->between, $slots->after));
                    self::assertSame(2 * $half + 8, Counter::count($slots->rows(1)[0])->leaves);
                }
            }
        }
    }

    /** Solved, a slot stands on the middle of its side wherever that can be: whole stitches on both sides of it. */
    public function testASolvedSlotIsCentred(): void
    {
        foreach ([[14.0, 10.0, 24, 10], [14.0, 9.1, 24, 10], [14.0, 8.9, 24, 8], [14.5, 10.0, 25, 11], [14.5, 9.9, 25, 9], [14.5, 10.1, 6, 5], [14.0, 10.0, 7, 6], [14.0, 10.0, 6, 6], [4.0, 10.0, 1, 1], [3.5, 10.0, 1, 1], [3.5, 10.0, 2, 1], [14.0, 0.4, 24, 1], [14.5, 0.4, 24, 1]] as [$centre, $wish, $most, $skip]) {
            self::assertSame($skip, Slots::centred($centre, $wish, $most), "{$centre} {$wish} {$most}");
        }
        self::assertSame(24, (new Slots(56, 14, 10, 16, 1, Working::Spiral))->mostToSkip());
    }

    public function testRefusesWhatDoesNotFit(): void
    {
        foreach ([[56, 14, 25, 40], [56, 14, 10, 9], [56, 14, 0, 5], [8, 2, 1, 2]] as [$around, $centre, $skip, $chain]) {
            try {
                new Slots($around, $centre, $skip, $chain, 1, Working::Spiral);
                self::fail("A slot over {$skip} of {$around} was made.");
            } catch (\InvalidArgumentException $e) {
                self::assertStringContainsString('fits its side', $e->getMessage());
            }
        }
    }

    public function testEdgeRoundsGoOnOverTheChains(): void
    {
        $slots = new Slots(40, 10, 6, 10, 4, Working::Joined);
        $rows = $slots->rows(9);
        self::assertCount(5, $rows);
        foreach (array_slice($rows, 1) as $row) {
            self::assertSame([48, 48], [Counter::count($row)->takes, Counter::count($row)->leaves]);
        }
        self::assertEqualsWithDelta(5 * 11.5, $slots->height(self::gauge())->mm, 1e-9);
        self::assertCount(1, (new Slots(40, 10, 6, 10, 0, Working::Joined))->rows(9));
    }

    /** The arch is as long as its chain, over an opening as wide as what is skipped (geometry). */
    public function testTheHandHole(): void
    {
        $hole = (new Slots(56, 14, 10, 16, 1, Working::Spiral))->opening(self::gauge());
        self::assertEqualsWithDelta(60, $hole->a, 1e-9);
        self::assertEqualsWithDelta(192, $hole->perimeter() / 2, 0.01);
        self::assertEqualsWithDelta(0, (new Slots(56, 14, 10, 10, 1, Working::Spiral))->opening(self::gauge())->b, 2.0);
    }
}
