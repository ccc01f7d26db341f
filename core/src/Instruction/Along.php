<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** Worked into another edge of the row: the other side of a chain, row ends. */
final readonly class Along implements Instruction
{
    use Group;

    /**
     * @param int $edge its place among the edges that the row is worked into
     * @param string $named the kind of edge, as vocabularies name it: "other-side"
     * @param list<Instruction> $instructions
     */
    public function __construct(private int $edge, private string $named, private array $instructions) {}

    public function children(): array
    {
        return $this->instructions;
    }

    public function edge(): int
    {
        return $this->edge;
    }

    public function phrase(): Phrase
    {
        return new Phrase("along.{$this->named}", ['list' => $this->instructions]);
    }
}
