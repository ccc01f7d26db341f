<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Shape\Path;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Shape\Stand;

/**
 * One round of an oval, as half a round: it is worked twice over. The half starts at the right tip with the head of
 * that end's stitches, runs along the top, and stops with the tail of the other end's. Stitches of the straight sides
 * stand above their chains; an end's stitches share the way from the last straight stitch around the tip to the next.
 */
final readonly class OvalRing implements Path
{
    /**
     * @param int $head stitches of the end group after the start
     * @param int $straight stitches of one straight side
     * @param int $tail stitches of the end group before the next half
     * @param Stadium $ring through the middle of the round's height
     * @param float $width of a stitch, mm
     */
    public function __construct(
        public int $head,
        public int $straight,
        public int $tail,
        private Stadium $ring,
        private float $width,
    ) {}

    public function half(): int
    {
        return $this->head + $this->straight + $this->tail;
    }

    public function stitches(): int
    {
        return 2 * $this->half();
    }

    /** Stitches from the start of the round to the middle of the first side: whole or half. */
    public function centreOfSide(): float
    {
        return $this->head + $this->straight / 2;
    }

    public function stand(int $place, int $of): Stand
    {
        if ($place >= $this->half()) {
            return $this->stand($place - $this->half(), $of)->opposite();
        }
        return match (true) {
            $place < $this->head => $this->aroundTip($this->tail + $place),
            $place < $this->head + $this->straight => new Stand(
                $this->ring->straight / 2 - ($place - $this->head + 1) * $this->width,
                -$this->ring->radius,
                0,
            ),
            default => $this->aroundTip($place - $this->head - $this->straight)->opposite(),
        };
    }

    /** An end's stitches share its way: half a stitch of each straight side and the half circle between. */
    private function aroundTip(int $one): Stand
    {
        $way = $this->width + M_PI * $this->ring->radius;

        return $this->ring->besideTip((($one + 0.5) / ($this->head + $this->tail) - 0.5) * $way);
    }
}
