<?php

declare(strict_types=1);

namespace Fescue\Core\Scale;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;

/** What weighings and tapes say of a strand, each with how far it may be off (one standard uncertainty, as a share). */
final readonly class Weighing
{
    /** A kitchen scale's last digit, g. From memory. */
    private const LAST_DIGIT = 1.0;

    /** How far a tape along a soft strand is off. From memory. */
    private const TAPE = 0.005;

    /** @param float $share how far it may be off, 0.02 for 2 % */
    private function __construct(public float $value, public float $share) {}

    /**
     * Grams to the metre of a measured length.
     *
     * @param Repeated $piece grams
     *
     * @throws NotUnderstood where it weighs nothing
     */
    public static function density(Repeated $piece, Length $length): self
    {
        if ($piece->mean <= 0) {
            throw new NotUnderstood('A piece that weighs nothing tells nothing; weigh a longer one.');
        }

        return new self(LinearDensity::weighed(Mass::grams($piece->mean), $length)->gramsPerMetre, hypot($piece->uncertainty(self::LAST_DIGIT) / $piece->mean, self::TAPE));
    }

    /**
     * Grams of what lies in a container: with it, less without.
     *
     * @param ?Repeated $container grams, null where nothing held it
     *
     * @throws NotUnderstood where the container is the heavier
     */
    public static function net(Repeated $with, ?Repeated $container): self
    {
        $net = $with->mean - ($container->mean ?? 0.0);
        if ($net <= 0) {
            throw new NotUnderstood($container === null ? 'Nothing lies on the scale.' : 'The container alone weighs as much as with what is in it; are the two the wrong way round?');
        }

        return new self($net, hypot($with->uncertainty(self::LAST_DIGIT), $container?->uncertainty(self::LAST_DIGIT) ?? 0.0) / $net);
    }

    /** Metres left of a strand. */
    public static function metresLeft(self $net, LinearDensity $density, float $densityShare): self
    {
        return new self($net->value / $density->gramsPerMetre, hypot($net->share, $densityShare));
    }

    /**
     * Millimetres thick, from turns wound side by side.
     *
     * @throws NotUnderstood
     */
    public static function thickness(int $turns, Length $width): self
    {
        if ($turns < 1 || $width->mm <= 0) {
            throw new NotUnderstood('Count at least one turn over a width.');
        }

        // The last turn is in or out by half its own width.
        return new self($width->mm / $turns, 0.5 / $turns);
    }

    public function low(): float
    {
        return $this->value * (1 - $this->share);
    }

    public function high(): float
    {
        return $this->value * (1 + $this->share);
    }
}
