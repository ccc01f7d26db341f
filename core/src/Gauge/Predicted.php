<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;

/**
 * What a hand is expected to make: one stitch's width, its row's height and its strand, each in mm with how far it may
 * be off.
 */
final readonly class Predicted
{
    /**
     * @param int $from swatches it was learned from
     * @param int $bags whose weigh-ins taught it too
     * @param list<Proportion> $others what the same hand makes of every other stitch
     */
    public function __construct(
        public Motif $motif,
        public Spread $width,
        public Spread $height,
        public Spread $strand,
        public int $from,
        public int $bags = 0,
        public array $others = [],
    ) {}

    /**
     * The same, with what the hand makes of the other stitches.
     *
     * @param list<Proportion> $others
     */
    public function beside(array $others): self
    {
        return new self($this->motif, $this->width, $this->height, $this->strand, $this->from, $this->bags, $others);
    }

    /** The swatch a hand is expected to make. */
    public function swatch(LinearDensity $density): Swatch
    {
        $side = 10;

        return new Swatch(
            $this->motif,
            $side,
            $this->width()->times($side),
            $side,
            $this->height()->times($side),
            Mass::grams($density->massOf($this->strand())->grams * $side * $side),
        );
    }

    public function width(): Length
    {
        return Length::mm($this->width->likely);
    }

    public function height(): Length
    {
        return Length::mm($this->height->likely);
    }

    public function strand(): Length
    {
        return Length::mm($this->strand->likely);
    }
}
