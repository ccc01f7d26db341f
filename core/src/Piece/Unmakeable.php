<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Saying\Saying;

/**
 * Something that cannot be made as it is asked: which setting of it, or with a slash before which field of the bag, and
 * how to mend it.
 */
class Unmakeable extends \DomainException
{
    public function __construct(public readonly string $path, public readonly Saying $said)
    {
        parent::__construct($said->english());
    }
}
