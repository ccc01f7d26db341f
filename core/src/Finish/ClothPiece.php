<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Shape\Legs;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Shape\Polygon;

/** A piece of cloth: the line it is cut on and the line it is sewn on. Millimetres, x to the right and y down. */
final readonly class ClothPiece
{
    /** Chords of a quarter of a circle. */
    private const ARC = 24;

    /**
     * @param string $name "bottom"
     * @param int $count how many are cut
     * @param non-empty-list<array{float, float}> $cut closed, from its upper left; the least x and y are 0
     * @param non-empty-list<array{float, float}> $sewn so, inside it
     */
    public function __construct(public string $name, public int $count, public array $cut, public array $sewn) {}

    public function width(): float
    {
        return max(array_column($this->cut, 0));
    }

    public function height(): float
    {
        return max(array_column($this->cut, 1));
    }

    /**
     * mm once around a line.
     *
     * @param non-empty-list<array{float, float}> $line
     */
    public static function around(array $line): float
    {
        $sum = 0.0;
        foreach ($line as $place => [$x, $y]) {
            [$nextX, $nextY] = $line[($place + 1) % count($line)];
            $sum += hypot($nextX - $x, $nextY - $y);
        }

        return $sum;
    }

    /** A rectangle with round corners, and the seam beside it. */
    public static function rounded(
        string $name,
        float $wide,
        float $high,
        float $corner,
        float $seam,
        int $count = 1,
    ): self {
        return new self(
            $name,
            $count,
            self::outline($wide + 2 * $seam, $high + 2 * $seam, $corner === 0.0 ? 0.0 : $corner + $seam, 0.0),
            self::outline($wide, $high, $corner, $seam),
        );
    }

    /** As an outline is, and the seam beside it. */
    public static function of(string $name, Outline $sewn, float $seam): self
    {
        return self::laid($name, Legs::points($sewn->inset(-$seam)), Legs::points($sewn));
    }

    /**
     * Of straight sides, clockwise; the seam lies outside of each.
     *
     * @param non-empty-list<array{float, float}> $sewn from its upper left, no two corners in one place
     */
    public static function angular(string $name, array $sewn, float $seam, int $count = 1): self
    {
        return self::laid($name, Polygon::beside($sewn, $seam), $sewn, $count);
    }

    /**
     * Moved so that nothing lies left of it or above.
     *
     * @param non-empty-list<array{float, float}> $cut
     * @param non-empty-list<array{float, float}> $sewn
     */
    private static function laid(string $name, array $cut, array $sewn, int $count = 1): self
    {
        $by = [min(array_column($cut, 0)), min(array_column($cut, 1))];

        return new self($name, $count, self::moved($cut, $by), self::moved($sewn, $by));
    }

    /**
     * @param non-empty-list<array{float, float}> $line
     * @param array{float, float} $by to the left and up
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function moved(array $line, array $by): array
    {
        return array_map(fn(array $point): array => [$point[0] - $by[0], $point[1] - $by[1]], $line);
    }

    /**
     * Strips one above the other, their middles in a line: of each edge how far down it lies and how wide it is.
     *
     * @param non-empty-list<array{float, float}> $edges from the uppermost down
     */
    public static function stacked(string $name, array $edges, float $seam, int $count = 1): self
    {
        $right = array_map(fn(array $edge): array => [$edge[1] / 2, $edge[0]], $edges);
        $left = array_map(fn(array $edge): array => [-$edge[1] / 2, $edge[0]], array_reverse($edges));

        return self::angular($name, [$left[count($left) - 1], ...$right, ...array_slice($left, 0, -1)], $seam, $count);
    }

    /** @return non-empty-list<array{float, float}> */
    private static function outline(float $wide, float $high, float $corner, float $at): array
    {
        if ($corner <= 0.0) {
            return [[$at, $at], [$at + $wide, $at], [$at + $wide, $at + $high], [$at, $at + $high]];
        }
        $points = [[$at + $corner, $at]];
        // The middle of each corner, and which way its quarter begins.
        foreach ([
            [$at + $wide - $corner, $at + $corner, 0, -1],
            [$at + $wide - $corner, $at + $high - $corner, 1, 0],
            [$at + $corner, $at + $high - $corner, 0, 1],
            [$at + $corner, $at + $corner, -1, 0],
        ] as [$x, $y, $right, $down]) {
            for ($step = 0; $step <= self::ARC; $step++) {
                [$on, $round] = [cos(M_PI_2 * $step / self::ARC), sin(M_PI_2 * $step / self::ARC)];
                $points[] = [
                    $x + $corner * ($on * $right - $round * $down), $y + $corner * ($on * $down + $round * $right),
                ];
            }
        }

        return $points;
    }
}
