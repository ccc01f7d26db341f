<?php

declare(strict_types=1);

namespace Fescue\Core\Shape;

/** What outlines draw themselves with, and are walked along by. */
final class Legs
{
    /** Chords that a curve is walked in. */
    public const CHORDS = 24;

    /** The widest turn of one curve: wider ones leave the circle. */
    private const WIDEST = M_PI_2;

    /**
     * Along an ellipse, as curves: for a circle off by less than 3 in 10 000 (geometry).
     *
     * @param float $from angles in radians, counter-clockwise from the right as it is seen
     *
     * @return list<non-empty-list<array{float, float}>>
     */
    public static function turn(float $x, float $y, float $a, float $b, float $from, float $to): array
    {
        $many = max(1, (int) ceil(abs($to - $from) / self::WIDEST - 1e-9));
        $step = ($to - $from) / $many;
        $bend = 4 / 3 * tan($step / 4);
        $legs = [];
        for ($nth = 0; $nth < $many; $nth++) {
            [$one, $two] = [$from + $nth * $step, $from + ($nth + 1) * $step];
            $legs[] = [
                [$x + $a * (cos($one) - $bend * sin($one)), $y - $b * (sin($one) + $bend * cos($one))],
                [$x + $a * (cos($two) + $bend * sin($two)), $y - $b * (sin($two) - $bend * cos($two))],
                [$x + $a * cos($two), $y - $b * sin($two)],
            ];
        }

        return $legs;
    }

    /**
     * Points along an outline, each once.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function points(Outline $outline): array
    {
        $legs = $outline->legs();
        [$points, $at] = [[$legs[0][0]], $legs[0][0]];
        foreach (array_slice($legs, 1) as $leg) {
            $end = $leg[count($leg) - 1];
            for ($step = 1; count($leg) === 3 && $step < self::CHORDS; $step++) {
                [$t, $s] = [$step / self::CHORDS, 1 - $step / self::CHORDS];
                $points[] = array_map(
                    fn(int $axis): float => $s ** 3 * $at[$axis] + 3 * $s ** 2 * $t * $leg[0][$axis]
                        + 3 * $s * $t ** 2 * $leg[1][$axis] + $t ** 3 * $end[$axis],
                    [0, 1],
                );
            }
            $points[] = $at = $end;
        }
        array_pop($points);

        /** @var non-empty-list<array{float, float}> $points */
        return $points;
    }

    public static function at(Outline $outline, float $share): Stand
    {
        $points = self::points($outline);
        $way = (new Polyline([...$points, $points[0]]))->from(fmod($share, 1.0));

        // The middle of the first of very many.
        return $way->stand(0, 1_000_000);
    }
}
