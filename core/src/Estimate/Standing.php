<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;

/**
 * How a bag stands with one of its materials by the weigh-ins: what they taught, its rows that are still to be worked, and
 * what is left for them. Grams are of that material.
 */
final readonly class Standing
{
    /**
     * @param float $ratio grams of it where the bag's own material would take one
     * @param list<int> $all places of its rows
     * @param list<int> $rest of those after its last weigh-in
     * @param ?float $left then, or on hand where nothing was weighed; null where that is not known
     * @param float $owed what went, or will go, after the row that was weighed: its tail is cut later
     * @param ?float $there on hand at the start, or by the weigh-in from which the stitches account for what goes; null where that is not known
     * @param list<int> $since places of its rows from there on
     * @param float $owedSince what of the row before them is cut later
     * @param list<OddWeighIn> $odd weigh-ins of any of its materials that the stitches cannot account for
     */
    private function __construct(public Consumption $takes, private Factors $factors, private float $ratio, public array $all, public array $rest, public ?float $left, public float $owed, public ?float $there, public array $since, public float $owedSince, public array $odd) {}

    public static function of(BagPlan $plan, int $which = 0): self
    {
        $takes = Consumption::of($plan);
        $factors = Factors::prior($plan)->after($plan, $takes);
        $odd = array_map(fn(OddWeighIn $one): string => $one->row, $factors->odd);
        $material = $plan->spec->material($which);
        $ratio = $material->density->gramsPerMetre / $plan->spec->material->density->gramsPerMetre;
        [$from, $left, $owed] = $start = [0, $material->onHand?->grams, 0.0];
        foreach ($plan->spec->weighIns as $weighIn) {
            $place = (int) $plan->pattern->place($weighIn->after);
            if ($takes->materials[$place] === $which) {
                [$from, $left, $owed] = $weighed = [$place + 1, $weighIn->left->grams, $ratio * $takes->after($place)];
                $start = $start[1] === null || in_array($weighIn->after, $odd, true) ? $weighed : $start;
            }
        }

        return new self($takes, $factors, $ratio, $takes->places($which), $takes->places($which, $from), $left, $owed, $start[1], $takes->places($which, $start[0]), $start[2], $factors->odd);
    }

    /** Grams the stitches of one row are likely to take. */
    public function row(int $place): float
    {
        return $this->ratio * $this->factors->likely($this->takes, $place);
    }

    /**
     * Grams the stitches of rows take, and how far that may be off.
     *
     * @param list<int> $places
     *
     * @return array{float, float}
     */
    public function stitches(array $places): array
    {
        [$grams, $off] = $this->factors->taking($this->takes, $places);

        return [$this->ratio * $grams, $this->ratio * $off];
    }

    /** Grams that go before a row's first stitch: a tail where it begins, the swatch. */
    public function before(int $place): float
    {
        return $this->ratio * $this->takes->before($place);
    }

    /** Grams that go after its last one: a tail where it ends. */
    public function after(int $place): float
    {
        return $this->ratio * $this->takes->after($place);
    }

    /**
     * Grams of what is no stitch, before and after rows worked one after another.
     *
     * @param list<int> $places
     */
    public function besides(array $places): float
    {
        return array_sum(array_map(fn(int $place): float => $this->before($place) + $this->after($place), $places));
    }
}
