<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** Two straight sides closed by half circles: what an oval base grows into. Millimetres. */
final readonly class Stadium implements Outline
{
    /** Chords of half a circle, where it is walked along. */
    private const ARC = 36;

    /**
     * @param float $straight length of one straight side, 0 or more; 0 is a circle
     * @param float $radius of the ends, 0 or more
     */
    public function __construct(public float $straight, public float $radius)
    {
        if ($straight < 0 || $radius < 0) {
            throw new \InvalidArgumentException('A stadium has sides of zero or more.');
        }
    }

    public function length(): float
    {
        return $this->straight + 2 * $this->radius;
    }

    public function width(): float
    {
        return 2 * $this->radius;
    }

    /** 2s + 2πr (geometry). */
    public function perimeter(): float
    {
        return 2 * $this->straight + 2 * M_PI * $this->radius;
    }

    public function sides(): int
    {
        return 0;
    }

    public function inset(float $mm): self
    {
        return new self($this->straight, max(0.0, $this->radius - $mm));
    }

    public function scaled(float $times): self
    {
        return new self($this->straight * $times, $this->radius * $times);
    }

    public function legs(): array
    {
        [$half, $radius] = [$this->straight / 2, $this->radius];

        return [
            [[$half, -$radius]],
            [[-$half, -$radius]],
            ...Legs::turn(-$half, 0.0, $radius, $radius, M_PI_2, 3 * M_PI_2),
            [[$half, $radius]],
            ...Legs::turn($half, 0.0, $radius, $radius, -M_PI_2, M_PI_2),
        ];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    /** 2rs + πr² (geometry). */
    public function area(): float
    {
        return $this->width() * $this->straight + M_PI * $this->radius ** 2;
    }

    /** Once round it, so far outside, from the middle of its upper side to the left. */
    public function around(float $outside): Polyline
    {
        [$half, $radius] = [$this->straight / 2, $this->radius + $outside];
        $points = [[0.0, -$radius]];
        foreach ([-1.0, 1.0] as $side) {
            for ($step = 0; $step <= self::ARC; $step++) {
                $turn = M_PI * $step / self::ARC;
                $points[] = [$side * ($half + $radius * sin($turn)), $side * $radius * cos($turn)];
            }
        }

        return new Polyline([...$points, [0.0, -$radius]]);
    }

    /**
     * The point so far along the outline from the tip of the right end, toward the top.
     *
     * @param float $along mm, either sign, at most to the middle of a straight side
     *
     * @return Stand x to the right, y down, heading outward
     */
    public function besideTip(float $along): Stand
    {
        $quarter = M_PI * $this->radius / 2;
        $side = $along < 0 ? -1.0 : 1.0;
        $past = abs($along) - $quarter;
        if ($past > 0 || $this->radius <= 0.0) {
            return new Stand($this->straight / 2 - max(0.0, $past), -$side * $this->radius, 90 - $side * 90);
        }
        $angle = $along / $this->radius;

        return new Stand(
            $this->straight / 2 + $this->radius * cos($angle),
            -$this->radius * sin($angle),
            90 - rad2deg($angle),
        );
    }
}
