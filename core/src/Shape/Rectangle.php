<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A rectangle, millimetres. */
final readonly class Rectangle implements Outline
{
    public function __construct(private float $length, private float $width) {}

    public function length(): float
    {
        return $this->length;
    }

    public function width(): float
    {
        return $this->width;
    }

    public function perimeter(): float
    {
        return 2 * ($this->length + $this->width);
    }

    public function sides(): int
    {
        return 4;
    }

    public function inset(float $mm): self
    {
        return new self(max(0.0, $this->length - 2 * $mm), max(0.0, $this->width - 2 * $mm));
    }

    public function scaled(float $times): self
    {
        return new self($this->length * $times, $this->width * $times);
    }

    public function legs(): array
    {
        [$x, $y] = [$this->length / 2, $this->width / 2];

        return [[[$x, -$y]], [[-$x, -$y]], [[-$x, $y]], [[$x, $y]], [[$x, -$y]]];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    public function area(): float
    {
        return $this->length * $this->width;
    }

    /**
     * One at each corner, facing both ways, and so many evenly along each long and each short side, to the left from
     * the upper right corner.
     *
     * @param int $first that they begin with: 0 is the first past that corner, −1 the one at it
     */
    public function places(int $long, int $short, int $first): Places
    {
        [$x, $y] = [$this->length / 2, $this->width / 2];
        $half = [];
        for ($place = 1; $place <= $long; $place++) {
            $half[] = new Stand($x - $this->length * $place / ($long + 1), -$y, 0.0);
        }
        $half[] = new Stand(-$x, -$y, -45.0);
        for ($place = 1; $place <= $short; $place++) {
            $half[] = new Stand(-$x, -$y + $this->width * $place / ($short + 1), -90.0);
        }
        $half[] = new Stand(-$x, $y, -135.0);
        $all = [...$half, ...array_map(fn(Stand $one): Stand => $one->opposite(), $half)];

        return Places::begun($all, $first);
    }

    /** So many evenly along each side, long or short, and none at a corner; from the upper right one to the left. */
    public function alongSides(int $long, int $short): Places
    {
        [$x, $y] = [$this->length / 2, $this->width / 2];

        return Places::along(new Polyline([[$x, -$y], [-$x, -$y]]), $long)
            ->and(Places::along(new Polyline([[-$x, -$y], [-$x, $y]]), $short))
            ->and(Places::along(new Polyline([[-$x, $y], [$x, $y]]), $long))
            ->and(Places::along(new Polyline([[$x, $y], [$x, -$y]]), $short));
    }
}
