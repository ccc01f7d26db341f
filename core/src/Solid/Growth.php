<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Piece\Made;

/**
 * How a bag of one piece grows: of each row the line that it begins on and the line that it ends in, closed, as they
 * stand. Millimetres, as Solid has them.
 */
final readonly class Growth
{
    /** Points of a line. */
    private const AROUND = 40;

    /**
     * @param list<array{int, list<array{float, float, float}>, list<array{float, float, float}>}> $rows place, where it
     *        begins and where it ends; a base's from its middle outward
     */
    private function __construct(public array $rows) {}

    /** @param non-empty-list<Made> $parts in working order; of a bag of pieces nothing */
    public static function of(array $parts, Gauge $gauge): self
    {
        $standing = Standing::of($parts, $gauge);
        if ($parts[0]->assembly !== null || ! $standing->stands()) {
            return new self([]);
        }
        $way = $parts[0]->hangs ? -1 : 1;
        $rows = [];
        $rings = $standing->rings();
        foreach ($rings === [] ? [] : $standing->lying() as $nth => $place) {
            $rows[] = [$place, self::line($rings[$nth], 0.0), self::line($rings[$nth + 1], 0.0)];
        }
        foreach ($standing->rows as [, $place, $up, $high]) {
            $rows[] = [
                $place,
                self::line($standing->rim($up), $way * $up),
                self::line($standing->rim($up + $high), $way * ($up + $high)),
            ];
        }

        return new self($rows);
    }

    /** @return list<array{float, float, float}> */
    private static function line(Rim $rim, float $up): array
    {
        $line = [];
        for ($nth = 0; $nth < self::AROUND; $nth++) {
            [$x, $z] = $rim->at($nth / self::AROUND);
            $line[] = [$x, $up, $z];
        }

        return $line;
    }
}
