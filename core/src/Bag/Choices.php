<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Finish\Finishing;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\School;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Flag;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Piece\Work;

/** Everything a maker decides about a bag; a count that is left open is null. */
final readonly class Choices
{
    /**
     * @param non-empty-list<Chosen> $parts in working order
     * @param list<Change> $changes of strand, in the order of the rows
     * @param list<Finishing> $finish what it is finished with, as the document lists it
     */
    public function __construct(
        public string $name,
        public Wish $wish,
        public School $school,
        public array $parts,
        public array $changes = [],
        public array $finish = [],
    ) {}

    /**
     * The same, but for what is given.
     *
     * @param ?non-empty-list<Chosen> $parts
     * @param ?list<Change> $changes
     */
    public function with(
        ?string $name = null,
        ?Wish $wish = null,
        ?School $school = null,
        ?array $parts = null,
        ?array $changes = null,
    ): self {
        return new self(
            $name ?? $this->name,
            $wish ?? $this->wish,
            $school ?? $this->school,
            $parts ?? $this->parts,
            $changes ?? $this->changes,
            $this->finish,
        );
    }

    /** The fabric a gauge is wanted of: the wall's first, or the pieces'. */
    public function motif(): Motif
    {
        foreach ($this->parts as $part) {
            foreach (in_array($part->part(), ['body', 'build'], true) ? $part->maker->settings() : [] as $one) {
                if ($one instanceof Choice && $one->isMotif()) {
                    return Motif::named($one->value);
                }
            }
        }

        return Motif::single();
    }

    /** Whether a plain round is worked on the base before the wall's first fabric. */
    public function beginsPlain(): bool
    {
        foreach ($this->parts as $part) {
            foreach ($part->part() === 'body' ? $part->maker->settings() : [] as $one) {
                if ($one instanceof Flag && $one->name === 'even') {
                    return $one->value;
                }
            }
        }

        return false;
    }

    /** The maker of a part, where it has one alone. */
    public function maker(string $part): ?Maker
    {
        foreach ($this->parts as $one) {
            if ($one->part() === $part) {
                return $one->maker;
            }
        }

        return null;
    }

    /** Every count open that follows the wish; of a wall's bands the one that is open, or the first. */
    public function opened(): self
    {
        $follows = [];
        foreach ($this->parts as $place => $part) {
            foreach (Setting::serving($part->maker->settings()) as $one) {
                $follows[$place][$one->name] = $one->value;
            }
        }
        $bands = array_filter(array_keys($follows), fn(int $place): bool => $this->parts[$place]->part() === 'body');
        $open = array_filter($bands, fn(int $place): bool => in_array(null, $follows[$place], true));
        $kept = array_diff($bands, [array_values($open === [] ? $bands : $open)[0] ?? -1]);
        $parts = [];
        foreach ($this->parts as $place => $part) {
            $parts[] = in_array($place, $kept, true) ? $part : new Chosen(
                $part->path,
                $part->maker->with(array_fill_keys(array_keys($follows[$place] ?? []), null)),
            );
        }

        return $this->with(parts: $parts);
    }

    /**
     * Another strand from a row on: up to the next change, where one lies ahead.
     *
     * @param Work $work the bag's rows
     * @param int $to 0 is the bag's own, 1 the first of its others
     */
    public function continued(RowId $from, Work $work, int $to): self
    {
        $changes = array_values(array_filter($this->changes, fn(Change $one): bool => ! $one->from->is($from)));
        $changes[] = new Change($from, $to);
        usort($changes, fn(Change $a, Change $b): int => $work->place($a->from) <=> $work->place($b->from));
        $kept = [];
        foreach ($changes as $change) {
            // From one to itself is none.
            if ($change->to !== ($kept === [] ? 0 : $kept[count($kept) - 1]->to)) {
                $kept[] = $change;
            }
        }

        return $this->with(changes: $kept);
    }
}
