<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Gauge\StitchTake;

/** What the weigh-ins of a bag's own material teach the hand: how much strand a stitch took there. */
final class Lesson
{
    /** What is used over what its gauge says, beyond which something else was weighed. From memory. */
    private const MOST = 3.0;

    /** Null where nothing was used up between two weighings, or a weigh-in cannot be of the stitches. */
    public static function of(BagPlan $plan): ?StitchTake
    {
        $spec = $plan->spec;
        $takes = Consumption::of($plan);
        if (Factors::known($plan)->odd !== []) {
            return null;
        }
        $weighIns = array_values(
            array_filter(
                $spec->facts->weighIns,
                fn(WeighIn $one): bool => $takes->materials[(int) $plan->work->place($one->after)] === 0,
            ),
        );
        $onHand = $spec->facts->strands->own->onHand?->grams;
        $first = $onHand === null ? array_shift($weighIns) : null;
        $last = array_pop($weighIns);
        if ($last === null) {
            return null;
        }
        $since = $plan->work->place($first?->after);
        $places = $takes->places(0, 1 + ($since ?? -1), 1 + (int) $plan->work->place($last->after));
        [$expected, $off] = Factors::ofAnyBag($plan)->taking($takes, $places);
        $begun = $first === null ? $onHand ?? 0.0 : $first->left->grams;
        $joins = Winding::of($spec->facts->strands->own)?->joined($begun, $last->left->grams) ?? 0.0;
        $used = $begun - $last->left->grams - $joins - $takes->besides($places, $since);
        if ($used * self::MOST < $expected || $used > self::MOST * $expected) {
            return null;
        }
        $gauge = $plan->gauge;

        return new StitchTake(
            $gauge->motif,
            $spec->facts->hands->hook,
            $spec->facts->strands->own->kind,
            $spec->facts->strands->own->diameter,
            $gauge->strand($spec->facts->strands->own->density)->times($used / $expected),
            hypot($off / $expected, Factors::WEIGH_IN_G / $expected),
        );
    }
}
