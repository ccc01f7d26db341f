<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Chart;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\SideRow;
use Fescue\Core\Chart\SideStitch;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

/** The front of bags of 56 around at 12 by 11.5 mm, laid out by hand. */
final class SideViewTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function view(array $changes): SideView
    {
        return SideView::of(Planner::plan(BagDocument::read(Documents::tote($changes))));
    }

    /** @return list<float> where the feet of a row stand, from right to left */
    private static function feet(SideRow $row): array
    {
        return array_map(fn(SideStitch $one): float => round($one->foot->x, 6), $row->course->stitches);
    }

    /** @return list<float> where the tops of a row lie, from right to left */
    private static function tops(SideRow $row): array
    {
        return array_map(fn(SideStitch $one): float => $one->topX(), $row->course->stitches);
    }

    public function testStitchesStandSideBySideOnEachOther(): void
    {
        $view = self::view(['handles' => null]);
        self::assertCount(14, $view->rows);
        $even = array_map(fn(int $nth): float => 12 * (13.5 - $nth), range(0, 27));
        foreach ($view->rows as $place => $row) {
            self::assertSame($even, self::feet($row));
            self::assertEqualsWithDelta([11.5 * $place, 11.5, 12], [$row->foot, $row->height, $row->stitch], 1e-9);
            self::assertSame([0.0], array_values(array_unique(array_map(fn(SideStitch $one): float => $one->foot->y, $row->course->stitches))));
        }
        self::assertSame($view->rows[0]->course, $view->rows[13]->course, 'Like rows are one.');
        self::assertEqualsWithDelta([336, 14 * 11.5], [$view->width, $view->height], 1e-9);
    }

    /** A mesh 15 mm to the stitch, of a post and a chain over the next: posts stand, chains hang level with their tops. */
    public function testABandIsAsWideAsItsOwnStitches(): void
    {
        $mesh = ['stitch' => 'mesh', 'stitches' => 10, 'width' => '15 cm', 'rows' => 8, 'height' => '18 cm', 'mass' => '60 g'];
        $view = self::view([
            'working' => 'joined',
            'also' => [$mesh],
            'body' => ['stitch' => 'mesh', 'rounds' => 3, 'above' => [['stitch' => 'sc', 'rounds' => 2]]],
            'handles' => null,
        ]);
        self::assertSame([15.0, 15.0, 15.0, 12.0, 12.0], array_map(fn(SideRow $row): float => round($row->stitch, 6), $view->rows));
        [$posts, $chains] = [[], []];
        foreach ($view->rows[1]->course->stitches as $one) {
            if ($one->placed->stitch === Stitch::Double) {
                $posts[] = $one->foot->x;
                self::assertEqualsWithDelta(0, $one->foot->y, 1e-9);
            } else {
                $chains[] = $one->foot->x;
                self::assertEqualsWithDelta(-22.5, $one->foot->y, 1e-9);
            }
        }
        self::assertEqualsWithDelta(array_map(fn(int $nth): float => 30 * (6.5 - $nth) + 7.5, range(0, 13)), $posts, 1e-6);
        self::assertEqualsWithDelta(array_map(fn(float $post): float => $post - 15, $posts), $chains, 1e-6);
        self::assertEqualsWithDelta(12 * 13.5, self::feet($view->rows[3])[0], 1e-6);
        self::assertEqualsWithDelta(28 * 15, $view->width, 1e-9);
    }

    /** As many chains as stitches passed over lie level above them, a chain above each. */
    public function testALevelChainLiesAboveWhatItPassesOver(): void
    {
        $view = self::view(['handles' => ['type' => 'slot', 'chain' => 8, 'skip' => 8]]);
        $rows = array_values(array_filter($view->rows, fn(SideRow $row): bool => array_filter(
            $row->course->stitches,
            fn(SideStitch $one): bool => $one->placed->stitch === Stitch::Chain,
        ) !== []));
        $links = array_values(array_filter(
            $rows[0]->course->stitches,
            fn(SideStitch $one): bool => $one->placed->stitch === Stitch::Chain,
        ));
        $x = array_map(fn(SideStitch $one): float => $one->foot->x, $links);
        $middle = array_sum($x) / count($x);
        self::assertEqualsWithDelta(
            array_map(fn(int $nth): float => $middle + 12 * (3.5 - $nth), range(0, 7)),
            $x,
            1e-6,
        );
        self::assertLessThan(6.1, abs($middle), 'In the middle of the front, but for half a stitch.');
    }

    /** Two in one stitch stand a quarter of one to either side of its middle; the row on them stands as if nothing were skipped. */
    public function testTwoInOneShareAFoot(): void
    {
        $view = self::view(['working' => 'joined', 'body' => ['stitch' => 'two-in-one', 'rounds' => 2], 'handles' => null]);
        foreach ($view->rows as $row) {
            $pairs = array_chunk(self::feet($row), 2);
            self::assertCount(14, $pairs);
            foreach ($pairs as $nth => [$right, $left]) {
                $foot = 12 * (13.5 - 2 * $nth);
                self::assertEqualsWithDelta([$foot + 3, $foot - 3], [$right, $left], 1e-6);
            }
            self::assertEqualsWithDelta(array_map(fn(int $nth): float => 12 * (13.5 - $nth), range(0, 27)), self::tops($row), 0.01, 'The one leans to its top, and so does the other.');
        }
    }

    /** Four posts around two stitches: feet bunched, tops side by side; the fold goes through a group, which bends nothing outwards. */
    public function testAGroupOpensFromItsFeetToItsTops(): void
    {
        $view = self::view(['working' => 'joined', 'body' => ['stitch' => 'posts', 'rounds' => 3], 'handles' => null]);
        $row = $view->rows[1];
        $wide = $row->stitch;
        self::assertCount(28, $row->course->stitches);
        self::assertEqualsWithDelta(array_map(fn(int $nth): float => $wide * (13.5 - $nth), range(0, 27)), self::tops($row), 0.01);
        $group = array_slice($row->course->stitches, 12, 4);
        // Skip 1, a post around the next, two in sp between before the post around the one after it, sk next st.
        self::assertEqualsWithDelta(
            [1.0, 0.25, -0.25, -1.0],
            array_map(fn(SideStitch $one): float => $one->slant / $wide, $group),
            0.01,
        );
        self::assertSame($view->rows[1]->course, $view->rows[2]->course);
    }

    /** Handbook 7: ch 16 over 10. What is worked around the lifted chain stands out from it, so far as the chain is thick. */
    public function testAChainThatIsLongerThanItsGapIsLifted(): void
    {
        $view = self::view([]);
        [$slot, $edge] = [$view->rows[14], $view->rows[15]];
        $lifted = fn(SideRow $row): array => array_values(array_filter($row->course->stitches, fn(SideStitch $one): bool => $one->foot->lifted));
        self::assertCount(16, $lifted($slot));
        self::assertCount(16, $lifted($edge));
        self::assertCount(18 + 16, $slot->course->stitches);
        self::assertCount(1, $view->openings);
        self::assertEqualsWithDelta([0, -14 * 11.5, 60], [$view->openings[0]->x, $view->openings[0]->y, $view->openings[0]->arch->over->a], 1e-6);
        // Highest in the middle: the arch, a chain of 0.6 of a row on it, and the edge.
        $top = $view->openings[0]->arch->height() + 0.6 * 11.5 + 11.5 + 14 * 11.5;
        self::assertEqualsWithDelta($top, $view->height, 0.5);
        foreach ([$slot, $edge] as $row) {
            $arch = $lifted($row);
            self::assertEqualsWithDelta(-$arch[0]->foot->x, $arch[15]->foot->x, 1e-6);
            self::assertEqualsWithDelta(-$arch[0]->foot->degrees, $arch[15]->foot->degrees, 1e-6);
            self::assertGreaterThan(0, $arch[0]->foot->degrees, 'To the right of the middle it faces right.');
        }
        // A fifth longer it is lifted; a tenth longer it lies.
        self::assertCount(1, self::view(['handles/chain' => 12])->openings);
        self::assertSame([], self::view(['handles/chain' => 11])->openings);
    }
}
