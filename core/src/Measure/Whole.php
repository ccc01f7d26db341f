<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** Whole numbers of what was reckoned: what reckoning alone adds or takes, 3.0000001 for 3, counts for nothing. */
final class Whole
{
    private const ROUNDING = 1e-6;

    /** The least that is enough. */
    public static function up(float $of): int
    {
        return (int) ceil($of - self::ROUNDING);
    }

    /** The most that there is room for. */
    public static function down(float $of): int
    {
        return (int) floor($of + self::ROUNDING);
    }
}
