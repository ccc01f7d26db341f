<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** The least of a count that makes the thing, and the most. */
final readonly class Bounds
{
    /**
     * @param int<0, max> $least
     * @param int<1, max> $every of how many whole ones make sense: a repeat of the wall
     */
    public function __construct(public int $least, public int $most, public int $every = 1) {}
}
