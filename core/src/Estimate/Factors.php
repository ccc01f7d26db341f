<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Material;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Stitch\Stitch;

/**
 * How far what a bag takes is off what its gauge says: a share common to all of it, what the gauge itself is off where
 * it was learned, one of each stitch that was not measured, one of each part; each row's own, and a tension that drifts
 * from row to row. All normal about nothing; what the weigh-ins found narrows them (a Bayesian linear model). The
 * deviations are from memory.
 */
final readonly class Factors
{
    /**
     * Common to the whole bag, of a stitch guessed from its loops; of one weighed as a swatch, until bags of the hand
     * are finished and say how far theirs are off.
     */
    public const GUESSED = 0.13;

    public const SWATCH = 0.07;

    /** Of each stitch that was neither measured nor learned from the maker's other swatches. */
    public const STITCH = 0.08;

    /** Of each part. */
    public const PART = 0.035;

    /** Of each row by itself: hands are not even. */
    public const ROW = 0.03;

    /** By how much the tension of one row is off that of the row before, a random walk. */
    public const DRIFT = 0.006;

    /** How far a weigh-in is off, g: a kitchen scale's last digit, and the strand that hangs between work and ball. */
    public const WEIGH_IN_G = 1.5;

    /**
     * Deviations, and share of what was expected, beyond both of which a weigh-in cannot be of the stitches: a digit
     * misread, a ball left out. Our judgement.
     */
    private const ODD = 5.0;

    private const ODD_SHARE = 0.1;

    /** Of what was measured: nothing, as near as the model can have it. */
    private const NONE = 1e-6;

    /**
     * @var array<string, float> grams of each stitch for one that was expected, its part not counted, by the stitch's
     *         value
     */
    private array $stitches;

    /** @var array<string, float> and what its part adds, by the part's value */
    private array $parts;

    /** @var list<float> what the drift adds up to each weigh-in, from its beginning on */
    private array $drifted;

    /** @var list<float> grams that rows took by themselves in each span between weighings */
    private array $own;

    /**
     * @param list<float> $deviations of the factors, the spans' not counted
     * @param array<string, float> $sharing of each stitch, by how much it is off with the gauge's own
     * @param Spans $spans between the weigh-ins
     * @param list<OddWeighIn> $odd weigh-ins that taught nothing
     */
    private function __construct(
        private LinearModel $model,
        private array $deviations,
        private array $sharing,
        private Spans $spans,
        public array $odd = [],
    ) {
        $mean = $model->mean();
        [$common, $gauge] = $mean;
        $place = 1;
        $stitches = $parts = $own = [];
        foreach ($sharing as $stitch => $share) {
            $stitches[$stitch] = 1 + $common + $gauge * (1 + $share) + $mean[++$place];
        }
        foreach (Part::cases() as $part) {
            $parts[$part->value] = $mean[++$place];
        }
        $drifted = [0.0];
        foreach ($spans->all as $span => $one) {
            $drifted[] = $drifted[$span] + $mean[++$place];
            $own[] = $mean[++$place];
        }
        [$this->stitches, $this->parts, $this->drifted, $this->own] = [$stitches, $parts, $drifted, $own];
    }

    public static function prior(BagPlan $plan): self
    {
        $known = $plan->spec->facts->hands->predicted !== null || $plan->gauge->mass !== null;

        // A learned hand's own uncertainty stands beside what any bag differs from any swatch by.
        return self::with(
            $plan,
            $known ? $plan->spec->facts->differs ?? self::SWATCH : self::GUESSED,
            $plan->spec->facts->hands->predicted->strand->relative ?? self::NONE,
        );
    }

    /** As the weigh-ins of a plan narrow it. */
    public static function known(BagPlan $plan): self
    {
        return $plan->memo->of(
            self::class,
            fn(): self => self::prior($plan)->after($plan, Consumption::of($plan)),
        );
    }

    /** By how much one bag differs from another of the same hand, however well that is known. */
    public static function ofAnyBag(BagPlan $plan): self
    {
        return self::with($plan, $plan->spec->facts->differs ?? self::SWATCH, self::NONE);
    }

    private static function with(BagPlan $plan, float $bag, float $gauge): self
    {
        $deviations = [$bag, $gauge];
        $sharing = [];
        foreach (Stitch::cases() as $stitch) {
            [$deviations[], $sharing[$stitch->value]] = self::ofStitch($plan->gauge, $stitch);
        }
        array_push($deviations, ...array_fill(0, count(Part::cases()), self::PART));

        return new self(self::model($deviations), $deviations, $sharing, Spans::none());
    }

    /** @param list<float> $deviations */
    private static function model(array $deviations): LinearModel
    {
        return LinearModel::prior(array_fill(0, count($deviations), 0.0), $deviations);
    }

    /** @return array{float, float} how far it may be off by itself, and by how much it is off with the gauge's own */
    public static function ofStitch(Gauge $gauge, Stitch $stitch): array
    {
        $motif = Motif::plain($stitch);
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
     * After the weigh-ins of its materials, in order. What is not known to have been on hand at the start is from its
     * first weigh-in on. One that the stitches since the last believed one cannot account for teaches nothing: where
     * the next is better borne out by that, it was misread; where by the odd one, it begins anew there.
     */
    public function after(BagPlan $plan, Consumption $takes): self
    {
        $spans = Spans::of($plan, $takes);
        $now = new self(
            self::model([...$this->deviations, ...$spans->deviations()]),
            $this->deviations,
            $this->sharing,
            $spans,
        );
        $bases = $believed = $doubted = $odd = [];
        foreach (array_keys($plan->spec->facts->strands->all()) as $which) {
            $bases[$which] = $believed[$which] = [$plan->spec->facts->strands->of($which)->onHand?->grams, null];
        }
        foreach ($plan->spec->facts->weighIns as $weighIn) {
            $place = $plan->work->place($weighIn->after)
                ?? throw new \LogicException("No row is called {$weighIn->after}.");
            $which = $takes->materials[$place];
            $weighed = [$weighIn->left->grams, $place];
            $material = $plan->spec->facts->strands->of($which);
            $between = fn(?float $there, ?int $after): Found => $now->found(
                $takes,
                $material,
                [$there, $after],
                $weighed,
                $plan->spec->facts->strands->own->density->gramsPerMetre / $material->density->gramsPerMetre,
            );
            if ($believed[$which][0] === null) {
                $bases[$which] = $believed[$which] = $weighed;

                continue;
            }
            $found = $between(...$believed[$which]);
            $anew = isset($doubted[$which]) ? $between(...$doubted[$which]) : null;
            $borneOut = $anew !== null && $now->strange($anew) < $now->strange($found) ? $anew : $found;
            if ($now->isOdd($borneOut)) {
                $odd[] = new OddWeighIn($weighIn->after, $found->used, $found->used - $now->off($found) / $found->own);
                $doubted[$which] = $weighed;

                continue;
            }
            $bases[$which] = $borneOut === $anew ? $doubted[$which] : $bases[$which];
            unset($doubted[$which]);
            $believed[$which] = $weighed;
            // All that was used since the start, and not since the weigh-in before: each is off by itself.
            $all = $between(...$bases[$which]);
            $now = new self(
                $now->model->observing([$all->row], [$all->grams], [$all->deviation]),
                $this->deviations,
                $this->sharing,
                $spans,
            );
        }

        return new self($now->model, $this->deviations, $this->sharing, $spans, $odd);
    }

    /**
     * What went of a material between two weighings, in grams as if its strand weighed what the bag's own does.
     *
     * @param array{?float, ?int} $from grams, and after which row; from the start where that is null
     * @param array{float, int} $to
     * @param float $own grams of the bag's own for one of its
     */
    private function found(Consumption $takes, Material $material, array $from, array $to, float $own): Found
    {
        $places = $takes->places($takes->materials[$to[1]], 1 + ($from[1] ?? -1), $to[1] + 1);
        [$expected, $row] = $this->row($takes, $places);
        $used = (float) $from[0] - $to[0];
        $joins = Winding::of($material)?->joined((float) $from[0], $to[0]) ?? 0.0;

        return new Found(
            $used,
            $own,
            $own * ($used - $joins) - $takes->besides($places, $from[1]) - $expected,
            $expected,
            $row,
            $own * ($from[1] === null ? self::WEIGH_IN_G : hypot(self::WEIGH_IN_G, self::WEIGH_IN_G)),
        );
    }

    /** By how much more went than the factors as they are known would have it. */
    private function off(Found $found): float
    {
        return $found->grams - $this->model->expected($found->row);
    }

    /** So in deviations. */
    private function strange(Found $found): float
    {
        return abs($this->off($found)) / hypot(sqrt($this->model->variance($found->row)), $found->deviation);
    }

    private function isOdd(Found $found): bool
    {
        return $this->strange($found) > self::ODD
            && abs($this->off($found)) > self::ODD_SHARE * ($found->expected + $this->model->expected($found->row));
    }

    /** Grams that one row is likely to take. */
    public function likely(Consumption $takes, int $place): float
    {
        [$span, $within] = $this->spans->at($place);
        $drift = $this->drifted[$span]
            + ($span < count($this->own) ? $within * ($this->drifted[$span + 1] - $this->drifted[$span]) : 0.0);
        $more = $this->parts[$takes->parts[$place]->value] + $drift;
        $grams = 0.0;
        foreach ($takes->rows[$place] as $stitch => $expected) {
            $grams += $expected * ($this->stitches[$stitch] + $more);
        }
        $own = $this->spans->own($place);
        $grams += $own === null ? 0.0 : $own[1] * $this->own[$own[0]];

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

        return [$likely, $this->deviation($takes, $places)];
    }

    /**
     * Grams by which what rows will take may be off.
     *
     * @param list<int> $places
     */
    public function deviation(Consumption $takes, array $places): float
    {
        return hypot(
            sqrt($this->model->variance($this->row($takes, $places)[1])),
            $this->spans->ahead($takes, $places),
        );
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
        $drifts = array_fill(0, count($this->spans->all) + 1, 0.0);
        $own = array_fill(0, count($this->spans->all), 0.0);
        foreach ($places as $place) {
            foreach ($takes->rows[$place] as $stitch => $grams) {
                $stitches[$stitch] += $grams;
            }
            $row = $takes->grams[$place];
            $total += $row;
            $parts[$takes->parts[$place]->value] += $row;
            [$span, $within] = $this->spans->at($place);
            $drifts[$span] += $within * $row;
            for ($before = 0; $before < $span; $before++) {
                $drifts[$before] += $row;
            }
            $weighed = $this->spans->own($place);
            if ($weighed !== null) {
                $own[$weighed[0]] += $weighed[1];
            }
        }
        $gauge = $total;
        foreach ($this->sharing as $stitch => $sharing) {
            $gauge += $sharing * $stitches[$stitch];
        }
        $factors = [$total, $gauge, ...array_values($stitches), ...array_values($parts)];
        foreach ($own as $span => $share) {
            array_push($factors, $drifts[$span], $share);
        }

        return [$total, $factors];
    }
}
