<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/**
 * A figure that is not sure: normal about its likely value. Low and high leave out one in ten at each side.
 * The normal's functions follow NIST/SEMATECH e-Handbook 1.3.6.6.1 and 1.3.6.7.1.
 */
final readonly class Spread
{
    /** The normal's 90th percentile. */
    private const TENTH = 1.2815515655;

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
        return max(0.0, $this->likely * (1 - self::TENTH * $this->relative));
    }

    public function high(): float
    {
        return $this->likely * (1 + self::TENTH * $this->relative);
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

        return self::normal(($limit - $this->likely) / $deviation);
    }

    /** Φ(z) by Zelen and Severo's polynomial (Abramowitz and Stegun 26.2.17), error below 7.5e-8. */
    private static function normal(float $z): float
    {
        $t = 1 / (1 + 0.2316419 * abs($z));
        $sum = $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));
        $above = exp(-$z * $z / 2) / sqrt(2 * M_PI) * $sum;

        return $z < 0 ? $above : 1 - $above;
    }
}
