<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** One row or round: its place in the bag and what to do. Counts are the Counter's to tell. */
final readonly class Row
{
    /** @param list<Instruction> $instructions */
    public function __construct(public string $name, public Part $part, public array $instructions) {}
}
