<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** Slip stitches on to where rounds begin from now on: they leave no tops of their own, so takes 0, leaves 0. */
final readonly class MoveOn implements Instruction
{
    use Leaf;

    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Move on by one at least.');
        }
    }

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Slip, $this->count, top: false)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('move-on', ['n' => $this->count, 'stitch' => Stitch::Slip]);
    }
}
