<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** Where a figure comes from. */
enum Origin: string
{
    case Guessed = 'guessed';
    case FromSwatch = 'from swatch';

    /** Standard deviation, as a share, of the strand a whole bag eats against its estimate. From memory. */
    public function relative(): float
    {
        return match ($this) {
            self::Guessed => 0.15,
            self::FromSwatch => 0.08,
        };
    }
}
