<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Shape\Path;

/** What a piece begins on: a chain to work into, and those that turn it. */
final readonly class Start
{
    /**
     * @param int $chain chains to work into, at least 1
     * @param int $turning chains that lift the first row beside them
     */
    public function __construct(public int $chain, public int $turning = 1, public ?Path $path = null)
    {
        if ($chain < 1) {
            throw new \InvalidArgumentException('A chain has a chain at least.');
        }
    }

    /** Chains that the hands make. */
    public function works(): int
    {
        return $this->chain + $this->turning;
    }

    public function edge(): Edge
    {
        return new Edge(EdgeKind::Chain, $this->chain);
    }
}
