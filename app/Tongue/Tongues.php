<?php

declare(strict_types=1);

namespace App\Tongue;

use App\Models\User;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Text\Speech;
use Fescue\Core\Tongue\Tongue;

/** Tongues with their translations, which ship as lang/xx.json; and the one that is spoken now. */
final class Tongues
{
    /** A stranger's choice, kept by her browser. */
    public const COOKIE = 'tongue';

    /** @var array<string, Tongue> each read once, by its names and unit */
    private static array $known = [];

    public static function of(Terms $terms, LengthUnit $unit = LengthUnit::Centimetre): Tongue
    {
        return self::$known["{$terms->value} {$unit->value}"] ??= new Tongue($terms, $unit, self::messages($terms));
    }

    /** As the page is told, in its maker's unit. */
    public static function here(): Tongue
    {
        // Only whom the page has asked for already: an error page asks nothing of the database.
        $maker = auth()->hasUser() ? auth()->user() : null;

        return self::of(
            Tongue::terms(app()->getLocale()) ?? Terms::US,
            $maker instanceof User ? $maker->units : LengthUnit::Centimetre,
        );
    }

    /** @param array<string, Sayable|int|float|string> $with */
    public static function tell(string $message, array $with = []): string
    {
        return self::here()->tell($message, $with);
    }

    public static function say(Saying $saying): string
    {
        return self::here()->say($saying);
    }

    /**
     * As each calls itself.
     *
     * @return array<string, string> by what it is asked for by (BCP 47)
     */
    public static function named(): array
    {
        return array_intersect_key(Speech::NAMED, Tongue::NAMED);
    }

    /** @return array<string, string> */
    public static function messages(Terms $terms): array
    {
        $path = lang_path("{$terms->value}.json");
        /** @var array<string, string> $messages */
        $messages = is_file($path)
            ? json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR)
            : [];

        return $messages;
    }
}
