<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/**
 * Something told to a maker: a message in English, in ICU's message format, and the values in it. The message is the
 * key of its translations; a tongue prints it.
 */
final readonly class Saying implements Sayable
{
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
        return (new Printer('en'))->print($this->message, array_map(
            fn(Sayable|int|float|string $one): int|float|string => $one instanceof Sayable ? $one->english() : $one,
            $this->with,
        ));
    }
}
