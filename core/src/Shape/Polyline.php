<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** Straight from point to point, mm; stitches stand on it at even distances, each in the middle of its share. */
final readonly class Polyline implements Path
{
    private float $length;

    /** @var list<float> mm from the first point to the end of each leg */
    private array $ends;

    /**
     * @param non-empty-list<array{float, float}> $points x to the right, y down; a ring ends where it began
     * @param ?float $facing degrees clockwise from up; null where stitches face to the right of the way
     */
    public function __construct(private array $points, private ?float $facing = null)
    {
        $length = 0.0;
        $ends = [];
        for ($nth = 1; $nth < count($points); $nth++) {
            [[$x0, $y0], [$x, $y]] = [$points[$nth - 1], $points[$nth]];
            $ends[] = $length += hypot($x - $x0, $y - $y0);
        }
        $this->ends = $ends;
        $this->length = $length;
    }

    public function length(): float
    {
        return $this->length;
    }

    /** A ring begun so far along it, as a share of its length, from −1 to 1. */
    public function from(float $share): self
    {
        $along = $this->length * fmod($share + 1.0, 1.0);
        $before = $after = [];
        [$x0, $y0] = $this->points[0];
        $begin = null;
        foreach (array_slice($this->points, 1) as [$x, $y]) {
            $leg = hypot($x - $x0, $y - $y0);
            if ($begin === null && $along <= $leg) {
                $part = $leg > 0 ? $along / $leg : 0.0;
                $begin = [$x0 + $part * ($x - $x0), $y0 + $part * ($y - $y0)];
            }
            $along -= $leg;
            if ($begin === null) {
                $before[] = [$x, $y];
            } else {
                $after[] = [$x, $y];
            }
            [$x0, $y0] = [$x, $y];
        }
        $begin ??= $this->points[0];

        return new self([$begin, ...$after, ...$before, $begin], $this->facing);
    }

    public function stand(int $place, int $of): Stand
    {
        $along = $this->length * ($place + 0.5) / $of;
        $nth = $this->leg($along);
        [$x0, $y0] = $this->points[$nth];
        if (! isset($this->points[$nth + 1])) {
            return new Stand($x0, $y0, $this->facing ?? 0.0);
        }
        [$x, $y] = $this->points[$nth + 1];
        $leg = hypot($x - $x0, $y - $y0);
        $along -= $this->ends[$nth] - $leg;
        $share = $leg > 0 ? $along / $leg : 0.0;
        [$nextX, $nextY] = $this->points[$nth + 2] ?? [$x, $y];
        $on = hypot($nextX - $x, $nextY - $y);
        // At a corner both ways count.
        [$toX, $toY] = abs($along - $leg) < 1e-6 && $on > 0 && $leg > 0
            ? [($x - $x0) / $leg + ($nextX - $x) / $on, ($y - $y0) / $leg + ($nextY - $y) / $on]
            : [$x - $x0, $y - $y0];

        // It faces to the right of the way it goes: up where it goes to the left.
        return new Stand(
            $x0 + $share * ($x - $x0),
            $y0 + $share * ($y - $y0),
            $this->facing ?? rad2deg(atan2($toY, $toX)) + 180,
        );
    }

    /** The first leg that reaches so far, by halves; the last point where none does. */
    private function leg(float $along): int
    {
        [$low, $high] = [0, count($this->ends)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($along <= $this->ends[$middle] + 1e-9) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
