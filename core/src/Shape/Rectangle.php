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

    public function corner(): float
    {
        return 0.0;
    }

    public function area(): float
    {
        return $this->length * $this->width;
    }

    /** Once round it, so far outside, from its upper right corner to the left. */
    public function around(float $outside): Polyline
    {
        [$x, $y] = [$this->length / 2 + $outside, $this->width / 2 + $outside];

        return new Polyline([[$x, -$y], [-$x, -$y], [-$x, $y], [$x, $y], [$x, -$y]]);
    }
}
