<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/**
 * A tube of jersey lying flat, hem and top cut off: the body of a shirt below its sleeves, a sleeve, a skirt.
 * Slit from the fold to an uncut spine, open the spine, cut from each slit to the next one over.
 */
final readonly class Tube extends Piece
{
    /** Uncut spine, flat. Common practice, no source. */
    public const SPINE_MM = 25.0;

    /** @throws TooSmall */
    public function __construct(Length $width, Length $height, Length $strip, private Length $spine)
    {
        if ($spine->mm >= $width->mm) {
            throw new TooSmall('spine', 'The spine is as wide as the tube; leave less uncut.');
        }
        parent::__construct($width, $height, $strip, 2, $height);
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
        $start = $this->width->mm - $this->spine->mm;
        $cuts = $this->across($start);
        for ($line = 0; $line < $n; $line++) {
            $cuts[] = new Cut(CutKind::Diagonal, $start, $line * $this->strip->mm, $this->width->mm, ($line + 0.5) * $this->strip->mm);
        }

        return new Cutting('one strand', $cuts, $n, Length::mm($length), 0, 0, false, $this->share($length), Length::mm(self::LAP_MM));
    }

    public function joined(): Cutting
    {
        $n = $this->count;
        $length = max(0.0, $n * 2 * $this->width->mm - ($n - 1) * self::LAP_MM);
        // One cut up the far fold opens every ring at once.
        $opened = new Cut(CutKind::Across, $this->width->mm, 0, $this->width->mm, $n * $this->strip->mm);
        $cuts = [$opened, ...$this->across($this->width->mm)];

        return new Cutting('joined', $cuts, $n, Length::mm($length), $n - 1, $n - 1, false, $this->share($length), Length::mm(self::LAP_MM));
    }
}
