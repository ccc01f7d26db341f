<?php

declare(strict_types=1);

namespace App\Files;

use App\Tongue\Tongues;

/**
 * Tables as CSV, with units in their header. Reads what it writes, and what a spreadsheet makes of it: semicolons, a
 * byte order mark.
 */
final readonly class Csv
{
    public const MOST_BYTES = 4_194_304;

    private const MOST_LINES = 20_000;

    /**
     * @param array<string, string> $columns by field, as the header names them
     * @param list<string> $must columns that a file has to have
     * @param array<string, string> $also other names a header may have, and the columns they mean
     */
    public function __construct(private array $columns, private array $must = [], private array $also = []) {}

    /** @param iterable<list<string>> $rows cells in the order of the columns */
    public function write(iterable $rows): string
    {
        $file = self::inMemory();
        fputcsv($file, array_values($this->columns), escape: '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::safe(...), $row), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** @return Reading<array{int, array<string, string>}> lines by their number, each as trimmed text by field */
    public function read(string $text): Reading
    {
        if (strlen($text) > self::MOST_BYTES) {
            return self::refuse(Tongues::tell('The file is larger than any such table; Fescue reads up to 4 MB.'));
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            return self::refuse(
                Tongues::tell('The file is not text in UTF-8; save it from the spreadsheet as “CSV UTF-8”.'),
            );
        }
        $lines = self::lines((string) preg_replace('/^\x{FEFF}/u', '', $text));
        $header = array_map(fn(?string $cell): string => mb_strtolower(trim((string) $cell)), $lines[1] ?? []);
        unset($lines[1]);
        $header = array_map(fn(string $cell): string => $this->also[$cell] ?? $cell, $header);
        $missing = array_diff($this->must, $header);
        if ($missing !== []) {
            return self::refuse(Tongues::tell(
                'The first line should name the columns; missing: {missing}.',
                ['missing' => implode(', ', $missing)],
            ));
        }
        if (count($lines) > self::MOST_LINES) {
            return self::refuse(Tongues::tell(
                'Fescue reads up to {most} lines at a time; this has {lines}.',
                ['most' => self::MOST_LINES, 'lines' => count($lines)],
            ));
        }
        $unknown = array_diff(array_filter($header, fn(string $cell): bool => $cell !== ''), $this->columns);
        if ($unknown !== []) {
            return self::refuse(
                Tongues::tell(
                    'Fescue does not know the column “{unknown}”; the columns are: {columns}.',
                    [
                        'unknown' => mb_substr($unknown[array_key_first($unknown)], 0, 40, ),
                        'columns' => implode(', ', $this->columns),
                    ],
                ),
            );
        }
        $good = $problems = [];
        foreach ($lines as $number => $cells) {
            if (count($cells) > count($header)) {
                $problems[$number] = [
                    Tongues::tell(
                        'This line has {cells} cells where the first line names {header}; put text with a '
                            .'separator in it in quotes.',
                        ['cells' => count($cells), 'header' => count($header)],
                    ),
                ];
            } else {
                $good[] = [$number, $this->text($header, $cells)];
            }
        }

        return new Reading($good, $problems);
    }

    /** @return Reading<array{int, array<string, string>}> */
    private static function refuse(string $problem): Reading
    {
        return new Reading([], [1 => [$problem]]);
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
    private function text(array $header, array $cells): array
    {
        $text = [];
        foreach ($this->columns as $field => $column) {
            $place = array_search($column, $header, true);
            $text[$field] = (string) preg_replace(
                "/^'(?=[=+\-@])/",
                '',
                trim($place === false ? '' : $cells[$place] ?? ''),
            );
        }

        return $text;
    }

    /** A spreadsheet would take a cell that starts like this for a formula. */
    private static function safe(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r]/', $cell) === 1 && ! is_numeric($cell) ? "'{$cell}" : $cell;
    }

    /** @return resource */
    private static function inMemory()
    {
        $file = fopen('php://memory', 'w+');

        return $file === false ? throw new \RuntimeException('No memory for a file.') : $file;
    }
}
