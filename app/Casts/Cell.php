<?php

declare(strict_types=1);

namespace App\Casts;

/** A cell of a row that is read as it lies, by what its column holds; null reads as nothing. */
final class Cell
{
    public static function int(mixed $cell): int
    {
        return is_numeric($cell) ? (int) $cell : 0;
    }

    public static function number(mixed $cell): float
    {
        return is_numeric($cell) ? (float) $cell : 0.0;
    }

    public static function text(mixed $cell): string
    {
        return is_scalar($cell) ? (string) $cell : '';
    }

    /**
     * Of JSON with names.
     *
     * @return array<string, mixed>
     */
    public static function map(mixed $cell): array
    {
        $map = [];
        foreach (is_array($cell) ? $cell : [] as $name => $value) {
            $map[(string) $name] = $value;
        }

        return $map;
    }

    /**
     * Of JSON with a list of such.
     *
     * @return list<array<string, mixed>>
     */
    public static function maps(mixed $cell): array
    {
        return array_map(self::map(...), array_values(array_filter(is_array($cell) ? $cell : [], is_array(...))));
    }
}
