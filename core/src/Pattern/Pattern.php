<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** A foundation chain and the rows on it, each proven to take exactly what the row below left. */
final readonly class Pattern
{
    /** @var list<Count> one a row */
    public array $counts;

    /**
     * @param int $foundation chains to work into; the turning chain is apart
     * @param list<Row> $rows
     *
     * @throws Miscount naming the first row that does not fit
     */
    public function __construct(public int $foundation, public array $rows)
    {
        $there = $foundation;
        $counts = [];
        foreach ($rows as $row) {
            $count = Counter::count($row);
            if ($count->takes !== $there) {
                throw new Miscount("{$row->name} takes {$count->takes} where {$there} are there.");
            }
            $there = $count->leaves;
            $counts[] = $count;
        }
        $this->counts = $counts;
    }

    /** @return list<string> the rows' names, in their order */
    public function names(): array
    {
        return array_map(fn(Row $row): string => $row->name, $this->rows);
    }

    /** Place of the row of that name, from 0; null where there is none. */
    public function place(?string $name): ?int
    {
        $place = array_search($name, $this->names(), true);

        return $place === false ? null : $place;
    }

    public function stitches(): StitchCount
    {
        $sum = StitchCount::none()->withChains($this->foundation + 1);
        foreach ($this->rows as $row) {
            $sum = $sum->plus(StitchCount::of($row));
        }

        return $sum;
    }
}
