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

    /** @return list<BallEnd> of those that end before the bag does, but for the last; none where it has several materials, or the size of a ball is not known */
    public static function of(BagPlan $plan): array
    {
        $unit = $plan->spec->material->unit;
        $standing = Standing::of($plan);
        if ($unit === null || $standing->left === null || $plan->spec->changes !== [] || $standing->rest === []) {
            return [];
        }
        $reach = Reach::of($plan);
        $density = $plan->spec->material->density->gramsPerMetre;
        $from = $standing->rest[0];
        $begun = fmod($standing->left, $unit->grams);
        $balls = array_fill(0, min(self::MOST, (int) floor($standing->left / $unit->grams + 1e-9)), $unit->grams);
        if ($begun > 1e-6 && $unit->grams - $begun > 1e-6) {
            array_unshift($balls, $begun);
        }
        $ends = $joins = [];
        $gone = $from === 0 ? 0.0 : $reach->tail;
        foreach (array_slice($balls, 0, -1) as $grams) {
            // Each but the last leaves a tail, and the next begins with one.
            $gone += $grams / $density - $reach->tail;
            $end = $reach->end($gone, $from);
            if ($end === null) {
                break;
            }
            $earliest = $reach->earliest($gone, $from) ?? $end[0];
            $latest = $reach->latest($gone, $from);
            $free = $reach->bears($earliest, $latest);
            $join = $free ? null : $reach->join($earliest, $joins, $from);
            if ($join !== null) {
                $joins[] = $join;
            }
            $ends[] = new BallEnd(Mass::grams($grams), $reach->name($end[0]), $end[1], $reach->name($earliest), $reach->name($latest), $join === null ? null : $reach->name($join), $free || $join !== null);
            $gone -= $reach->tail;
        }

        return $ends;
    }
}
