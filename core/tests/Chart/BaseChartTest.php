<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Chart;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class BaseChartTest extends TestCase
{
    private static function plan(string $ends, int $chain, int $rounds, float $width, float $height): BagPlan
    {
        return Planner::plan(
            BagDocument::read(
                Documents::tote(
                    [
                        'base' => ['type' => 'oval', 'ends' => $ends, 'chain' => $chain, 'rounds' => $rounds],
                        'gauge/width' => "{$width} cm",
                        'gauge/height' => "{$height} cm",
                        'handles' => null,
                    ],
                ),
            ),
        );
    }

    public function testEverySymbolStandsOnItsRoundFacingOutward(): void
    {
        foreach (['two-and-two', 'three'] as $ends) {
            $oval = self::plan($ends, 14, 5, 12, 11.5);
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
                self::assertGreaterThan(
                    0.99,
                    (sin($angle) * $beyond * ($symbol->stand->x <=> 0) - cos($angle) * $symbol->stand->y) / $from,
                );
            }
        }
    }

    public function testStraightStitchesStandAboveTheirChains(): void
    {
        $oval = self::plan('two-and-two', 10, 3, 10, 9);
        $chart = BaseChart::of($oval);
        $chains = array_map(fn(Symbol $symbol): float => round($symbol->stand->x, 6), array_slice($chart, 1, 8));
        foreach ([1, 2, 3] as $round) {
            $above = array_values(
                array_filter(
                    $chart,
                    fn(Symbol $symbol): bool => $symbol->round === $round
                        && $symbol->stand->degrees === 0.0
                        && in_array(
                            round($symbol->stand->x, 6),
                            $chains,
                            true,
                        ) && $symbol->stand->y < 0,
                ),
            );
            self::assertGreaterThanOrEqual(8, count($above));
        }
    }

    public function testTheFirstStitchIsAtTheRightTipGoingUp(): void
    {
        $oval = self::plan('two-and-two', 10, 2, 10, 10);
        $first = BaseChart::of($oval)[10];
        self::assertSame(1, $first->round);
        self::assertGreaterThan(45, $first->stand->x);
        self::assertLessThan(0, $first->stand->y);
    }

    /** In working order round the oval, each stitch within two of the one before it, and none where another stands. */
    public function testStitchesOfARoundFollowEachOther(): void
    {
        foreach (['two-and-two', 'three'] as $ends) {
            $chart = BaseChart::of(self::plan($ends, 12, 4, 10, 10));
            foreach (range(1, 4) as $round) {
                $of = array_values(array_filter($chart, fn(Symbol $one): bool => $one->round === $round));
                foreach ($of as $place => $one) {
                    $next = $of[($place + 1) % count($of)];
                    $apart = hypot($next->stand->x - $one->stand->x, $next->stand->y - $one->stand->y);
                    self::assertGreaterThan(2.0, $apart, "{$ends}, round {$round}, stitch {$place}");
                    self::assertLessThan(20.0, $apart, "{$ends}, round {$round}, stitch {$place}");
                }
            }
        }
    }
}
