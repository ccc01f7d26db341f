<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Stitch;

/** A free chain, later worked into: takes 0, leaves n. */
final readonly class Chains implements Instruction
{
    use Leaf;

    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Chain at least one.');
        }
    }

    public function takes(): int
    {
        return 0;
    }

    public function works(): array
    {
        return [new Stitches(Stitch::Chain, $this->count)];
    }

    public function phrase(): Phrase
    {
        return new Phrase('chain', ['n' => $this->count]);
    }

    public static function readings(): array
    {
        return ['chain' => fn(PhraseReading $read): self => new self($read->number('n'))];
    }
}
