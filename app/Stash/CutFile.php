<?php

declare(strict_types=1);

namespace App\Stash;

use App\Files\Csv;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Strip\Cutting;

/** The cuts of one piece as CSV, in their order; where each begins and ends is measured from the upper left corner. */
final class CutFile
{
    private const COLUMNS = [
        'n' => 'cut',
        'kind' => 'kind',
        'x1' => 'from x (mm)',
        'y1' => 'from y (mm)',
        'x2' => 'to x (mm)',
        'y2' => 'to y (mm)',
        'length' => 'length (mm)',
    ];

    public static function write(Cutting $cutting): string
    {
        $mm = fn(float $value): string => Decimal::exact(round($value, 1));
        $rows = [];
        foreach ($cutting->cuts as $place => $cut) {
            $rows[] = [
                (string) ($place + 1),
                $cut->kind->value,
                $mm($cut->x1),
                $mm($cut->y1),
                $mm($cut->x2),
                $mm($cut->y2),
                $mm(hypot($cut->x2 - $cut->x1, $cut->y2 - $cut->y1)),
            ];
        }

        return (new Csv(self::COLUMNS))->write($rows);
    }
}
