<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** Leave anchors unworked: takes n, leaves 0. */
final readonly class Skip implements Instruction
{
    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Skip at least one.');
        }
    }
}
