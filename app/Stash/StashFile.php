<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Material;
use App\Models\StockEntry;
use App\Models\User;
use Closure;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Illuminate\Support\Facades\DB;

/** The stash as CSV with units in its header. */
final class StashFile
{
    public const MOST_BYTES = 4_194_304;

    private const MOST_LINES = 20_000;

    /** Rows written together. */
    private const AT_ONCE = 500;

    /** Column by field: its unit is the one a bare number in it means. */
    public const COLUMNS = [
        'kind' => 'kind', 'name' => 'name', 'colour' => 'colour', 'make' => 'make', 'fibre' => 'fibre', 'diameter' => 'diameter (mm)',
        'strip_width' => 'strip width (mm)', 'width' => 'width (mm)', 'pull' => 'pull (%)', 'areal' => 'cloth (g/m2)',
        'sample_length' => 'piece (m)', 'sample_count' => 'tabs weighed', 'sample_mass' => 'piece (g)', 'pitch' => 'pitch (mm)', 'cord' => 'strung on',
        'label_hook' => 'label hook (mm)', 'acquired' => 'source', 'price' => 'price', 'price_for' => 'price for (g or tabs)', 'care' => 'care', 'on_hand' => 'on hand (g or tabs)',
    ];

    /** A file may still say what is on hand as it was said when there was only cord. */
    private const ALSO = ['on hand (g)' => 'on hand (g or tabs)', 'on hand' => 'on hand (g or tabs)'];

