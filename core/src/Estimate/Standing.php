<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Pattern\Row;

/** How a bag stands by its weigh-ins: what they taught, the row from which it is still to be worked, and what is left for that. */
final readonly class Standing
{
    /**
     * @param int $from place of the first row after the last weigh-in
     * @param ?float $left grams then, or on hand where nothing was weighed; null where that is not known
     */
    private function __construct(public Consumption $takes, public Factors $factors, public int $from, public ?float $left) {}

    public static function of(BagPlan $plan): self
    {
        $takes = Consumption::of($plan);
        $weighIns = $plan->spec->weighIns;
        $places = array_flip($plan->pattern->names());
        $onHand = $plan->spec->material->onHand?->grams;
        $factors = Factors::prior($plan)->after($takes, $weighIns, $onHand, $places);
        $last = $weighIns === [] ? null : $weighIns[count($weighIns) - 1];

        return new self($takes, $factors, $last === null ? 0 : $places[$last->after] + 1, $last === null ? $onHand : $last->left->grams);
    }

    /** Grams that go before the next stitch: at the beginning the swatch and the first tail, later nothing. */
    public function before(): float
    {
        return $this->from === 0 ? $this->takes->before() : 0.0;
    }
}
