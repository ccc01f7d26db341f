<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Saying\Saying;

/**
 * A flat panel of cloth, a sheet of plastic, or a ribbon to be halved: a zigzag from alternate sides, or strips joined.
 */
final readonly class Panel extends Cuttable
{
    /** @throws TooSmall */
    public function __construct(
        Length $width,
        Length $height,
        Length $strip,
        ?Length $trimTop = null,
        ?Length $trimBottom = null,
        JoinMethod $join = JoinMethod::SewnLap,
        ?Length $joinLoss = null,
    ) {
        if ($strip->mm * 2 > $width->mm) {
            throw new TooSmall('strip', new Saying(
                'The strip is more than half the panel’s width; cut it narrower.',
            ));
        }
        parent::__construct(
            $width,
            $width,
            $height,
            $strip,
            1,
            $trimTop ?? Length::mm(0),
            $trimBottom ?? Length::mm(0),
            $join,
            $joinLoss ?? $join->loss(),
        );
    }

    /**
     * A ribbon cut in half lengthwise, all but a strip's width at one end, and turned there: a zigzag of two.
     *
     * @throws TooSmall
     */
    public static function halvedRibbon(
        Length $length,
        Length $width,
        JoinMethod $join = JoinMethod::MagicKnot,
        ?Length $joinLoss = null,
    ): self {
        return new self($length, $width, $width->times(0.5), join: $join, joinLoss: $joinLoss);
    }

    /** Along the middle of the strand n·W: each turn of s gives back the s its slit stops short (geometry). */
    public function oneStrand(): Cutting
    {
        $n = $this->strips;
        $s = $this->strip->mm;
        $cuts = $this->trims();
        foreach ($this->slits($s) as $line => $cut) {
            $cuts[] = $line % 2 === 0 ? $cut : new Cut(CutKind::Slit, $this->width->mm, $cut->y1, $s, $cut->y2);
        }
        $course = [[0.0, $this->line(0.5)]];
        for ($row = 0; $row < $n; $row++) {
            $rightward = $row % 2 === 0;
            $end = $row === $n - 1 ? 0.0 : $s / 2;
            $x = $rightward ? $this->width->mm - $end : $end;
            $course[] = [$x, $this->line($row + 0.5)];
            if ($row < $n - 1) {
                $course[] = [$x, $this->line($row + 1.5)];
            }
        }

        return new Cutting(
            CutMethod::OneStrand,
            $this,
            $cuts,
            [$course],
            0,
            $n - 1,
            false,
            $n * $this->width->mm * $s,
            Length::mm(0),
            $this->join,
            $this->joinLoss,
        );
    }

    public function joined(): Cutting
    {
        $n = $this->strips;
        $course = [];
        for ($row = 0; $row < $n; $row++) {
            $course[] = [[0.0, $this->line($row + 0.5)], [$this->width->mm, $this->line($row + 0.5)]];
        }

        return new Cutting(
            CutMethod::Joined,
            $this,
            [...$this->trims(), ...$this->slits()],
            $course,
            $n - 1,
            $n - 1,
            false,
            $n * $this->width->mm * $this->strip->mm,
            $this->joinLoss->times($n - 1),
            $this->join,
            $this->joinLoss,
        );
    }
}
