<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Measure\Length;

/** A maker that is its settings. */
abstract readonly class MadeByChoices extends ByChoices implements Maker
{
    /** What lies flat, or is fastened on, makes nothing higher. */
    public function height(Ground $ground): ?Length
    {
        return Length::mm(0);
    }
}
