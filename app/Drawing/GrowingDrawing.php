<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Piece\Face;

/**
 * A bag as it grows at Work: its shape in lines, every row a band of its own, which the page lights by classes as it is
 * done, without the network.
 */
final readonly class GrowingDrawing
{
    private const WIDE = 320;

    private const HIGH = 230;

    private const MARGIN = 8.0;

    /** Bands that are lower than that go together, pixels. */
    private const LEAST = 2.4;

    /** @param list<string> $colours */
    private function __construct(private BagPlan $plan, private array $colours, private SolidPaint $paint) {}

    /** @param non-empty-list<string> $colours of its strands, as #rrggbb */
    public static function of(BagPlan $plan, array $colours): string
    {
        $rows = $plan->growth()->rows;
        $faces = $plan->assembly()?->closed()->faces ?? [];
        $reach = SolidPaint::reached([
            ...array_merge(...array_map(fn(array $row): array => [$row[1], $row[2]], $rows)),
            ...array_map(fn(Face $face): array => $face->corners, $faces),
        ]);
        $paint = SolidPaint::filling($colours, $reach, self::WIDE, self::HIGH, self::MARGIN);
        $drawing = new self($plan, $colours, $paint);
        $drawn = $faces === [] ? $drawing->rows($rows) : $drawing->pieces($faces);

        return '<svg viewBox="0 0 '.self::WIDE.' '.self::HIGH."\" aria-hidden=\"true\">{$drawn}</svg>";
    }

    /** @param list<array{int, list<array{float, float, float}>, list<array{float, float, float}>}> $rows */
    private function rows(array $rows): string
    {
        $drawn = '';
        $first = null;
        foreach ($rows as $nth => [$place, $below, $above]) {
            $first ??= [$place, $below];
            $isLying = abs($below[0][1] - $above[0][1]) < 1e-6;
            $next = $rows[$nth + 1][0] ?? null;
            $isLow = ! $isLying && $next !== null && $this->strand($next) === $this->strand($place)
                && abs($above[0][1] - $first[1][0][1]) * $this->paint->scale < self::LEAST;
            if ($isLow) {
                continue;
            }
            $rim = $this->paint->ring($above);
            $drawn .= $this->band(
                [$first[0], $place],
                $isLying ? $rim : $this->paint->ring([
                    ...self::front($first[1]), ...array_reverse(self::front($above)),
                ]),
                $rim,
            );
            $first = null;
        }

        return $drawn;
    }

    private function strand(int $place): int
    {
        return $this->plan->materials[$place] ?? 0;
    }

    /**
     * What is seen of a line from outside: from its left end to the right around the front, as lines go.
     *
     * @param list<array{float, float, float}> $line
     *
     * @return list<array{float, float, float}>
     */
    private static function front(array $line): array
    {
        $xs = array_map(fn(array $at): float => SolidPaint::seen($at)[0], $line);
        $left = $right = 0;
        foreach ($xs as $nth => $x) {
            $left = $x < $xs[$left] ? $nth : $left;
            $right = $x > $xs[$right] ? $nth : $right;
        }

        return $left <= $right
            ? array_slice($line, $left, $right - $left + 1)
            : [...array_slice($line, $left), ...array_slice($line, 0, $right + 1)];
    }

    /**
     * Pieces as they will close, each lit as it is worked.
     *
     * @param list<Face> $faces
     */
    private function pieces(array $faces): string
    {
        $rows = $this->plan->assembly()?->places() ?? [];
        $last = max([0, ...array_column($rows, 1)]);
        usort($faces, fn(Face $one, Face $other): int
            => SolidPaint::near($one->corners) <=> SolidPaint::near($other->corners));
        $drawn = '';
        foreach ($faces as $face) {
            $way = $this->paint->ring($face->corners);
            $drawn .= $this->band($rows[$face->of] ?? [0, $last], $way, $way);
        }

        return $drawn;
    }

    /**
     * @param array{int, int} $rows places of the first and the last of it
     * @param string $way around it
     * @param string $rim where it ends
     */
    private function band(array $rows, string $way, string $rim): string
    {
        [$from, $to] = $rows;
        $colour = $this->colours[$this->strand($to)] ?? SolidPaint::METAL;

        return "<g data-from=\"{$from}\" data-to=\"{$to}\"><path class=\"band\" d=\"{$way}\" fill=\"{$colour}\"/>"
            ."<path class=\"rim\" d=\"{$rim}\"/></g>";
    }
}
