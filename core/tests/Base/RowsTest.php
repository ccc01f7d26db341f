<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RowsTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(array $base, array $changes = []): BagPlan
    {
        return Planner::plan(
            BagDocument::read(
                Documents::tote(
                    ['base' => ['type' => 'rows', 'stitch' => 'sc'] + $base, 'body/loop' => 'both'] + $changes,
                ),
            ),
        );
    }

    /**
     * Handbook 7 and 10A [check]: 31 × 6 and two at a corner, 74; 30 × 6, the round in dc, 72. A corner more or less is
     * four stitches. Common practice, no source.
     */
    #[TestWith([['across' => 31, 'rows' => 6], 74])]
    #[TestWith([['across' => 31, 'rows' => 6, 'corner' => 3], 78])]
    #[TestWith([['across' => 31, 'rows' => 6, 'corner' => 1], 70])]
    #[TestWith([['stitch' => 'hdc', 'round' => 'dc', 'across' => 30, 'rows' => 6, 'along' => 6], 72])]
    #[TestWith([['across' => 20, 'rows' => 7, 'along' => 10, 'corner' => 3], 64])]
    #[TestWith([['across' => 20, 'rows' => 1, 'along' => 2, 'corner' => 1], 40])]
    public function testTheRoundHoldsBothSidesTwice(array $base, int $around): void
    {
        $plan = self::plan($base, ['handles' => null]);
        self::assertSame($around, Plans::around($plan));
        self::assertSame($around, $plan->work->rows[$base['rows']]->count->leaves);
        self::assertSame(
            [
                ...array_map(fn(int $row): string => "Row {$row}", range(1, $base['rows'])),
                ...array_map(fn(int $round): string => "Round {$round}", range(1, 15)),
            ],
            $plan->work->names(),
        );
        self::assertSame(
            array_fill(0, $base['rows'], $base['across']),
            array_slice(Ways::leaves($plan), 0, $base['rows']),
        );
    }

    /** Told by its rows, not by the wall on them: 120 rows of 400, a round of 1 600 and 14 more make 72 000. */
    public function testTheLargestIsPlannedAndWhatIsBeyondSaysHowMuch(): void
    {
        $most = ['across' => 400, 'rows' => 120, 'along' => 400];
        $plan = self::plan($most, ['handles' => null]);
        self::assertSame(72_000, array_sum(Ways::leaves($plan)));
        try {
            self::plan($most, ['handles' => null, 'body/rounds' => 40]);
            self::fail('It was planned.');
        } catch (Refused $e) {
            self::assertSame('/base/across', $e->problems[0]->path);
            self::assertStringContainsString('about 113600 stitches', $e->problems[0]->message);
        }
    }

    public function testItsWords(): void
    {
        $plan = self::plan(['across' => 12, 'rows' => 4, 'corner' => 3, 'along' => 6], ['handles' => null]);
        $writer = new Writer(Terms::US);
        self::assertSame('Chain 13, loosely: 12 to work into and 1 to turn.', $writer->start($plan->work->start));
        self::assertSame(
            [
                'Sc in 2nd ch from hook, sc in next 11 ch. (12)',
                'Ch 1, turn, sc in each st across. (12)',
                // Six over four rows' ends: two in the second and the fourth, and the corner's third with the last.
                'Ch 1, turn, sc in next 11 sts, 2 sc in next st, along the row ends: 2 sc in next row end, sc in '
                    .'next row end, 2 sc in each of next 2 row ends, go on along the other side of the chain: sc in '
                        .'next 11 ch, 2 sc in next ch, along the row ends: 2 sc in next row end, sc in next row '
                            .'end, 2 sc in each of next 2 row ends. (40)',
            ],
            array_map($writer->line(...), [$plan->work->rows[0], $plan->work->rows[1], $plan->work->rows[4]]),
        );
    }

    /**
     * Where a row is about as high as a stitch is wide each has one; a half double is half as high again, and has three
     * in two.
     */
    public function testStitchesAlongTheRowEndsFollowTheGauge(): void
    {
        self::assertSame(
            [6, 6],
            [
                Plans::count(self::plan(['across' => 31, 'rows' => 6]), '/base/along'),
                Plans::count(self::plan(['across' => 31, 'rows' => 6, 'along' => null]), '/base/along'),
            ],
        );
        $tall = self::plan(['across' => 31, 'rows' => 6], ['gauge/height' => '18 cm', 'handles' => null]);
        self::assertSame(9, Plans::count($tall, '/base/along'));
        // 13.8 mm high on 12 mm wide is the most that counts as alike.
        self::assertSame(
            6,
            Plans::count(self::plan(['across' => 31, 'rows' => 6], ['gauge/height' => '13.7 cm']), '/base/along'),
        );
        self::assertSame(
            7,
            Plans::count(self::plan(['across' => 31, 'rows' => 6], ['gauge/height' => '13.9 cm']), '/base/along'),
        );
    }

    /** 30 × 12 cm at 12 and 11.5 mm: 25 stitches, 10 rows. */
    public function testFollowsTheSize(): void
    {
        $plan = self::plan([]);
        self::assertSame([25, 10], [Plans::count($plan, '/base/across'), Plans::count($plan, '/base/rows')]);
        self::assertEqualsWithDelta(
            [300, 115],
            [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm],
            1e-9,
        );
        // The round that is picked up stands: 1 + 14 + 2 rounds of 11.5 mm.
        self::assertEqualsWithDelta(17 * 11.5, $plan->comesOut->height->mm, 1e-9);
        self::assertEqualsWithDelta(Plans::around($plan) * 12 / 2, $plan->comesOut->flatWidth->mm, 1e-9);
    }

    public function testTheSmallestIsOneRowOfTwo(): void
    {
        $plan = self::plan([], ['size/length' => '2.4 cm', 'size/width' => '1.2 cm', 'handles' => null]);
        self::assertSame([2, 1, 6], [
            Plans::count($plan, '/base/across'),
            Plans::count($plan, '/base/rows'),
            Plans::around($plan),
        ]);
    }

    public function testOpeningsStandOnTheMiddleOfTheLongSide(): void
    {
        foreach ([1, 2, 3] as $corner) {
            $plan = self::plan(['across' => 30, 'rows' => 6, 'corner' => $corner]);
            $view = SideView::of($plan);
            self::assertCount(1, $view->openings);
            self::assertEqualsWithDelta(0, $view->openings[0]->x, 1e-6);
        }
    }

    /** Every chain and stitch stands on the rectangle or just outside it, none upon another. */
    public function testTheChartIsToScale(): void
    {
        $plan = self::plan(['across' => 20, 'rows' => 6]);
        $symbols = BaseChart::of($plan);
        self::assertCount(20 + 6 * 20 + 52, $symbols);
        $widest = max(array_map(fn(Symbol $one): float => abs($one->stand->x), $symbols));
        $highest = max(array_map(fn(Symbol $one): float => abs($one->stand->y), $symbols));
        self::assertEqualsWithDelta([120 + 5.75, 34.5 + 5.75], [$widest, $highest], 1e-6);
        $places = array_map(
            fn(Symbol $one): string => round($one->stand->x, 3).' '.round($one->stand->y, 3),
            array_slice($symbols, 20),
        );
        self::assertCount(172, array_unique($places));
        // The chain lies under the first row, the first row above it, each half a row from the next.
        self::assertEqualsWithDelta(
            [34.5, 28.75, 17.25],
            [$symbols[0]->stand->y, $symbols[20]->stand->y, $symbols[40]->stand->y],
            1e-9,
        );
        // The last row ends at the right, where the round begins and goes left.
        $last = array_slice($symbols, 20 + 5 * 20, 20);
        self::assertLessThan($last[19]->stand->x, $last[0]->stand->x);
        self::assertGreaterThan($symbols[141]->stand->x, $symbols[140]->stand->x);
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>, string, string}> */
    public static function impossible(): array
    {
        return [
            'no length' => [[], ['size/length' => null], '/size/length', 'Give a measure (length), or how many '
                .'there are: chains.'],
            'no width' => [[], ['size/width' => null], '/size/width', 'Give a measure (width), or how many there '
                .'are: base rows.'],
            'too short' => [[], ['size/length' => '1 cm'], '/size/length', '2.4 cm'],
            'too wide' => [[], ['gauge/height' => '6 cm', 'size/width' => '80 cm'], '/size/width', 'too many (base rows), 133'],
            'five at a corner' => [['corner' => 5], [], '/base/corner', '3'],
            'nothing left of a side' => [
                ['across' => 20, 'rows' => 1, 'corner' => 1],
                ['handles' => null],
                '/base/corner',
                'none to leave out',
            ],
            'a fabric of two' => [['stitch' => 'mesh'], [], '/base/stitch', '“sc”, “hdc”, “dc”'],
        ];
    }

    /**
     * @param array<string, mixed> $base
     * @param array<string, mixed> $changes
     */
    #[DataProvider('impossible')]
    public function testSaysWhyNot(array $base, array $changes, string $path, string $says): void
    {
        try {
            Planner::plan(
                BagDocument::read(
                    Documents::tote(
                        ['base' => $base + ['type' => 'rows', 'stitch' => 'sc'], 'body/loop' => 'both'] + $changes,
                    ),
                ),
            );
            self::fail('It was planned.');
        } catch (Refused $e) {
            self::assertSame($path, $e->problems[0]->path);
            self::assertStringContainsString($says, $e->problems[0]->message);
        }
    }
}
