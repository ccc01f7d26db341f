<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\Cutting;

/**
 * The cloth as a net of points, joined to their neighbours wherever no cut runs between: how many pieces are left is
 * counted from the cut lines alone. A folded piece is rolled out, its left fold closing the ring.
 */
final class CutGraph
{
    private const ROWS_A_STRIP = 6;

    /** @var list<array{float, float, float, float}> every cut on every layer it goes through */
    public readonly array $lines;

    public function __construct(private readonly Cutting $cutting)
    {
        $lines = [];
        foreach ($cutting->cuts as $cut) {
            $lines[] = [$cut->x1, $cut->y1, $cut->x2, $cut->y2];
            if ($cutting->piece->layers === 2 && $cut->kind !== CutKind::Diagonal && ! $this->alongFold($cut)) {
                $lines[] = [
                    2 * $cutting->piece->widthAt($cut->y1) - $cut->x1,
                    $cut->y1,
                    2 * $cutting->piece->widthAt($cut->y2) - $cut->x2,
                    $cut->y2,
                ];
            }
        }
        $this->lines = $lines;
    }

    /** Pieces left of what becomes strand; what is trimmed off above and below is not looked at. */
    public function pieces(): int
    {
        $piece = $this->cutting->piece;
        $across = $piece->layers * $piece->width->mm;
        $step = min(array_map(fn(array $line): float => abs($line[2] - $line[0]) ?: INF, $this->lines) ?: [$across]);
        $columns = (int) max(24, min(160, ceil($across / max(1e-9, $step) * 6)));
        $rows = $piece->strips * self::ROWS_A_STRIP;
        $x = fn(int $column): float => ($column + 0.437) / $columns * $across;
        $y = fn(int $row): float => $piece->trimTop->mm + ($row + 0.513) / self::ROWS_A_STRIP * $piece->strip->mm;
        $parent = range(0, $rows * $columns - 1);
        $root = function (int $node) use (&$parent): int {
            while ($parent[$node] !== $node) {
                $node = $parent[$node] = $parent[$parent[$node]];
            }

            return $node;
        };
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $here = $row * $columns + $column;
                if ($column < $columns - 1 && ! $this->parted($x($column), $y($row), $x($column + 1), $y($row))) {
                    $parent[$root($here)] = $root($here + 1);
                }
                if ($row < $rows - 1 && ! $this->parted($x($column), $y($row), $x($column), $y($row + 1))) {
                    $parent[$root($here)] = $root($here + $columns);
                }
            }
            // The left fold closes the ring: from the last column over to the first.
            if (
                $piece->layers === 2
                && ! $this->parted($x($columns - 1), $y($row), $across + 1, $y($row))
                && ! $this->parted(-1, $y($row), $x(0), $y($row))
            ) {
                $parent[$root($row * $columns)] = $root($row * $columns + $columns - 1);
            }
        }

        return count(array_unique(array_map($root, array_keys($parent))));
    }

    /** Cuts that cross, beyond meeting at their ends. */
    public function crossings(): int
    {
        $found = 0;
        foreach ($this->lines as $place => $one) {
            foreach (array_slice($this->lines, $place + 1) as $other) {
                $found += (int) self::cross($one, $other);
            }
        }

        return $found;
    }

    private function parted(float $x1, float $y1, float $x2, float $y2): bool
    {
        foreach ($this->lines as $line) {
            if (self::cross([$x1, $y1, $x2, $y2], $line)) {
                return true;
            }
        }

        return false;
    }

    private function alongFold(Cut $cut): bool
    {
        return abs(
            $cut->x1 - $this->cutting->piece->widthAt($cut->y1),
        ) < 1e-9 && abs($cut->x2 - $this->cutting->piece->widthAt($cut->y2)) < 1e-9;
    }

    /**
     * @param array{float, float, float, float} $one
     * @param array{float, float, float, float} $other
     */
    private static function cross(array $one, array $other): bool
    {
        $side = fn(array $line, float $x, float $y): float => ($line[2] - $line[0]) * ($y - $line[1])
            - ($line[3] - $line[1]) * ($x - $line[0]);
        $apart = fn(float $a, float $b): bool => ($a > 1e-6 && $b < -1e-6) || ($a < -1e-6 && $b > 1e-6);

        return $apart($side($one, $other[0], $other[1]), $side($one, $other[2], $other[3]))
            && $apart($side($other, $one[0], $one[1]), $side($other, $one[2], $one[3]));
    }
}
