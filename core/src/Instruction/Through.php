<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** So many stitches through all layers of an edge folded upon itself: takes all of it, leaves as many as are worked. */
final readonly class Through implements Instruction
{
    use Leaf;

    /** @param int $anchors of the edge, all round */
    public function __construct(public Stitch $stitch, public int $count, public int $anchors)
    {
        if ($count < 1 || $anchors < $count) {
            throw new \InvalidArgumentException('Layers are closed by a stitch at least.');
        }
    }

    public function takes(): int
    {
        return $this->anchors;
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->count)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('through', ['stitch' => $this->stitch, 'n' => $this->count]);
    }
}
