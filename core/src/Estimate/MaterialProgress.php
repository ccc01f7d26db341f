<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;

/**
 * How a bag stands with one of its materials by the weigh-ins: what they taught, its rows that are still to be worked,
 * and what is left for them. Grams are of that material.
 */
final readonly class MaterialProgress
{
    /**
     * @param float $ratio grams of it where the bag's own material would take one
     * @param list<int> $all places of its rows
     * @param list<int> $rest of those after its last weigh-in
     * @param ?float $left then, or on hand where nothing was weighed; null where that is not known
     * @param float $owed what went, or will go, after the row that was weighed: its tail is cut later
     * @param list<OddWeighIn> $odd weigh-ins of any of its materials that the stitches cannot account for
     * @param array<int, float> $likely grams that the stitches of each of its rows are likely to take, by its place
     * @param float $off grams by which all its rows may be off
     * @param float $offLeft so of those still to be worked, against what is left for them
     */
    private function __construct(
        public Consumption $takes,
        private Factors $factors,
        private float $ratio,
        private ?Winding $winding,
        private ?float $onHand,
        public array $all,
        public array $rest,
        public ?float $left,
        private float $owed,
        public array $odd,
        private array $likely,
        public float $off,
        public float $offLeft,
    ) {}

    public static function of(BagPlan $plan, int $which = 0): self
    {
        return $plan->memo->of(self::class, fn(): self => self::reckoned($plan, $which), $which);
    }

    private static function reckoned(BagPlan $plan, int $which): self
    {
        $takes = Consumption::of($plan);
        $factors = Factors::known($plan);
        $material = $plan->spec->facts->strands->of($which);
        $ratio = $material->density->gramsPerMetre / $plan->spec->facts->strands->own->density->gramsPerMetre;
        $onHand = $material->onHand?->grams;
        [$left, $last] = [$onHand, null];
        foreach ($plan->spec->facts->weighIns as $weighIn) {
            $place = (int) $plan->work->place($weighIn->after);
            [$left, $last] = $takes->materials[$place] === $which ? [$weighIn->left->grams, $place] : [$left, $last];
        }
        $owed = $last === null ? 0.0 : $ratio * $takes->after($last);
        $all = $takes->places($which);
        $rest = $takes->places($which, 1 + ($last ?? -1));
        $likely = [];
        foreach ($all as $place) {
            $likely[$place] = $ratio * $factors->likely($takes, $place);
        }
        $off = $ratio * $factors->deviation($takes, $all);

        return new self(
            $takes,
            $factors,
            $ratio,
            Winding::of($material),
            $onHand,
            $all,
            $rest,
            $left,
            $owed,
            $factors->odd,
            $likely,
            $off,
            // A weigh-in is off by itself.
            $last === null ? $off : hypot($ratio * $factors->deviation($takes, $rest), Factors::WEIGH_IN_G),
        );
    }

    /** All its rows, from what was on hand on. */
    public function whole(): Walk
    {
        return $this->walk($this->all, $this->onHand, 0.0);
    }

    /** Its rows since the last weigh-in. */
    public function ahead(): Walk
    {
        return $this->walk($this->rest, $this->left, $this->owed);
    }

    /** Its rows from one on, of so much that is there then. */
    public function from(int $row, float $there): Walk
    {
        return $this->walk(array_values(array_filter($this->rest, fn(int $one): bool => $one >= $row)), $there, 0.0);
    }

    /** Grams of it that go into closures, cords and tassels. */
    public function finish(): float
    {
        return $this->ratio * array_sum(array_map($this->takes->finishing(...), $this->all));
    }

    /** @param list<int> $places */
    private function walk(array $places, ?float $there, float $owed): Walk
    {
        $legs = array_map(
            fn(int $place): Leg => new Leg(
                $place,
                $this->ratio * $this->takes->before($place),
                $this->row($place),
                $this->ratio * $this->takes->after($place),
            ),
            $places,
        );

        return new Walk($legs, $this->ratio * $this->takes->tail, $owed, $this->winding, $there);
    }

    /** Grams the stitches of one of its rows are likely to take. */
    public function row(int $place): float
    {
        return $this->likely[$place];
    }

    /**
     * Grams by which the stitches of rows may be off.
     *
     * @param list<int> $places
     */
    public function off(array $places): float
    {
        return $this->ratio * $this->factors->deviation($this->takes, $places);
    }
}
