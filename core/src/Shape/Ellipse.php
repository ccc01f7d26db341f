<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** An ellipse by its half axes, mm: the mouth of a hand hole when its chain is lifted. */
final readonly class Ellipse implements Outline
{
    public function __construct(public float $a, public float $b)
    {
        if ($a < 0 || $b < 0) {
            throw new \InvalidArgumentException('Half axes are zero or more.');
        }
    }

    /**
     * The ellipse of a given half axis whose perimeter is as given.
     *
     * @throws \InvalidArgumentException where the perimeter is too short to reach both ends of the axis
     */
    public static function ofPerimeter(float $a, float $perimeter): self
    {
        if ($perimeter < 4 * $a) {
            throw new \InvalidArgumentException('The perimeter does not reach around the axis.');
        }
        $low = 0.0;
        $high = $perimeter / 4;
        for ($step = 0; $step < 60; $step++) {
            $middle = ($low + $high) / 2;
            if ((new self($a, $middle))->perimeter() < $perimeter) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return new self($a, ($low + $high) / 2);
    }

    /** Ramanujan's second approximation (1914): exact for a circle, 0.05 % short at most, for a line. */
    public function perimeter(): float
    {
        $sum = $this->a + $this->b;
        if ($sum <= 0.0) {
            return 0.0;
        }
        $h = (($this->a - $this->b) / $sum) ** 2;

        return M_PI * $sum * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h)));
    }

    public function length(): float
    {
        return 2 * $this->a;
    }

    public function width(): float
    {
        return 2 * $this->b;
    }

    public function sides(): int
    {
        return 0;
    }

    /** As near as an ellipse comes to it: its axes are shorter by so much. */
    public function inset(float $mm): self
    {
        return new self(max(0.0, $this->a - $mm), max(0.0, $this->b - $mm));
    }

    public function scaled(float $times): self
    {
        return new self($this->a * $times, $this->b * $times);
    }

    public function legs(): array
    {
        return [[[0.0, -$this->b]], ...Legs::turn(0.0, 0.0, $this->a, $this->b, M_PI_2, M_PI_2 + 2 * M_PI)];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    public function area(): float
    {
        return M_PI * $this->a * $this->b;
    }

    /**
     * Places along the upper half, evenly by length of arc, from left to right: each in the middle of its share.
     *
     * @return list<Stand> $count of them, x right and y down, facing outward
     */
    public function alongUpperHalf(int $count): array
    {
        $steps = 720;
        $lengths = [0.0];
        for ($step = 1; $step <= $steps; $step++) {
            $one = M_PI * ($step - 1) / $steps;
            $two = M_PI * $step / $steps;
            $lengths[] = $lengths[$step - 1] + hypot(
                $this->a * (cos($one) - cos($two)),
                $this->b * (sin($two) - sin($one)),
            );
        }
        $stands = [];
        $step = 1;
        for ($place = 0; $place < $count; $place++) {
            $wanted = $lengths[$steps] * ($place + 0.5) / $count;
            while ($step < $steps && $lengths[$step] < $wanted) {
                $step++;
            }
            $angle = M_PI * ($step - ($lengths[$step] - $wanted) / max(1e-12, $lengths[$step] - $lengths[$step - 1]))
                / $steps;
            // The normal of an ellipse points along (x/a², y/b²); facing is measured clockwise from up.
            $stands[] = new Stand(
                -$this->a * cos($angle),
                -$this->b * sin($angle),
                rad2deg(atan2(-$this->b * cos($angle), $this->a * sin($angle))),
            );
        }

        return $stands;
    }
}
