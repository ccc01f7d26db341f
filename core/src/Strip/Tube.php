<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/**
 * A tube of jersey lying flat, hem and top cut off: the body of a shirt below its sleeves, a sleeve, a skirt.
 * Slit from the fold to an uncut spine, open the spine, cut from each slit to the next one over.
 */
final readonly class Tube implements Piece
{
    /** Uncut spine, flat. Common practice, no source. */
    public const SPINE_MM = 25.0;

    /** A sewn lap. From memory. */
    private const LAP_MM = 25.0;

    private int $count;

    /** @throws TooSmall */
    public function __construct(private Length $width, private Length $height, private Length $strip, private Length $spine)
    {
        if ($spine->mm >= $width->mm) {
            throw new TooSmall('The spine is as wide as the tube; leave less uncut.');
        }
        $this->count = Strips::count($height, $strip);
    }

    public function width(): Length
    {
        return $this->width;
    }

    public function height(): Length
    {
        return $this->height;
    }

    public function layers(): int
    {
        return 2;
    }

    public function joinLoss(): Length
    {
        return Length::mm(self::LAP_MM);
    }

    /**
     * n loops, each all round but for the spine, and n − 1 slanted ways over it; the two tapered ends are left off.
     * Length n·(2F − 2m) + (n − 1)·√((2m)² + s²) (geometry).
     */
    public function oneStrand(): Cutting
    {
        $n = $this->count;
        $over = 2 * $this->spine->mm;
        $length = $n * (2 * $this->width->mm - $over) + ($n - 1) * hypot($over, $this->strip->mm);
        $cuts = Strips::across($n, $this->strip, $this->height, 0, $this->width->mm - $this->spine->mm);
        foreach ($cuts as $place => $cut) {
            // What is below the last strip comes off whole.
            $cuts[$place] = $cut->kind === CutKind::Off ? new Cut(CutKind::Off, 0, $cut->y1, $this->width->mm, $cut->y2) : $cut;
        }
        $start = $this->width->mm - $this->spine->mm;
        for ($line = 0; $line < $n; $line++) {
            $cuts[] = new Cut(CutKind::Diagonal, $start, $line * $this->strip->mm, $this->width->mm, ($line + 0.5) * $this->strip->mm);
        }

        return new Cutting('one strand', $cuts, $n, Length::mm($length), 0, 0, false, $length * $this->strip->mm / (2 * $this->width->mm * $this->height->mm));
    }

    public function joined(): Cutting
    {
        $n = $this->count;
        $length = $n * 2 * $this->width->mm - ($n - 1) * self::LAP_MM;

        // One cut up the far fold opens every ring at once.
        $opened = new Cut(CutKind::Across, $this->width->mm, 0, $this->width->mm, $n * $this->strip->mm);

        return new Cutting(
            'joined',
            [$opened, ...Strips::across($n, $this->strip, $this->height, 0, $this->width->mm)],
            $n,
            Length::mm(max(0.0, $length)),
            $n - 1,
            $n - 1,
            false,
            max(0.0, $length) * $this->strip->mm / (2 * $this->width->mm * $this->height->mm),
        );
    }
}
