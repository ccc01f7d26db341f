<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** Slip stitches over what a round is not begun in: takes n, leaves 0. */
final readonly class SlipOn implements Instruction
{
    use Leaf;

    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Slip over one at least.');
        }
    }

    public function takes(): int
    {
        return $this->count;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Slip, $this->count, top: false)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('slip-on', ['n' => $this->count, 'stitch' => Stitch::Slip]);
    }
}
