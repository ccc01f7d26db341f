<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A piece as it lies flat: its outline and all that is drawn in it. Millimetres, x to the right and y down. */
final readonly class Flat
{
    /**
     * @param non-empty-list<array{float, float}> $outline corners in their order; it closes by itself
     * @param list<list<array{float, float}>> $rows where one row meets the next, each from end to end
     * @param list<Fold> $folds
     * @param list<SewnEdge> $edges that seams join
     * @param list<Mark> $marks
     */
    public function __construct(
        public array $outline,
        public array $rows = [],
        public array $folds = [],
        public array $edges = [],
        public array $marks = [],
    ) {
        if (count($outline) < 3) {
            throw new \InvalidArgumentException('An outline has three corners at least.');
        }
    }

    /**
     * Rows laid one above the other from the foot up, their middles in a line.
     *
     * @param non-empty-list<array{0: float, 1: float, 2?: float}> $rows width and height of each, mm, and how wide it
     *         is at its foot where that is another
     * @param list<Mark> $marks from the middle of the foot, y up below zero
     */
    public static function stacked(array $rows, array $marks = []): self
    {
        $left = $right = $lines = [];
        $y = 0.0;
        foreach ($rows as $nth => $row) {
            [$wide, $high] = $row;
            $foot = $row[2] ?? $wide;
            if ($nth > 0) {
                $lines[] = [[-$foot / 2, $y], [$foot / 2, $y]];
            }
            array_push($right, [$foot / 2, $y], [$wide / 2, $y - $high]);
            array_push($left, [-$foot / 2, $y], [-$wide / 2, $y - $high]);
            $y -= $high;
        }

        return new self([...$right, ...array_reverse($left)], $lines, marks: $marks);
    }

    /** @param list<SewnEdge> $edges */
    public function sewn(array $edges): self
    {
        return new self($this->outline, $this->rows, $this->folds, $edges, $this->marks);
    }

    /** @param list<Fold> $folds */
    public function folded(array $folds): self
    {
        return new self($this->outline, $this->rows, $folds, $this->edges, $this->marks);
    }

    /** @return array{float, float, float, float} least and greatest x, least and greatest y */
    public function box(): array
    {
        [$x, $y] = [array_column($this->outline, 0), array_column($this->outline, 1)];

        return [min($x), max($x), min($y), max($y)];
    }

    public function width(): float
    {
        [$left, $right] = $this->box();

        return $right - $left;
    }

    public function height(): float
    {
        [, , $top, $foot] = $this->box();

        return $foot - $top;
    }

    /** mm² inside the outline. */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->outline as $place => [$x, $y]) {
            [$nextX, $nextY] = $this->outline[($place + 1) % count($this->outline)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return abs($twice) / 2;
    }

    /** mm once around. */
    public function perimeter(): float
    {
        $sum = 0.0;
        foreach ($this->outline as $place => [$x, $y]) {
            [$nextX, $nextY] = $this->outline[($place + 1) % count($this->outline)];
            $sum += hypot($nextX - $x, $nextY - $y);
        }

        return $sum;
    }
}
