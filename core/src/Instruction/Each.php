<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** One stitch in each of the next so many anchors: takes n, leaves n. */
final readonly class Each implements Instruction
{
    use Leaf;

    public function __construct(
        public Stitch $stitch,
        public int $count,
        public Loop $loop = Loop::Both,
        public Into $into = Into::Stitch,
    ) {
        if ($count < 1) {
            throw new \InvalidArgumentException('Work at least one stitch.');
        }
    }

    public function takes(): int
    {
        return $this->count * $this->stitch->takes();
    }

    public function canTake(Anchor $anchor): bool
    {
        return $this->into->isIn($anchor);
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->count, $this->loop, into: $this->into)];
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self($stitch($this->stitch), $this->count, $this->into->through($loop, $this->loop), $this->into);
    }

    public function phrase(): Phrase
    {
        return new Phrase(
            "each.{$this->into->value}",
            ['stitch' => $this->stitch, 'n' => $this->count, 'nth' => 1 + $this->stitch->startingChains()],
            $this->loop,
        );
    }

    public static function readings(): array
    {
        $readings = [];
        foreach (Into::cases() as $into) {
            $readings["each.{$into->value}"] = fn(PhraseReading $read): self => new self(
                $read->stitch(),
                $read->number('n'),
                into: $into,
            );
        }

        return $readings;
    }
}
