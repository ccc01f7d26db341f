<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** A row as it was proven. */
final readonly class Row
{
    public function __construct(public Line $line, public Outcome $outcome) {}

    public function isRight(): bool
    {
        return $this->outcome->isRight();
    }
}
