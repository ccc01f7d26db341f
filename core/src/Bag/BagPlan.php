<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Level;
use Fescue\Core\Finish\Shell;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\JoinAt;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Material\Make;
use Fescue\Core\Material\Need;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Piece\Made;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Work;
use Fescue\Core\Solid\Builder;
use Fescue\Core\Solid\Carried;
use Fescue\Core\Solid\Growth;
use Fescue\Core\Solid\Solid;
use Fescue\Core\Stitch\Stitch;

/** A bag with nothing left open: its parts, its proven rows and the size that comes out. */
final readonly class BagPlan
{
    /**
     * @param non-empty-list<PlannedPart> $parts in working order
     * @param list<int> $materials which material each row is worked in, as Strands::of() has them
     * @param list<Fitted> $fitted what it is finished with, in the order of the spec
     */
    public function __construct(
        public BagSpec $spec,
        public Gauge $gauge,
        public array $parts,
        public Work $work,
        public ComesOut $comesOut,
        public array $materials,
        public array $fitted = [],
        public Memo $memo = new Memo(),
    ) {}

    /** @return list<Row> rows in which another material begins */
    public function changes(): array
    {
        return array_map(
            fn(Change $change): Row => $this->work->rows[(int) $this->work->place($change->from)],
            $this->spec->choices->changes,
        );
    }

    /** Rows that are worked, as far as the weigh-ins tell. */
    public function begun(): int
    {
        $weighIns = $this->spec->facts->weighIns;

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
        return $this->spec->shaped(array_map(fn(PlannedPart $part): Chosen => $part->chosen(), $this->parts));
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
            $this->fitted,
        );
    }

    /**
     * The same with what it is finished with.
     *
     * @param list<Fitted> $fitted
     */
    public function finished(array $fitted): self
    {
        return new self(
            $this->spec,
            $this->gauge,
            $this->parts,
            $this->work,
            $this->comesOut,
            $this->materials,
            $fitted,
        );
    }

    /** @return list<Motif> what its rows measure as, and a fabric of each stitch alone that is worked in them */
    public function fabrics(): array
    {
        $fabrics = [Motif::single()->key => Motif::single()];
        foreach ($this->work->rows as $row) {
            $fabrics[$row->fabric->key] = $row->fabric;
        }
        $worked = $this->work->stitches();
        foreach (Stitch::cases() as $stitch) {
            $plain = $worked->many($stitch) > 0 ? Motif::plain($stitch) : null;
            $fabrics += $plain === null ? [] : [$plain->key => $plain];
        }

        return array_values($fabrics);
    }

    /** As it comes off the hook. */
    public function shell(): Shell
    {
        $out = $this->comesOut;
        $levels = $this->assembly() === null ? $this->levels() : [];
        $wide = fn(?Level $one, bool $above): Length => $one === null
            ? $out->flatWidth
            : $one->stitch->times($this->work->rows[$one->place]->count->{$above ? 'leaves' : 'takes'} / 2);
        $hangs = $this->parts[0]->made->hangs;
        $sideways = $this->parts[0]->made->sideways;

        return new Shell(
            $out->flatWidth,
            $wide($levels[0] ?? null, ! $hangs),
            $wide($levels[count($levels) - 1] ?? null, $hangs),
            $out->height,
            $sideways ? $out->baseWidth : $out->baseLength,
            $sideways ? $out->baseLength : $out->baseWidth,
            $this->parts[0]->made->outline,
            $this->assembly() !== null,
            $this->gauge->singleWidth(),
            $this->gauge->singleHeight(),
            $this->spec->facts->strands->own->diameter,
            $this->edge(),
            $this->holes(),
            $levels,
        );
    }

    /** Stitches of the round worked last around the opening; null of a bag of pieces. */
    private function edge(): ?int
    {
        $last = null;
        foreach ($this->assembly() === null ? $this->work->rows : [] as $row) {
            $around = $row->kind === RowKind::Round && in_array(
                $row->part,
                [Part::Body, Part::Handles, Part::Edge],
                true,
            );
            $last = $around && $row->stands ? $row->count->leaves : $last;
        }

        return $last;
    }

    /** From the edge down to where the lowest hand hole ends; null where there is none. */
    private function holes(): ?Length
    {
        $under = null;
        $rows = $this->assembly() === null ? $this->work->rows : [];
        foreach ($this->parts[0]->made->hangs ? array_reverse($rows) : $rows as $row) {
            if ($row->stands && ($under !== null || $row->opening() !== null)) {
                $under = ($under ?? 0.0) + $this->gauge->heightOf($row->fabric)->mm;
            }
        }

        return $under === null ? null : Length::mm($under);
    }

    /** @return list<Level> rounds of the wall, from the opening down; handles and what is worked over them are none */
    private function levels(): array
    {
        $foot = 0.0;
        $standing = [];
        foreach ($this->work->rows as $place => $row) {
            if ($row->stands) {
                $high = $this->gauge->heightOf($row->fabric)->mm;
                $standing[] = [$place, $row, $foot + $high / 2];
                $foot += $high;
            }
        }
        $levels = [];
        foreach ($this->parts[0]->made->hangs ? $standing : array_reverse($standing) as [$place, $row, $middle]) {
            $middles = $row->into[0]->middles;
            if (count($middles) === 2 && $row->part === Part::Body) {
                $levels[] = new Level(
                    $place,
                    $row->id,
                    Length::mm($this->parts[0]->made->hangs ? $middle : $foot - $middle),
                    $row->count->takes,
                    $middles[0],
                    $middles[1],
                    $this->gauge->widthOf($row->fabric),
                );
            }
        }

        return $levels;
    }

    /** How it grows, row by row. */
    public function growth(): Growth
    {
        return Growth::of(array_map(fn(PlannedPart $part): Made => $part->made, $this->parts), $this->gauge);
    }

    /**
     * As it stands.
     *
     * @param ?int $worked rows that are done: what is not worked yet is of a strand below zero; null where all is
     * @param bool $rough of few points, for a sketch
     * @param ?Carried $carried how it differs full and carried; null as it stands empty
     */
    public function solid(?int $worked = null, bool $rough = false, ?Carried $carried = null): Solid
    {
        $strands = array_map(
            fn(int $strand, int $place): int => $worked !== null && $place >= $worked ? -1 - $strand : $strand,
            $this->materials,
            array_keys($this->materials),
        );

        return Builder::stand(
            array_map(fn(PlannedPart $part): Made => $part->made, $this->parts),
            $this->gauge,
            $strands,
            $worked === null || $worked >= count($this->work->rows) ? $this->fitted : [],
            $rough,
            $carried,
        );
    }

    /** @return list<Row> that are told by themselves: in which a finish is thought of, and those after them */
    public function heeded(): array
    {
        $rows = [];
        foreach ($this->fitted as $fitted) {
            foreach ($fitted->remarks as $one) {
                array_push($rows, ...($one->row === null ? [] : array_slice($this->work->rows, $one->row, 2)));
            }
        }

        return $rows;
    }

    /** @return list<Need> beside strand: of its handles, and of what it is finished with */
    public function needs(): array
    {
        $needs = [];
        foreach ($this->parts as $part) {
            array_push($needs, ...$part->made->needs);
            $kinds = [];
            foreach ($part->made->attached as $one) {
                $kinds[$one->as->value] = ($kinds[$one->as->value] ?? 0) + ($one->shared ? 1 : 2);
            }
            foreach ($kinds as $as => $many) {
                $needs[] = match (Fastened::from($as)) {
                    Fastened::Ring => Need::piece(Make::Ring, 'Ring', $many),
                    Fastened::Handle => Need::piece(Make::Handle, 'Handle', $many),
                    Fastened::Hooks => Need::piece(Make::SnapHook, 'Snap hook', 2),
                    Fastened::Strap => null,
                };
            }
        }
        $rings = $this->ringsWorkedIn();
        $needs[] = $rings === 0 ? null : Need::piece(Make::Ring, 'Ring', $rings);
        foreach ($this->fitted as $fitted) {
            // What hooks on hooks on to those.
            array_push($needs, ...array_filter(
                $fitted->needs,
                fn(Need $need): bool => $rings === 0 || $need->make !== Make::Ring,
            ));
        }

        return array_values(array_filter($needs));
    }

    /** Rings that rows of its pieces go around. */
    private function ringsWorkedIn(): int
    {
        $marks = array_merge(...array_map(
            fn(Piece $piece): array => $piece->flat->marks ?? [],
            $this->assembly()->pieces ?? [],
        ));

        return count(array_filter($marks, fn(Mark $mark): bool => $mark->as === Marked::Ring));
    }

    /**
     * A bag's outside is the right side of its rounds: what a piece has of rows before them follows from that, and a
     * piece of rows alone begins on its right side. What is turned shows the other; where a strand is joined anew that
     * side is shown.
     *
     * @return list<?bool> whether the right side faces the maker in each row; null where nothing is ever turned
     */
    public function sides(): array
    {
        $sides = [];
        foreach ($this->work->pieces as $piece) {
            $faces = [];
            $rounds = null;
            foreach ($piece->rows as $row) {
                $last = array_key_last($faces);
                $faces[] = match (true) {
                    $last === null => true,
                    $row->instructions[0] instanceof JoinAt => $rounds ?? true,
                    default => $faces[$last] !== $row->instructions[0] instanceof Turn,
                };
                $rounds ??= $row->kind === RowKind::Round ? $faces[count($faces) - 1] : null;
            }
            array_push($sides, ...array_map(fn(bool $face): bool => $face === ($rounds ?? true), $faces));
        }

        return in_array(false, $sides, true) ? $sides : array_fill(0, count($sides), null);
    }
}
