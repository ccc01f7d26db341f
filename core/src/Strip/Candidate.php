<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** Pieces alike that could be cut, and what strand one of them is expected to give. */
final readonly class Candidate
{
    /**
     * @param int|string $key the chooser's own name for it
     * @param float $metres from one piece, as it is worked, above zero
     * @param int $count there are, at least 1
     */
    public function __construct(public int|string $key, public float $metres, public int $count)
    {
        if ($metres <= 0 || $count < 1) {
            throw new \InvalidArgumentException('A candidate gives strand, and there is at least one.');
        }
    }
}
