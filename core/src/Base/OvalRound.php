<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

/**
 * One round of an oval, as half a round: it is worked twice over. The half starts at one end of the
 * base with the head of that end's stitches, runs along the straight side, and stops with the tail of the other end's.
 */
final readonly class OvalRound
{
    /**
     * @param int $head stitches of the end group after the start
     * @param int $straight stitches of one straight side
     * @param int $tail stitches of the end group before the next half
     * @param int $added stitches this round has more than the one below, 0 for the first
     */
    public function __construct(public int $head, public int $straight, public int $tail, public int $added) {}

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
}
