<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\Normal;

/** Each strand of several held together runs out at its own place: all run the same way through the work, from their own stock. */
final class StrandEnds
{
    /** Rounds at the end of a bag that no join should fall in: it shows, and bears the load. Common practice, no source. */
    private const LAST = 2;

    /** Rows between one join and another. */
    private const APART = 2;

    /**
     * @param BagPlan $plan whose stitches are as long as theirs: its own material may be another
     * @param list<Strand> $strands
     *
     * @return list<StrandEnd> of those that run out, the first to end first
     */
    public static function of(BagPlan $plan, array $strands): array
    {
        $takes = Consumption::of($plan);
        $factors = Factors::prior($plan);
        $density = $plan->spec->material->density->gramsPerMetre;
        $metres = [];
        foreach (array_keys($takes->rows) as $place) {
            $metres[] = $factors->taking($takes, $place, $place + 1)[0] / $density;
        }
        [$all, $off] = $factors->taking($takes, 0, count($takes->rows));
        $swing = $all > 0 ? Normal::quantile(1 - Spread::TAIL) * $off / $all : 0.0;
        $found = [];
        foreach ($strands as $strand) {
            $lasts = $strand->lasts();
            $end = $lasts === null ? null : self::ends($metres, $lasts->mm / 1000, $takes->tail / $density, 1.0);
            if ($lasts !== null && $end !== null) {
                $early = self::ends($metres, $lasts->mm / 1000, $takes->tail / $density, 1 + $swing) ?? $end;
                $found[] = [$lasts->mm, $strand, $end, $early[0]];
            }
        }
        usort($found, fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $joins = [];
        $ends = [];
        foreach ($found as [, $strand, [$place, $share], $early]) {
            $join = self::join($plan, $early, $joins);
            if ($join !== null) {
                $joins[] = $join;
            }
            $name = fn(int $row): string => $plan->pattern->rows[$row]->name;
            $ends[] = new StrandEnd($strand, $name($place), max(1, min($takes->stitches[$place], (int) floor($share * $takes->stitches[$place]) + 1)), $name($early), $join === null ? null : $name($join));
        }

        return $ends;
    }

    /**
     * The last row that is surely reached and bears a join.
     *
     * @param list<int> $taken
     */
    private static function join(BagPlan $plan, int $early, array $taken): ?int
    {
        $rows = count($plan->pattern->rows);
        for ($row = min($early - 1, $rows - 1 - self::LAST); $row >= 0; $row--) {
            $free = array_filter($taken, fn(int $other): bool => abs($other - $row) < self::APART) === [];
            if ($free && $plan->pattern->rows[$row]->part !== Part::Handles) {
                return $row;
            }
        }

        return null;
    }

    /**
     * @param list<float> $metres by row
     *
     * @return ?array{int, float} the row, and how far into it; null where it lasts
     */
    private static function ends(array $metres, float $lasts, float $tail, float $factor): ?array
    {
        $gone = $tail;
        foreach ($metres as $place => $length) {
            if ($gone + $factor * $length > $lasts) {
                return [$place, max(0.0, ($lasts - $gone) / max(1e-9, $factor * $length))];
            }
            $gone += $factor * $length;
        }

        return null;
    }
}
