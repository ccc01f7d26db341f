<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;

/** What one stitch of the maker's fabric measures, and weighs where a swatch was weighed. */
final readonly class Gauge
{
    /**
     * @param Length $width of one stitch
     * @param Length $height of one row of the swatch
     * @param ?Mass $mass of one stitch of the swatch
     * @param list<self> $others of the same hook and material, measured in other stitches
     * @param list<Proportion> $proportions what the hand's other swatches say of stitches that were not measured here
     * @param ?Length $thickness of the strand as it is pressed in a stitch; null where that is not known
     */
    public function __construct(
        public Motif $motif,
        public Length $width,
        public Length $height,
        public ?Mass $mass = null,
        public array $others = [],
        public array $proportions = [],
        private ?Length $thickness = null,
    ) {
        if ($width->mm <= 0 || $height->mm <= 0) {
            throw new \InvalidArgumentException('A gauge has a width and a height.');
        }
    }

    /** Stitches so many times as wide and rows as high; a weighed stitch takes what its loops then do. */
    public function scaled(float $wide, float $high): self
    {
        if ($wide === 1.0 && $high === 1.0) {
            return $this;
        }
        [$width, $height] = [$this->width->times($wide), $this->height->times($high)];
        $more = $this->motif->loopLength($width, $this->singleHeight()->times($high), $this->thickness())->mm
            / $this->loops()->mm;

        return new self(
            $this->motif,
            $width,
            $height,
            $this->mass === null ? null : Mass::grams($this->mass->grams * $more),
            array_map(fn(self $other): self => $other->scaled($wide, $high), $this->others),
            $this->proportions,
            $this->thickness,
        );
    }

    /** Of a strand so thick as it is pressed in a stitch. */
    public function of(Length $thickness): self
    {
        return new self(
            $this->motif,
            $this->width,
            $this->height,
            $this->mass,
            array_map(fn(self $other): self => $other->of($thickness), $this->others),
            $this->proportions,
            $thickness,
        );
    }

    /** Where nothing is known of it, as of a firm fabric of cord: a third of a stitch. From memory. */
    public function thickness(): Length
    {
        return $this->thickness ?? $this->width->times(1 / 3);
    }

    /** Strand of one stitch of the swatch, by its loops. */
    public function loops(): Length
    {
        return $this->motif->loopLength($this->width, $this->singleHeight(), $this->thickness());
    }

    /** As it was measured; null where it was not. */
    public function measured(Motif $motif): ?self
    {
        foreach ([$this, ...$this->others] as $one) {
            if ($one->motif === $motif) {
                return $one;
            }
        }

        return null;
    }

    /** As the hand's other swatches say; null where they do not. */
    public function proportion(Motif $motif): ?Proportion
    {
        foreach ($this->proportions as $one) {
            if ($one->of === $motif->key) {
                return $one;
            }
        }

        return null;
    }

    /**
     * Height of a row of any fabric by the same hand: as measured, else by the hand's own proportions, else by common
     * ones.
     */
    public function heightOf(Motif $motif): Length
    {
        return $this->measured($motif)->height
            ?? $this->height->times(
                $this->proportion($motif)->height->likely ?? $motif->relativeHeight() / $this->motif->relativeHeight(),
            );
    }

    /**
     * Width of a stitch of any fabric by the same hand: as measured, else by the hand's own proportions, else as wide.
     */
    public function widthOf(Motif $motif): Length
    {
        return $this->measured($motif)->width ?? $this->width->times($this->proportion($motif)->width->likely ?? 1.0);
    }

    /** In one stitch of the swatch: as it was weighed, else by its loops. */
    public function strand(LinearDensity $density): Length
    {
        return $this->mass === null ? $this->loops() : $density->lengthOf($this->mass);
    }

    /**
     * In one stitch of another fabric: as it was weighed, else by the hand's own proportions; null where neither says.
     */
    public function strandOf(Motif $motif, LinearDensity $density): ?Length
    {
        $weighed = $this->measured($motif)?->mass;
        $proportion = $this->proportion($motif);

        return match (true) {
            $motif === $this->motif => $this->strand($density),
            $weighed !== null => $density->lengthOf($weighed),
            $proportion !== null => $this->strand($density)->times($proportion->strand->likely),
            default => null,
        };
    }

    public function singleHeight(): Length
    {
        return $this->heightOf(Motif::single());
    }

    public function singleWidth(): Length
    {
        return $this->widthOf(Motif::single());
    }

    /** Extra stitches a round needs to lie flat: 2π·h/w (geometry). */
    public function flatGrowth(?Motif $motif = null): float
    {
        $motif ??= Motif::single();

        return 2 * M_PI * $this->heightOf($motif)->mm / $this->widthOf($motif)->mm;
    }
}
