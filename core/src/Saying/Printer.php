<?php

declare(strict_types=1);

namespace Fescue\Core\Saying;

/** Puts values into messages of one language. What it made of a message it keeps: a list tells the same of each. */
final class Printer
{
    /** @var array<string, \MessageFormatter> by their message */
    private array $made = [];

    /** @param string $locale of its plurals */
    public function __construct(private readonly string $locale) {}

    /**
     * A place that begins with a capital is filled with its value so: {What}.
     *
     * @param array<string, int|float|string> $with by their names in the message
     *
     * @throws \LogicException where it is no message
     */
    public function print(string $message, array $with): string
    {
        // Most have nothing to count or choose: what is told is put in its place.
        if (preg_match("/\\{(?:\\w+\\s*,|[A-Z])|'/", $message) !== 1) {
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
        try {
            $said = ($this->made[$message] ??= new \MessageFormatter($this->locale, $message))->format($with);
        } catch (\IntlException) {
            $said = false;
        }

        return $said === false ? throw new \LogicException("Not a message: {$message}") : $said;
    }
}
