<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** A flat panel of cloth or sheet plastic: a zigzag from alternate sides, or strips joined. */
final readonly class Panel implements Piece
{
    /** A sewn lap. From memory. */
    private const LAP_MM = 25.0;

    private int $count;

    /** @throws TooSmall */
    public function __construct(private Length $width, private Length $height, private Length $strip)
    {
        if ($strip->mm * 2 > $width->mm) {
            throw new TooSmall('The strip is more than half the panel’s width; cut it narrower.');
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
        return 1;
    }

    public function joinLoss(): Length
    {
        return Length::mm(self::LAP_MM);
    }

    /** Along the middle of the strand n·W: each turn of s gives back the s its slit stops short (geometry). */
    public function oneStrand(): Cutting
    {
        $n = $this->count;
        $cuts = [];
        foreach (Strips::across($n, $this->strip, $this->height, 0, $this->width->mm) as $line => $cut) {
            $fromLeft = $line % 2 === 0;
            $cuts[] = $cut->kind === CutKind::Off ? $cut : new Cut(
                CutKind::Across,
                $fromLeft ? 0 : $this->width->mm,
                $cut->y1,
                $fromLeft ? $this->width->mm - $this->strip->mm : $this->strip->mm,
                $cut->y2,
            );
        }

        return new Cutting('one strand', $cuts, $n, $this->width->times($n), 0, $n - 1, false, $this->share($n * $this->width->mm));
    }

    public function joined(): Cutting
    {
        $n = $this->count;
        $length = max(0.0, $n * $this->width->mm - ($n - 1) * self::LAP_MM);

        return new Cutting('joined', Strips::across($n, $this->strip, $this->height, 0, $this->width->mm), $n, Length::mm($length), $n - 1, $n - 1, false, $this->share($length));
    }

    private function share(float $length): float
    {
        return $length * $this->strip->mm / ($this->width->mm * $this->height->mm);
    }
}
