<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Statistics\Normal;

/**
 * How far a length of strand reaches into a bag, and which rows bear a join before that. Rows by their place, lengths
 * in metres.
 */
final readonly class Reach
{
    /**
     * Rounds at the end of a bag that no join should fall in: it shows, and bears the load. Common practice, no source.
     */
    public const LAST = 2;

    /** Rows between one join and another. */
    private const APART = 2;

    /**
     * @param list<float> $metres of each row
     * @param float $swing by how much more than expected the rows take, in the worst of twenty bags
     */
    private function __construct(
        private BagPlan $plan,
        private Consumption $takes,
        public array $metres,
        public float $tail,
        public float $swing,
    ) {}

    public static function of(BagPlan $plan): self
    {
        $takes = Consumption::of($plan);
        // What the weigh-ins of the bag say of the hand holds for whatever is worked in it.
        $factors = Factors::known($plan);
        $density = $plan->spec->facts->strands->own->density->gramsPerMetre;
        $metres = array_map(
            fn(int $place): float => $factors->likely($takes, $place) / $density,
            array_keys($takes->rows),
        );
        $rest = array_slice(array_keys($takes->rows), $plan->begun());
        [$all, $off] = $factors->taking($takes, $rest === [] ? array_keys($takes->rows) : $rest);

        return new self(
            $plan,
            $takes,
            $metres,
            $takes->tail / $density,
            $all > 0 ? Normal::quantile(1 - Spread::TAIL) * $off / $all : 0.0,
        );
    }

    /** @return ?array{int, int} row and stitch, from 1, in which it likely ends; null where it lasts */
    public function end(float $lasts, int $from = 0): ?array
    {
        $end = $this->walk($from)->end($lasts);

        return $end === null ? null : [$end[0], $this->takes->stitchAt(...$end)];
    }

    /** Row before which it does not end in nineteen of twenty bags; null where it surely lasts. */
    public function earliest(float $lasts, int $from = 0): ?int
    {
        return $this->walk($from)->end($lasts, 1 + $this->swing)[0] ?? null;
    }

    /** Row after which it does not end in nineteen of twenty bags: the last where it may last. */
    public function latest(float $lasts, int $from = 0): int
    {
        return $this->walk($from)->end($lasts, max(0.0, 1 - $this->swing))[0] ?? $this->last();
    }

    /** Whether every row from one to another bears a join: none is of the slots, or of the last two. */
    public function bears(int $from, int $to): bool
    {
        foreach (range($from, $to) as $row) {
            if ($row > $this->last() - self::LAST || ! $this->plan->work->rows[$row]->bearsJoin) {
                return false;
            }
        }

        return true;
    }

    /**
     * The last row that is surely reached and bears a join: apart from others, away from slots, out of the last two
     * rounds.
     *
     * @param list<int> $taken by other joins
     * @param int $from the first row that may be taken
     */
    public function join(int $early, array $taken, int $from = 0): ?int
    {
        for ($row = min($early - 1, $this->last() - self::LAST); $row >= $from; $row--) {
            $free = array_filter($taken, fn(int $other): bool => abs($other - $row) < self::APART) === [];
            if ($free && $this->bears($row, $row)) {
                return $row;
            }
        }

        return null;
    }

    public function id(int $row): RowId
    {
        return $this->plan->work->rows[$row]->id;
    }

    /** The last row. */
    public function last(): int
    {
        return count($this->metres) - 1;
    }

    private function walk(int $from): Walk
    {
        $legs = [];
        for ($place = $from; $place <= $this->last(); $place++) {
            $legs[] = new Leg(
                $place,
                $place === $from ? $this->tail : 0.0,
                $this->metres[$place],
                $place === $this->last() ? $this->tail : 0.0,
            );
        }

        return new Walk($legs, $this->tail);
    }
}
