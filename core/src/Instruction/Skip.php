<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** Leave anchors unworked: takes n, leaves 0. */
final readonly class Skip implements Instruction
{
    use Leaf;

    public function __construct(public int $count)
    {
        if ($count < 1) {
            throw new \InvalidArgumentException('Skip at least one.');
        }
    }

    public function takes(): int
    {
        return $this->count;
    }

    public function works(): array
    {
        return [];
    }

    public function phrase(): Phrase
    {
        return new Phrase('skip', ['n' => $this->count]);
    }

    public static function readings(): array
    {
        return ['skip' => fn(PhraseReading $read): self => new self($read->number('n'))];
    }
}
