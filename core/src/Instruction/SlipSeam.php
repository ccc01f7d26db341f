<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** Slip stitches through the last row and so many stitches of another edge: takes 0, leaves 0. */
final readonly class SlipSeam implements Instruction
{
    use Leaf;

    /** @param int $first of those stitches, counted from the edge's beginning */
    public function __construct(public int $count, public int $first)
    {
        if ($count < 1 || $first < 1) {
            throw new \InvalidArgumentException('A seam has a stitch at least.');
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
        return new Phrase('sewn-to', [
            'k' => $this->count,
            'stitch' => Stitch::Slip,
            'm' => $this->first,
            'last' => $this->first + $this->count - 1,
        ]);
    }
}
