<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A circle, mm; as a path it begins at the right and goes up and to the left. */
final readonly class Circle implements Outline, Path
{
    public function __construct(private float $radius) {}

    public function length(): float
    {
        return 2 * $this->radius;
    }

    public function width(): float
    {
        return 2 * $this->radius;
    }

    public function sides(): int
    {
        return 0;
    }

    public function inset(float $mm): self
    {
        return new self(max(0.0, $this->radius - $mm));
    }

    public function scaled(float $times): self
    {
        return new self($this->radius * $times);
    }

    public function legs(): array
    {
        $up = M_PI_2;

        return [
            [[0.0, -$this->radius]],
            ...Legs::turn(0.0, 0.0, $this->radius, $this->radius, $up, $up + 2 * M_PI),
        ];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    public function perimeter(): float
    {
        return 2 * M_PI * $this->radius;
    }

    public function area(): float
    {
        return M_PI * $this->radius ** 2;
    }

    public function stand(int $place, int $of): Stand
    {
        $angle = 2 * M_PI * ($place + 0.5) / $of;

        return new Stand($this->radius * cos($angle), -$this->radius * sin($angle), 90 - rad2deg($angle));
    }
}
