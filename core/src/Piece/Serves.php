<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;

/** The side of the wish that a count serves. */
final readonly class Serves
{
    /** @param ?Length $step what one of them measures along that side; null where nothing is under it yet */
    public function __construct(public Side $side, public ?Length $step) {}
}
