<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** A slip stitch into the first stitch, or the chain that counts as it, that closes the round: takes 0, leaves 0. */
final readonly class Join implements Instruction
{
    use Leaf;

    public function __construct(private bool $inChain = false) {}

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Slip, 1, top: false)];
    }

    public function phrase(): Phrase
    {
        return new Phrase($this->inChain ? 'join.chain' : 'join', ['stitch' => Stitch::Slip]);
    }
}
