<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** The count that a row tells at its end. */
final readonly class Stated
{
    /** @param ?int $spaces that are told apart; null where one number says it all */
    public function __construct(public Token $at, public int $stitches, public ?int $spaces = null) {}

    public function all(): int
    {
        return $this->stitches + ($this->spaces ?? 0);
    }
}
