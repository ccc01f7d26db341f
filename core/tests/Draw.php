<?php

declare(strict_types=1);

namespace Fescue\Core\Tests;

use Fescue\Core\Statistics\Chance;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Draws that are other ones each day, and the same again for whoever sets FESCUE_SEED to what ./fescue test printed. */
final class Draw
{
    /** @param int $own of the test, so that no two draw alike */
    public static function sow(int $own): void
    {
        mt_srand(self::of($own));
    }

    /** @param int $own of the test, so that no two draw alike */
    public static function chance(int $own): Chance
    {
        return new Chance(new Randomizer(new Mt19937(self::of($own))));
    }

    public static function seed(): string
    {
        return getenv('FESCUE_SEED') ?: date('Ymd');
    }

    private static function of(int $own): int
    {
        return crc32(self::seed()." {$own}");
    }
}
