<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** How a round lies: its stitches against what lies flat there. */
final readonly class Flatness
{
    /**
     * @param int $added stitches the round adds
     * @param float $flat stitches that would lie flat, above zero
     * @param float $excess stitches too many (or too few, below zero) gathered up to and with this round
     */
    public function __construct(public int $added, public float $flat, public float $excess) {}

    /** f: below 1 cups, above 1 ruffles (geometry). */
    public function ratio(): float
    {
        return $this->added / $this->flat;
    }

    /** Degrees at which a wall of f < 1 rises: acos f (geometry). */
    public function rise(): float
    {
        return rad2deg(acos(min(1.0, $this->ratio())));
    }
}
