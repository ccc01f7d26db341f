<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** A row as it was proven. */
final readonly class ProvenRow
{
    public function __construct(public WrittenRow $line, public RowResult $outcome) {}

    public function isRight(): bool
    {
        return $this->outcome->isRight();
    }
}
