<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Sayable;
use Fescue\Core\Saying\Saying;

/** A length of zero or more, kept in millimetres. */
final readonly class Length implements Sayable
{
    private function __construct(public float $mm) {}

    public static function mm(float $mm): self
    {
        if (! is_finite($mm) || $mm < 0) {
            throw new \InvalidArgumentException("A length must be finite and not negative, got {$mm} mm.");
        }

        return new self($mm);
    }

    public static function of(float $value, LengthUnit $unit): self
    {
        return self::mm($value * $unit->millimetres());
    }

    /**
     * Reads `20 cm`, `8 in`, `7 1/2"`, `5 ft 6 in`, `0,75 m`.
     *
     * @param ?LengthUnit $bare the unit meant where only a number is written; null refuses bare numbers
     *
     * @throws NotUnderstood
     */
    public static function parse(string $text, ?LengthUnit $bare = null): self
    {
        $mm = 0.0;
        foreach (Written::read($text, new Saying('a length'), self::example())->parts as [$value, $word]) {
            $unit = $word === '' ? $bare : LengthUnit::read($word);
            if ($unit === null) {
                throw new NotUnderstood($word === ''
                    ? new Saying('“{text}” has no unit; write a length like {example}.', [
                        'text' => $text, 'example' => self::example(),
                    ])
                    : new Saying(
                        '“{word}” is not a unit of length Fescue knows; use mm, cm, m, in, ft or yd.',
                        ['word' => $word],
                    ));
            }
            $mm += $value * $unit->millimetres();
        }

        return self::mm($mm);
    }

    public function in(LengthUnit $unit): float
    {
        return $this->mm / $unit->millimetres();
    }

    public function plus(self $other): self
    {
        return self::mm($this->mm + $other->mm);
    }

    public function times(float $factor): self
    {
        return self::mm($this->mm * $factor);
    }

    /** As the page prints it; inches to the nearest eighth as a fraction. From a metre on whole ones say enough. */
    public function print(LengthUnit $unit = LengthUnit::Centimetre, int $decimals = 1): string
    {
        $isLong = $this->mm >= 999.5;

        return $unit === LengthUnit::Inch
            ? self::fraction($isLong ? round($this->in($unit)) : $this->in($unit)).' in'
            : Decimal::print($this->in($unit), $isLong && $unit === LengthUnit::Centimetre ? 0 : $decimals)
                .' '.$unit->value;
    }

    /** For files: a length that reads back as itself. */
    public function exact(LengthUnit $unit = LengthUnit::Centimetre): string
    {
        return Decimal::exact($this->in($unit)).' '.$unit->value;
    }

    private static function fraction(float $inches): string
    {
        $eighths = (int) round($inches * 8);
        $whole = intdiv($eighths, 8);
        $rest = $eighths % 8;
        if ($rest === 0) {
            return (string) $whole;
        }
        $shared = $rest % 4 === 0 ? 4 : ($rest % 2 === 0 ? 2 : 1);
        $fraction = intdiv($rest, $shared).'/'.intdiv(8, $shared);

        return $whole === 0 ? $fraction : "{$whole} {$fraction}";
    }

    private static function example(): Saying
    {
        return new Saying('“20 cm” or “7 1/2 in”');
    }

    public function english(): string
    {
        return $this->print(LengthUnit::Centimetre);
    }
}
