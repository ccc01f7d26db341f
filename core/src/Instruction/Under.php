<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/**
 * So many stitches around a chain of the row below, not into its loops: takes all its chains, leaves as many as are
 * worked.
 */
final readonly class Under implements Instruction
{
    use Leaf;

    public function __construct(public Stitch $stitch, public int $count, public int $chains)
    {
        if ($count < 1 || $chains < 1) {
            throw new \InvalidArgumentException('At least one stitch goes around at least one chain.');
        }
    }

    public function takes(): int
    {
        return $this->chains;
    }

    public function canTake(Anchor $anchor): bool
    {
        return Into::Space->isIn($anchor);
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->count)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('under', ['stitch' => $this->stitch, 'n' => $this->count, 's' => $this->chains]);
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self($stitch($this->stitch), $this->count, $this->chains);
    }

    public static function readings(): array
    {
        return [
            'under' => fn(PhraseReading $read): self => new self(
                $read->stitch(),
                $read->number('n'),
                $read->number('s'),
            ),
        ];
    }
}
