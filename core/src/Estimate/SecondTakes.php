<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;

/** What a bag takes of the second material, from the row where it begins. */
final readonly class SecondTakes
{
    /** @param ?float $enough chance from 0 to 1 that what is on hand of it is enough; null where that is not known */
    private function __construct(public string $from, public Spread $metres, public Spread $grams, public ?float $enough) {}

    public static function of(BagPlan $plan, Consumption $takes, Factors $factors): ?self
    {
        $second = $plan->spec->second;
        if ($second === null) {
            return null;
        }
        [$rows, $off] = $factors->taking($takes, $takes->until, count($takes->rows));
        // The same stitches are as long in either material; what they weigh is its own.
        $all = $rows + 2 * $takes->tail;
        $metres = (new Spread($all, $all > 0 ? $off / $all : 0.0))->times(1 / $plan->spec->material->density->gramsPerMetre);
        $grams = $metres->times($second->material->density->gramsPerMetre);
        $onHand = $second->material->onHand;

        return new self($second->from, $metres, $grams, $onHand === null ? null : $grams->chanceWithin($onHand->grams));
    }
}
