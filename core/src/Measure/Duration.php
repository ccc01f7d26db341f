<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** Minutes as the page prints them. */
final class Duration
{
    /** "8 h 03"; "40 min" below an hour. */
    public static function print(float $minutes): string
    {
        $whole = (int) round($minutes);

        return $whole < 60 ? "{$whole} min" : sprintf('%d h %02d', intdiv($whole, 60), $whole % 60);
    }

    /** What was not timed: from an hour on to five minutes, "8 h 05". */
    public static function about(float $minutes): string
    {
        return self::print($minutes < 60 ? $minutes : 5 * round($minutes / 5));
    }
}
