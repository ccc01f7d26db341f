<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** The other edge of a seam, taken whole; eased in where it offers more or fewer. */
final readonly class Against implements Instruction
{
    use Group;

    /** @param ?int $eased stitches for which one edge has none of its own; null where it is taken as it comes */
    public function __construct(private int $anchors, private ?int $eased) {}

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
            null => new Phrase('against.spread'),
            0 => new Phrase('against'),
            default => new Phrase('against.eased', ['n' => $this->eased]),
        };
    }
}
