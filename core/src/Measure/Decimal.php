<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** Numbers as the page prints them: a point, a narrow space between thousands. */
final class Decimal
{
    private const NARROW_SPACE = "\u{202F}";

    public static function print(float $value, int $decimals = 0): string
    {
        return number_format($value, $decimals, '.', self::NARROW_SPACE);
    }

    /** The shortest decimal that means the same to nine digits, for files: 8.2, not 8.200000001. */
    public static function exact(float $value): string
    {
        $text = number_format($value, 9, '.', '');

        return rtrim(rtrim($text, '0'), '.');
    }
}
