<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** The same instructions so many times over. */
final readonly class Repeat implements Instruction
{
    /** @param list<Instruction> $instructions */
    public function __construct(public array $instructions, public int $times)
    {
        if ($times < 2) {
            throw new \InvalidArgumentException('A repeat is worked at least twice.');
        }
    }
}
