<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A fabric whose repeat does not divide what it stands on: a count below it, or a plain round, mends that. */
final class DoesNotDivide extends Unmakeable
{
    public function __construct(string $path, string $message, public readonly int $multiple)
    {
        parent::__construct($path, $message);
    }
}
