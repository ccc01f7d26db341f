<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

/** A line of a ledger. */
final readonly class LedgerLine
{
    /**
     * @param float $amount that it adds, below zero where it takes
     * @param ?float $says what is on hand from it on, where it was weighed or counted; null where that follows
     * @param bool $counts whether it is not undone
     */
    public function __construct(
        public int $id,
        public Move $move,
        public float $amount,
        public ?float $says = null,
        public bool $counts = true,
    ) {}

    public function counting(bool $counts): self
    {
        return new self($this->id, $this->move, $this->amount, $this->says, $counts);
    }
}
