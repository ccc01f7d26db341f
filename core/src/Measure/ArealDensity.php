<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Saying;

/** How heavy a sheet is for its area, above zero, kept in grams per square metre. */
final readonly class ArealDensity
{
    private const SQUARE_MM = 1e-6;

    private function __construct(public float $gramsPerSquareMetre) {}

    public static function gramsPerSquareMetre(float $value): self
    {
        if (! is_finite($value) || $value <= 0) {
            throw new \InvalidArgumentException("An areal density must be finite and above zero, got {$value} g/m².");
        }

        return new self($value);
    }

    /** From a weighed piece. @param float $area mm², above zero */
    public static function weighed(Mass $mass, float $area): self
    {
        return self::gramsPerSquareMetre($mass->grams / ($area * self::SQUARE_MM));
    }

    /**
     * Reads `160 g/m2`, `160 gsm`, `4,7 oz/yd²`.
     *
     * @throws NotUnderstood
     */
    public static function parse(string $text, bool $bareIsGramsPerSquareMetre = false): self
    {
        // The raised two belongs to the unit and is no number of its own.
        $plain = (string) preg_replace('/(?<=[a-z])\s*(?:\^?2|²)\s*$/iu', '', trim($text));
        $squared = $plain !== trim($text);
        $parts = Written::read($plain, new Saying('a weight per area'), self::example())->parts;
        $factor = count($parts) !== 1 ? null : match ([str_replace(' ', '', mb_strtolower($parts[0][1])), $squared]) {
            ['g/m', true], ['gsm', false] => 1.0,
            ['oz/yd', true] => MassUnit::Ounce->grams() / (LengthUnit::Yard->millimetres() / 1000) ** 2,
            ['', false] => $bareIsGramsPerSquareMetre ? 1.0 : null,
            default => null,
        };
        if ($factor === null) {
            throw new NotUnderstood(new Saying(
                '“{text}” does not say how heavy for what area; write it like {example}.',
                ['text' => $text, 'example' => self::example()],
            ));
        }
        $value = $parts[0][0] * $factor;

        return $value > 0 ? self::gramsPerSquareMetre($value) : throw new NotUnderstood(new Saying(
            '“{text}” weighs nothing; write it like {example}.',
            ['text' => $text, 'example' => self::example()],
        ));
    }

    /** @param float $area mm² */
    public function massOf(float $area): Mass
    {
        return Mass::grams($this->gramsPerSquareMetre * $area * self::SQUARE_MM);
    }

    public function print(): string
    {
        return Decimal::print($this->gramsPerSquareMetre, $this->gramsPerSquareMetre < 20 ? 1 : 0).' g/m²';
    }

    public function exact(): string
    {
        return Decimal::exact($this->gramsPerSquareMetre).' g/m2';
    }

    private static function example(): Saying
    {
        return new Saying('“160 g/m²” or “4.7 oz/yd²”');
    }
}
