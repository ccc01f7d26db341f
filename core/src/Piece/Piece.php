<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;

/** A start and the rows on it, each proven to take exactly what its edges offer. */
final readonly class Piece
{
    /** @var list<Row> with their numbers */
    public array $rows;

    /** @var list<Count> one a row */
    public array $counts;

    /** @var array<string, int> place of a row by its name */
    private array $places;

    /**
     * @param list<Row> $rows
     *
     * @throws Miscount naming the first row that does not fit
     */
    public function __construct(public Start $start, array $rows)
    {
        $there = $start->chain;
        $counts = Row::counts($rows);
        $numbers = $numbered = $places = [];
        foreach ($rows as $place => $row) {
            $numbers[$row->kind->value] = ($numbers[$row->kind->value] ?? 0) + 1;
            $numbered[] = $row = $row->numbered($numbers[$row->kind->value]);
            $count = $counts[$place];
            foreach ($row->into as $edge => $offers) {
                if ($count->takesOf($edge) !== $offers->anchors) {
                    throw new Miscount($row->name, $count->takesOf($edge), $offers->anchors);
                }
                $left = $edge === 0 ? $start->offers($offers->kind, $there) : null;
                if ($left !== null && $offers->anchors !== $left) {
                    throw new Miscount($row->name, $offers->anchors, $left);
                }
            }
            $there = $count->leaves;
            $places[$row->name] = $place;
        }
        [$this->rows, $this->counts, $this->places] = [$numbered, $counts, $places];
    }

    /** @return list<string> the rows' names, in their order */
    public function names(): array
    {
        return array_keys($this->places);
    }

    /** Place of the row of that name, from 0; null where there is none. */
    public function place(?string $name): ?int
    {
        return $this->places[$name ?? ''] ?? null;
    }

    public function stitches(): StitchCount
    {
        $sum = StitchCount::none()->withChains($this->start->works());
        foreach ($this->rows as $row) {
            $sum = $sum->plus(StitchCount::of($row->instructions));
        }

        return $sum;
    }
}
