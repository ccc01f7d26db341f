<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/** What every group has in common: all that it takes and works is its children's. */
trait Group
{
    public function times(): int
    {
        return 1;
    }

    public function edge(): ?int
    {
        return null;
    }

    public function takes(): int
    {
        return 0;
    }

    public function canTake(Anchor $anchor): bool
    {
        return true;
    }

    public function works(): array
    {
        return [];
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return $this;
    }

    public static function readings(): array
    {
        return [];
    }
}
