<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** A free chain, later worked into: takes 0, leaves n. */
final readonly class Chains implements Instruction
{
    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Chain at least one.');
        }
    }
}
