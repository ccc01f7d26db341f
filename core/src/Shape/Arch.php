<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/**
 * What a strand that is longer than the gap it spans makes when a hand lifts it: half an ellipse, or where it is longer
 * than half a circle, that on two straight legs.
 */
final readonly class Arch implements Span
{
    private function __construct(public float $legs, public Ellipse $over) {}

    /**
     * @param float $gap over 0
     * @param float $length longer than the gap
     */
    public static function of(float $gap, float $length): self
    {
        $half = M_PI * $gap / 2;

        return $length > $half
            ? new self(($length - $half) / 2, new Ellipse($gap / 2, $gap / 2))
            : new self(0.0, Ellipse::ofPerimeter($gap / 2, 2 * $length));
    }

    public function height(): float
    {
        return $this->legs + $this->over->b;
    }

    public function along(int $count): array
    {
        if ($this->legs <= 0.0) {
            return $this->over->alongUpperHalf($count);
        }
        $radius = $this->over->a;
        $length = 2 * $this->legs + M_PI * $radius;
        $stands = [];
        for ($place = 0; $place < $count; $place++) {
            $at = $length * ($place + 0.5) / $count;
            $turn = ($at - $this->legs) / $radius;
            $stands[] = match (true) {
                $at < $this->legs => new Stand(-$radius, -$at, -90.0),
                $at > $length - $this->legs => new Stand($radius, $at - $length, 90.0),
                default => new Stand(-$radius * cos($turn), -$this->legs - $radius * sin($turn), rad2deg($turn) - 90),
            };
        }

        return $stands;
    }
}
