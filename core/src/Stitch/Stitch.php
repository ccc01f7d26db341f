<?php

declare(strict_types=1);

namespace Fescue\Core\Stitch;

use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Sayable;

/** The stitches, named inside by their US abbreviations (Craft Yarn Council, stitch abbreviations). */
enum Stitch: string implements Sayable
{
    case Chain = 'ch';
    case Slip = 'sl st';
    case Single = 'sc';
    case HalfDouble = 'hdc';
    case Double = 'dc';
    case Treble = 'tr';
    /** Single crochet worked backwards. */
    case Crab = 'crab';
    /** A stitch of the needle over two edges. */
    case Whip = 'whip';

    /** Anchors one stitch takes from the row below. */
    public function takes(): int
    {
        return $this === self::Chain ? 0 : 1;
    }

    /** Tops one stitch leaves for the next row. */
    public function leaves(): int
    {
        return 1;
    }

    /**
     * Height against a single crochet of the same hand: sl st 0, sc 1, hdc about 1.5, dc about 2, tr about 3.
     * Common practice, no source.
     */
    public function relativeHeight(): float
    {
        return match ($this) {
            self::Chain, self::Slip, self::Whip => 0.0,
            self::Single, self::Crab => 1.0,
            self::HalfDouble => 1.5,
            self::Double => 2.0,
            self::Treble => 3.0,
        };
    }

    /** Chains that lift the work to this stitch's height at the start of a joined round. Common practice, no source. */
    public function startingChains(): int
    {
        return match ($this) {
            self::Chain, self::Slip, self::Whip => 0,
            self::Single, self::Crab => 1,
            self::HalfDouble => 2,
            self::Double => 3,
            self::Treble => 4,
        };
    }

    /** Yarn overs before the hook goes in. Common practice, no source. */
    public function yarnOvers(): int
    {
        return match ($this) {
            self::HalfDouble, self::Double => 1,
            self::Treble => 2,
            default => 0,
        };
    }

    /**
     * Stitches that climb from one as high as the round below to this, one after another: where a spiral goes on in a
     * taller stitch, no chain lifts it. Common practice, no source.
     *
     * @return list<self>
     */
    public function climbing(self $below): array
    {
        return array_values(
            array_filter(
                [self::Single, self::HalfDouble, self::Double],
                fn(self $step): bool => $step->relativeHeight() >= $below->relativeHeight()
                    && $step->relativeHeight() < $this->relativeHeight(),
            ),
        );
    }

    /**
     * Strand one stitch eats, as it lies along its loops: two legs as high as it stands, a loop two widths long on top,
     * and turns about a strand as thick as itself, 2π·d each; about 15 % either way. Legs and loops are geometry, the
     * turns fitted to one weighed swatch of 4 mm cord and to common ratios of stitches; from memory.
     *
     * @param Length $width of one stitch
     * @param Length $singleHeight height of a row of single crochet, whatever this stitch is
     * @param Length $thickness of the strand as it is pressed in a stitch
     */
    public function loopLength(Length $width, Length $singleHeight, Length $thickness): Length
    {
        // How often as high as single crochet its legs are, and how often the strand turns.
        [$high, $turns] = match ($this) {
            self::Chain => [0.0, 0.5],
            self::Slip => [0.0, 0.75],
            self::Single => [1.0, 2.0],
            self::Crab => [1.1, 2.4],
            self::HalfDouble => [1.5, 3.0],
            self::Double => [2.0, 4.0],
            self::Treble => [3.0, 6.0],
            // A seam takes three times its length.
            self::Whip => [0.0, 0.0],
        };

        return Length::mm($this === self::Whip
            ? 3 * $width->mm
            : 2 * $width->mm + 2 * $high * $singleHeight->mm + $turns * 2 * M_PI * $thickness->mm);
    }

    public function english(): string
    {
        return $this->value;
    }
}
