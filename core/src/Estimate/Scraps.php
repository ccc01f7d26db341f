<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Length;

/**
 * Scraps worked one after another from the bottom up. Each is surely enough for the rows it is given: the next is laid
 * in at the end of the last row that bears a join before it may run out.
 */
final readonly class Scraps
{
    /**
     * @param list<Scrap> $scraps in their order
     * @param float $missing metres wanting at the end; 0 where they likely reach
     */
    private function __construct(public array $scraps, public float $missing) {}

    /**
     * @param BagPlan $plan whose stitches are as long as theirs
     * @param list<Strand> $strands the first at the bottom
     */
    public static function of(BagPlan $plan, array $strands): self
    {
        $reach = Reach::of($plan);
        $rows = count($reach->metres);
        $from = 0;
        $joins = [];
        $scraps = [];
        $missing = 0.0;
        $weighed = array_values(array_filter($strands, fn(Strand $strand): bool => $strand->lasts() !== null));
        $last = $weighed === [] ? null : $weighed[count($weighed) - 1];
        foreach ($strands as $strand) {
            $lasts = $strand->lasts();
            if ($lasts === null || $from >= $rows) {
                $scraps[] = new Scrap($strand, null, null, $lasts === null ? null : $lasts->mm / 1000, false);

                continue;
            }
            $metres = $lasts->mm / 1000;
            $end = $reach->end($metres, $from);
            $early = $reach->earliest($metres, $from) ?? $rows;
            if ($end === null && ($early === $rows || $strand === $last)) {
                $scraps[] = new Scrap(
                    $strand,
                    $reach->id($from),
                    $reach->id($rows - 1),
                    max(0.0, $metres - self::worked($reach, $from, $rows)),
                    false,
                );
                $from = $rows;

                continue;
            }
            $join = $strand === $last ? null : $reach->join($early, $joins, $from);
            if ($join === null) {
                // The last one ends where it ends; one too short to reach a row that bears a join is left out.
                $scraps[] = $strand === $last && $end !== null ? new Scrap(
                    $strand,
                    $reach->id($from),
                    $reach->id($end[0]),
                    0.0,
                    true,
                ) : new Scrap($strand, null, null, $metres, $strand !== $last);
                $missing = $strand === $last ? self::worked($reach, $from, $rows) - $metres : $missing;

                continue;
            }
            $scraps[] = new Scrap(
                $strand,
                $reach->id($from),
                $reach->id($join),
                max(0.0, $metres - self::worked($reach, $from, $join + 1)),
                false,
            );
            $joins[] = $join;
            $from = $join + 1;
        }

        return new self($scraps, max(0.0, $missing));
    }

    public function wanting(): Length
    {
        return Length::mm(1000 * $this->missing);
    }

    /** Metres that rows take with the tails at both ends. */
    private static function worked(Reach $reach, int $from, int $to): float
    {
        return array_sum(array_slice($reach->metres, $from, $to - $from)) + 2 * $reach->tail;
    }
}
