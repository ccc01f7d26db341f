<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** The other edge of a seam, taken whole; eased in where it offers more or fewer. */
final readonly class Against implements Instruction
{
    use Group;

    /**
     * @param ?int $eased stitches for which one edge has none of its own; null where it is taken as it comes
     * @param bool $squares whether the first edge is of squares
     */
    public function __construct(private int $anchors, private ?int $eased, private bool $squares = false) {}

    /** @return list<Instruction> */
    public function children(): array
    {
        return [new Skip($this->anchors)];
    }

    public function edge(): int
    {
        return 1;
    }

    public function phrase(): Phrase
    {
        return match ($this->eased) {
            null => new Phrase($this->squares ? 'against.squares' : 'against.spread'),
            0 => new Phrase('against'),
            1 => new Phrase('against.eased.one'),
            default => new Phrase('against.eased', ['n' => $this->eased]),
        };
    }
}
