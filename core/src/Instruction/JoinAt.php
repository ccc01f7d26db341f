<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** The strand is joined anew in a stitch of an edge, counted from its beginning: takes 0, leaves 0. */
final readonly class JoinAt implements Instruction
{
    use Leaf;

    public function __construct(public int $nth, private int $chains, private CountedFrom $from)
    {
        if ($nth < 1) {
            throw new \InvalidArgumentException('The first stitch is 1.');
        }
    }

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [
            new Stitches(Stitch::Slip, 1, top: false),
            ...($this->chains > 0 ? [new Stitches(Stitch::Chain, $this->chains, top: false)] : []),
        ];
    }

    public function phrase(): Phrase
    {
        $key = "join-at.{$this->from->value}".($this->chains === 0 ? '.none' : '');

        return new Phrase($key, ['m' => $this->nth, 'k' => $this->chains]);
    }
}
