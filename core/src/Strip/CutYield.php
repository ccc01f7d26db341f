<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Spread;

/**
 * What pieces give against what was expected. One factor is common to all of them (the cloth's true weight, the pull,
 * how wide this hand cuts), and each piece has its own besides. Pieces already cut tell the common factor: a normal
 * prior about 1, a normal likelihood, and the posterior by their precisions (conjugate normal, known variances;
 * NIST/SEMATECH e-Handbook 8.1.10 has the method).
 */
final readonly class CutYield
{
    /** How far off the common factor is before any piece is cut. From memory. */
    public const COMMON = 0.10;

    /** How far single pieces are from each other. From memory. */
    public const EACH = 0.04;

    private function __construct(public float $factor, public float $share) {}

    /** @param list<array{float, float}> $cut metres expected and given, of each piece cut so far */
    public static function after(array $cut): self
    {
        $precision = 1 / self::COMMON ** 2;
        $sum = $precision;
        foreach ($cut as [$expected, $given]) {
            $precision += 1 / self::EACH ** 2;
            $sum += $given / $expected / self::EACH ** 2;
        }

        return new self($sum / $precision, sqrt(1 / $precision));
    }

    /**
     * What more pieces will give, metres.
     *
     * @param list<float> $expected of each
     */
    public function of(array $expected): Spread
    {
        return $this->ofAll(
            array_sum($expected),
            array_sum(array_map(fn(float $metres): float => $metres ** 2, $expected)),
        );
    }

    /** So of pieces of so many metres in all, and in their squares. */
    public function ofAll(float $total, float $squares): Spread
    {
        return $total <= 0 ? new Spread(0, 0) : new Spread(
            $total * $this->factor,
            hypot($this->share, self::EACH * sqrt($squares) / $total) / $this->factor,
        );
    }
}
