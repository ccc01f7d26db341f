<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\Start;

/** All that is worked, in working order: the rows of one piece after another, then what joins them. */
final readonly class Work
{
    /** What the first piece begins on. */
    public Start $start;

    /** @var list<Row> */
    public array $rows;

    /** @var array<string, int> place of a row by its name */
    private array $places;

    /** @var array<int, Piece> by the place of its first row */
    private array $begun;

    /** @param list<Piece> $pieces one at least, the first of which begins on something */
    public function __construct(public array $pieces)
    {
        $this->start = ($pieces[0] ?? null)->start ?? throw new \LogicException('Nothing begins the bag.');
        $rows = $begun = [];
        foreach ($pieces as $piece) {
            if ($piece->rows !== []) {
                $begun[count($rows)] = $piece;
            }
            array_push($rows, ...$piece->rows);
        }
        [$this->rows, $this->begun] = [$rows, $begun];
        $this->places = array_flip(array_map(fn(Row $row): string => $row->name, $rows));
        if (count($this->places) !== count($rows)) {
            throw new \LogicException('Two rows have one name.');
        }
    }

    /** @return list<string> the rows' names, in their order */
    public function names(): array
    {
        return array_keys($this->places);
    }

    /** Place of a row, from 0; null where it is not there. */
    public function place(?RowId $id): ?int
    {
        return $id === null ? null : $this->places[$id->written()] ?? null;
    }

    /** Whether a piece begins in that row, on a strand end of its own. */
    public function begins(int $place): bool
    {
        return isset($this->begun[$place]);
    }

    /** The piece that begins in that row. */
    public function begun(int $place): ?Piece
    {
        return $this->begun[$place] ?? null;
    }

    /** Chains that are worked before that row: those its piece begins on. */
    public function chainsBefore(int $place): int
    {
        return ($this->begun[$place] ?? null)?->start?->works() ?? 0;
    }

    public function stitches(): StitchCount
    {
        $sum = StitchCount::none();
        foreach ($this->pieces as $piece) {
            $sum = $sum->withChains($piece->start?->works() ?? 0);
        }
        foreach ($this->rows as $row) {
            $sum = $sum->plus($row->stitches);
        }

        return $sum;
    }
}
