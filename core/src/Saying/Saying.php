<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/**
 * Something told to a maker: a message in English, in ICU's message format, and the values in it. The message is the
 * key of its translations; a tongue prints it.
 */
final readonly class Saying implements Sayable
{
    private const MOST_MADE = 500;

    /** @param array<string, Sayable|int|float|string> $with by their names in the message */
    public function __construct(public string $message, public array $with = []) {}

    /** What has no translation: a name, or what was typed. */
    public static function plain(string $said): self
    {
        return new self('{said}', ['said' => $said]);
    }

    /** One after another. */
    public static function several(self ...$all): self
    {
        $with = [];
        foreach (array_values($all) as $nth => $one) {
            $with["said{$nth}"] = $one;
        }

        return new self(implode(' ', array_map(fn(string $name): string => "{{$name}}", array_keys($with))), $with);
    }

    public function english(): string
    {
        return self::printed('en', $this->message, array_map(
            fn(Sayable|int|float|string $one): int|float|string => $one instanceof Sayable ? $one->english() : $one,
            $this->with,
        ));
    }

    /**
     * A message with its values in it. A place that begins with a capital is filled with its value so: {What}.
     *
     * @param string $locale of its plurals
     * @param array<string, int|float|string> $with
     *
     * @throws \LogicException where it is no message
     */
    public static function printed(string $locale, string $message, array $with): string
    {
        // Most have nothing to count or choose: what is told is put in its place.
        if (preg_match("/\\{(?:\w+\s*,|[A-Z])|'/", $message) !== 1) {
            $places = [];
            foreach ($with as $name => $one) {
                $places["{{$name}}"] = (string) $one;
            }

            return strtr($message, $places);
        }
        foreach ($with as $name => $one) {
            $capital = ucfirst($name);
            if (is_string($one) && str_contains($message, "{{$capital}}")) {
                $with[$capital] = mb_strtoupper(mb_substr($one, 0, 1)).mb_substr($one, 1);
            }
        }
        // One is dear to make, and a list tells the same of each.
        /** @var array<string, \MessageFormatter> $made */
        static $made = [];
        if (count($made) > self::MOST_MADE) {
            $made = [];
        }
        try {
            $said = ($made["{$locale} {$message}"] ??= new \MessageFormatter($locale, $message))->format($with);
        } catch (\IntlException) {
            $said = false;
        }

        return $said === false ? throw new \LogicException("Not a message: {$message}") : $said;
    }
}
