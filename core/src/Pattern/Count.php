<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** Anchors taken from the row below and tops left for the next. */
final readonly class Count
{
    public function __construct(public int $takes, public int $leaves) {}

    public function plus(self $other): self
    {
        return new self($this->takes + $other->takes, $this->leaves + $other->leaves);
    }

    public function times(int $factor): self
    {
        return new self($this->takes * $factor, $this->leaves * $factor);
    }
}
