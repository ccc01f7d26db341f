<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** A plastic bag lying flat with its side folds out: handles and bottom seam come off, the rest becomes loops or one spiral. */
final readonly class CarrierBag extends Piece
{
    /** What a cow-hitch takes of a loop's working length. From memory. */
    private const HITCH_MM = 20.0;

    /** A knot in a single strand. From memory. */
    private const KNOT_MM = 60.0;

    /**
     * @param Length $height of the whole bag
     * @param Length $handles cut off at the top
     * @param Length $seam cut off at the bottom
     *
     * @throws TooSmall
     */
    public function __construct(Length $width, Length $height, Length $strip, private Length $handles, Length $seam)
    {
        $usable = $height->mm - $handles->mm - $seam->mm;
        if ($usable <= 0) {
            throw new TooSmall('handles', 'Handles and seam together are as high as the bag.');
        }
        parent::__construct($width, $height, $strip, 2, Length::mm($usable));
    }

    /** A single strand, circumference × ⌊H/s⌋ (geometry). */
    public function oneStrand(): Cutting
    {
        $n = $this->count;
        $length = $n * 2 * $this->width->mm;
        $cuts = $this->off();
        for ($line = 0; $line < $n; $line++) {
            // Round and round: half a strip down on the front, shown here, and half on the back.
            $cuts[] = new Cut(CutKind::Diagonal, 0, $this->line($line), $this->width->mm, $this->line($line + 0.5));
        }

        return new Cutting('one strand', $cuts, $n, Length::mm($length), 0, 0, false, $this->share($length), Length::mm(self::KNOT_MM));
    }

    /**
     * Loops: each works as half its circumference, lying double, less the hitch that joins it to the next.
     * The last one's hitch joins it to the next bag's first, so that nothing more is lost between bags.
     */
    public function joined(): Cutting
    {
        $n = $this->count;
        $cuts = $this->off();
        for ($line = 1; $line < $n; $line++) {
            $cuts[] = new Cut(CutKind::Across, 0, $this->line($line), $this->width->mm, $this->line($line));
        }
        $length = max(0.0, $n * ($this->width->mm - self::HITCH_MM));

        return new Cutting('joined', $cuts, $n, Length::mm($length), $n, $n, true, $this->share($n * 2 * $this->width->mm), Length::mm(0));
    }

    /** @return list<Cut> */
    private function off(): array
    {
        return array_map(
            fn(float $y): Cut => new Cut(CutKind::Off, 0, $y, $this->width->mm, $y),
            [$this->line(0), $this->line($this->count)],
        );
    }

    /** How far down the so-manieth strip begins, mm. */
    private function line(float $strips): float
    {
        return $this->handles->mm + $strips * $this->strip->mm;
    }
}
