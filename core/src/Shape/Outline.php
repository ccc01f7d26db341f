<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A closed convex outline in the plane, about the origin, in millimetres, x to the right and y down. */
interface Outline
{
    /** How far it reaches across, mm: most often the longer way. */
    public function length(): float;

    /** How far it reaches up and down, mm. */
    public function width(): float;

    /** Length of the outline, mm. */
    public function perimeter(): float;

    /** Area inside, mm². */
    public function area(): float;

    /** Sides that meet in corners; 0 of one that is smooth. */
    public function sides(): int;

    /** The same so many millimetres further in, below zero further out; of nothing where it is no wider than that. */
    public function inset(float $mm): self;

    /** The same so many times as large. */
    public function scaled(float $times): self;

    /**
     * Itself drawn, to the left from above: where it begins, and of each leg where it ends, before that of a curve the
     * two points that bend it (cubic).
     *
     * @return non-empty-list<non-empty-list<array{float, float}>>
     */
    public function legs(): array;

    /** A point so far along it, as a share of its length from 0 to 1, to the left from above; facing outward. */
    public function at(float $share): Stand;
}
