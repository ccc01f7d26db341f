<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Shape\Outside;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RoundAndSquareTest extends TestCase
{
    /**
     * Handbook 6: 6 sc, 12 dc, growing by the same; of a gauge whose rows are as high as its stitches are wide.
     * 2π·h/w (geometry) is 6.28, 9.42 and 12.57. Common practice, no source.
     */
    #[TestWith(['sc', 6, [6, 12, 18, 24]])]
    #[TestWith(['hdc', 9, [9, 18, 27, 36]])]
    #[TestWith(['dc', 13, [13, 26, 39, 52]])]
    public function testARoundGrowsByItsStart(string $stitch, int $start, array $leaves): void
    {
        $plan = Ways::plan(
            ['gauge/height' => '12 cm', 'base' => ['type' => 'round', 'stitch' => $stitch, 'rounds' => 4]],
        );
        self::assertSame($leaves, array_slice(Ways::leaves($plan), 0, 4));
        self::assertSame($start, Plans::count($plan, '/base/start'));
        self::assertEqualsWithDelta(
            8 * ['sc' => 12, 'hdc' => 18, 'dc' => 24][$stitch],
            $plan->comesOut->baseWidth->mm,
            1e-9,
        );
    }

    public function testItsWords(): void
    {
        $lines = Ways::lines(
            Ways::plan(['base' => ['type' => 'round', 'stitch' => 'dc', 'start' => 12, 'rounds' => 4]]),
        );
        self::assertStringStartsWith('12 dc in 4th ch from hook.', $lines['Round 1']);
        self::assertSame('[2 dc in next st] 12 times. (24)', $lines['Round 2']);
        self::assertSame('[2 dc in next st, dc in next st] 12 times. (36)', $lines['Round 3']);
        self::assertSame('[dc in next 2 sts, 2 dc in next st] 12 times. (48)', $lines['Round 4']);
    }

    /** No increase stands over that of the round below: a tenth of its share or more away, seen from the middle. */
    public function testIncreasesStandOffThoseBelow(): void
    {
        $plan = Ways::plan(['base' => ['type' => 'round', 'stitch' => 'sc', 'start' => 6, 'rounds' => 40]]);
        $angles = [];
        foreach (BaseChart::of($plan) as $symbol) {
            if ($symbol->increase) {
                $angles[$symbol->round][] = fmod(
                    rad2deg(atan2(-$symbol->stand->y, $symbol->stand->x)) + 360,
                    60,
                );
            }
        }
        self::assertCount(39, $angles);
        for ($round = 4; $round <= 40; $round++) {
            // The two of an increase lie side by side: between them.
            $at = fn(int $one): float => ($angles[$one][0] + $angles[$one][1]) / 2;
            $apart = abs($at($round) - $at($round - 1));
            self::assertGreaterThan(6, min($apart, 60 - $apart), "Round {$round}");
        }
    }

    /** Every stitch of a round stands on its circle; the outline agrees with a reference library. */
    public function testTheChartIsRound(): void
    {
        $plan = Ways::plan(['base' => ['type' => 'round', 'stitch' => 'sc', 'rounds' => 8]]);
        foreach (BaseChart::of($plan) as $symbol) {
            self::assertEqualsWithDelta(
                max(0.0, ($symbol->round - 0.5) * 11.5),
                hypot($symbol->stand->x, $symbol->stand->y),
                1e-9,
            );
        }
        $outline = $plan->parts[0]->made->outline;
        self::assertEqualsWithDelta(M_PI * 92 ** 2, $outline?->area(), 1e-9);
        self::assertEqualsWithDelta(Outside::length('M92 0A92 92 0 0 1 -92 0A92 92 0 0 1 92 0z'), $outline->perimeter(), 0.5);
    }

    public function testARoundFollowsOneSide(): void
    {
        $of = fn(array $size): int => Plans::count(
            Ways::plan(['size' => $size, 'base' => ['type' => 'round', 'stitch' => 'sc']]),
            '/base/rounds',
        );
        self::assertSame([9, 9, 9], [
            $of(['width' => '20 cm']), $of(['length' => '20 cm']), $of(['length' => '21 cm', 'width' => '20 cm']),
        ]);
        self::assertSame(
            '/size/length',
            Ways::refused(
                ['size' => ['length' => '30 cm', 'width' => '12 cm'], 'base' => ['type' => 'round', 'stitch' => 'sc']],
            )[0],
        );
        self::assertSame('/size/width', Ways::refused(['base' => ['type' => 'round', 'stitch' => 'sc']])[0]);
        self::assertStringContainsString(
            'up to 60',
            Ways::refused(
                ['size' => ['width' => '180 cm'], 'base' => ['type' => 'round', 'stitch' => 'sc']],
            )[1],
        );
    }

    /** Handbook 6 [check]: square corners grow by eight. Common practice, no source. */
    #[TestWith([3, 1, [8]])]
    #[TestWith([10, 4, [22, 30, 38, 46]])]
    #[TestWith([25, 3, [52, 60, 68]])]
    public function testASquareGrowsByEight(int $chain, int $rounds, array $leaves): void
    {
        $plan = Ways::plan(['base' => ['type' => 'square', 'chain' => $chain, 'rounds' => $rounds]]);
        self::assertSame($leaves, array_slice(Ways::leaves($plan), 0, $rounds));
        self::assertEqualsWithDelta(
            [($chain - 1) * 12 + 23 * $rounds, 23 * $rounds],
            [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm],
            1e-9,
        );
    }

    /** Three in each corner: the middle one stands at the corner of the one below, and no other increase is there. */
    public function testItsCornersStandOneOverAnother(): void
    {
        $plan = Ways::plan(['base' => ['type' => 'square', 'chain' => 12, 'rounds' => 6]]);
        $corners = [];
        foreach (BaseChart::of($plan) as $symbol) {
            if ($symbol->increase) {
                $corners[$symbol->round][] = $symbol;
            }
        }
        foreach ($corners as $round => $symbols) {
            self::assertCount(12, $symbols);
            foreach ([1, 4, 7, 10] as $middle) {
                $stand = $symbols[$middle]->stand;
                self::assertEqualsWithDelta(66 + ($round - 0.5) * 11.5, abs($stand->x), 1e-9, "Round {$round}");
                self::assertEqualsWithDelta(($round - 0.5) * 11.5, abs($stand->y), 1e-9);
            }
        }
        self::assertSame(
            '[sc in next 2 sts, 3 sc in next st, sc in next 14 sts, 3 sc in next st, sc in next 3 sts] twice. (50)',
            Ways::lines($plan)['Round 4'],
        );
        // A square of rows 8 mm high and stitches 12 mm wide lies flat with 8 · 8 ÷ 12 more a round.
        self::assertStringStartsWith(
            'At Round 3 there are 5.3 stitches more than lie flat. It adds 8 where 5.3 would.',
            Ways::notes(Ways::plan(
                ['gauge/height' => '8 cm', 'base' => ['type' => 'square', 'chain' => 12, 'rounds' => 3]],
            ))['wavy'],
        );
    }

    /** Slots stand on the middles of the long sides, whatever of the round comes before them. */
    #[TestWith([['type' => 'square', 'chain' => 21, 'rounds' => 4]])]
    #[TestWith([['type' => 'square', 'chain' => 22, 'rounds' => 3]])]
    #[TestWith([['type' => 'round', 'stitch' => 'sc', 'rounds' => 10]])]
    #[TestWith([['type' => 'holes', 'holes' => 56, 'length' => '28 cm', 'width' => '12 cm']])]
    #[TestWith([['type' => 'folded-rows', 'stitch' => 'sc', 'across' => 26, 'rows' => 3]])]
    #[TestWith([['type' => 'folded-chain', 'chain' => 26]])]
    public function testOpeningsAreCentred(array $base): void
    {
        foreach (['spiral', 'joined', 'joined-turned'] as $working) {
            $view = SideView::of(
                Ways::plan(['base' => $base, 'working' => $working, 'handles' => ['type' => 'slot']]),
            );
            self::assertCount(1, $view->openings, $working);
            self::assertEqualsWithDelta(0, $view->openings[0]->x, 6.01, $working);
        }
    }

}
