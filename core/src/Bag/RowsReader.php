<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;

/** Reads what belongs to rows by their names: `others` and `changes`, and `weigh_ins`. */
final class RowsReader
{
    private const MOST_OTHERS = 8;

    public const MOST_CHANGES = 60;

    private const MOST_WEIGH_INS = 60;

    private const LONGEST_ROW = 40;

    /** @return list<?Material> worked beside the bag's own */
    public static function others(Fields $top): array
    {
        return array_map(MaterialReader::read(...), $top->objects('others', self::MOST_OTHERS));
    }

    /** @return list<Change> */
    public static function changes(Fields $top, int $others): array
    {
        $changes = [];
        foreach ($top->objects('changes', self::MOST_CHANGES) as $one) {
            $from = $one->text('from', self::LONGEST_ROW);
            $to = $one->whole('to', 0, $others, 'the bag’s own material is 0, its others are', optional: false);
            $one->close();
            if ($from !== null && $to !== null) {
                $changes[] = new Change($from, $to);
            }
        }
        if ($others > 0 && $changes === []) {
            $top->refuse('changes', 'Say from which round another material is worked.');
        }

        return $changes;
    }

    /** @return list<WeighIn> */
    public static function weighIns(Fields $top): array
    {
        $weighIns = [];
        foreach ($top->objects('weigh_ins', self::MOST_WEIGH_INS) as $one) {
            $after = $one->text('after', self::LONGEST_ROW);
            $left = $one->quantity('left', fn(string $text): Mass => Mass::parse($text));
            $one->close();
            if ($after !== null && $left !== null) {
                $weighIns[] = new WeighIn($after, $left);
            }
        }

        return $weighIns;
    }
}
