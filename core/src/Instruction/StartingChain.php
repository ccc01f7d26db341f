<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** Chains that lift the work to the round's height; here they never count as a stitch: takes 0, leaves 0. */
final readonly class StartingChain implements Instruction
{
    use Leaf;

    public function __construct(public int $count) {}

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Chain, $this->count, top: false)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('starting-chain', ['n' => $this->count]);
    }
}
