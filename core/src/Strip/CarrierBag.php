<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** A plastic bag lying flat with its side folds out: handles and bottom seam come off, the rest becomes loops or one spiral. */
final readonly class CarrierBag implements Piece
{
    /** What a cow-hitch takes of a loop's working length. From memory. */
    private const HITCH_MM = 20.0;

    /** A knot in a single strand. From memory. */
    private const KNOT_MM = 60.0;

    private int $count;

    /**
     * @param Length $height of the whole bag
     * @param Length $handles cut off at the top
     * @param Length $seam cut off at the bottom
     *
     * @throws TooSmall
     */
    public function __construct(private Length $width, private Length $height, private Length $strip, private Length $handles, private Length $seam)
    {
        $usable = $height->mm - $handles->mm - $seam->mm;
        if ($usable <= 0) {
            throw new TooSmall('Handles and seam together are as high as the bag.');
        }
        $this->count = Strips::count(Length::mm($usable), $strip);
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
        return Length::mm(self::KNOT_MM);
    }

    /** A single strand, circumference × ⌊H/s⌋ (geometry). */
    public function oneStrand(): Cutting
    {
        $n = $this->count;
        $length = $n * 2 * $this->width->mm;
        // Round and round: on the front the cut runs level, on the back it slants down to the next line.
        $cuts = $this->off();
        for ($line = 0; $line < $n; $line++) {
            $y = $this->handles->mm + $line * $this->strip->mm;
            $cuts[] = new Cut(CutKind::Diagonal, 0, $y, $this->width->mm, $y + $this->strip->mm / 2);
        }

        return new Cutting('one strand', $cuts, $n, Length::mm($length), 0, 0, false, $this->share($length));
    }

    /** Loops: each works as half its circumference, lying double, less the hitch that joins it to the next. */
    public function joined(): Cutting
    {
        $n = $this->count;
        $cuts = $this->off();
        for ($line = 1; $line < $n; $line++) {
            $y = $this->handles->mm + $line * $this->strip->mm;
            $cuts[] = new Cut(CutKind::Across, 0, $y, $this->width->mm, $y);
        }

        return new Cutting('joined', $cuts, $n, Length::mm(max(0.0, $n * ($this->width->mm - self::HITCH_MM))), $n, $n, true, $this->share($n * 2 * $this->width->mm));
    }

    /** @return list<Cut> */
    private function off(): array
    {
        $bottom = $this->handles->mm + $this->count * $this->strip->mm;

        return [
            new Cut(CutKind::Off, 0, $this->handles->mm, $this->width->mm, $this->handles->mm),
            new Cut(CutKind::Off, 0, $bottom, $this->width->mm, $bottom),
        ];
    }

    private function share(float $length): float
    {
        return $length * $this->strip->mm / (2 * $this->width->mm * $this->height->mm);
    }
}
