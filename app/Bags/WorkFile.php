<?php

declare(strict_types=1);

namespace App\Bags;

use App\Files\Csv;
use App\Models\Bag;
use Fescue\Core\Work\Entry;

/** The log of a bag's work as CSV. */
final class WorkFile
{
    private const COLUMNS = [
        'turn' => 'turn',
        'device' => 'device',
        'at' => 'when (UTC, by the device)',
        'did' => 'did',
        'row' => 'row',
        'stitch' => 'stitches done',
        'counted' => 'counted',
    ];

    public static function write(Bag $bag): string
    {
        return (new Csv(self::COLUMNS))->write(array_map(fn(Entry $entry): array => [
            (string) $entry->turn,
            $entry->device,
            gmdate('Y-m-d\TH:i:s\Z', intdiv($entry->at, 1000)),
            $entry->did->value,
            (string) $entry->row,
            (string) $entry->stitch,
            (string) $entry->counted,
        ], WorkLog::of($bag)->entries));
    }
}
