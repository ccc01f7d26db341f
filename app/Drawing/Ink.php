<?php

declare(strict_types=1);

namespace App\Drawing;

/** The colours of every drawing; a drawing carries them itself, so that it looks the same in a file. */
final class Ink
{
    public const PAPER = '#F3EDE0';

    public const SHEET = '#FBF8F1';

    public const INK = '#22302B';

    public const SOFT = '#5B6156';

    public const LINE = '#D8CFBB';

    public const GRASS = '#3D6B4A';

    public const PALE_GRASS = '#E7EDE0';

    public const WARM = '#B9502A';

    public const TAPE = '#EBDDB2';

    /** One colour mixed with another: 0 is all the first, 1 all the second. Both "#rrggbb". */
    public static function mix(string $one, string $other, float $share): string
    {
        $mixed = '#';
        foreach ([1, 3, 5] as $place) {
            $a = hexdec(substr($one, $place, 2));
            $b = hexdec(substr($other, $place, 2));
            $mixed .= sprintf('%02x', (int) round($a + ($b - $a) * $share));
        }

        return $mixed;
    }

    /**
     * Of each of a bag's strands: its own, and others, lighter shades of that where they have none.
     *
     * @param list<?string> $others
     *
     * @return non-empty-list<string>
     */
    public static function strands(string $own, array $others): array
    {
        return [$own, ...array_map(
            fn(?string $one, int $nth): string => $one ?? self::mix($own, self::SHEET, min(0.8, 0.4 + 0.15 * $nth)),
            $others,
            array_keys($others),
        )];
    }

    /** How light a colour is, 0 to 1 (ITU-R BT.601 luma). */
    public static function lightness(string $colour): float
    {
        return (0.299 * hexdec(substr($colour, 1, 2))
            + 0.587 * hexdec(substr($colour, 3, 2))
            + 0.114 * hexdec(substr($colour, 5, 2)))
            / 255;
    }

    /** What shows as thread against a colour: darker on light, lighter on dark. */
    public static function thread(string $colour): string
    {
        return self::lightness($colour) > 0.35
            ? self::mix($colour, self::INK, 0.3)
            : self::mix($colour, '#ffffff', 0.28);
    }
}
