<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Saying;

/** How heavy a strand is for its length, above zero, kept in grams per metre (1 g/m = 1000 tex, ISO 1144). */
final readonly class LinearDensity
{
    private const GRAMS_PER_METRE_OF_TEX = 0.001;

    private function __construct(public float $gramsPerMetre) {}

    public static function gramsPerMetre(float $value): self
    {
        if (! is_finite($value) || $value <= 0) {
            throw new \InvalidArgumentException("A linear density must be finite and above zero, got {$value} g/m.");
        }

        return new self($value);
    }

    /** From a weighed piece. @throws \InvalidArgumentException where either is zero */
    public static function weighed(Mass $mass, Length $length): self
    {
        if ($length->mm <= 0) {
            throw new \InvalidArgumentException('A piece to weigh must have a length.');
        }

        return self::gramsPerMetre($mass->grams / $length->in(LengthUnit::Metre));
    }

    /**
     * Reads `8,5 g/m`, `0.3 oz/yd`, `120 m per 100 g`, `130 yd / 200 g`, `8200 tex`.
     * A bare number is grams per metre only where $bareIsGramsPerMetre says so.
     *
     * @throws NotUnderstood
     */
    public static function parse(string $text, bool $bareIsGramsPerMetre = false): self
    {
        [$over, $under] = self::halves($text);
        if ($under === null) {
            $parts = Written::read($text, new Saying('a weight per length'), self::example())->parts;
            $word = mb_strtolower($parts[0][1]);
            if (count($parts) === 1 && ($word === 'tex' || ($word === '' && $bareIsGramsPerMetre))) {
                return self::aboveZero($parts[0][0] * ($word === 'tex' ? self::GRAMS_PER_METRE_OF_TEX : 1.0), $text);
            }
            throw new NotUnderstood(new Saying(
                '“{text}” does not say how heavy for how long; write it like {example}.',
                ['text' => $text, 'example' => self::example()],
            ));
        }
        $over = self::quantity($over, $text);
        $under = self::quantity($under, $text);
        if ($over instanceof Mass && $under instanceof Length && $under->mm > 0) {
            return self::aboveZero($over->grams / $under->in(LengthUnit::Metre), $text);
        }
        if ($over instanceof Length && $under instanceof Mass && $over->mm > 0) {
            return self::aboveZero($under->grams / $over->in(LengthUnit::Metre), $text);
        }
        throw new NotUnderstood(new Saying(
            '“{text}” does not say how heavy for how long; write it like {example}.',
            ['text' => $text, 'example' => self::example()],
        ));
    }

    public function lengthOf(Mass $mass): Length
    {
        return Length::of($mass->grams / $this->gramsPerMetre, LengthUnit::Metre);
    }

    public function massOf(Length $length): Mass
    {
        return Mass::grams($length->in(LengthUnit::Metre) * $this->gramsPerMetre);
    }

    public function tex(): float
    {
        return $this->gramsPerMetre / self::GRAMS_PER_METRE_OF_TEX;
    }

    public function metresPer100Grams(): float
    {
        return 100 / $this->gramsPerMetre;
    }

    public function print(): string
    {
        return Decimal::print($this->gramsPerMetre, $this->gramsPerMetre < 1 ? 2 : 1).' g/m';
    }

    /** For files: a density that reads back as itself. */
    public function exact(): string
    {
        return Decimal::exact($this->gramsPerMetre).' g/m';
    }

    /**
     * Splits at "per", or at the first stroke after a unit: one between digits is a fraction's.
     *
     * @return array{string, ?string}
     */
    private static function halves(string $text): array
    {
        if (preg_match('/^(.+?)\s*\bper\b\s*(.+)$/iu', $text, $found) === 1
            || preg_match('/^(.*?[^\d\s.,\/½¼¾⅓⅔⅛⅜⅝⅞])\s*\/\s*(.+)$/u', $text, $found) === 1) {
            return [$found[1], $found[2]];
        }

        return [$text, null];
    }

    private static function quantity(string $half, string $whole): Length|Mass
    {
        $half = trim($half);
        $half = preg_match('/^[\d.,]/', $half) === 1 ? $half : '1 '.$half;
        try {
            return Mass::parse($half);
        } catch (NotUnderstood) {
            try {
                return Length::parse($half);
            } catch (NotUnderstood) {
                throw new NotUnderstood(new Saying(
                    '“{text}” was not understood; write it like {example}.',
                    ['text' => $whole, 'example' => self::example()],
                ));
            }
        }
    }

    private static function aboveZero(float $gramsPerMetre, string $text): self
    {
        if ($gramsPerMetre <= 0 || ! is_finite($gramsPerMetre)) {
            throw new NotUnderstood(new Saying(
                '“{text}” weighs nothing; write it like {example}.',
                ['text' => $text, 'example' => self::example()],
            ));
        }

        return self::gramsPerMetre($gramsPerMetre);
    }

    private static function example(): Saying
    {
        return new Saying('“8.2 g/m”, “120 m per 100 g” or “8200 tex”');
    }
}
