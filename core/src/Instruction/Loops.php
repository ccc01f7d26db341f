<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** A loop of chains and a stitch that holds it, in each of the next so many anchors: takes n, leaves n loops. */
final readonly class Loops implements Instruction
{
    use Leaf;

    /**
     * @param int $chains of one loop
     * @param Into $into a stitch, or a loop of the row below: a space
     */
    public function __construct(
        public int $chains,
        public int $count,
        public Stitch $stitch = Stitch::Single,
        public Into $into = Into::Space,
    ) {
        if ($chains < 1 || $count < 1) {
            throw new \InvalidArgumentException('A loop has a chain at least.');
        }
    }

    public function takes(): int
    {
        return $this->count;
    }

    public function canTake(Anchor $anchor): bool
    {
        return $this->into->isIn($anchor);
    }

    public function works(): array
    {
        return array_merge(...array_fill(0, $this->count, [
            new Stitches(Stitch::Chain, $this->chains, Loop::Both, top: false),
            new Stitches($this->stitch, 1),
        ]));
    }

    public function phrase(): Phrase
    {
        return new Phrase("loops.{$this->into->value}", [
            'k' => $this->chains,
            'stitch' => $this->stitch,
            'n' => $this->count,
        ]);
    }
}
