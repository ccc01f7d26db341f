<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Shape\Path;

/** One row or round: its place in the bag, its fabric, what to do and what it is worked into. */
final readonly class Row
{
    public RowId $id;

    /** As documents have its identity: "Round 5", "Front panel: Row 3". */
    public string $name;

    /** What it takes and leaves. */
    public Count $count;

    /** What the hands work in it. */
    public StitchCount $stitches;

    /**
     * @param Motif $fabric that its stitches measure as
     * @param non-empty-list<Instruction> $instructions
     * @param non-empty-list<Edge> $into edges in the order of the instructions that name them
     * @param bool $stands whether it stands up, and makes the bag higher
     * @param ?Path $path where its tops stand on a chart; null where it has none
     * @param bool $bearsJoin whether another ball or colour may be laid in there
     * @param ?RowId $id null until it has its place in a piece
     * @param ?self $as one of the same instructions, which are counted once
     */
    public function __construct(
        public Part $part,
        public Motif $fabric,
        public array $instructions,
        public array $into,
        public bool $stands = true,
        public ?Path $path = null,
        public bool $bearsJoin = true,
        public RowKind $kind = RowKind::Round,
        ?RowId $id = null,
        ?self $as = null,
    ) {
        $this->id = $id ?? new RowId($kind, 0);
        $this->name = $this->id->written();
        $this->count = $as->count ?? Count::of($instructions);
        $this->stitches = $as->stitches ?? StitchCount::of($instructions);
    }

    /** @return ?array{int, int} chains over so many skipped, the first that a hand goes through; null of no opening */
    public function opening(): ?array
    {
        $chain = null;
        foreach ($this->bearsJoin ? [] : $this->instructions as $one) {
            if ($one instanceof Skip && $chain !== null) {
                return [$chain, $one->count];
            }
            $chain = $one instanceof Chains ? $one->count : null;
        }

        return null;
    }

    /** A plain row with chains over so many skipped, a hole; itself where it is not plain. */
    public function holed(int $before, int $over): self
    {
        $work = [];
        foreach ($this->instructions as $one) {
            $fits = $one instanceof Each && $one->into === Into::Stitch && $one->count > $before + $over;
            array_push($work, ...($fits && $before > 0 && $one->count === $this->count->takes ? [
                new Each($one->stitch, $before, $one->loop),
                new Chains($over),
                new Skip($over),
                new Each($one->stitch, $one->count - $before - $over, $one->loop),
            ] : [$one]));
        }

        return $work === $this->instructions ? $this : new self(
            $this->part,
            $this->fabric,
            $work,
            $this->into,
            $this->stands,
            $this->path,
            $this->bearsJoin,
            $this->kind,
            $this->id,
        );
    }

    /** The same in its place. */
    public function identified(RowId $id): self
    {
        return $this->with($this->into, $id);
    }

    /** The same once more, on another edge. */
    public function again(Edge $on): self
    {
        return $this->with([$on], $this->id);
    }

    /** @param non-empty-list<Edge> $into */
    private function with(array $into, RowId $id): self
    {
        return new self(
            $this->part,
            $this->fabric,
            $this->instructions,
            $into,
            $this->stands,
            $this->path,
            $this->bearsJoin,
            $this->kind,
            $id,
            $this,
        );
    }
}
