<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What a count is where a document does not say it. */
final readonly class Unsaid
{
    private function __construct(
        public ?int $else = null,
        public bool $isRefused = false,
        public bool $mayBeNull = false,
    ) {}

    /** Settled against the wish. */
    public static function settled(): self
    {
        return new self();
    }

    public static function is(int $count): self
    {
        return new self($count);
    }

    /** It must be said. */
    public static function refused(): self
    {
        return new self(isRefused: true);
    }

    /** Settled, and a document may say that it is open. */
    public static function open(): self
    {
        return new self(mayBeNull: true);
    }
}
