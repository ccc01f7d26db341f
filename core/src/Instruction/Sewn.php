<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** So many stitches through two edges laid together: takes all of the first, leaves none. */
final readonly class Sewn implements Instruction
{
    use Leaf;

    /**
     * @param int $anchors of the first edge
     * @param array{string, int} $from piece it is of, as vocabularies know it, and the so-manieth of several
     * @param array{string, int} $to the other's
     */
    public function __construct(
        public Stitch $stitch,
        public int $count,
        private int $anchors,
        private array $from,
        private array $to,
    ) {
        if ($count < 1 || $anchors < 1) {
            throw new \InvalidArgumentException('A seam has a stitch at least.');
        }
    }

    public function takes(): int
    {
        return $this->anchors;
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->count, top: false)];
    }

    public function phrase(): Phrase
    {
        return $this->said('sewn');
    }

    /** What is sewn together, alone. */
    public function pair(): Phrase
    {
        return $this->said('sewn.pair');
    }

    /** How it is sewn, whatever it is. */
    public function each(): Phrase
    {
        return new Phrase('sewn.each', ['n' => $this->count, 'stitch' => $this->stitch]);
    }

    private function said(string $key): Phrase
    {
        return new Phrase($this->from === $this->to ? "{$key}.own" : $key, [
            'n' => $this->count,
            'stitch' => $this->stitch,
            'from' => "piece.{$this->from[0]}",
            'i' => $this->from[1] === 0 ? '' : " {$this->from[1]}",
            'to' => "piece.{$this->to[0]}",
            'j' => $this->to[1] === 0 ? '' : " {$this->to[1]}",
        ]);
    }
}
