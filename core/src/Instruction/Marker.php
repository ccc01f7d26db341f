<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** The first stitch of a spiral's round is marked, and the round not joined: takes 0, leaves 0. */
final readonly class Marker implements Instruction
{
    use Leaf;

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [];
    }

    public function phrase(): Phrase
    {
        return new Phrase('marker');
    }
}
