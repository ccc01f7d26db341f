<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Made;

/**
 * What a bag of one piece holds, as it stands: level by level, each as large as what goes around it there (geometry).
 * On
 * a base every level is like its outline; a fold is as wide as its strip and opens to a circle at the rim; what hangs
 * from frames comes together to a line.
 */
final class Volume
{
    /**
     * @param non-empty-list<Made> $parts in working order, the first what the others stand on, or hang from
     */
    public static function litres(array $parts, Gauge $gauge): float
    {
        $first = $parts[0];
        $levels = self::levels($parts, $gauge);
        $height = array_sum(array_column($levels, 2));
        $foot = $levels[0][0] ?? 0.0;
        if ($height <= 0.0 || $foot <= 0.0) {
            return 0.0;
        }
        $area = fn(float $around, float $share): float => match (true) {
            $first->opens !== null => self::fold($first->opens->mm, $around, $share),
            default => ($first->outline?->area() ?? 0.0) * ($around / $foot) ** 2
                * ($first->closes === null ? 1 : 1 - $share),
        };
        $volume = $up = 0.0;
        foreach ($levels as [$below, $above, $high]) {
            // Simpson's rule: exact for what is straight from level to level.
            $volume += $high / 6 * (
                $area($below, $up / $height)
                + 4 * $area(($below + $above) / 2, ($up + $high / 2) / $height)
                + $area($above, ($up + $high) / $height)
            );
            $up += $high;
        }

        return $volume / 1e6;
    }

    /** Area of a fold that opens, mm²: two straight sides and two half circles. */
    private static function fold(float $strip, float $around, float $share): float
    {
        $circle = $around / M_PI;
        $wide = min($strip, $circle) + $share * ($circle - min($strip, $circle));

        return $wide * $around / 2 - M_PI * $wide ** 2 / 4;
    }

    /**
     * Around at the foot and at the top of every part that stands, and how high it is, mm: a wall is straight from
     * where
     * it begins to where it ends, and rounds that were picked up belong to it; handles and what is worked over them
     * stand
     * on it as it ends.
     *
     * @param non-empty-list<Made> $parts
     *
     * @return list<array{float, float, float}>
     */
    private static function levels(array $parts, Gauge $gauge): array
    {
        $levels = [];
        $top = $begun = null;
        $high = 0.0;
        foreach ($parts as $part) {
            $standing = array_values(array_filter($part->rows, fn(Row $row): bool => $row->stands));
            if ($standing === []) {
                continue;
            }
            [$foot, $last] = [$standing[0], $standing[count($standing) - 1]];
            $high += array_sum(array_map(fn(Row $row): float => $gauge->heightOf($row->fabric)->mm, $standing));
            $is = $foot->part;
            if ($is === Part::Body || $top === null) {
                $many = $is === Part::Body ? $foot->count->takes : $foot->count->leaves;
                $around = $many * $gauge->widthOf($foot->fabric)->mm;
                $top = $last->count->leaves * $gauge->widthOf($last->fabric)->mm;
            } else {
                $around = $top;
            }
            $begun ??= $around;
            if ($is !== Part::Base) {
                $levels[] = [$begun, $top, $high];
                [$begun, $high] = [null, 0.0];
            }
        }

        return $begun === null || $top === null ? $levels : [...$levels, [$begun, $top, $high]];
    }
}
