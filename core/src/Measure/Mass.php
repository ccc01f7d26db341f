<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;

/** A mass of zero or more, kept in grams. */
final readonly class Mass implements Sayable
{
    private function __construct(public float $grams) {}

    public static function grams(float $grams): self
    {
        if (! is_finite($grams) || $grams < 0) {
            throw new \InvalidArgumentException("A mass must be finite and not negative, got {$grams} g.");
        }

        return new self($grams);
    }

    /**
     * Reads `79 g`, `0,9 kg`, `1 lb 4 oz`.
     *
     * @param ?MassUnit $bare the unit meant where only a number is written; null refuses bare numbers
     *
     * @throws NotUnderstood
     */
    public static function parse(string $text, ?MassUnit $bare = null): self
    {
        $grams = 0.0;
        foreach (Written::read($text, new Saying('a mass'), self::example())->parts as [$value, $word]) {
            $unit = $word === '' ? $bare : MassUnit::read($word);
            if ($unit === null) {
                throw new NotUnderstood($word === ''
                    ? new Saying('“{text}” has no unit; write a mass like {example}.', [
                        'text' => $text, 'example' => self::example(),
                    ])
                    : new Saying(
                        '“{word}” is not a unit of mass Fescue knows; use g, kg, oz or lb.',
                        ['word' => $word],
                    ));
            }
            $grams += $value * $unit->grams();
        }

        return self::grams($grams);
    }

    public function in(MassUnit $unit): float
    {
        return $this->grams / $unit->grams();
    }

    public function print(MassUnit $unit = MassUnit::Gram, int $decimals = 0): string
    {
        return Decimal::print($this->in($unit), $decimals).' '.$unit->value;
    }

    /** For files: a mass that reads back as itself. */
    public function exact(): string
    {
        return Decimal::exact($this->grams).' g';
    }

    private static function example(): Saying
    {
        return new Saying('“850 g” or “1 lb 4 oz”');
    }

    public function english(): string
    {
        return $this->print();
    }
}
