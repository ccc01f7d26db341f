<?php

declare(strict_types=1);

namespace App\Tongue;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Work;
use Fescue\Core\Saying\Listing;
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

    private static ?Tongue $spoken = null;

    public static function of(Terms $terms, LengthUnit $unit = LengthUnit::Centimetre): Tongue
    {
        return self::$known["{$terms->value} {$unit->value}"] ??= new Tongue($terms, $unit, self::messages($terms));
    }

    /**
     * All that is told meanwhile is told so: on paper, and in a pattern of another tongue than its page's.
     *
     * @template T
     *
     * @param \Closure(): T $tell
     *
     * @return T
     */
    public static function speaking(Terms $terms, LengthUnit $unit, \Closure $tell): mixed
    {
        [$before, $locale] = [self::$spoken, app()->getLocale()];
        self::$spoken = self::of($terms, $unit);
        app()->setLocale(self::$spoken->locale());
        try {
            return $tell();
        } finally {
            self::$spoken = $before;
            app()->setLocale($locale);
        }
    }

    /** As the page is told, in its maker's unit: what is spoken now. */
    public static function here(): Tongue
    {
        return self::$spoken ?? self::of(Tongue::terms(app()->getLocale()) ?? Terms::US);
    }

    /** @param array<string, Sayable|int|float|string> $with */
    public static function tell(string $message, array $with = []): string
    {
        return self::here()->tell($message, $with);
    }

    /** '' where nothing is said. */
    public static function orNone(?Saying $saying): string
    {
        return $saying === null ? '' : self::say($saying);
    }

    public static function say(Saying $saying): string
    {
        return self::here()->say($saying);
    }

    /**
     * Those that pages are told in, as each calls itself.
     *
     * @return array<string, string> by what it is asked for by (BCP 47)
     */
    public static function named(): array
    {
        return array_intersect_key(Speech::NAMED, Tongue::PAGES);
    }

    /**
     * So those that patterns are told in.
     *
     * @return array<string, string>
     */
    public static function ofPatterns(): array
    {
        return array_intersect_key(Speech::NAMED, Tongue::NAMED);
    }

    /** A number as her language sets it. */
    public static function figure(float $value, int $decimals = 0): string
    {
        return self::here()->number(Decimal::print($value, $decimals));
    }

    /** With as many places as it has. */
    public static function exact(float $value): string
    {
        return self::here()->number(Decimal::exact($value));
    }

    /** What was printed of a measure, as her language sets its numbers. */
    public static function printed(string $measure): string
    {
        return self::here()->number($measure);
    }

    /** A length without its unit, where that stands once for several. */
    public static function bare(Length $length, LengthUnit $unit): string
    {
        return self::printed(trim(str_replace($unit->value, '', $length->print($unit))));
    }

    /** @param non-empty-list<string> $things */
    public static function either(array $things): string
    {
        return self::tell('{things}', ['things' => new Listing($things, true)]);
    }

    /** @param non-empty-list<string> $things */
    public static function both(array $things): string
    {
        return self::tell('{things}', ['things' => new Listing($things)]);
    }

    /** @return list<string> what the rows of a bag are called */
    public static function rows(Work $work): array
    {
        return array_map(fn(Row $row): string => self::here()->row($row->id), $work->rows);
    }

    /**
     * A message with marks in it, <b> and the like, and links at its <a>, in their order.
     *
     * @param array<string, Sayable|int|float|string> $with shown as they are, whatever is in them
     * @param list<string> $links where its <a> go
     */
    public static function marked(string $message, array $with = [], array $links = []): string
    {
        $tongue = self::here();
        $said = $tongue->tell($message, array_map(
            fn(Sayable|int|float|string $one): Sayable|int|float|string => match (true) {
                is_string($one) => e($one),
                $one instanceof Saying => e($tongue->say($one)),
                default => $one,
            },
            $with,
        ));
        foreach ($links as $link) {
            $said = (string) preg_replace_callback('/<a>/', fn(): string => '<a href="'.e($link).'">', $said, 1);
        }

        return $said;
    }

    /**
     * For a page's scripts, what they tell in her tongue; nothing where that is as it stands in them.
     *
     * @param list<string> $told
     */
    public static function scripts(array $told): string
    {
        $messages = array_intersect_key(self::messages(self::here()->terms), array_flip($told));

        return $messages === [] ? '' : '<script type="application/json" data-messages>'.json_encode(
            $messages,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP,
        ).'</script>';
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
