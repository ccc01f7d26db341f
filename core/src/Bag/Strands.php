<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;

/** What a bag is worked in: its own material, and others that take turns with it. */
final readonly class Strands
{
    /** @param list<Material> $others about as thick as its own, worked from one change to the next */
    public function __construct(public Material $own, public array $others = []) {}

    /** @param int $which 0 for the bag's own, 1 for the first of its others, and so on */
    public function of(int $which): Material
    {
        return $this->all()[$which] ?? throw new \OutOfRangeException("The bag has no material {$which}.");
    }

    /** @return non-empty-list<Material> */
    public function all(): array
    {
        return [$this->own, ...$this->others];
    }

    /** The same, had so much of its own been on hand. */
    public function withOnHand(?Mass $onHand): self
    {
        return new self($this->own->withOnHand($onHand), $this->others);
    }

    /** The same, with its own in another's place. */
    public function inPlaceOf(Material $own): self
    {
        return new self($own, $this->others);
    }

    public function and(Material $other): self
    {
        return new self($this->own, [...$this->others, $other]);
    }
}
