<?php

declare(strict_types=1);

namespace Fescue\Core\Panel;

use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;

/**
 * Squares joined in rows, and how they fold to a bag: as a box, in half, or in half on point where the rows are laid
 * aslant. Squares are named by row and column, from 0; the sides of one are N, E, S and W.
 */
final readonly class TabNet
{
    public const BOX = 'box';

    public const HALF = 'half';

    public const POINT = 'point';

    private const OPPOSITE = ['N' => 'S', 'S' => 'N', 'E' => 'W', 'W' => 'E'];

    /** On point a square's upper side meets its right one. */
    private const ASLANT = ['N' => 'E', 'E' => 'N', 'S' => 'W', 'W' => 'S'];

    /** So many edges without a partner are told. */
    private const TOLD = 3;

    private const SIDES = ['N' => 'upper', 'E' => 'right', 'S' => 'lower', 'W' => 'left'];

    /**
     * @param non-empty-list<int> $rows squares of each
     * @param non-empty-list<int> $starts column at which each begins
     * @param list<array{array{int, int, string}, array{int, int, string}}> $joins within the net, row by row
     * @param list<array{array{int, int, string}, array{int, int, string}}> $seams that close it
     */
    private function __construct(
        public array $rows,
        public array $starts,
        public string $fold,
        public array $joins,
        public array $seams,
    ) {}

    /**
     * @param list<int> $rows squares of each, from 1
     *
     * @throws Unmakeable naming edges that have no partner
     */
    public static function of(array $rows): self
    {
        if ($rows === [] || min($rows) < 1 || array_sum($rows) < 2) {
            throw new Unmakeable('net', new Saying('A net has two squares at least; one is no bag.'));
        }
        $box = self::isBox($rows);
        $starts = self::starts($rows, self::isUneven($rows));
        [$seams, $lonely] = $box === null ? self::mirrored($rows, $starts, true) : [self::zipped(...$box), []];
        $fold = $box === null ? self::POINT : self::BOX;
        if ($box === null && ($lonely !== [] || ! self::isUneven($rows))) {
            $starts = self::starts($rows, false);
            [$seams, $lonely] = self::mirrored($rows, $starts, false);
            $fold = self::HALF;
        }
        $joins = self::joins($rows, $starts);
        if ($lonely !== []) {
            $told = array_map(
                fn(array $edge): Saying => new Saying(
                    '{side} edge of square {square} in row {row}',
                    [
                        'side' => new Saying(self::SIDES[$edge[2]]), 'square' => $edge[1] - $starts[$edge[0]] + 1,
                        'row' => $edge[0] + 1,
                    ],
                ),
                array_slice($lonely, 0, self::TOLD),
            );
            $more = count($lonely) - count($told);
            throw new Unmakeable(
                'net',
                new Saying(
                    $more > 0
                        ? 'This net does not fold to a bag. Without a partner: {edges}, and {more} more. Rows '
                            .'that read the same from both ends, such as 2, 4, 5, 4, 2, fold in half.'
                        : 'This net does not fold to a bag. Without a partner: {edges}. Rows that read the '
                            .'same from both ends, such as 2, 4, 5, 4, 2, fold in half.',
                    ['edges' => new Listing($told), 'more' => $more],
                ),
            );
        }

        return new self($rows, $starts, $fold, $joins, $seams);
    }

    /**
     * For a bag of so many squares wide, deep and high.
     *
     * @return non-empty-list<int>
     */
    public static function box(int $wide, int $deep, int $high): array
    {
        $side = array_fill(0, max(1, $high), $wide);

        return $deep === 0
            ? [...$side, ...$side]
            : [...$side, ...array_fill(0, $deep, $wide + 2 * $high), ...$side];
    }

    public function squares(): int
    {
        return array_sum($this->rows);
    }

    /** The so-manieth square, from 1. */
    public function nth(int $row, int $column): int
    {
        return array_sum(array_slice($this->rows, 0, $row)) + $column - $this->starts[$row] + 1;
    }

    /** @return list<array{int, int}> row and column of each */
    public function cells(): array
    {
        return self::all($this->rows, $this->starts);
    }

    /**
     * @param list<int> $rows
     *
     * @return ?array{int, int, int} wide, deep and high in squares; null where it is no box
     */
    public static function isBox(array $rows): ?array
    {
        $wide = $rows[0] ?? 0;
        $high = 0;
        while (($rows[$high] ?? null) === $wide) {
            $high++;
        }
        $deep = count($rows) - 2 * $high;

        return $deep >= 1 && $rows === self::box($wide, $deep, $high) ? [$wide, $deep, $high] : null;
    }

    /**
     * Whether its rows cannot all have their middles in a line.
     *
     * @param non-empty-list<int> $rows
     */
    private static function isUneven(array $rows): bool
    {
        return array_filter($rows, fn(int $many): bool => (max($rows) - $many) % 2 === 1) !== [];
    }

    /**
     * Middles in a line, or half a square to the left of it; aslant the lower rows half a square to the right.
     *
     * @param non-empty-list<int> $rows
     *
     * @return non-empty-list<int>
     */
    private static function starts(array $rows, bool $aslant): array
    {
        $widest = max($rows);
        $middle = intdiv(count($rows), 2);
        $starts = [];
        foreach ($rows as $row => $many) {
            $starts[] = intdiv($widest - $many + (int) ($aslant && $row > $middle), 2);
        }

        return $starts;
    }

    /**
     * @param list<int> $rows
     * @param list<int> $starts
     *
     * @return list<array{int, int}>
     */
    private static function all(array $rows, array $starts): array
    {
        $cells = [];
        foreach ($rows as $row => $many) {
            for ($column = $starts[$row]; $column < $starts[$row] + $many; $column++) {
                $cells[] = [$row, $column];
            }
        }

        return $cells;
    }

    /**
     * @param list<int> $rows
     * @param list<int> $starts
     */
    private static function has(array $rows, array $starts, int $row, int $column): bool
    {
        return isset($rows[$row]) && $column >= $starts[$row] && $column < $starts[$row] + $rows[$row];
    }

    /** @return array{int, int} */
    private static function beside(int $row, int $column, string $side): array
    {
        return match ($side) {
            'N' => [$row - 1, $column],
            'S' => [$row + 1, $column],
            'W' => [$row, $column - 1],
            default => [$row, $column + 1],
        };
    }

    /**
     * @param list<int> $rows
     * @param list<int> $starts
     *
     * @return list<array{array{int, int, string}, array{int, int, string}}>
     */
    private static function joins(array $rows, array $starts): array
    {
        $joins = [];
        foreach (self::all($rows, $starts) as [$row, $column]) {
            foreach (['W', 'N'] as $side) {
                [$toRow, $toColumn] = self::beside($row, $column, $side);
                if (self::has($rows, $starts, $toRow, $toColumn)) {
                    $joins[] = [[$row, $column, $side], [$toRow, $toColumn, self::OPPOSITE[$side]]];
                }
            }
        }

        return $joins;
    }

    /**
     * Front and back of a cross drawn up against its sides, from the corners of the bottom.
     *
     * @return list<array{array{int, int, string}, array{int, int, string}}>
     */
    private static function zipped(int $wide, int $deep, int $high): array
    {
        $seams = [];
        for ($up = 1; $up <= $high; $up++) {
            // Columns of the front run from $high on; the sides lie to its left and right.
            [$front, $back] = [$high - $up, $high + $deep - 1 + $up];
            [$left, $right] = [$high - $up, $high + $wide - 1 + $up];
            $seams[] = [[$front, $high, 'W'], [$high, $left, 'N']];
            $seams[] = [[$back, $high, 'W'], [$high + $deep - 1, $left, 'S']];
            $seams[] = [[$front, $high + $wide - 1, 'E'], [$high, $right, 'N']];
            $seams[] = [[$back, $high + $wide - 1, 'E'], [$high + $deep - 1, $right, 'S']];
        }

        return $seams;
    }

    /**
     * Edges that lie on each other once it is folded in half, and those that lie on nothing.
     *
     * @param non-empty-list<int> $rows
     * @param non-empty-list<int> $starts
     *
     * @return array{
     *     list<array{array{int, int, string}, array{int, int, string}}>,
     *     list<array{int, int, string}>,
     * }
     */
    private static function mirrored(array $rows, array $starts, bool $aslant): array
    {
        $cells = self::all($rows, $starts);
        $sums = array_map(fn(array $cell): int => $cell[0] + $cell[1], $cells);
        [$first, $last] = $aslant ? [min([...$sums, PHP_INT_MAX]), max([...$sums, 0])] : [0, count($rows) - 1];
        if ($aslant && ($first + $last) % 2 !== 0) {
            return [[], [[0, $starts[0], 'W']]];
        }
        $seams = $lonely = $done = [];
        foreach ($cells as [$row, $column]) {
            foreach (['N', 'E', 'S', 'W'] as $side) {
                if (self::has($rows, $starts, ...self::beside($row, $column, $side))) {
                    continue;
                }
                $sum = $row + $column;
                $opens = $aslant
                    ? ($sum === $first && ($side === 'N' || $side === 'W'))
                        || ($sum === $last && ($side === 'S' || $side === 'E'))
                    : ($row === 0 && $side === 'N') || ($row === count($rows) - 1 && $side === 'S');
                if ($opens || isset($done["{$row},{$column},{$side}"])) {
                    continue;
                }
                $half = intdiv($first + $last, 2);
                [$toRow, $toColumn, $to] = $aslant
                    ? [$half - $column, $half - $row, self::ASLANT[$side]]
                    : [count($rows) - 1 - $row, $column, in_array($side, ['E', 'W'], true) ? $side : self::OPPOSITE[
                        $side
                    ]];
                if (
                    ! self::has($rows, $starts, $toRow, $toColumn)
                    || self::has($rows, $starts, ...self::beside($toRow, $toColumn, $to))
                ) {
                    $lonely[] = [$row, $column, $side];

                    continue;
                }
                $done["{$toRow},{$toColumn},{$to}"] = true;
                // The middle row's own end folds upon itself.
                if ([$toRow, $toColumn, $to] !== [$row, $column, $side]) {
                    $seams[] = [[$row, $column, $side], [$toRow, $toColumn, $to]];
                }
            }
        }

        return [$seams, $lonely];
    }
}
