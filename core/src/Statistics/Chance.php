<?php

declare(strict_types=1);

namespace Fescue\Core\Statistics;

/** Draws from a source of randomness that it is handed. */
final readonly class Chance
{
    private const FINE = 1_000_000_000;

    public function __construct(private \Random\Randomizer $source) {}

    /** From 0 up to 1. */
    public function share(): float
    {
        return $this->source->getInt(0, self::FINE - 1) / self::FINE;
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->share();
    }

    public function whole(int $low, int $high): int
    {
        return $this->source->getInt($low, $high);
    }

    /** Standard normal, by Box and Muller. */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->share())) * cos(2 * M_PI * $this->share());
    }

    /**
     * @template T
     *
     * @param list<T> $things not empty
     *
     * @return T
     */
    public function of(array $things): mixed
    {
        return $things[$this->source->getInt(0, count($things) - 1)];
    }
}
