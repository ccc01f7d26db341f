<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Shape\Legs;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Stadium;

/**
 * How a bag goes around at one level, as it stands: points to the right from the middle of its front. Millimetres, x
 * right and z toward whoever looks at the front.
 */
final readonly class Rim
{
    /** Corners of what is pressed together, however far: its sides are shares of their own. */
    private const PRESSED = [0.2, 0.3, 0.7, 0.8, 1.0];

    /**
     * @param non-empty-list<array{float, float}> $points closed
     * @param list<float> $ends mm from the first point to each next, and around
     * @param list<float> $shares of what goes around, from the first point to each next; they may be told otherwise
     *        than by length, so that corners of one level stand over those of the next
     */
    private function __construct(private array $points, private array $ends, private array $shares) {}

    /** @param bool $sideways whether the front stands along its width */
    public static function of(Outline $outline, bool $sideways = false): self
    {
        $points = array_map(
            // An outline's first side is the front, its last the back.
            fn(array $at): array => $sideways ? [-$at[1], $at[0]] : [-$at[0], -$at[1]],
            Legs::points($outline),
        );

        return self::begun($points);
    }

    /** Two straight sides and two half circles, of no width at the least: a fold so far open. */
    public static function fold(float $around, float $wide): self
    {
        $wide = max(0.0, min($wide, $around / M_PI));

        return self::of(new Stadium(max(0.0, ($around - M_PI * $wide) / 2), $wide / 2));
    }

    /** A rectangle pressed together until it holds so little, as long around. */
    public static function pressed(float $around, float $area): self
    {
        // Of sides a and b: a + b is half of what goes around, a · b the area.
        $half = $around / 2;
        $root = sqrt(max(0.0, $half ** 2 - 4 * $area));

        $pressed = self::of(new Rectangle(($half + $root) / 2, ($half - $root) / 2));

        return new self($pressed->points, $pressed->ends, self::PRESSED);
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function begun(array $points): self
    {
        // Where the front crosses the middle, between two points.
        $many = count($points);
        $best = null;
        foreach ($points as $nth => [$x, $z]) {
            [$nextX, $nextZ] = $points[($nth + 1) % $many];
            if ($x <= 0 && $nextX > 0) {
                $at = [0.0, $z + ($nextX - $x > 0 ? -$x / ($nextX - $x) : 0.0) * ($nextZ - $z)];
                $best = $best === null || $at[1] > $best[1][1] ? [$nth, $at] : $best;
            }
        }
        if ($best !== null) {
            [$nth, $at] = $best;
            $points = [$at, ...array_slice($points, $nth + 1), ...array_slice($points, 0, $nth + 1)];
        }
        $ends = [];
        $long = 0.0;
        foreach ($points as $nth => [$x, $z]) {
            [$nextX, $nextZ] = $points[($nth + 1) % count($points)];
            $ends[] = $long += hypot($nextX - $x, $nextZ - $z);
        }

        return new self($points, $ends, array_map(fn(float $end): float => $long > 0.0 ? $end / $long : 1.0, $ends));
    }

    /** The same so many times as large. */
    public function scaled(float $times): self
    {
        return new self(
            array_map(fn(array $at): array => [$at[0] * $times, $at[1] * $times], $this->points),
            array_map(fn(float $end): float => $end * $times, $this->ends),
            $this->shares,
        );
    }

    public function around(): float
    {
        return $this->ends[count($this->ends) - 1] ?? 0.0;
    }

    /** Gauss's area formula, mm². */
    public function area(): float
    {
        $twice = 0.0;
        foreach ($this->points as $nth => [$x, $z]) {
            [$nextX, $nextZ] = $this->points[($nth + 1) % count($this->points)];
            $twice += $x * $nextZ - $nextX * $z;
        }

        return abs($twice) / 2;
    }

    /**
     * So far to the right from the middle of the front, as a share of what goes around.
     *
     * @return array{float, float}
     */
    public function at(float $share): array
    {
        $along = $share - floor($share);
        $before = 0.0;
        foreach ($this->shares as $nth => $end) {
            if ($along <= $end) {
                [[$x, $z], [$nextX, $nextZ]] = [$this->points[$nth], $this->points[($nth + 1) % count($this->points)]];
                $part = $end > $before ? ($along - $before) / ($end - $before) : 0.0;

                return [$x + $part * ($nextX - $x), $z + $part * ($nextZ - $z)];
            }
            $before = $end;
        }

        return $this->points[0];
    }

    /**
     * Where it turns by more than a third of a right angle, as shares.
     *
     * @return list<float>
     */
    public function corners(): array
    {
        return $this->turned(fn(float $turn): bool => abs($turn) > M_PI / 6);
    }

    /**
     * Corners, and points along its bows at every so many radians of turn, as shares.
     *
     * @return list<float>
     */
    public function bows(float $each): array
    {
        $sum = 0.0;

        return $this->turned(function (float $turn) use (&$sum, $each): bool {
            $sum += abs($turn);
            $isDue = $sum >= $each - 1e-9;
            $sum = $isDue ? 0.0 : $sum;

            return $isDue;
        });
    }

    /**
     * @param \Closure(float): bool $is asked at each point, how far it turns there, in radians
     *
     * @return list<float> shares of those that are
     */
    private function turned(\Closure $is): array
    {
        $shares = [];
        $many = count($this->points);
        foreach ($this->points as $nth => [$x, $z]) {
            [$fromX, $fromZ] = $this->points[($nth + $many - 1) % $many];
            [$toX, $toZ] = $this->points[($nth + 1) % $many];
            $turn = atan2($toZ - $z, $toX - $x) - atan2($z - $fromZ, $x - $fromX);
            if ($is(atan2(sin($turn), cos($turn)))) {
                $shares[] = $nth > 0 ? $this->shares[$nth - 1] ?? 0.0 : 0.0;
            }
        }

        return $shares;
    }
}
