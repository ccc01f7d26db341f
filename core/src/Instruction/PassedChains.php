<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** Chains passed at the beginning of a first row, which count as its first stitch: takes 1, leaves 1. */
final readonly class PassedChains implements Instruction
{
    use Leaf;

    public function __construct(public int $count, public Stitch $as)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Pass one at least.');
        }
    }

    public function takes(): int
    {
        return 1;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Chain, 1, standing: $this->count)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('starting-chain.passed', ['n' => $this->count, 'stitch' => $this->as]);
    }
}
