<?php

declare(strict_types=1);

namespace Fescue\Core\Tests;

/** Draws that are other ones each day, and the same again for whoever sets FESCUE_SEED to what ./fescue test printed. */
final class Draw
{
    /** @param int $own of the test, so that no two draw alike */
    public static function sow(int $own): void
    {
        mt_srand(crc32(self::seed()." {$own}"));
    }

    public static function seed(): string
    {
        return getenv('FESCUE_SEED') ?: date('Ymd');
    }
}
