<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stitch\Stitch;

/** What one stitch of the maker's fabric measures, and weighs where a swatch was weighed. */
final readonly class Gauge
{
    /**
     * @param Length $width of one stitch
     * @param Length $height of one row of the swatch's stitch
     * @param ?Mass $mass of one stitch of the swatch
     */
    public function __construct(
        public Stitch $stitch,
        public Length $width,
        public Length $height,
        public ?Mass $mass = null,
    ) {
        if (! $stitch->makesFabric() || $width->mm <= 0 || $height->mm <= 0) {
            throw new \InvalidArgumentException('A gauge is of a fabric stitch with a width and a height.');
        }
    }

    /** Height of a row of any fabric stitch by the same hand; measured only for the swatch's own stitch. */
    public function heightOf(Stitch $stitch): Length
    {
        return $this->height->times($stitch->relativeHeight() / $this->stitch->relativeHeight());
    }

    public function singleHeight(): Length
    {
        return $this->heightOf(Stitch::Single);
    }

    /** Extra stitches a round of single crochet needs to lie flat: 2π·h/w (geometry). */
    public function flatGrowth(): float
    {
        return 2 * M_PI * $this->singleHeight()->mm / $this->width->mm;
    }
}
