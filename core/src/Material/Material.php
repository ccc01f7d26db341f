<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;

/** A strand to work with, as weighed: its thickness, its weight per length, and how much is on hand (null: unknown). */
final readonly class Material
{
    /** What any strand weighs, g/m. From memory. */
    public const LIGHTEST = 0.05;

    public const HEAVIEST = 500.0;

    /** Share by which a strand may be off another before its gauge is another. From memory. */
    public const ALIKE = 0.25;

    /** g/m for each mm² across: 0.12 g/cm³. */
    private const BULK = 0.12;

    /**
     * @param ?Mass $unit of one ball, cone, or batch as it is to be had
     * @param float $waste grams thrown away in cutting, for each gram of strand
     */
    public function __construct(
        public Kind $kind,
        public Length $diameter,
        public LinearDensity $density,
        public ?Mass $onHand = null,
        public ?Make $make = null,
        public ?Fibre $fibre = null,
        public ?Mass $unit = null,
        public float $waste = 0.0,
    ) {}

    /** The same strand, had so much of it been on hand. */
    public function withOnHand(?Mass $onHand): self
    {
        return new self($this->kind, $this->diameter, $this->density, $onHand, $this->make, $this->fibre, $this->unit, $this->waste);
    }

    /** Whether a strand can weigh that. */
    public static function isStrand(LinearDensity $density): bool
    {
        return $density->gramsPerMetre >= self::LIGHTEST && $density->gramsPerMetre <= self::HEAVIEST;
    }

    /**
     * How thick a soft strand rolls, until it is wound and measured: a round strand of its weight and of about 0.12 g/cm³,
     * air between the plies included. From memory.
     */
    public static function guessedDiameter(LinearDensity $density): Length
    {
        return Length::mm(max(0.5, min(30.0, 2 * sqrt($density->gramsPerMetre / (M_PI * self::BULK)))));
    }

    /** How much thicker another strand is, as a share; below zero where it is thinner. */
    public function thicker(self $other): float
    {
        return $other->diameter->mm / $this->diameter->mm - 1;
    }

    /** Whether another is about as thick, so that one gauge serves both. */
    public function isLike(self $other): bool
    {
        return abs($this->thicker($other)) <= self::ALIKE;
    }

    public function lengthOnHand(): ?Length
    {
        return $this->onHand === null ? null : $this->density->lengthOf($this->onHand);
    }

    /** Where to start trying hooks for a firm fabric: twice the cord's diameter. Common practice, no source. */
    public function firmHook(): HookSize
    {
        return HookSize::nearest($this->diameter->times(2));
    }
}
