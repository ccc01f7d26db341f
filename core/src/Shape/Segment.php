<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/**
 * What a straight line cuts off a circle, mm, the arc above and the line below: half of it where the line goes through
 * its middle.
 */
final readonly class Segment implements Outline
{
    /**
     * @param float $radius of the circle, 0 or more
     * @param float $off of the line, from the circle's middle toward the arc: 0 is half a circle, less is more of it
     */
    public function __construct(private float $radius, private float $off = 0.0)
    {
        if ($radius < 0 || abs($off) > $radius) {
            throw new \InvalidArgumentException('The line meets the circle.');
        }
    }

    public function length(): float
    {
        return 2 * ($this->off > 0 ? $this->half() : $this->radius);
    }

    public function width(): float
    {
        return $this->radius - $this->off;
    }

    /** 2rθ + 2√(r² − d²), θ = acos(d/r) (geometry). */
    public function perimeter(): float
    {
        return 2 * $this->radius * $this->angle() + 2 * $this->half();
    }

    /** r²θ − d√(r² − d²) (geometry). */
    public function area(): float
    {
        return $this->radius ** 2 * $this->angle() - $this->off * $this->half();
    }

    public function sides(): int
    {
        return 2;
    }

    public function inset(float $mm): self
    {
        $radius = max(0.0, $this->radius - $mm);

        return new self($radius, max(-$radius, min($radius, $this->off + $mm)));
    }

    public function scaled(float $times): self
    {
        return new self($this->radius * $times, $this->off * $times);
    }

    /** From the right end of the straight side over the arc, and back along it. */
    public function legs(): array
    {
        // The middle of what is cut off lies at the origin.
        $y = ($this->off + $this->radius) / 2;
        $from = M_PI_2 - $this->angle();

        return [
            [[$this->half(), $y - $this->off]],
            ...Legs::turn(0.0, $y, $this->radius, $this->radius, $from, $from + 2 * $this->angle()),
            [[$this->half(), $y - $this->off]],
        ];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    /** Of the straight side, mm. */
    private function half(): float
    {
        return sqrt(max(0.0, $this->radius ** 2 - $this->off ** 2));
    }

    /** From the middle of the arc to its end, in radians. */
    private function angle(): float
    {
        return $this->radius <= 0.0 ? 0.0 : acos(max(-1.0, min(1.0, $this->off / $this->radius)));
    }
}
