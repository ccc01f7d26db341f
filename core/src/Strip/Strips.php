<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Length;

/** What all pieces share: how many strips a height gives. */
final class Strips
{
    public const MOST = 400;

    /**
     * ⌊H/s⌋.
     *
     * @throws TooSmall where that is none, or more than anybody cuts
     */
    public static function count(Length $height, Length $strip): int
    {
        // A ruler's 30 cm by 5 cm is 6, whatever binary fractions make of it.
        $count = $strip->mm > 0 ? (int) floor($height->mm / $strip->mm + 1e-9) : 0;
        if ($count < 1) {
            throw new TooSmall('The strip is wider than the piece is high; cut it narrower.');
        }
        if ($count > self::MOST) {
            throw new TooSmall("That makes {$count} strips of one piece; Fescue plans up to ".self::MOST.'. Check the strip’s unit.');
        }

        return $count;
    }

    /** @return list<Cut> across from x1 to x2 at every strip's lower edge; the last frees the rest, where there is one */
    public static function across(int $count, Length $strip, Length $height, float $x1, float $x2): array
    {
        $cuts = [];
        for ($line = 1; $line <= $count; $line++) {
            if ($line < $count || $height->mm - $count * $strip->mm > 0.5) {
                $cuts[] = new Cut($line === $count ? CutKind::Off : CutKind::Across, $x1, $line * $strip->mm, $x2, $line * $strip->mm);
            }
        }

        return $cuts;
    }
}
