<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Piece;

/** One place on the drawing table: a piece that lies there, several that are alike, or all of a net. */
final readonly class Laid
{
    /** Squares of a net, and no pieces of their own. */
    public bool $isNet;

    /**
     * @param non-empty-list<Piece> $pieces
     * @param float $x left edge of it, mm from the table's
     * @param float $y
     */
    private function __construct(public array $pieces, public float $x, public float $y)
    {
        $this->isNet = $pieces[0]->nth > 0;
    }

    /**
     * Side by side in rows that are not wider than they must be.
     *
     * @param non-empty-list<Piece> $pieces
     * @param array{float, float, float, float} $around mm to leave left, right, above and below each
     * @param float $shape width over height of what they should fill
     *
     * @return array{non-empty-list<self>, float, float} where they lie, and how wide and high that is, mm
     */
    public static function out(array $pieces, array $around, float $shape): array
    {
        $groups = [];
        foreach ($pieces as $piece) {
            $last = array_key_last($groups);
            $alike = $last !== null && ($piece->nth > 0 || $groups[$last][0]->flat === $piece->flat);
            if ($alike) {
                $groups[$last][] = $piece;
            } else {
                $groups[] = [$piece];
            }
        }
        $fit = fn(array $laid, float $wide, float $high): float => min($shape / max(1.0, $wide), 1 / max(1.0, $high));
        $best = self::inRows($groups, 1, $around);
        for ($inRow = 2; $inRow <= count($groups); $inRow++) {
            $laid = self::inRows($groups, $inRow, $around);
            if ($fit(...$laid) > $fit(...$best) * 1.02) {
                $best = $laid;
            }
        }

        return $best;
    }

    /**
     * @param non-empty-list<non-empty-list<Piece>> $groups
     * @param array{float, float, float, float} $around
     *
     * @return array{non-empty-list<self>, float, float}
     */
    private static function inRows(array $groups, int $inRow, array $around): array
    {
        [$before, $after, $above, $below] = $around;
        $laid = [];
        $wide = $y = 0.0;
        foreach (array_chunk($groups, max(1, $inRow)) as $row) {
            $x = $tall = 0.0;
            foreach ($row as $group) {
                [$left, $right, $top, $foot] = self::box($group);
                $laid[] = new self($group, $x + $before, $y + $above);
                $x += $before + $right - $left + $after;
                $tall = max($tall, $above + $foot - $top + $below);
            }
            $wide = max($wide, $x);
            $y += $tall;
        }

        return [$laid, $wide, $y];
    }

    /**
     * Least and greatest x, least and greatest y of all, mm, marks too.
     *
     * @param non-empty-list<Piece> $group
     *
     * @return array{float, float, float, float}
     */
    private static function box(array $group): array
    {
        $boxes = array_map(fn(Piece $piece): array => ($piece->flat ?? self::none())->box(), $group);

        return [
            min(array_column($boxes, 0)),
            max(array_column($boxes, 1)),
            min(array_column($boxes, 2)),
            max(array_column($boxes, 3)),
        ];
    }

    private static function none(): Flat
    {
        return new Flat([[0.0, 0.0], [1.0, 0.0], [0.0, 1.0]]);
    }

    /** @return array{float, float, float, float} as it lies, mm from the table's left and top */
    public function spread(): array
    {
        [$left, $right, $top, $foot] = self::box($this->pieces);

        return [$this->x, $this->x + $right - $left, $this->y, $this->y + $foot - $top];
    }

    /**
     * A point of a piece, mm from the table's left and top.
     *
     * @param array{float, float} $at as its Flat has it
     *
     * @return array{float, float}
     */
    public function at(array $at): array
    {
        [$left, , $top] = self::box($this->pieces);

        return [$at[0] - $left + $this->x, $at[1] - $top + $this->y];
    }
}
