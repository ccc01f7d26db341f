<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Statistics\Normal;

/**
 * A figure that is not sure: normal about its likely value. Low and high leave out one in twenty at each side.
 */
final readonly class Spread
{
    /** Shares below low and above high. */
    public const TAIL = 0.05;

    /**
     * @param float $likely in whatever unit the holder says
     * @param float $relative standard deviation as a share of it
     */
    public function __construct(public float $likely, public float $relative)
    {
        if ($likely < 0 || $relative < 0) {
            throw new \InvalidArgumentException('A spread is about a value of zero or more.');
        }
    }

    public function low(): float
    {
        return $this->at(self::TAIL);
    }

    public function high(): float
    {
        return $this->at(1 - self::TAIL);
    }

    /** What it stays below in that share of cases, above 0 and below 1; never below zero. */
    public function at(float $share): float
    {
        return max(0.0, $this->likely * (1 + Normal::quantile($share) * $this->relative));
    }

    public function times(float $factor): self
    {
        return new self($this->likely * $factor, $this->relative);
    }

    /** Chance from 0 to 1 that so much is enough. */
    public function chanceWithin(float $limit): float
    {
        $deviation = $this->likely * $this->relative;
        if ($deviation <= 0.0) {
            return $limit >= $this->likely ? 1.0 : 0.0;
        }

        return Normal::cumulative(($limit - $this->likely) / $deviation);
    }
}
