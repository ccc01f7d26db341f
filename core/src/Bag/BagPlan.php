<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\Work;

/** A bag with nothing left open: its parts, its proven rows and the size that comes out. */
final readonly class BagPlan
{
    /**
     * @param non-empty-list<Worked> $parts in working order
     * @param list<int> $materials which material each row is worked in, as Strands::of() has them
     */
    public function __construct(
        public BagSpec $spec,
        public Gauge $gauge,
        public array $parts,
        public Work $work,
        public ComesOut $comesOut,
        public array $materials,
    ) {}

    /** @return list<Row> rows in which another material begins */
    public function changes(): array
    {
        return array_map(
            fn(Change $change): Row => $this->work->rows[(int) $this->work->place($change->from)],
            $this->spec->strands->changes,
        );
    }

    /** Rows that are worked, as far as the weigh-ins tell. */
    public function begun(): int
    {
        $weighIns = $this->spec->weighIns;

        return $weighIns === [] ? 0 : 1 + (int) $this->work->place($weighIns[count($weighIns) - 1]->after);
    }

    /** How its pieces come together; null where it is one. */
    public function assembly(): ?Assembly
    {
        return $this->parts[0]->made->assembly;
    }

    /** The spec with every count as it is settled. */
    public function settled(): BagSpec
    {
        return $this->spec->shaped(array_map(fn(Worked $part): Chosen => $part->chosen(), $this->parts));
    }

    /**
     * The same bag, had so much been on hand and this been weighed: none of it changes a count.
     *
     * @param list<WeighIn> $weighIns
     */
    public function weighed(?Mass $onHand, array $weighIns): self
    {
        return new self(
            $this->spec->weighed($onHand, $weighIns),
            $this->gauge,
            $this->parts,
            $this->work,
            $this->comesOut,
            $this->materials,
        );
    }
}
