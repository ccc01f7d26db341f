<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The work is turned, and lifted by its turning chain, which counts as no stitch: takes 0, leaves 0. */
final readonly class Turn implements Instruction
{
    use Leaf;

    /** @param int $chains that lift the next row, worked with it */
    public function __construct(public int $chains) {}

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return $this->chains > 0 ? [new Stitches(Stitch::Chain, $this->chains, top: false)] : [];
    }

    public function phrase(): Phrase
    {
        return $this->chains > 0 ? new Phrase('turn', ['n' => $this->chains]) : new Phrase('turn.bare');
    }
}
