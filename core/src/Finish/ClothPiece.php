<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

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

    /**
     * Of upright and level sides, clockwise; the seam lies outside of each.
     *
     * @param non-empty-list<array{float, float}> $sewn from its upper left
     */
    public static function angular(string $name, array $sewn, float $seam): self
    {
        $many = count($sewn);
        $cut = $line = [];
        foreach ($sewn as $place => [$x, $y]) {
            [$beforeX, $beforeY] = $sewn[($place + $many - 1) % $many];
            [$nextX, $nextY] = $sewn[($place + 1) % $many];
            // Outward is to the left of the way.
            $cut[] = [
                $x + $seam * (($y <=> $beforeY) + ($nextY <=> $y)) + $seam,
                $y - $seam * (($x <=> $beforeX) + ($nextX <=> $x)) + $seam,
            ];
            $line[] = [$x + $seam, $y + $seam];
        }

        return new self($name, 1, $cut, $line);
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
            foreach (self::quarter() as [$on, $round]) {
                $points[] = [
                    $x + $corner * ($on * $right - $round * $down), $y + $corner * ($on * $down + $round * $right),
                ];
            }
        }

        return $points;
    }

    /** @return list<array{float, float}> points of a quarter of a circle of radius 1: cosine and sine */
    private static function quarter(): array
    {
        /** @var list<array{float, float}> $quarter */
        static $quarter = [];
        for ($step = count($quarter); $step <= self::ARC; $step++) {
            $quarter[] = [cos(M_PI_2 * $step / self::ARC), sin(M_PI_2 * $step / self::ARC)];
        }

        return $quarter;
    }
}
