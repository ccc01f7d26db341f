<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;

/** A start and the rows on it, each proven to take exactly what its edges offer. A bag is one of them, or several. */
final readonly class Piece
{
    /** Of how many rows back what fits is looked for: a fabric repeats over fewer. */
    private const REPEATING = 8;

    /** @var list<Row> with their numbers */
    public array $rows;

    /** As documents have it: "Left gusset"; '' where it is the whole bag, or what joins the others. */
    public string $name;

    /**
     * @param ?Start $start null where it is worked on the edges of others
     * @param list<Row> $rows
     * @param string $called as vocabularies know it: "left-gusset"
     * @param int $nth of several of that name; 0 where it is the only one
     * @param ?Flat $flat how it lies
     * @param ?self $after whose numbers its rows go on from
     *
     * @throws Miscount naming the first row that does not fit
     * @throws Misfit so of one that is worked into what is not there
     */
    public function __construct(
        public ?Start $start,
        array $rows,
        public string $called = '',
        public int $nth = 0,
        public ?Flat $flat = null,
        ?self $after = null,
    ) {
        $this->name = (new RowId(RowKind::Row, 0, $called, $nth))->piece();
        $there = $start->chain ?? 0;
        $below = null;
        $numbered = $fitting = [];
        $numbers = array_count_values(array_map(fn(Row $row): string => $row->kind->value, $after->rows ?? []));
        foreach ($rows as $row) {
            $numbers[$row->kind->value] = ($numbers[$row->kind->value] ?? 0) + 1;
            $numbered[] = $row = $row->identified(
                new RowId($row->kind, $numbers[$row->kind->value], $called, $nth),
            );
            $count = $row->count;
            foreach ($row->into as $edge => $offers) {
                if ($count->takesOf($edge) !== $offers->anchors) {
                    throw new Miscount($row->name, $count->takesOf($edge), $offers->anchors);
                }
                $left = $edge === 0 ? $start?->offers($offers->kind, $there) : null;
                if ($left !== null && $offers->anchors !== $left) {
                    throw new Miscount($row->name, $offers->anchors, $left);
                }
            }
            if ($count->isChoosy) {
                // Rows repeat: what was found to fit fits again, on the same and into the same.
                $met = Misfit::met($row, $below);
                if (! in_array($met, $fitting, true)) {
                    Misfit::none($row, $below);
                    $fitting = [$met, ...array_slice($fitting, 0, self::REPEATING - 1)];
                }
            }
            [$there, $below] = [$count->leaves, $row];
        }
        $this->rows = $numbered;
    }

    /** Whether it is made just as another is. */
    public function isLike(self $other): bool
    {
        if (count($this->rows) !== count($other->rows)) {
            return false;
        }
        foreach ($this->rows as $place => $row) {
            $same = $row->fabric === $other->rows[$place]->fabric
                && serialize($row->instructions) === serialize($other->rows[$place]->instructions);
            if (! $same) {
                return false;
            }
        }

        return $this->start?->chain === $other->start?->chain && $this->start?->kind === $other->start?->kind;
    }
}
