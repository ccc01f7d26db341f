<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

/**
 * Strand of a stitch by hand, mm: twice its width on top, twice its height in legs, and so many turns of 2π·d about a
 * strand like itself: two of sc, one more for hdc, two more for every yarn over after. From memory.
 */
final class Loops
{
    public static function mm(string $stitch, float $wide, float $high, float $thick): float
    {
        $turn = 2 * M_PI * $thick;

        return match ($stitch) {
            'ch' => 2 * $wide + $turn / 2,
            'sl st' => 2 * $wide + 3 * $turn / 4,
            'sc' => 2 * $wide + 2 * $high + 2 * $turn,
            'hdc' => 2 * $wide + 3 * $high + 3 * $turn,
            'dc' => 2 * $wide + 4 * $high + 4 * $turn,
            'tr' => 2 * $wide + 6 * $high + 6 * $turn,
            default => throw new \LogicException($stitch),
        };
    }
}
