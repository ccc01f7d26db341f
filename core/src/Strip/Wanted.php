<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;

/** So much strand, of about that weight, as it is worked. */
final readonly class Wanted
{
    public function __construct(public Length $length, public LinearDensity $density) {}

    /**
     * How wide to cut a sheet for it, before the pull: s = d·pull / (areal × layers), from areal × s × layers = d·pull
     * (geometry).
     *
     * @param float $pull length after over before
     * @param bool $double whether the strand lies double
     */
    public function strip(ArealDensity $areal, float $pull, bool $double): Length
    {
        return Length::mm(
            1000 * $this->density->gramsPerMetre * $pull / ($areal->gramsPerSquareMetre * ($double ? 2 : 1)),
        );
    }
}
