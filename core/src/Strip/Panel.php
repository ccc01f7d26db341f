<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** A flat panel of cloth or sheet plastic: a zigzag from alternate sides, or strips joined. */
final readonly class Panel extends Piece
{
    /** @throws TooSmall */
    public function __construct(Length $width, Length $height, Length $strip)
    {
        if ($strip->mm * 2 > $width->mm) {
            throw new TooSmall('strip', 'The strip is more than half the panel’s width; cut it narrower.');
        }
        parent::__construct($width, $height, $strip, 1, $height);
    }

    /** Along the middle of the strand n·W: each turn of s gives back the s its slit stops short (geometry). */
    public function oneStrand(): Cutting
    {
        $n = $this->count;
        $length = $n * $this->width->mm;
        $cuts = [];
        foreach ($this->across($this->width->mm - $this->strip->mm) as $line => $cut) {
            $cuts[] = $cut->kind === CutKind::Across && $line % 2 === 1
                ? new Cut(CutKind::Across, $this->width->mm, $cut->y1, $this->strip->mm, $cut->y2)
                : $cut;
        }

        return new Cutting('one strand', $cuts, $n, Length::mm($length), 0, $n - 1, false, $this->share($length), Length::mm(self::LAP_MM));
    }

    public function joined(): Cutting
    {
        $n = $this->count;
        $length = max(0.0, $n * $this->width->mm - ($n - 1) * self::LAP_MM);

        return new Cutting('joined', $this->across($this->width->mm), $n, Length::mm($length), $n - 1, $n - 1, false, $this->share($length), Length::mm(self::LAP_MM));
    }
}
