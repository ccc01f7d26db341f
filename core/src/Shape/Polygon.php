<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** A convex polygon, mm. */
final readonly class Polygon implements Outline
{
    /** @param non-empty-list<array{float, float}> $corners three at least, to the left from above */
    public function __construct(public array $corners) {}

    /** One of sides alike, a side above and one below where their number is even; so far from its middle to a side. */
    public static function regular(int $sides, float $apothem): self
    {
        $corners = [];
        for ($nth = 0; $nth < $sides; $nth++) {
            $angle = M_PI_2 + M_PI * (1 + 2 * $nth) / $sides;
            $reach = $apothem / cos(M_PI / $sides);
            $corners[] = [$reach * cos($angle), -$reach * sin($angle)];
        }

        return new self($corners === [] ? [[0.0, 0.0]] : $corners);
    }

    public function length(): float
    {
        return max(array_column($this->corners, 0)) - min(array_column($this->corners, 0));
    }

    public function width(): float
    {
        return max(array_column($this->corners, 1)) - min(array_column($this->corners, 1));
    }

    public function perimeter(): float
    {
        return array_sum(array_map(
            fn(array $side): float => hypot($side[1][0] - $side[0][0], $side[1][1] - $side[0][1]),
            $this->pairs(),
        ));
    }

    /** Gauss's area formula. */
    public function area(): float
    {
        return abs(array_sum(array_map(
            fn(array $side): float => $side[0][0] * $side[1][1] - $side[1][0] * $side[0][1],
            $this->pairs(),
        ))) / 2;
    }

    public function sides(): int
    {
        return count($this->corners);
    }

    public function inset(float $mm): self
    {
        // Beyond its middle it would come out on the other side.
        return $mm > 0 && 2 * $mm >= min($this->length(), $this->width())
            ? new self([[0.0, 0.0]])
            : new self(self::beside($this->corners, $mm));
    }

    public function scaled(float $times): self
    {
        return new self(array_map(fn(array $one): array => [$one[0] * $times, $one[1] * $times], $this->corners));
    }

    public function legs(): array
    {
        return [[$this->corners[0]], ...array_map(fn(array $side): array => [$side[1]], $this->pairs())];
    }

    public function at(float $share): Stand
    {
        return Legs::at($this, $share);
    }

    /** @return list<array{array{float, float}, array{float, float}}> of each side where it begins and ends */
    private function pairs(): array
    {
        $many = count($this->corners);

        return array_map(
            fn(int $place): array => [$this->corners[$place], $this->corners[($place + 1) % $many]],
            array_keys($this->corners),
        );
    }

    /**
     * Corners where both sides, each so far to its left as one goes along it, meet.
     *
     * @param non-empty-list<array{float, float}> $corners closed
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function beside(array $corners, float $mm): array
    {
        $many = count($corners);
        $moved = [];
        foreach ($corners as $place => $corner) {
            [$x1, $y1] = self::aside($corners[($place + $many - 1) % $many], $corner);
            [$x2, $y2] = self::aside($corner, $corners[($place + 1) % $many]);
            $by = $mm / (1 + $x1 * $x2 + $y1 * $y2);
            $moved[] = [$corner[0] + $by * ($x1 + $x2), $corner[1] + $by * ($y1 + $y2)];
        }

        return $moved;
    }

    /**
     * Of a way, one long, to its left as it is seen.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     *
     * @return array{float, float}
     */
    private static function aside(array $from, array $to): array
    {
        $long = max(1e-12, hypot($to[0] - $from[0], $to[1] - $from[1]));

        return [($to[1] - $from[1]) / $long, ($from[0] - $to[0]) / $long];
    }
}
