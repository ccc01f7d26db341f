<?php

declare(strict_types=1);

namespace Fescue\Core\Statistics;

/** The standard normal distribution. */
final class Normal
{
    /**
     * Φ(z), by the complementary error function's continued fraction or series to full double precision (NIST DLMF
     * 7.6.2, 7.9.1).
     */
    public static function cumulative(float $z): float
    {
        $x = abs($z) / M_SQRT2;
        if ($x < 2.5) {
            $term = $sum = $x;
            for ($n = 1; abs($term) > 1e-17 * $sum; $n++) {
                $term *= -$x * $x / $n;
                $sum += $term / (2 * $n + 1);
            }
            $half = $sum / M_SQRTPI;

            return $z >= 0 ? 0.5 + $half : 0.5 - $half;
        }
        // Evaluated from its far end: erfc(x)·√π·exp(x²) = 1/(x + (1/2)/(x + 1/(x + (3/2)/(x + …)))).
        $fraction = 0.0;
        for ($n = 60; $n >= 1; $n--) {
            $fraction = ($n / 2) / ($x + $fraction);
        }
        $tail = exp(-$x * $x) / (M_SQRTPI * ($x + $fraction)) / 2;

        return $z >= 0 ? 1 - $tail : $tail;
    }

    /**
     * Φ⁻¹(p), by Newton's steps on Φ from beyond it: from there they come near without turning back.
     *
     * @param float $p above 0 and below 1
     */
    public static function quantile(float $p): float
    {
        if ($p <= 0 || $p >= 1) {
            throw new \InvalidArgumentException("A share above 0 and below 1, got {$p}.");
        }
        $tail = min($p, 1 - $p);
        $z = -sqrt(-2 * log($tail));
        do {
            $by = ($tail - self::cumulative($z)) * sqrt(2 * M_PI) * exp($z * $z / 2);
            $z += $by;
            // Each step squares what it is off: after one so short, nothing is left that a float shows.
        } while (abs($by) > 1e-8);

        return $p < 0.5 ? $z : -$z;
    }
}
