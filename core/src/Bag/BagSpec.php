<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\School;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Piece\Work;

/** All that a plan is made from: what a maker decides of a bag, and what is so. */
final readonly class BagSpec
{
    public function __construct(public Choices $choices, public Facts $facts) {}

    /** What a stitch of its own strand measures. */
    public function gauge(): Gauge
    {
        $own = $this->facts->strands->own;

        return $this->facts->hands->gauge()->of($own->diameter->times($own->kind->pressed()));
    }

    /** How she works, and how her straps give. */
    public function school(): School
    {
        return $this->choices->school->giving($this->facts->stretch);
    }

    public function motif(): Motif
    {
        return $this->choices->motif();
    }

    /** The same choices, with other facts. */
    public function given(Facts $facts): self
    {
        return new self($this->choices, $facts);
    }

    /** Other choices, with the same facts. */
    public function choosing(Choices $choices): self
    {
        return new self($choices, $this->facts);
    }

    /**
     * The same bag of other makers.
     *
     * @param non-empty-list<Chosen> $parts
     */
    public function shaped(array $parts): self
    {
        return $this->choosing($this->choices->with(parts: $parts));
    }

    /** The same bag of another size, every count that follows it open. */
    public function sized(Wish $wish): self
    {
        return $this->choosing($this->choices->opened()->with(wish: $wish));
    }

    /** The same bag with every count open that follows the wish. */
    public function opened(): self
    {
        return $this->choosing($this->choices->opened());
    }

    /** The same bag, its work wider and higher than its gauge says. */
    public function taped(float $wide, float $high): self
    {
        return $this->given($this->facts->with(hands: $this->facts->hands->taped($wide, $high)));
    }

    /** The same bag of other hands, hook or material, begun anew. */
    public function worked(Material $material, HandGauge $hands): self
    {
        return $this->given($this->facts->with($this->facts->strands->inPlaceOf($material), $hands, []));
    }

    /** The same bag of one strand alone and of a size, as its parts have it, begun anew. */
    public function alone(Wish $wish, Material $material, HandGauge $hands): self
    {
        return new self(
            $this->choices->with(wish: $wish, changes: []),
            $this->facts->with(new Strands($material), $hands, []),
        );
    }

    /**
     * The same bag, another material from a row on.
     *
     * @param ?int $which where it is one of the bag's already
     */
    public function continued(Material $other, RowId $from, Work $work, ?int $which = null): self
    {
        $strands = $this->facts->strands;

        return new self(
            $this->choices->continued($from, $work, $which ?? count($strands->others) + 1),
            $which === null ? $this->facts->with($strands->and($other)) : $this->facts,
        );
    }

    /**
     * The same bag, had so much been on hand and this been weighed.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        return $this->given($this->facts->with($this->facts->strands->withOnHand($onHand), weighIns: $weighIns));
    }
}
