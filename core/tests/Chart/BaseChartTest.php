<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Chart;

use Fescue\Core\Base\Ends;
use Fescue\Core\Base\Oval;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Stitch\Stitch;
use PHPUnit\Framework\TestCase;

final class BaseChartTest extends TestCase
{
    public function testEverySymbolStandsOnItsRoundFacingOutward(): void
    {
        foreach (Ends::cases() as $ends) {
            $oval = new Oval(14, 5, $ends, new Gauge(Motif::single(), Length::mm(12), Length::mm(11.5)), Working::Spiral);
            foreach (BaseChart::of($oval) as $symbol) {
                if ($symbol->round === 0) {
                    self::assertSame(Stitch::Chain, $symbol->stitch);

                    continue;
                }
                // Distance from the chain's line is the middle of the round, wherever on the stadium the symbol stands.
                $beyond = max(0, abs($symbol->stand->x) - 13 * 12 / 2);
                $from = hypot($beyond, $symbol->stand->y);
                self::assertEqualsWithDelta(($symbol->round - 0.5) * 11.5, $from, 1e-6);
                $angle = deg2rad($symbol->stand->degrees);
                self::assertGreaterThan(0.99, (sin($angle) * $beyond * ($symbol->stand->x <=> 0) - cos($angle) * $symbol->stand->y) / $from);
            }
        }
    }

    public function testStraightStitchesStandAboveTheirChains(): void
    {
        $oval = new Oval(10, 3, Ends::TwoAndTwo, new Gauge(Motif::single(), Length::mm(10), Length::mm(9)), Working::Spiral);
        $chart = BaseChart::of($oval);
        $chains = array_map(fn(Symbol $symbol): float => round($symbol->stand->x, 6), array_slice($chart, 1, 8));
        foreach ([1, 2, 3] as $round) {
            $above = array_values(array_filter($chart, fn(Symbol $symbol): bool => $symbol->round === $round && $symbol->stand->degrees === 0.0 && in_array(round($symbol->stand->x, 6), $chains, true) && $symbol->stand->y < 0));
            self::assertGreaterThanOrEqual(8, count($above));
        }
    }

    public function testTheFirstStitchIsAtTheRightTipGoingUp(): void
    {
        $oval = new Oval(10, 2, Ends::TwoAndTwo, new Gauge(Motif::single(), Length::mm(10), Length::mm(10)), Working::Spiral);
        $first = BaseChart::of($oval)[10];
        self::assertSame(1, $first->round);
        self::assertGreaterThan(45, $first->stand->x);
        self::assertLessThan(0, $first->stand->y);
    }
}
