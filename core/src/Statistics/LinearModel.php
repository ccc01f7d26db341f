<?php

declare(strict_types=1);

namespace Fescue\Core\Statistics;

/**
 * A Bayesian linear model with known noise: coefficients with a normal prior, rows observed with normal errors. Kept as
 * a square root of its information, R with RᵀR the precision, and updated by Householder's orthogonal triangularisation
 * (Bierman, square-root information; Golub and Van Loan, algorithm 5.2.1), so that nothing is squared and digits are
 * kept.
 */
final readonly class LinearModel
{
    /** @var ?list<float> most likely coefficients; null where nothing is known of one */
    private ?array $mean;

    /**
     * @param list<list<float>> $root upper triangular, size × (size + 1): R, and R·mean as its last column
     */
    private function __construct(private int $size, private array $root)
    {
        $this->mean = $this->solved();
    }

    /**
     * @param list<float> $means
     * @param list<float> $deviations of each coefficient, above zero; INF says nothing is known of it
     */
    public static function prior(array $means, array $deviations): self
    {
        $size = count($means);
        $root = [];
        foreach ($deviations as $place => $deviation) {
            $row = array_fill(0, $size + 1, 0.0);
            $row[$place] = 1 / $deviation;
            $row[$size] = $means[$place] / $deviation;
            $root[] = array_values($row);
        }

        return new self($size, $root);
    }

    /**
     * @param list<list<float>> $rows
     * @param list<float> $values
     * @param list<float> $deviations noise of each
     */
    public function observing(array $rows, array $values, array $deviations): self
    {
        $stack = $this->root;
        foreach ($rows as $place => $row) {
            $scaled = array_map(fn(float $x): float => $x / $deviations[$place], $row);
            $scaled[] = $values[$place] / $deviations[$place];
            $stack[] = $scaled;
        }

        return new self($this->size, self::triangular($stack, $this->size));
    }

    /** @return list<float> most likely coefficients */
    public function mean(): array
    {
        return $this->mean ?? throw self::unknown();
    }

    /** @return ?list<float> */
    private function solved(): ?array
    {
        $mean = array_fill(0, $this->size, 0.0);
        for ($row = $this->size - 1; $row >= 0; $row--) {
            if ($this->isUnknown($row)) {
                return null;
            }
            $sum = $this->root[$row][$this->size];
            for ($column = $row + 1; $column < $this->size; $column++) {
                $sum -= $this->root[$row][$column] * $mean[$column];
            }
            $mean[$row] = $sum / $this->root[$row][$row];
        }

        return array_values($mean);
    }

    /** @param list<float> $row */
    public function expected(array $row): float
    {
        $sum = 0.0;
        foreach ($this->mean() as $place => $coefficient) {
            $sum += $row[$place] * $coefficient;
        }

        return $sum;
    }

    /**
     * Of the sum a row makes of the coefficients, noise not included: |R⁻ᵀx|².
     *
     * @param list<float> $row
     */
    public function variance(array $row): float
    {
        return $this->covariance($row, $row);
    }

    /**
     * Of the sums two rows make of the coefficients: R⁻ᵀx · R⁻ᵀy.
     *
     * @param list<float> $one
     * @param list<float> $other
     */
    public function covariance(array $one, array $other): float
    {
        $whitened = $this->whitened($one);
        $sum = 0.0;
        foreach ($one === $other ? $whitened : $this->whitened($other) as $place => $value) {
            $sum += $value * $whitened[$place];
        }

        return $sum;
    }

    /**
     * R⁻ᵀx: parts that are independent, each known to one.
     *
     * @param list<float> $row
     *
     * @return list<float>
     */
    private function whitened(array $row): array
    {
        if ($this->mean === null) {
            throw self::unknown();
        }
        $solved = [];
        for ($place = 0; $place < $this->size; $place++) {
            $sum = $row[$place];
            for ($above = 0; $above < $place; $above++) {
                $sum -= $this->root[$above][$place] * $solved[$above];
            }
            $solved[] = $sum / $this->root[$place][$place];
        }

        return $solved;
    }

    private function isUnknown(int $row): bool
    {
        return abs($this->root[$row][$row]) <= 0.0;
    }

    private static function unknown(): \DomainException
    {
        return new \DomainException('Nothing is known of a coefficient: neither a prior nor enough rows.');
    }

    /**
     * @param list<list<float>> $stack
     *
     * @return list<list<float>> its first rows, upper triangular
     */
    private static function triangular(array $stack, int $size): array
    {
        $rows = count($stack);
        for ($pivot = 0; $pivot < $size; $pivot++) {
            $norm = 0.0;
            // A row with nothing in this column is not touched: a prior's own rows, and most of what they are of.
            $mirror = [$pivot => $stack[$pivot][$pivot]];
            for ($row = $pivot; $row < $rows; $row++) {
                if (abs($stack[$row][$pivot]) > 0.0) {
                    $mirror[$row] = $stack[$row][$pivot];
                    $norm = hypot($norm, $mirror[$row]);
                }
            }
            if ($norm <= 0.0) {
                continue;
            }
            $alpha = $stack[$pivot][$pivot] > 0 ? -$norm : $norm;
            $mirror[$pivot] -= $alpha;
            $length = array_sum(array_map(fn(float $part): float => $part * $part, $mirror));
            for ($column = $pivot; $column <= $size; $column++) {
                $along = 0.0;
                foreach ($mirror as $row => $part) {
                    $along += $part * $stack[$row][$column];
                }
                $along *= 2 / $length;
                foreach ($mirror as $row => $part) {
                    $stack[$row][$column] -= $along * $part;
                }
            }
        }
        $root = [];
        for ($row = 0; $row < $size; $row++) {
            $root[] = array_values($stack[$row]);
        }

        return $root;
    }
}
