<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** What a finished bag took, beside what was expected of it. Any unit, the same for all four. */
final readonly class ActualUse
{
    /** @param float $low of the band that holds nine in ten; $likely above zero */
    public function __construct(public float $came, public float $low, public float $likely, public float $high) {}

    public function isInside(): bool
    {
        return $this->came >= $this->low && $this->came <= $this->high;
    }

    /** 1 where it came as was likely. */
    public function ratio(): float
    {
        return $this->came / $this->likely;
    }
}
