<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/** A fabric whose repeat does not divide what it stands on: a count below it, or a plain round, mends that. */
final class DoesNotDivide extends Unmakeable
{
    public function __construct(string $path, Saying $said, public readonly int $multiple)
    {
        parent::__construct($path, $said);
    }
}
