<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Stitch\Motif;
use Fescue\Core\Stitch\Stitch;

/**
 * How far what a bag takes is off what its gauge says: a share common to all of it, what the gauge itself is off where it
 * was learned, one of each stitch that was not measured, one of each part. All normal about nothing; what the weigh-ins
 * found narrows them (a Bayesian linear model). The deviations are from memory.
 */
final readonly class Factors
{
    /** Common to the whole bag, of a stitch guessed from its loops; of one weighed as a swatch. */
    public const GUESSED = 0.13;

    public const SWATCH = 0.07;

    /** Of each stitch that was neither measured nor learned from the maker's other swatches. */
    public const STITCH = 0.08;

    /** Of each part. */
    public const PART = 0.035;

    /** How far a weigh-in is off, g: a kitchen scale's last digit, and the strand that hangs between work and ball. */
    public const WEIGH_IN_G = 1.5;

    /** Deviations, and share of what was expected, beyond both of which a weigh-in cannot be of the stitches: a digit misread, a ball left out. Our judgement. */
    private const ODD = 5.0;

    private const ODD_SHARE = 0.4;

    /** Of what was measured: nothing, as near as the model can have it. */
    private const NONE = 1e-6;

    /** @var array<string, float> grams of each stitch for one that was expected, its part not counted, by the stitch's value */
    private array $stitches;

    /** @var array<string, float> and what its part adds, by the part's value */
    private array $parts;

    /**
     * @param array<string, float> $sharing of each stitch, by how much it is off with the gauge's own
     * @param list<OddWeighIn> $odd weigh-ins that taught nothing
     */
    private function __construct(private LinearModel $model, private array $sharing, public array $odd = [])
    {
        $mean = $model->mean();
        [$common, $gauge] = $mean;
        $place = 1;
        $stitches = $parts = [];
        foreach ($sharing as $stitch => $share) {
            $stitches[$stitch] = 1 + $common + $gauge * (1 + $share) + $mean[++$place];
        }
        foreach (Part::cases() as $part) {
            $parts[$part->value] = $mean[++$place];
        }
        [$this->stitches, $this->parts] = [$stitches, $parts];
    }

    public static function prior(BagPlan $plan): self
    {
        $known = $plan->spec->predicted !== null || $plan->gauge->mass !== null;

        // A learned hand's own uncertainty stands beside what any bag differs from any swatch by.
        return self::with($plan, $known ? self::SWATCH : self::GUESSED, $plan->spec->predicted->strand->relative ?? self::NONE);
    }

    /** By how much one bag differs from another of the same hand, however well that is known. */
    public static function ofAnyBag(BagPlan $plan): self
    {
        return self::with($plan, self::SWATCH, self::NONE);
    }

    private static function with(BagPlan $plan, float $bag, float $gauge): self
    {
        $deviations = [$bag, $gauge];
        $sharing = [];
        foreach (Stitch::cases() as $stitch) {
            [$deviations[], $sharing[$stitch->value]] = self::ofStitch($plan->gauge, $stitch);
        }
        array_push($deviations, ...array_fill(0, count(Part::cases()), self::PART));

        return new self(LinearModel::prior(array_fill(0, count($deviations), 0.0), $deviations), $sharing);
    }

    /** @return array{float, float} how far it may be off by itself, and by how much it is off with the gauge's own */
    public static function ofStitch(Gauge $gauge, Stitch $stitch): array
    {
        $motif = Motif::of($stitch);
        $proportion = $motif === null ? null : $gauge->proportion($motif);

        return match (true) {
            self::isMeasured($gauge, $stitch) => [self::NONE, 0.0],
            $proportion !== null => [max(self::NONE, $proportion->strand->relative), $proportion->sharing],
            default => [self::STITCH, 0.0],
        };
    }

    /** Whether a swatch that is made of it says what it takes. */
    public static function isMeasured(Gauge $gauge, Stitch $stitch): bool
    {
        foreach ($gauge->others as $other) {
            if ($other->mass !== null && $other->motif->isMadeOf($stitch)) {
                return true;
            }
        }

        return $gauge->motif->isMadeOf($stitch);
    }

    /**
     * After the weigh-ins of its materials, in order. What is not known to have been on hand at the start is from its first
     * weigh-in on. One that the stitches cannot account for teaches nothing: from there it begins anew.
     */
    public function after(BagPlan $plan, Consumption $takes): self
    {
        $model = $this->model;
        $begun = $since = $odd = [];
        foreach ($plan->spec->weighIns as $weighIn) {
            $place = $plan->pattern->place($weighIn->after) ?? throw new \LogicException("No row is called {$weighIn->after}.");
            $which = $takes->materials[$place];
            $material = $plan->spec->material($which);
            // As if its strand weighed what the bag's own does.
            $own = $plan->spec->material->density->gramsPerMetre / $material->density->gramsPerMetre;
            $begun[$which] ??= $material->onHand?->grams;
            $since[$which] ??= null;
            if ($begun[$which] === null) {
                [$begun[$which], $since[$which]] = [$weighIn->left->grams, $place];

                continue;
            }
            // All that was used since the start, and not since the weigh-in before: each is off by itself.
            $places = $takes->places($which, 1 + ($since[$which] ?? -1), $place + 1);
            [$expected, $row] = $this->row($takes, $places);
            $besides = $takes->besides($places, $since[$which]);
            $used = $begun[$which] - $weighIn->left->grams;
            $found = $own * $used - $expected - $besides;
            $deviation = $own * ($since[$which] === null ? self::WEIGH_IN_G : hypot(self::WEIGH_IN_G, self::WEIGH_IN_G));
            $off = abs($found - $model->expected($row));
            if ($off > self::ODD * hypot(sqrt($model->variance($row)), $deviation) && $off > self::ODD_SHARE * ($expected + $model->expected($row))) {
                $odd[] = new OddWeighIn($weighIn->after, $used, ($expected + $model->expected($row) + $besides) / $own);
                [$begun[$which], $since[$which]] = [$weighIn->left->grams, $place];

                continue;
            }
            $model = $model->observing([$row], [$found], [$deviation]);
        }

        return new self($model, $this->sharing, $odd);
    }

    /** Grams that one row is likely to take. */
    public function likely(Consumption $takes, int $place): float
    {
        $part = $this->parts[$takes->parts[$place]->value];
        $grams = 0.0;
        foreach ($takes->rows[$place] as $stitch => $expected) {
            $grams += $expected * ($this->stitches[$stitch] + $part);
        }

        return max(0.0, $grams);
    }

    /**
     * Grams that rows will take, and how far that may be off.
     *
     * @param list<int> $places of the rows
     *
     * @return array{float, float}
     */
    public function taking(Consumption $takes, array $places): array
    {
        // Row by row, of which none takes less than nothing.
        $likely = array_sum(array_map(fn(int $place): float => $this->likely($takes, $place), $places));

        return [$likely, sqrt($this->model->variance($this->row($takes, $places)[1]))];
    }

    /**
     * @param list<int> $places
     *
     * @return array{float, list<float>} what they take by the gauge, and what each factor has of that
     */
    private function row(Consumption $takes, array $places): array
    {
        $total = 0.0;
        $stitches = array_fill_keys(array_column(Stitch::cases(), 'value'), 0.0);
        $parts = array_fill_keys(array_column(Part::cases(), 'value'), 0.0);
        foreach ($places as $place) {
            foreach ($takes->rows[$place] as $stitch => $grams) {
                $total += $grams;
                $stitches[$stitch] += $grams;
                $parts[$takes->parts[$place]->value] += $grams;
            }
        }

        $gauge = $total;
        foreach ($this->sharing as $stitch => $sharing) {
            $gauge += $sharing * $stitches[$stitch];
        }

        return [$total, [$total, $gauge, ...array_values($stitches), ...array_values($parts)]];
    }
}
