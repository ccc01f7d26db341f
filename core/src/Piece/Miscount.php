<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A row that does not take exactly what is there. */
final class Miscount extends \DomainException
{
    public function __construct(public readonly string $row, public readonly int $takes, public readonly int $there)
    {
        parent::__construct("{$row} takes {$takes} where {$there} are there.");
    }
}
