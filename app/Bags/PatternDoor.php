<?php

declare(strict_types=1);

namespace App\Bags;

/** A page of a pattern, a line a row, as it stands among the kinds of bag. */
final class PatternDoor
{
    private const ROWS = [1.0, 0.82, 0.92, 0.55, 1.0, 0.7, 0.88, 0.4];

    private const WIDE = 84;

    private const HIGH = 116;

    public static function svg(): string
    {
        [$wide, $high] = [BeginningSheet::WIDE, BeginningSheet::HIGH];
        [$left, $top] = [($wide - self::WIDE) / 2, $high - self::HIGH - 8];
        $lines = '';
        foreach (self::ROWS as $nth => $share) {
            $y = $top + 22 + 11 * $nth;
            $lines .= sprintf(
                '<path d="M%d %dh8" class="door-count"/><path d="M%d %dh%d" class="door-line"/>',
                $left + 10,
                $y,
                $left + 24,
                $y,
                (int) round((self::WIDE - 36) * $share),
            );
        }

        return '<svg viewBox="0 0 '.$wide.' '.$high.'" width="'.$wide.'" height="'.$high.'" aria-hidden="true">'
            .sprintf(
                '<path d="M%1$d %2$dh%3$dl14 14v%4$dh-%5$dz" class="door-page"/><path d="M%6$d %2$dv14h14" '
                    .'class="door-fold"/>%7$s</svg>',
                $left,
                $top,
                self::WIDE - 14,
                self::HIGH - 14,
                self::WIDE,
                $left + self::WIDE - 14,
                $lines,
            );
    }
}
