<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Saying;

/** A measured piece: so many stitches over a width, so many rows over a height, perhaps weighed. */
final readonly class Swatch
{
    public const FEWEST_TO_TRUST = 8;

    /** Below that half a stitch misread is a quarter of the gauge. */
    public const FEWEST = 2;

    /**
     * @param bool $fromOnHand whether it came out of what is on hand for a bag, since that was weighed
     * @param float $widthSpread how far a stitch's width may be off by the measuring, a standard deviation as a share
     *         of it
     * @param float $heightSpread so of a row's height; both 0 where that is not known
     */
    public function __construct(
        public Motif $motif,
        public float $stitches,
        public Length $width,
        public float $rows,
        public Length $height,
        public ?Mass $mass = null,
        public bool $fromOnHand = false,
        public float $widthSpread = 0.0,
        public float $heightSpread = 0.0,
    ) {
        if ($stitches <= 0 || $rows <= 0) {
            throw new \InvalidArgumentException('A swatch has stitches and rows.');
        }
    }

    public function gauge(): Gauge
    {
        return new Gauge(
            $this->motif,
            $this->width->times(1 / $this->stitches),
            $this->height->times(1 / $this->rows),
            $this->mass === null ? null : Mass::grams($this->mass->grams / ($this->stitches * $this->rows)),
        );
    }

    /** Stitches over a width, as labels give gauge. */
    public function stitchesOver(Length $width): float
    {
        return $this->stitches * $width->mm / $this->width->mm;
    }

    public function rowsOver(Length $height): float
    {
        return $this->rows * $height->mm / $this->height->mm;
    }

    /** What cannot be right about the measures, where something cannot. */
    public function doubt(): ?Doubt
    {
        foreach (['stitches' => $this->stitches, 'rows' => $this->rows] as $field => $counted) {
            if ($counted < self::FEWEST) {
                return new Doubt(
                    $field,
                    new Saying(
                        'One alone measures nothing: count at least {least}, better {more} or more.',
                        ['least' => self::FEWEST, 'more' => self::FEWEST_TO_TRUST],
                    ),
                );
            }
        }
        $one = $this->gauge();
        $width = new Figure($one->width->print(LengthUnit::Millimetre));
        if ($one->width->mm < 1 || $one->width->mm > 100) {
            return new Doubt('width', new Saying(
                'One stitch comes to {width} wide; check the stitches counted and the width.',
                ['width' => $width],
            ));
        }
        $ratio = $one->singleHeight()->mm / $one->width->mm;
        if ($ratio < 0.25 || $ratio > 4) {
            $height = new Figure($one->height->print(LengthUnit::Millimetre));

            return new Doubt(
                'height',
                new Saying(
                    'A row comes to {height} high and a stitch to {width} wide, which no fabric is; check the '
                        .'rows counted and the height.',
                    ['height' => $height, 'width' => $width],
                ),
            );
        }

        return null;
    }
}
