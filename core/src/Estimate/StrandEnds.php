<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Material\Strand;

/**
 * Each strand of several held together runs out at its own place: all run the same way through the work, from their own
 * stock.
 */
final class StrandEnds
{
    /**
     * @param BagPlan $plan whose stitches are as long as theirs: its own material may be another
     * @param list<Strand> $strands
     *
     * @return list<StrandEnd> of those that run out, the first to end first
     */
    public static function of(BagPlan $plan, array $strands): array
    {
        $reach = Reach::of($plan);
        usort($strands, fn(Strand $a, Strand $b): int => ($a->lasts()->mm ?? INF) <=> ($b->lasts()->mm ?? INF));
        $joins = [];
        $ends = [];
        foreach ($strands as $strand) {
            $lasts = $strand->lasts();
            $end = $lasts === null ? null : $reach->end($lasts->mm / 1000);
            if ($lasts === null || $end === null) {
                continue;
            }
            $early = $reach->earliest($lasts->mm / 1000) ?? $end[0];
            $join = $reach->join($early, $joins);
            if ($join !== null) {
                $joins[] = $join;
            }
            $ends[] = new StrandEnd(
                $strand,
                $reach->id($end[0]),
                $end[1],
                $reach->id($early),
                $join === null ? null : $reach->id($join),
            );
        }

        return $ends;
    }
}
