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

    public static function stitch(Length $strand, Length $wide): ?string
    {
        return $wide->mm >= self::NARROWEST * $strand->mm ? null : 'A stitch of '.self::mm($wide)
            .' is less than half as wide as its strand, which is '.self::mm($strand).' thick.';
    }

    public static function density(Form $form, ?Fibre $fibre, Length $thick, LinearDensity $density): ?string
    {
        $usual = $form->weight($thick);

        return self::apart($density, $usual) <= self::DENSITY ? null : "That is {$density->print()}; "
            ."{$form->named($fibre)} ".self::mm($thick)." thick weighs about {$usual->print()}.";
    }

    /** @param float $went g since the last weigh-in, or from what was on hand; $foretold so */
    public static function weighed(float $went, float $foretold): ?string
    {
        return abs($went - $foretold) <= max(self::WEIGHED * $foretold, self::SCALE_G) ? null : 'By that '
            .Decimal::print($went).' g went since it was weighed last; the stitches take about '
            .Decimal::print($foretold).' g.';
    }

    public static function cut(Mass $strand, Mass $whole): ?string
    {
        return $strand->grams < self::WHOLE * $whole->grams ? null : "That is all of the {$whole->print()} that was "
            .'cut: hems, necks and seams are no strand.';
    }

    /** Another strand than the one that it is put to. */
    public static function sameStrand(string $name, LinearDensity $there, LinearDensity $cut, Mass $mass): ?string
    {
        return self::apart($cut, $there) <= self::ALIKE ? null : "What you cut is {$cut->print()}, “{$name}” is "
            ."{$there->print()}: by its weight it would count as {$there->lengthOf($mass)->print(LengthUnit::Metre)} "
            .'of that.';
    }

    public static function price(float $price): ?string
    {
        return $price < self::DEAR ? null : 'That is a price of '.Decimal::print($price, 2).'.';
    }

    /** How many times as heavy the heavier one is. */
    private static function apart(LinearDensity $one, LinearDensity $other): float
    {
        $ratio = $one->gramsPerMetre / $other->gramsPerMetre;

        return max($ratio, 1 / $ratio);
    }

    private static function mm(Length $length): string
    {
        return $length->print(LengthUnit::Millimetre);
    }
}
