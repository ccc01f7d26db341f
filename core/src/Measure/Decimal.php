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

    /** 1st, 2nd, 3rd, 4th, 11th, 21st. */
    public static function ordinal(int $nth): string
    {
        $teen = intdiv($nth, 10) % 10 === 1;

        return $nth.match ($teen ? 0 : $nth % 10) {
            1 => 'st',
            2 => 'nd',
            3 => 'rd',
            default => 'th',
        };
    }
}
