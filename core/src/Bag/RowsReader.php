<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;

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
            $from = self::row($one, 'from');
            $to = $one->whole('to', 0, $others, 'the bag’s own material is 0, its others are', optional: false);
            $one->close();
            if ($from !== null && $to !== null) {
                $changes[] = new Change($from, $to);
            }
        }
        if ($others > 0 && $changes === []) {
            $top->refuse('changes', new Saying('Say from which round another material is worked.'));
        }

        return $changes;
    }

    private static function row(Fields $one, string $key): ?RowId
    {
        $text = $one->text($key, self::LONGEST_ROW);
        $row = $text === null ? null : RowId::read($text);
        if ($text !== null && $row === null) {
            $one->refuse($key, new Saying(
                '“{text}” is no row; write one as the pattern does, like “Round 5”.',
                ['text' => $text],
            ));
        }

        return $row;
    }

    /** @return list<WeighIn> */
    public static function weighIns(Fields $top): array
    {
        $weighIns = [];
        foreach ($top->objects('weigh_ins', self::MOST_WEIGH_INS) as $one) {
            $after = self::row($one, 'after');
            $left = $one->quantity('left', fn(string $text): Mass => Mass::parse($text));
            $one->close();
            if ($after !== null && $left !== null) {
                $weighIns[] = new WeighIn($after, $left);
            }
        }

        return $weighIns;
    }
}
