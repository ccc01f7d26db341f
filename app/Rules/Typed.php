<?php

declare(strict_types=1);

namespace App\Rules;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Written;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;

/** What a form's field holds. */
final class Typed
{
    /** Trimmed text, bytes that are no letter marked; empty where the field holds none. Dots reach into brackets. */
    public static function text(Request $request, string $field): string
    {
        return self::plain($request->input($field));
    }

    /** So of a value that was sent. */
    public static function plain(mixed $value): string
    {
        return is_string($value) || is_int($value) || is_float($value) ? trim(mb_scrub((string) $value)) : '';
    }

    /** What is searched for; as many letters as a name that may hold it need be told by. */
    public static function search(Request $request): string
    {
        return mb_substr(self::text($request, 'q'), 0, 60);
    }

    /** For a name that holds it, with none of its signs read as any other. */
    public static function like(string $searched): string
    {
        return '%'.addcslashes(mb_scrub($searched), '%_\\').'%';
    }

    /** What was typed before the page came back, as text: a form may be sent with anything in its fields. */
    public static function before(string $field, mixed $default = ''): string
    {
        $before = request()->old();
        // What was emptied stays empty.
        $value = is_array($before) && Arr::has($before, $field) ? Arr::get($before, $field) : $default;

        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * A length, in the unit meant where only a number is written.
     *
     * @return ?Length null where nothing is written
     *
     * @throws NotUnderstood
     */
    public static function length(string $text, LengthUnit $unit): ?Length
    {
        return $text === '' ? null : Length::parse(self::withUnit($text, $unit->value));
    }

    /** A quantity with the unit meant where only a number is written. */
    public static function withUnit(string $text, string $unit): string
    {
        return preg_match('/^'.Written::BARE.'$/u', $text) === 1 ? "{$text} {$unit}" : $text;
    }
}
