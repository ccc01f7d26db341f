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

    /**
     * @param ?Mass $unit of one ball, cone, or batch as it is to be had
     * @param float $waste grams thrown away in cutting, for each gram of strand
     * @param bool $joined whether what is on hand is one strand, its joins in its length already, as where it was cut
     * @param ?WeightClass $class as which it is sold
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
        public bool $joined = false,
        public ?WeightClass $class = null,
    ) {}

    /** The same strand, had so much of it been on hand. */
    public function withOnHand(?Mass $onHand): self
    {
        return new self(
            $this->kind,
            $this->diameter,
            $this->density,
            $onHand,
            $this->make,
            $this->fibre,
            $this->unit,
            $this->waste,
            $this->joined,
            $this->class,
        );
    }

    /** Whether a strand can weigh that. */
    public static function isStrand(LinearDensity $density): bool
    {
        return $density->gramsPerMetre >= self::LIGHTEST && $density->gramsPerMetre <= self::HEAVIEST;
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

    /** Where to start trying hooks for a firm fabric. Common practice, no source. */
    public function firmHook(): HookSize
    {
        return HookSize::nearest($this->diameter->times(HookRange::of($this->kind)->start));
    }
}