    /** @param iterable<Material> $materials with what they are strung on */
    public static function write(iterable $materials): string
    {
        $file = self::inMemory();
        fputcsv($file, array_values(self::COLUMNS), escape: '');
        foreach ($materials as $material) {
            fputcsv($file, array_map(self::safe(...), self::cells($material)), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * Reads what write() writes, and what a spreadsheet makes of it: semicolons, decimal commas, a byte order mark.
     *
     * @param Closure(string): ?int $cord finds the maker's strand of that name
     */
    public static function read(string $text, Closure $cord): StashReading
    {
        if (strlen($text) > self::MOST_BYTES) {
            return new StashReading([], [1 => ['The file is larger than any stash; Fescue reads up to 4 MB.']]);
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            return new StashReading([], [1 => ['The file is not text in UTF-8; save it from the spreadsheet as “CSV UTF-8”.']]);
        }
        $lines = self::lines((string) preg_replace('/^\x{FEFF}/u', '', $text));
        $header = array_map(fn(?string $cell): string => mb_strtolower(trim((string) $cell)), $lines[1] ?? []);
        unset($lines[1]);
        $header = array_map(fn(string $cell): string => self::ALSO[$cell] ?? $cell, $header);
        $missing = array_diff(['name'], $header);
        if ($missing !== []) {
            return new StashReading([], [1 => ['The first line should name the columns; missing: '.implode(', ', $missing).'.']]);
        }
        if (count($lines) > self::MOST_LINES) {
            return new StashReading([], [1 => ['Fescue reads up to '.self::MOST_LINES.' lines at a time; this has '.count($lines).'.']]);
        }
        $unknown = array_diff(array_filter($header, fn(string $cell): bool => $cell !== ''), self::COLUMNS);
        if ($unknown !== []) {
            return new StashReading([], [1 => ['Fescue does not know the column “'.mb_substr((string) reset($unknown), 0, 40).'”; the columns are: '.implode(', ', self::COLUMNS).'.']]);
        }
        $texts = array_map(fn(array $cells): array => self::text($header, $cells), $lines);
        $strands = [];
        foreach ($texts as $text) {
            if ($text['kind'] !== Kind::Tabs->value) {
                $strands[$text['name']] = true;
            }
        }
        $found = fn(string $name): ?int => $cord($name) ?? (isset($strands[$name]) ? MaterialText::SAME_FILE : null);
        $materials = [];
        $problems = [];
        foreach ($lines as $number => $cells) {
            if (count($cells) > count($header)) {
                $problems[$number] = ['This line has '.count($cells).' cells where the first line names '.count($header).'; put text with a separator in it in quotes.'];

                continue;
            }
            $read = new MaterialText($texts[$number], $found);
            if ($read->wrong === []) {
                $materials[] = $read;
            } else {
                $problems[$number] = array_map(fn(string $field, string $said): string => (self::COLUMNS[$field] ?? $field).": {$said}", array_keys($read->wrong), $read->wrong);
            }
        }

        return new StashReading($materials, $problems);
    }

    /**
     * Takes in what was read, all of it or nothing: many rows at a time, for a file may hold thousands.
     *
     * @param list<MaterialText> $texts
     */
    public static function take(User $maker, array $texts): void
    {
        DB::transaction(function () use ($maker, $texts): void {
            $finder = Stash::finder($maker);
            $now = now()->toDateTimeString();
            foreach ([false, true] as $tabs) {
                // Tabs come last: the cord of the same file that they are strung on is there by then.
                $some = array_values(array_filter($texts, fn(MaterialText $text): bool => ($text->kind === Kind::Tabs) === $tabs));
                foreach (array_chunk($some, self::AT_ONCE) as $chunk) {
                    $first = self::insert($maker, $chunk, $finder, $now);
                    $lines = [];
                    foreach ($chunk as $place => $text) {
                        if ($text->onHand !== null) {
                            $lines[] = ['material_id' => $first + $place, 'move' => $text->firstMove()->value, 'amount' => round($text->onHand, 3), 'note' => MaterialText::FIRST, 'created_at' => $now, 'updated_at' => $now];
                        }
                    }
                    StockEntry::query()->insert($lines);
                }
            }
        });
    }

    /**
     * @param list<MaterialText> $texts
     * @param Closure(string): ?int $finder
     *
     * @return int number of the first: those of one insert follow each other (innodb_autoinc_lock_mode 1)
     */
    private static function insert(User $maker, array $texts, Closure $finder, string $now): int
    {
        $rows = [];
        foreach ($texts as $text) {
            $values = $text->values;
            if (($values['strung_on'] ?? null) === MaterialText::SAME_FILE) {
                $values['strung_on'] = $finder($text->strungOn);
            }
            $rows[] = (new Material($values))->getAttributes();
        }
        $columns = array_fill_keys(array_keys(array_merge(...$rows)), null);
        Material::query()->insert(array_map(fn(array $row): array => $row + $columns + ['user_id' => $maker->id, 'created_at' => $now, 'updated_at' => $now], $rows));
        $first = (int) DB::getPdo()->lastInsertId();
        if (Material::query()->withoutGlobalScopes()->where('user_id', $maker->id)->whereBetween('id', [$first, $first + count($rows) - 1])->count() !== count($rows)) {
            throw new \RuntimeException('The database did not number the rows in order.');
        }

        return $first;
    }

    /** @return array<int, list<?string>> cells by line number, empty lines left out */
    private static function lines(string $text): array
    {
        $first = strtok($text, "\r\n");
        $separator = $first !== false && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $file = self::inMemory();
        fwrite($file, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($file);
        $lines = [];
        $number = 1;
        while (($cells = fgetcsv($file, separator: $separator, escape: '')) !== false) {
            if ($cells !== [null]) {
                $lines[$number] = $cells;
            }
            // A quoted cell may hold line ends of its own.
            $number += 1 + substr_count(implode('', $cells), "\n");
        }

        return $lines;
    }

    /**
     * @param list<string> $header
     * @param list<?string> $cells
     *
     * @return array<string, string> by field
     */
    private static function text(array $header, array $cells): array
    {
        $text = [];
        foreach (self::COLUMNS as $field => $column) {
            $place = array_search($column, $header, true);
            $text[$field] = (string) preg_replace("/^'(?=[=+\-@])/", '', trim((string) ($place === false ? '' : $cells[$place] ?? '')));
        }

        return $text;
    }

    /** A spreadsheet would take a cell that starts like this for a formula. */
    private static function safe(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'{$cell}" : $cell;
    }

    /** @return list<string> in the order of COLUMNS */
    private static function cells(Material $material): array
    {
        $mm = fn(?Length $length): string => $length === null ? '' : Decimal::exact($length->mm);
        $number = fn(?float $value): string => $value === null ? '' : Decimal::exact($value);
        [$low, $high] = [$mm($material->label_low), $mm($material->label_high)];

        return [
            $material->kind->value, $material->name, $material->colour, $material->make->value ?? '', $material->fibre->value ?? '', $mm($material->diameter),
            $mm($material->strip_width), $mm($material->width), $number($material->pull === null ? null : ($material->pull - 1) * 100), $number($material->areal),
            $number($material->sample_length?->in(LengthUnit::Metre)), (string) $material->sample_count, $number($material->sample_mass?->grams), $mm($material->pitch), $material->strungOn->name ?? '',
            $low === $high ? $low : "{$low}–{$high}", $material->acquired->value ?? '', (string) $material->price, $number($material->price_for === null ? null : (float) $material->price_for), (string) $material->care, $number($material->balance()),
        ];
    }

    /** @return resource */
    private static function inMemory()
    {
        $file = fopen('php://memory', 'w+');

        return $file === false ? throw new \RuntimeException('No memory for a file.') : $file;
    }
}
