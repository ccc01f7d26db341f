<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/**
 * A foundation row begun on one stitch, each of its stitches worked with the chain that it stands on, and slip-stitched
 * to the stitch over against: takes that one, leaves n.
 */
final readonly class Foundation implements Instruction
{
    use Leaf;

    /**
     * @param int $at stitch of the edge that it begins on
     * @param int $to stitch that it is joined to
     */
    public function __construct(
        public int $count,
        private int $at,
        private int $to,
        private CountedFrom $from,
    ) {
        if ($count < 1) {
            throw new \InvalidArgumentException('A foundation row has a stitch at least.');
        }
    }

    public function takes(): int
    {
        return 1;
    }

    public function works(): array
    {
        return [
            new Stitches(Stitch::Chain, $this->count, top: false),
            new Stitches(Stitch::Single, $this->count),
            new Stitches(Stitch::Slip, 1, top: false),
        ];
    }

    public function phrase(): Phrase
    {
        return new Phrase(
            "foundation-strap.{$this->from->value}",
            [
                'n' => $this->count, 'stitch' => Stitch::Single, 'slip' => Stitch::Slip, 'm' => $this->at,
                'last' => $this->to,
            ],
        );
    }
}
