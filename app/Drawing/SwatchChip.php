<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Measure\Length;

/** A cord as a small piece of fabric: its colour, and stitches as coarse as it is thick. */
final class SwatchChip
{
    public const WIDTH = 56;

    public const HEIGHT = 42;

    public static function of(string $colour, Length $diameter): string
    {
        $w = max(7.0, min(20.0, 4 + 2.2 * $diameter->mm));
        $h = 0.92 * $w;
        $thread = Ink::thread($colour);
        $path = '';
        for ($y = -0.2 * $h; $y < self::HEIGHT; $y += $h) {
            for ($x = -0.3 * $w; $x < self::WIDTH; $x += $w) {
                $path .= sprintf('M%.1f %.1fl%.1f %.1fl%.1f -%.1f', $x + 0.1 * $w, $y, 0.4 * $w, 0.76 * $h, 0.4 * $w, 0.76 * $h);
            }
        }

        return sprintf(
            '<svg class="chip" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d" aria-hidden="true"><rect width="%1$d" height="%2$d" fill="%3$s"/><path d="%4$s" fill="none" stroke="%5$s" stroke-width="%6$.1f" stroke-linecap="round" stroke-linejoin="round"/></svg>',
            self::WIDTH,
            self::HEIGHT,
            $colour,
            $path,
            $thread,
            0.28 * $w,
        );
    }
}
