<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

/** A flat face cut into triangles, ear by ear (Meisters, 1975). */
final class Ears
{
    /**
     * @param list<array{float, float, float}> $corners seen from outside, counter-clockwise
     * @param array{float, float, float} $normal outward
     *
     * @return list<int> places of the corners of each triangle, three by three
     */
    public static function cut(array $corners, array $normal): array
    {
        $flat = self::flattened($corners, $normal);
        $left = array_keys($flat);
        $triangles = [];
        while (count($left) > 3) {
            $ear = self::ear($flat, $left) ?? 1;
            $many = count($left);
            array_push($triangles, $left[($ear + $many - 1) % $many], $left[$ear], $left[($ear + 1) % $many]);
            array_splice($left, $ear, 1);
        }

        return count($left) < 3 ? [] : [...$triangles, ...$left];
    }

    /**
     * Seen along the axis that it faces most.
     *
     * @param list<array{float, float, float}> $corners
     * @param array{float, float, float} $normal
     *
     * @return list<array{float, float}>
     */
    private static function flattened(array $corners, array $normal): array
    {
        [$x, $y, $z] = array_map(abs(...), $normal);

        return array_map(fn(array $at): array => match (true) {
            $z >= $x && $z >= $y => [$normal[2] > 0 ? $at[0] : -$at[0], $at[1]],
            $x >= $y => [$normal[0] > 0 ? $at[1] : -$at[1], $at[2]],
            default => [$normal[1] > 0 ? $at[2] : -$at[2], $at[0]],
        }, $corners);
    }

    /**
     * The first corner that is convex and cuts off no other.
     *
     * @param list<array{float, float}> $flat
     * @param list<int> $left
     */
    private static function ear(array $flat, array $left): ?int
    {
        $many = count($left);
        for ($nth = 0; $nth < $many; $nth++) {
            [$a, $b, $c] = [
                $flat[$left[($nth + $many - 1) % $many]], $flat[$left[$nth]], $flat[$left[($nth + 1) % $many]],
            ];
            if (self::turn($a, $b, $c) <= 0.0) {
                continue;
            }
            $isFree = true;
            foreach ($left as $place) {
                $at = $flat[$place];
                $isCorner = $at === $a || $at === $b || $at === $c;
                $isFree = $isFree && ($isCorner || self::turn($a, $b, $at) < 0.0 || self::turn($b, $c, $at) < 0.0
                    || self::turn($c, $a, $at) < 0.0);
            }
            if ($isFree) {
                return $nth;
            }
        }

        return null;
    }

    /**
     * Twice the area of a triangle: over 0 where it turns to the left.
     *
     * @param array{float, float} $a
     * @param array{float, float} $b
     * @param array{float, float} $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
