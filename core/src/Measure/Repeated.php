<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

/** One thing measured several times. */
final readonly class Repeated
{
    public float $mean;

    /** Sample standard deviation, with n − 1 (NIST/SEMATECH e-Handbook, 1.3.5.6); 0 of a single value. */
    public float $deviation;

    /** @param non-empty-list<float> $values */
    public function __construct(public array $values)
    {
        $count = count($values);
        // About the first value, so that large values of small spread keep their digits.
        $first = $values[0];
        $shift = array_sum(array_map(fn(float $value): float => $value - $first, $values)) / $count;
        $this->mean = $first + $shift;
        $squares = array_sum(array_map(fn(float $value): float => ($value - $first - $shift) ** 2, $values));
        $this->deviation = $count > 1 ? sqrt($squares / ($count - 1)) : 0.0;
    }

    public function count(): int
    {
        return count($this->values);
    }

    /**
     * How far the mean may be off: its standard error, and half the last digit shown, spread evenly (JCGM 100, 4.3.7).
     */
    public function uncertainty(float $lastDigit): float
    {
        return hypot($this->deviation / sqrt(count($this->values)), $lastDigit / sqrt(12));
    }
}
