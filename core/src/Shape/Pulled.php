<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A handle under a load: straight from each foot up to the hand that carries it. */
final readonly class Pulled implements Span
{
    /** A hand is so broad, mm. From memory. */
    private const HAND = 80.0;

    private function __construct(private float $gap, private float $hand, private float $leg) {}

    /**
     * @param float $gap over 0
     * @param float $length longer than the gap
     */
    public static function of(float $gap, float $length): self
    {
        $hand = min(self::HAND, $gap);

        return new self($gap, $hand, ($length - $hand) / 2);
    }

    public function height(): float
    {
        // Pythagoras.
        return sqrt($this->leg ** 2 - (($this->gap - $this->hand) / 2) ** 2);
    }

    public function along(int $count): array
    {
        [$foot, $hand, $high] = [$this->gap / 2, $this->hand / 2, $this->height()];
        $leans = rad2deg(atan2($foot - $hand, $high));
        $length = 2 * $this->leg + $this->hand;
        $stands = [];
        for ($place = 0; $place < $count; $place++) {
            $at = $length * ($place + 0.5) / $count;
            $up = min($at, $length - $at) / $this->leg;
            $side = $at < $length / 2 ? -1 : 1;
            $stands[] = $up < 1.0
                ? new Stand($side * ($foot + $up * ($hand - $foot)), -$up * $high, $side * (90 - $leans))
                : new Stand($at - $length / 2, -$high, 0.0);
        }

        return $stands;
    }
}
