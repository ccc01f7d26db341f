<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Saying\Saying;

/** How a strand fills its room, by which its weight tells how thick it is. */
enum Form: string
{
    case Round = 'round cord';
    case Jersey = 'flat jersey';
    case Tape = 'flat tape';
    case Film = 'film';

    /** How far a guessed weight may be off, a standard deviation as a share. From memory. */
    public const GUESS = 0.2;

    /** Thinnest and thickest strand worked, mm. */
    public const THINNEST = 0.5;

    public const THICKEST = 30.0;

    /**
     * As thick as a round strand of that weight, rolled but not pressed: d = 2·√(λ / πρ), with ρ the fibre's own
     * density times the share of the room that it fills. A guess, to a tenth of a millimetre, until it is wound and
     * measured.
     */
    public function thickness(LinearDensity $density, ?Fibre $fibre = null): Length
    {
        // g/m over g/cm³ is mm².
        $area = $density->gramsPerMetre / ($this->filled() * ($fibre ?? $this->fibre())->density());

        return Length::mm(max(self::THINNEST, min(self::THICKEST, round(2 * sqrt($area / M_PI), 1))));
    }

    /**
     * What a strand of that thickness weighs, where nothing else is known of it: λ = π/4·d²·ρ, the same the other way.
     * A guess that a weighed metre ends.
     */
    public function weight(Length $thickness): LinearDensity
    {
        return LinearDensity::gramsPerMetre(
            round(M_PI / 4 * $thickness->mm ** 2 * $this->filled() * $this->fibre()->density(), 2),
        );
    }

    /** "a flat jersey of cotton" */
    public function named(?Fibre $fibre): Saying
    {
        $form = new Saying(match ($this) {
            self::Round => 'a round cord',
            self::Jersey => 'a flat jersey',
            self::Tape => 'a flat tape',
            self::Film => 'film',
        });

        return $fibre === null ? $form
            : new Saying('{form} of {fibre}', ['form' => $form, 'fibre' => new Saying($fibre->value)]);
    }

    /** Share of its room that is fibre. From memory. */
    private function filled(): float
    {
        return match ($this) {
            self::Round => 0.42,
            self::Jersey => 0.107,
            self::Tape => 0.2,
            self::Film => 0.13,
        };
    }

    /** What it mostly is of. */
    private function fibre(): Fibre
    {
        return $this === self::Film ? Fibre::Polyethylene : Fibre::Cotton;
    }
}
