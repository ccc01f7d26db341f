<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Work;

/** What a bag is worked in: its own material, and others that take turns with it. */
final readonly class Strands
{
    /**
     * @param list<Material> $others about as thick as its own, worked from one change to the next
     * @param list<Change> $changes in the order of the rows
     */
    public function __construct(public Material $own, public array $others = [], public array $changes = []) {}

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
        return new self($this->own->withOnHand($onHand), $this->others, $this->changes);
    }

    /** The same, with its own in another's place. */
    public function inPlaceOf(Material $own): self
    {
        return new self($own, $this->others, $this->changes);
    }

    /**
     * The same, another material from a row on: up to the next change, where one lies ahead.
     *
     * @param Work $work the bag's rows
     * @param ?int $which where it is one of the bag's already
     */
    public function continued(Material $other, RowId $from, Work $work, ?int $which = null): self
    {
        $changes = array_values(array_filter($this->changes, fn(Change $one): bool => ! $one->from->is($from)));
        $changes[] = new Change($from, $which ?? count($this->others) + 1);
        usort($changes, fn(Change $a, Change $b): int => $work->place($a->from) <=> $work->place($b->from));
        $kept = [];
        foreach ($changes as $change) {
            // From one to itself is none.
            if ($change->to !== ($kept === [] ? 0 : $kept[count($kept) - 1]->to)) {
                $kept[] = $change;
            }
        }

        return new self($this->own, $which === null ? [...$this->others, $other] : $this->others, $kept);
    }
}
