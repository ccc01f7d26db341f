<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Mass;

/** The balls of what is on hand, the begun one first, each worked to its end. */
final class Balls
{
    /** Balls whose ends are told; more of them make no bag. */
    private const MOST = 40;

    /**
     * @param int $whole row in which she began a whole ball, the one before used up; 0 where that is not known
     *
     * @return list<BallEnd> of those that end before the bag does, but for the last; none where it has several
     *         materials, or the size of a ball is not known
     */
    public static function of(BagPlan $plan, int $whole = 0): array
    {
        $winding = Winding::of($plan->spec->facts->strands->own);
        $standing = MaterialProgress::of($plan);
        if (
            $winding === null
            || $standing->left === null
            || $plan->spec->choices->changes !== []
            || $standing->rest === []
        ) {
            return [];
        }
        $reach = Reach::of($plan);
        $left = $standing->left;
        $walk = $standing->ahead();
        if ($whole > $standing->rest[0]) {
            $left = $winding->ball * max(1, (int) round(($left - ($walk->gone()[$whole - 1] ?? 0.0)) / $winding->ball));
            $walk = $standing->from($whole, $left);
        }
        $ends = $joins = [];
        for ($ball = 0, $last = min(self::MOST, $winding->balls($left)) - 1; $ball < $last; $ball++) {
            $end = $walk->ballEnd($ball);
            if ($end === null) {
                break;
            }
            $earliest = $walk->ballEnd($ball, 1 + $reach->swing)[0] ?? $end[0];
            $latest = $walk->ballEnd($ball, max(0.0, 1 - $reach->swing))[0] ?? $reach->last();
            $free = $reach->bears($earliest, $latest);
            $join = $free ? null : $reach->join($earliest, $joins, max($whole, $standing->rest[0]));
            if ($join !== null) {
                $joins[] = $join;
            }
            $of = $ball === 0 ? $winding->first($left) : $winding->ball;
            $ends[] = new BallEnd(
                Mass::grams($of),
                $reach->id($end[0]),
                $standing->takes->stitchAt(...$end),
                $reach->id($earliest),
                $reach->id($latest),
                $join === null ? null : $reach->id($join),
                $free || $join !== null,
            );
        }

        return $ends;
    }
}
