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

    /**
     * For programs and logs, where all its values are words and numbers, or sayings of such.
     *
     * @throws \LogicException where one needs a tongue
     */
    public function english(): string
    {
        $said = \MessageFormatter::formatMessage('en', $this->message, array_map(
            fn(Sayable|int|float|string $one): int|float|string => match (true) {
                $one instanceof self => $one->english(),
                $one instanceof Sayable => throw new \LogicException("A tongue prints it: {$this->message}"),
                default => $one,
            },
            $this->with,
        ));

        return $said === false ? throw new \LogicException("Not a message: {$this->message}") : $said;
    }
}
