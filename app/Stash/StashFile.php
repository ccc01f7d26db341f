<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Cord;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;
use Illuminate\Support\Facades\Validator;

/** The stash as CSV with units in its header. */
final class StashFile
{
    public const MOST_BYTES = 1_048_576;

    private const MOST_LINES = 5000;

    /** Column by field: its unit is the one a bare number in it means. */
    private const COLUMNS = ['name' => 'name', 'colour' => 'colour', 'diameter' => 'diameter (mm)', 'sample_length' => 'piece (m)', 'sample_mass' => 'piece (g)', 'on_hand' => 'on hand (g)'];

    /** @param iterable<Cord> $cords */
    public static function write(iterable $cords): string
    {
        $file = self::inMemory();
        fputcsv($file, array_values(self::COLUMNS), escape: '');
        foreach ($cords as $cord) {
            fputcsv($file, [
                // A spreadsheet would take a name that starts like this for a formula.
                preg_match('/^[=+\-@\t\r]/', $cord->name) === 1 ? "'{$cord->name}" : $cord->name,
                $cord->colour,
                Decimal::exact($cord->diameter->mm),
                Decimal::exact($cord->sample_length->in(LengthUnit::Metre)),
                Decimal::exact($cord->sample_mass->grams),
                $cord->on_hand === null ? '' : Decimal::exact($cord->on_hand->grams),
            ], escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** Reads what write() writes, and what a spreadsheet makes of it: semicolons, decimal commas, a byte order mark. */
    public static function read(string $text): StashReading
    {
        if (strlen($text) > self::MOST_BYTES) {
            return new StashReading([], [1 => ['The file is larger than any stash; Fescue reads up to 1 MB.']]);
        }
        if (! mb_check_encoding($text, 'UTF-8')) {
            return new StashReading([], [1 => ['The file is not text in UTF-8; save it from the spreadsheet as “CSV UTF-8”.']]);
        }
        $lines = self::lines((string) preg_replace('/^\x{FEFF}/u', '', $text));
        $header = array_map(fn(?string $cell): string => mb_strtolower(trim((string) $cell)), $lines[1] ?? []);
        unset($lines[1]);
        $missing = array_diff(array_diff_key(self::COLUMNS, ['colour' => 1, 'on_hand' => 1]), $header);
        if ($missing !== []) {
            return new StashReading([], [1 => ['The first line should name the columns; missing: '.implode(', ', $missing).'.']]);
        }
        if (count($lines) > self::MOST_LINES) {
            return new StashReading([], [1 => ['Fescue reads up to '.self::MOST_LINES.' lines at a time; this has '.count($lines).'.']]);
        }
        $cords = [];
        $problems = [];
        foreach ($lines as $number => $cells) {
            $cord = self::cord($header, $cells);
            if (isset($cord['problems'])) {
                $problems[$number] = $cord['problems'];
            } elseif (isset($cord['cord'])) {
                $cords[] = $cord['cord'];
            }
        }

        return new StashReading($cords, $problems);
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
     * @return array{cord?: array{name: string, colour: string, diameter: \Fescue\Core\Measure\Length, sample_length: \Fescue\Core\Measure\Length, sample_mass: \Fescue\Core\Measure\Mass, on_hand: ?\Fescue\Core\Measure\Mass}, problems?: list<string>}
     */
    private static function cord(array $header, array $cells): array
    {
        if (count($cells) > count($header)) {
            return ['problems' => ['This line has '.count($cells).' cells where the first line names '.count($header).'; put text with a separator in it in quotes.']];
        }
        $text = [];
        foreach (self::COLUMNS as $field => $column) {
            $place = array_search($column, $header, true);
            $text[$field] = trim((string) ($place === false ? '' : $cells[$place] ?? ''));
        }
        $text['name'] = (string) preg_replace("/^'(?=[=+\-@])/", '', $text['name']);
        $text['colour'] = $text['colour'] === '' ? Cord::PLAIN : $text['colour'];
        $validator = Validator::make($text, CordText::rules(), CordText::MESSAGES);
        if ($validator->fails()) {
            $problems = [];
            foreach ($validator->errors()->toArray() as $field => $messages) {
                $problems[] = self::COLUMNS[$field].': '.implode(' ', $messages);
            }

            return ['problems' => $problems];
        }
        $cord = CordText::cord($text);
        $doubt = CordText::doubt($cord);

        return $doubt === null ? ['cord' => $cord] : ['problems' => [$doubt]];
    }

    /** @return resource */
    private static function inMemory()
    {
        $file = fopen('php://memory', 'w+');

        return $file === false ? throw new \RuntimeException('No memory for a file.') : $file;
    }
}
