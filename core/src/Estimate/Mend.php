<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** One way to make what is on hand enough. */
final readonly class Mend
{
    /**
     * @param string $do as an instruction
     * @param string $costs what of the bag it costs
     * @param float $lost share of the bag's litres it costs, 0 to 1: the smaller the better
     * @param ?float $chance of enough after it; null where it does not come off this material
     */
    public function __construct(public string $do, public string $costs, public float $lost, public ?float $chance) {}
}
