<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;

/** Tongues with their translations, which ship as lang/xx.json. */
final class Tongues
{
    public static function of(Terms $terms, LengthUnit $unit = LengthUnit::Centimetre): Tongue
    {
        return new Tongue($terms, $unit, self::messages($terms));
    }

    /** @return array<string, string> */
    private static function messages(Terms $terms): array
    {
        $path = lang_path("{$terms->value}.json");
        /** @var array<string, string> $messages */
        $messages = is_file($path)
            ? json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR)
            : [];

        return $messages;
    }
}
