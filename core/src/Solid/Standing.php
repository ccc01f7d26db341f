<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Made;

/**
 * A bag of one piece as it stands: level by level, each as large as what goes around it there (geometry). On a base
 * every level is like its outline; a fold is as wide as its strip and opens to a circle at the rim; what hangs from
 * frames comes together to a line.
 */
final readonly class Standing
{
    /** Half of what the innermost ring of a base is wide, mm. */
    private const LEAST = 1e-4;

    /** mm. */
    public float $height;

    /** How it goes around on its outline; null where it rises otherwise. */
    private ?Rim $foot;

    /**
     * @param list<array{float, float, float}> $levels around at the foot and at the top of every part that stands, and
     *        how high it is, mm
     * @param list<array{Row, int, float, float}> $rows that stand, each with its place among those of all parts, where
     *        it begins and how high it is, mm
     */
    private function __construct(private Made $first, public array $levels, public array $rows)
    {
        $this->height = array_sum(array_column($levels, 2));
        $this->foot = $first->outline === null || $this->bends() ? null : Rim::of($first->outline, $first->sideways);
    }

    /**
     * @param non-empty-list<Made> $parts in working order, the first what the others stand on, or hang from
     */
    public static function of(array $parts, Gauge $gauge): self
    {
        return new self($parts[0], self::levels($parts, $gauge), self::rows($parts, $gauge));
    }

    /**
     * @param non-empty-list<Made> $parts
     *
     * @return list<array{Row, int, float, float}>
     */
    private static function rows(array $parts, Gauge $gauge): array
    {
        $rows = [];
        $place = 0;
        $foot = 0.0;
        foreach ($parts as $part) {
            foreach ($part->rows as $nth => $row) {
                if ($row->stands) {
                    $high = $gauge->heightOf($row->fabric)->mm;
                    $rows[] = [$row, $place + $nth, $foot, $high];
                    $foot += $high;
                }
            }
            $place += $part->many();
        }

        return $rows;
    }

    /** @return list<int> places of the rounds that lie, which its base grows by */
    public function lying(): array
    {
        return array_keys(array_filter(
            $this->first->rows,
            fn(Row $row): bool => ! $row->stands && $row->kind === RowKind::Round,
        ));
    }

    /**
     * Its base from what that begins on to its edge: before the first round that lies, after it, and so on; of a base
     * without such rounds from the middle to the edge.
     *
     * @return list<Rim> none of what stands on nothing that lies flat
     */
    public function rings(): array
    {
        $outline = $this->first->outline;
        if ($outline === null || $this->bends()) {
            return [];
        }
        $many = max(1, count($this->lying()));
        $step = min($outline->length(), $outline->width()) / 2 / $many;
        $rings = [];
        for ($nth = $many; $nth > 0; $nth--) {
            // Not to nothing, which goes no way around.
            $inset = $outline->inset($nth * $step - ($nth === $many ? self::LEAST : 0.0));
            $rings[] = Rim::of($inset, $this->first->sideways);
        }

        return [...$rings, $this->rim(0.0)];
    }

    /** Whether anything stands, and on something. */
    public function stands(): bool
    {
        return $this->height > 0.0 && ($this->levels[0][0] ?? 0.0) > 0.0;
    }

    /** Whether its wall rises otherwise than straight from level to level. */
    public function bends(): bool
    {
        return $this->first->opens !== null || $this->first->closes !== null;
    }

    /** What it holds to the rim. */
    public function litres(): float
    {
        if (! $this->stands()) {
            return 0.0;
        }
        $volume = $up = 0.0;
        foreach ($this->levels as [$below, $above, $high]) {
            // Simpson's rule: exact for what is straight from level to level.
            $volume += $high / 6 * (
                $this->area($below, $up / $this->height)
                + 4 * $this->area(($below + $above) / 2, ($up + $high / 2) / $this->height)
                + $this->area($above, ($up + $high) / $this->height)
            );
            $up += $high;
        }

        return $volume / 1e6;
    }

    /** mm² inside what goes so far around, at a share of the height. */
    private function area(float $around, float $share): float
    {
        if ($this->first->opens !== null) {
            $wide = self::opened($this->first->opens->mm, $around, $share);

            return $wide * $around / 2 - M_PI * $wide ** 2 / 4;
        }

        return ($this->first->outline?->area() ?? 0.0) * ($around / $this->levels[0][0]) ** 2
            * ($this->first->closes === null ? 1 : 1 - $share);
    }

    /** How wide a fold stands open, mm: two straight sides and two half circles. */
    private static function opened(float $strip, float $around, float $share): float
    {
        $circle = $around / M_PI;

        return min($strip, $circle) + $share * ($circle - min($strip, $circle));
    }

    /** Around at so many mm above the foot. */
    public function around(float $up): float
    {
        $foot = 0.0;
        $around = 0.0;
        foreach ($this->levels as [$below, $above, $high]) {
            if ($up <= $foot + $high + 1e-9) {
                return $below + ($above - $below) * ($high > 0 ? max(0.0, $up - $foot) / $high : 1.0);
            }
            $foot += $high;
            $around = $above;
        }

        return $around;
    }

    /** How it goes around so many mm above the foot. */
    public function rim(float $up): Rim
    {
        $around = $this->around($up);
        $share = $this->height > 0.0 ? min(1.0, $up / $this->height) : 0.0;
        if ($this->first->opens !== null) {
            return Rim::fold($around, self::opened($this->first->opens->mm, $around, $share));
        }
        $outline = $this->first->outline;
        if ($outline === null) {
            return Rim::fold($around, $around / M_PI);
        }
        $times = $around / max(1e-9, $this->levels[0][0] ?? 0.0);

        return $this->first->closes === null
            ? ($this->foot ?? Rim::of($outline, $this->first->sideways))->scaled($times)
            : Rim::pressed($times * $outline->perimeter(), $this->area($around, $share));
    }

    /**
     * A wall is straight from where it begins to where it ends, and rounds that were picked up belong to it; handles
     * and what is worked over them stand on it as it ends.
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
            if ($part->freely) {
                array_push($levels, ...self::freely($standing, $gauge));
                $top = $last->count->leaves * $gauge->widthOf($last->fabric)->mm;

                continue;
            }
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

    /**
     * @param list<Row> $standing
     *
     * @return list<array{float, float, float}>
     */
    private static function freely(array $standing, Gauge $gauge): array
    {
        $levels = [];
        $below = null;
        foreach ($standing as $row) {
            $wide = $gauge->widthOf($row->fabric)->mm;
            $above = $row->count->leaves * $wide;
            // What was picked up is as long as its own stitches.
            $foot = $row->part === Part::Body ? $row->count->takes * $wide : $above;
            $levels[] = [$below ?? $foot, $above, $gauge->heightOf($row->fabric)->mm];
            $below = $above;
        }

        return $levels;
    }
}
