<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Instruction\Placement;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EdgeTest extends TestCase
{
    public function testTheBackIsHalfAWayRoundFromTheFrontAndWithinTheEdge(): void
    {
        self::assertSame([5.0, 15.0], Edge::around(20, 5.0)->middles);
        self::assertSame([14.5, 4.5], Edge::around(20, 14.5)->middles);
        self::assertSame([10.0, 0.0], Edge::around(20, 10.0)->middles);
        self::assertSame([0.0, 10.0], Edge::around(20, 5.0)->folds);
    }

    public function testAnEdgeOfNoSidesHasItsFrontBeforeIt(): void
    {
        self::assertEquals([0, 20], Edge::tops(40)->front());
        self::assertEquals([-5, 15], Edge::around(40, 5.0)->front());
    }

    /**
     * Where a base with corners says that they are, its last round grows: counted on the row itself, the stitch in the
     * middle of three in one, or between two in one.
     */
    #[TestWith([['type' => 'square', 'chain' => 8, 'rounds' => 4], 4])]
    #[TestWith([['type' => 'square', 'chain' => 11, 'rounds' => 3], 4])]
    #[TestWith([['type' => 'hexagon', 'stitch' => 'sc', 'rounds' => 7], 6])]
    public function testCornersAreWhereItGrows(array $base, int $corners): void
    {
        $plan = Ways::plan(['base' => $base, 'working' => 'joined']);
        $made = $plan->parts[0]->made;
        $around = $made->open->anchors;
        $row = $made->rows[count($made->rows) - 1];
        $grows = [];
        $seen = [];
        $place = 0;
        foreach (Placement::of($row->instructions) as $one) {
            $seen["{$one->edge} {$one->first}"][] = $place++;
        }
        foreach ($seen as $places) {
            if (count($places) > 1) {
                $grows[] = (array_sum($places) / count($places) + 0.5);
            }
        }
        self::assertSame($around, $place);
        $said = $made->open->corners;
        sort($said);
        self::assertCount($corners, $said);
        foreach ($said as $corner) {
            $off = min(array_map(
                fn(float $at): float => min(abs($at - $corner), $around - abs($at - $corner)),
                $grows,
            ));
            self::assertLessThanOrEqual(0.5, $off, "{$corner} of ".implode(', ', $grows));
        }
    }
}
