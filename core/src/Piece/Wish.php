<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;

/** The size asked for; null where left to the counts. */
final readonly class Wish
{
    /** @param ?Length $besides of the height, what everything else takes */
    public function __construct(
        public ?Length $length = null,
        public ?Length $width = null,
        public ?Length $height = null,
        public ?Length $besides = null,
    ) {}

    public function of(Side $side): ?Length
    {
        return match ($side) {
            Side::Length => $this->length,
            Side::Width => $this->width,
            Side::Height => $this->height,
        };
    }

    /** The same, with what all else takes of the height. */
    public function besides(Length $height): self
    {
        return new self($this->length, $this->width, $this->height, $height);
    }

    /** Millimetres of the height that are left, below zero where all else is higher; null where none was wished. */
    public function heightLeft(): ?float
    {
        return $this->height === null ? null : $this->height->mm - ($this->besides->mm ?? 0.0);
    }
}
