<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Saying;

/** Minutes as the page prints them and as they are typed. */
final class Duration
{
    /**
     * "1 h 20", "45 min", "45"; nothing is none.
     *
     * @param int<1, max> $digits that minutes may have
     *
     * @throws NotUnderstood
     */
    public static function parse(string $text, int $digits = 4): int
    {
        if (preg_match('/^(?:(\d{1,3})\s*h)?\s*(?:(\d{1,'.$digits.'})\s*(?:min|m)?)?$/i', $text, $time) !== 1) {
            throw new NotUnderstood(new Saying('Write how long it took, like “45”, “45 min” or “1 h 20”.'));
        }

        return 60 * (int) ($time[1] ?? 0) + (int) ($time[2] ?? 0);
    }

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
