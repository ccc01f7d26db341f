<?php

declare(strict_types=1);

namespace App\Drawing;

/** A bag lying flat as a mark over its figures, to one scale with others; what it is now as dashes on its corner. */
final class SizeMark
{
    /** Pixels of the longer side of the bag as it is now. */
    private const NOW = 56.0;

    /** No mark is larger: its figures say the rest. */
    private const MOST = 140.0;

    /**
     * @param array{float, float} $flat how wide and how high, mm
     * @param array{float, float} $now the same of the bag as it is
     * @param float $room mm that the highest of those beside it takes
     * @param string $colour of its strand
     */
    public static function of(array $flat, array $now, float $room, string $colour): string
    {
        $scale = self::NOW / max(1.0, ...$now);
        $n = fn(float $mm): string => Canvas::number(min(self::MOST, $mm * $scale), 1);
        $foot = round(min(self::MOST, max($room, $now[1]) * $scale), 1);
        $box = fn(float $across, float $up, string $look): string => '<path d="M1 '.Canvas::number($foot + 1, 1)
            ."v-{$n($up)}h{$n($across)}v{$n($up)}z\" {$look}/>";
        [$wide, $high] = [self::MOST + 2, (int) ceil($foot) + 2];

        return "<svg class=\"size-mark\" width=\"{$wide}\" height=\"{$high}\" aria-hidden=\"true\">"
            .$box($flat[0], $flat[1], "fill=\"{$colour}\" stroke=\"".Ink::INK.'"')
            .$box($now[0], $now[1], 'fill="none" stroke="'.Ink::INK.'" stroke-dasharray="3 3"').'</svg>';
    }
}
