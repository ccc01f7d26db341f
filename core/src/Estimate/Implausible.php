<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Form;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Saying;

/**
 * What physics, or a maker's own figures, make implausible: the reason in a sentence, null where there is none. Such an
 * entry is asked about once, and taken at her word then. Where each begins is from memory.
 */
final class Implausible
{
    /** Stitches are hardly ever narrower than so many strands. */
    private const NARROWEST = 0.5;

    /** So many times as heavy, or as light, as a strand of its kind and thickness. */
    private const DENSITY = 3.0;

    /** So many times as heavy, or as light, a strand may be that is put to another. */
    private const ALIKE = 1.3;

    /** Share by which what went may be off what was foretold, and the grams that a scale is off anyway. */
    private const WEIGHED = 0.4;

    private const SCALE_G = 15.0;

    /** Share of a garment that becomes strand: necks, hems and seams are waste. */
    private const WHOLE = 0.99;

    private const DEAR = 100_000.0;

    public static function stitch(Length $strand, Length $wide): ?Saying
    {
        return $wide->mm >= self::NARROWEST * $strand->mm ? null : new Saying(
            'A stitch of {wide} is less than half as wide as its strand, which is {thick} thick.',
            ['wide' => self::mm($wide), 'thick' => self::mm($strand)],
        );
    }

    public static function density(Form $form, ?Fibre $fibre, Length $thick, LinearDensity $density): ?Saying
    {
        $usual = $form->weight($thick);

        return self::apart($density, $usual) <= self::DENSITY ? null : new Saying(
            'That is {density}; {thick} thick, of such a strand ({form}), weighs about {usual}.',
            [
                'density' => new Figure($density->print()), 'form' => $form->named($fibre),
                'thick' => self::mm($thick), 'usual' => new Figure($usual->print()),
            ],
        );
    }

    /** @param float $went g since the last weigh-in, or from what was on hand; $foretold so */
    public static function weighed(float $went, float $foretold): ?Saying
    {
        return abs($went - $foretold) <= max(self::WEIGHED * $foretold, self::SCALE_G) ? null : new Saying(
            'By that {went} g went since it was weighed last; the stitches take about {foretold} g.',
            ['went' => Decimal::print($went), 'foretold' => Decimal::print($foretold)],
        );
    }

    public static function cut(Mass $strand, Mass $whole): ?Saying
    {
        return $strand->grams < self::WHOLE * $whole->grams ? null : new Saying(
            'That is all of the {mass} that was cut: hems, necks and seams are no strand.',
            ['mass' => $whole],
        );
    }

    /** Another strand than the one that it is put to. */
    public static function sameStrand(string $name, LinearDensity $there, LinearDensity $cut, Mass $mass): ?Saying
    {
        return self::apart($cut, $there) <= self::ALIKE ? null : new Saying(
            'What you cut is {cut}, “{name}” is {there}: by its weight it would count as {length} of that.',
            [
                'cut' => new Figure($cut->print()), 'name' => $name, 'there' => new Figure($there->print()),
                'length' => new Figure($there->lengthOf($mass)->print(LengthUnit::Metre)),
            ],
        );
    }

    public static function price(float $price): ?Saying
    {
        return $price < self::DEAR ? null : new Saying(
            'That is a price of {money}.',
            ['money' => new Figure(Decimal::print($price, 2))],
        );
    }

    /** How many times as heavy the heavier one is. */
    private static function apart(LinearDensity $one, LinearDensity $other): float
    {
        $ratio = $one->gramsPerMetre / $other->gramsPerMetre;

        return max($ratio, 1 / $ratio);
    }

    private static function mm(Length $length): Figure
    {
        return new Figure($length->print(LengthUnit::Millimetre));
    }
}
