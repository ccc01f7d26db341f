<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** Stitches in the gap between the stitch worked last and the next: takes 0, leaves n. */
final readonly class Between implements Instruction
{
    use Leaf;

    public function __construct(public Stitch $stitch, public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Work at least one stitch.');
        }
    }

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [new Stitches($this->stitch, $this->count)];
    }

    public function remade(Loop $loop, \Closure $stitch): Instruction
    {
        return new self($stitch($this->stitch), $this->count);
    }

    public function phrase(): Phrase
    {
        return new Phrase('between', ['stitch' => $this->stitch, 'n' => $this->count]);
    }

    public static function readings(): array
    {
        return ['between' => fn(PhraseReading $read): self => new self($read->stitch(), $read->number('n'))];
    }
}
