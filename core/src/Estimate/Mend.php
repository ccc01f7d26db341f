<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Saying\Saying;

/** One way to make what is on hand enough. */
final readonly class Mend
{
    /**
     * @param Saying $do as an instruction
     * @param Saying $costs what of the bag it costs, a sentence
     * @param float $lost share of the bag it costs, 0 to 1, in litres or in rounds worked otherwise: the smaller the
     *         better
     * @param ?float $chance of enough after it; null where it does not come off this material
     * @param ?BagPlan $plan the bag so mended, every count settled; null where the maker has yet to choose
     * @param ?int $spare number of the strand it goes on in; null where it takes no other
     */
    public function __construct(
        public Saying $do,
        public Saying $costs,
        public float $lost,
        public ?float $chance,
        public ?BagPlan $plan,
        public ?int $spare = null,
    ) {}
}
