<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Saying\Saying;

/** What weighings and tapes say of a strand, each with how far it may be off (one standard uncertainty, as a share). */
final class Weighing
{
    /** A kitchen scale's last digit, g. From memory. */
    private const LAST_DIGIT = 1.0;

    /** How far a tape along a soft strand is off. From memory. */
    private const TAPE = 0.005;

    /**
     * Grams to the metre of a measured length.
     *
     * @param Repeated $piece grams
     *
     * @throws NotUnderstood where it weighs nothing
     */
    public static function density(Repeated $piece, Length $length): Spread
    {
        if ($piece->mean <= 0) {
            throw new NotUnderstood(new Saying('A piece that weighs nothing tells nothing; weigh a longer one.'));
        }

        return new Spread(
            LinearDensity::weighed(Mass::grams($piece->mean), $length)->gramsPerMetre,
            hypot($piece->uncertainty(self::LAST_DIGIT) / $piece->mean, self::TAPE),
        );
    }

    /**
     * Grams of what lies in a container: with it, less without.
     *
     * @param ?Repeated $container grams, null where nothing held it
     *
     * @throws NotUnderstood where the container is the heavier
     */
    public static function net(Repeated $with, ?Repeated $container): Spread
    {
        $net = $with->mean - ($container->mean ?? 0.0);
        if ($net <= 0) {
            throw new NotUnderstood(new Saying($container === null
                ? 'Nothing lies on the scale.'
                : 'The container alone weighs as much as with what is in it; are the two the wrong way round?'));
        }

        return new Spread(
            $net,
            hypot($with->uncertainty(self::LAST_DIGIT), $container?->uncertainty(self::LAST_DIGIT) ?? 0.0) / $net,
        );
    }

    /** Metres left of a strand. */
    public static function metresLeft(Spread $net, LinearDensity $density, float $densityShare): Spread
    {
        return new Spread($net->likely / $density->gramsPerMetre, hypot($net->relative, $densityShare));
    }

    /**
     * Millimetres thick, from turns wound side by side.
     *
     * @throws NotUnderstood
     */
    public static function thickness(int $turns, Length $width): Spread
    {
        if ($turns < 1 || $width->mm <= 0) {
            throw new NotUnderstood(new Saying('Count at least one turn over a width.'));
        }

        // The last turn is in or out by half its own width.
        return new Spread($width->mm / $turns, 0.5 / $turns);
    }
}
