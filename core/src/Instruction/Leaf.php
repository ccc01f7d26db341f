<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;

/** What every leaf has in common: it is made of nothing else. */
trait Leaf
{
    public function children(): array
    {
        return [];
    }

    public function times(): int
    {
        return 1;
    }

    public function edge(): ?int
    {
        return null;
    }

    public function canTake(Anchor $anchor): bool
    {
        return true;
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
