<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Stitch\Stitch;

/**
 * How far what a bag takes is off what its gauge says: a share common to all of it, one of each stitch that was not
 * measured, one of each part. All normal about nothing; what the weigh-ins found narrows them (a Bayesian linear model).
 * The deviations are from memory.
 */
final readonly class Factors
{
    /** Common to the whole bag, of a stitch guessed from its loops; of one weighed as a swatch. */
    public const GUESSED = 0.13;

    public const SWATCH = 0.07;

    /** Of each stitch that was not the swatch's own. */
    public const STITCH = 0.08;

    /** Of each part. */
    public const PART = 0.035;

    /** How far a weigh-in is off, g: a kitchen scale's last digit, and the strand that hangs between work and ball. */
    public const WEIGH_IN_G = 1.5;

    private function __construct(private LinearModel $model) {}

    public static function prior(BagPlan $plan): self
    {
        return self::with($plan, self::common($plan));
    }

    /** By how much one bag differs from another of the same hand, however well that is known. */
    public static function ofAnyBag(BagPlan $plan): self
    {
        return self::with($plan, self::SWATCH);
    }

    private static function with(BagPlan $plan, float $common): self
    {
        $gauge = $plan->gauge;
        $deviations = [$common];
        foreach (Stitch::cases() as $stitch) {
            $deviations[] = self::isMeasured($gauge, $stitch) ? 1e-6 : self::STITCH;
        }
        array_push($deviations, ...array_fill(0, count(Part::cases()), self::PART));

        return new self(LinearModel::prior(array_fill(0, count($deviations), 0.0), $deviations));
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

    /** The common share's deviation before any weigh-in. */
    public static function common(BagPlan $plan): float
    {
        $predicted = $plan->spec->predicted;

        return match (true) {
            // A learned hand's own uncertainty, and what any bag differs from any swatch by.
            $predicted instanceof Predicted => hypot($predicted->strand->relative, self::SWATCH),
            $plan->gauge->mass === null => self::GUESSED,
            default => self::SWATCH,
        };
    }

    /**
     * After weigh-ins, in order.
     *
     * @param list<WeighIn> $weighIns
     * @param ?float $onHand grams at the start; null where that was not weighed, then the first weigh-in only begins
     * @param array<string, int> $places of the rows, by name
     */
    public function after(Consumption $takes, array $weighIns, ?float $onHand, array $places): self
    {
        $rows = $values = $deviations = [];
        $start = 0;
        $begun = $onHand;
        foreach ($weighIns as $weighIn) {
            $to = $places[$weighIn->after] + 1;
            if ($begun === null) {
                [$begun, $start] = [$weighIn->left->grams, $to];

                continue;
            }
            // All that was used since the start, and not since the weigh-in before: each is off by itself.
            [$expected, $row] = self::row($takes, $start, $to);
            $rows[] = $row;
            $values[] = $begun - $weighIn->left->grams - $expected - ($start === 0 ? $takes->before() : 0.0);
            $deviations[] = $onHand === null ? hypot(self::WEIGH_IN_G, self::WEIGH_IN_G) : self::WEIGH_IN_G;
        }

        return $rows === [] ? $this : new self($this->model->observing($rows, $values, $deviations));
    }

    /**
     * Grams that rows will take, from one place up to another, and how far that may be off.
     *
     * @return array{float, float}
     */
    public function taking(Consumption $takes, int $from, int $to): array
    {
        [$expected, $row] = self::row($takes, $from, $to);

        return [max(0.0, $expected + $this->model->expected($row)), sqrt($this->model->variance($row))];
    }

    /** @return array{float, list<float>} what they take by the gauge, and what each factor has of that */
    private static function row(Consumption $takes, int $from, int $to): array
    {
        $total = 0.0;
        $stitches = array_fill_keys(array_column(Stitch::cases(), 'value'), 0.0);
        $parts = array_fill_keys(array_column(Part::cases(), 'value'), 0.0);
        for ($place = $from; $place < $to; $place++) {
            foreach ($takes->rows[$place] as $stitch => $grams) {
                $total += $grams;
                $stitches[$stitch] += $grams;
                $parts[$takes->parts[$place]->value] += $grams;
            }
        }

        return [$total, [$total, ...array_values($stitches), ...array_values($parts)]];
    }
}
