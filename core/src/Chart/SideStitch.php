<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Instruction\Placed;
use Fescue\Core\Shape\Stand;

/**
 * One stitch of the side: where its foot stands and which way it goes, mm from the middle of its row's foot; and how
 * far to the right of where it would stand upright its top is, since tops lie side by side where feet share a place.
 */
final readonly class SideStitch
{
    public function __construct(public Placed $placed, public Stand $foot, public float $slant = 0.0) {}

    /** Where its top lies, mm from the middle. */
    public function topX(): float
    {
        return $this->foot->x + $this->slant;
    }
}
