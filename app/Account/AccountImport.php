<?php

declare(strict_types=1);

namespace App\Account;

use App\Bags\Fronts;
use App\Bags\Photograph;
use App\Casts\Cell;
use App\Models\User;
use App\Stash\Ledger;
use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Reads an account's zip into an empty account: all of it, or nothing and why. */
final class AccountImport
{
    private const MOST_FILES = 20_000;

    /** Bytes that all of it may unpack to, and one of its files. */
    private const MOST_BYTES = 1_073_741_824;

    private const MOST_OF_ONE = 268_435_456;

    private const LONGEST_LINE = 8_388_608;

    private const AT_ONCE = 200;

    private const JSON_DEEP = 64;

    /** @var array<string, array<int, int>> by table: number here by number in the zip */
    private array $ids = [];

    private int $unpacked = 0;

    private function __construct(private \ZipArchive $zip, private User $maker) {}

    /**
     * @return array<string, int> how many rows of each table were read
     *
     * @throws BadAccountFile
     */
    public static function take(User $maker, string $path): array
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new BadAccountFile(Tongues::tell(
                'This is no zip, or not all of it arrived. Send the one that Fescue made, whole.',
            ));
        }
        try {
            self::inspect($zip);

            return DB::transaction(function () use ($zip, $maker): array {
                User::query()->whereKey($maker->id)->lockForUpdate()->firstOrFail();
                if (! Tables::areEmpty($maker)) {
                    throw new BadAccountFile(
                        Tongues::tell(
                            'Only an empty account reads one in: nothing that is here shall be mixed with it.',
                        ),
                    );
                }

                // Lines may be in any order: what they come to is looked at when all are there.
                DB::statement('SET @fescue_reading = 1');

                return (new self($zip, $maker))->read();
            });
        } catch (QueryException $e) {
            throw new BadAccountFile(
                Tongues::tell('Something in it does not fit: it was changed by hand, or is of another version.'),
                previous: $e,
            );
        } finally {
            DB::statement('SET @fescue_reading = NULL');
            $zip->close();
        }
    }

    /** Nothing outside, nothing that swells. */
    private static function inspect(\ZipArchive $zip): void
    {
        if ($zip->numFiles > self::MOST_FILES) {
            throw new BadAccountFile(Tongues::tell(
                'It holds more files than any account: {numFiles}.',
                ['numFiles' => $zip->numFiles],
            ));
        }
        $all = 0;
        for ($place = 0; $place < $zip->numFiles; $place++) {
            $stat = $zip->statIndex($place);
            $stat = $stat === false ? ['name' => '', 'size' => 0] : $stat;
            $name = $stat['name'];
            if (
                $name === '' || str_starts_with($name, '/') || str_contains($name, '\\') || str_contains($name, "\0")
                || preg_match('#(^|/)\.\.(/|$)|^[a-z]:#i', $name) === 1
            ) {
                throw new BadAccountFile(Tongues::tell('It names a file outside of itself; that is none of ours.'));
            }
            $size = $stat['size'];
            $all += $size;
            if ($size > self::MOST_OF_ONE || $all > self::MOST_BYTES) {
                throw new BadAccountFile(Tongues::tell('It would unpack to more than a gigabyte; no account does.'));
            }
        }
        if ($zip->locateName('account.json') === false) {
            throw new BadAccountFile(
                Tongues::tell('This zip is not an account of Fescue’s: account.json is not in it.'),
            );
        }
    }

    /** @return array<string, int> */
    private function read(): array
    {
        $account = json_decode($this->whole('account.json'), true, self::JSON_DEEP);
        $format = is_array($account) ? $account['format'] ?? null : null;
        if ($format !== AccountExport::FORMAT || ! is_array($account['counts'] ?? null)) {
            throw new BadAccountFile(
                Tongues::tell(
                    'account.json does not say “{format}”: this is another program’s, or another version’s.',
                    ['format' => AccountExport::FORMAT],
                ),
            );
        }
        $this->settings($account['settings'] ?? null);
        $read = [];
        foreach (array_keys(Tables::ALL) as $table) {
            // A file of before there were any does not speak of them.
            if (in_array($table, Tables::LATER, true) && ! array_key_exists($table, $account['counts'])) {
                $read[$table] = 0;

                continue;
            }
            $read[$table] = $this->table($table);
            $said = $account['counts'][$table] ?? null;
            if ($read[$table] !== $said) {
                throw new BadAccountFile(Tongues::tell(
                    'data/{table}.jsonl has {read} rows where account.json speaks of {said}: it is not whole.',
                    ['table' => $table, 'read' => $read[$table], 'said' => is_int($said) ? $said : 0],
                ));
            }
        }
        if (($account['edition'] ?? 1) < 2) {
            Fronts::keep($this->maker);
            Ledger::tellWeighings($this->maker);
        }
        ImportCheck::of($this->maker);

        return $read;
    }

    private function settings(mixed $said): void
    {
        $said = is_array($said) ? $said : [];
        $text = fn(string $name): string => is_string($said[$name] ?? null) ? $said[$name] : '';
        $or = function (string $said, int $most, string $else): string {
            $said = mb_substr(trim($said), 0, $most);

            return $said === '' ? $else : $said;
        };
        $this->maker->update([
            'units' => LengthUnit::tryFrom($text('units')) ?? $this->maker->units,
            'terms' => in_array($text('terms'), Tongue::PAGES, true)
                ? Terms::from($text('terms'))
                : $this->maker->terms,
            'signs' => $or($text('signs'), 80, $this->maker->signs),
            'rights' => $or($text('rights'), 160, $this->maker->rights),
            'sections' => is_bool($said['sections'] ?? null) ? $said['sections'] : $this->maker->sections,
            'wage' => preg_match('/^\d{1,6}(\.\d{1,2})?$/', $text('wage')) === 1 ? $text('wage') : $this->maker->wage,
        ]);
    }

    /** Rows of a table, by their lines. */
    private function table(string $table): int
    {
        $columns = array_flip(Tables::columns($table));
        $rows = $numbers = $strung = [];
        $many = 0;
        foreach ($this->lines("data/{$table}.jsonl") as $nth => $line) {
            $row = json_decode($line, true, self::JSON_DEEP);
            if (! is_array($row) || array_diff_key($row, $columns) !== []) {
                throw new BadAccountFile(Tongues::tell(
                    'data/{table}.jsonl, line {nth}: this is no row of that list.',
                    ['table' => $table, 'nth' => $nth],
                ));
            }
            $numbers[] = is_int($row['id'] ?? null) ? $row['id'] : null;
            $kept = $this->row($table, $row, $nth);
            if (isset($kept['strung_on'])) {
                // What tabs are strung on may stand behind them: its number here is not known before all are in.
                $strung[(int) end($numbers)] = Cell::int($kept['strung_on']);
                $kept['strung_on'] = null;
            }
            $rows[] = $kept;
            $many++;
            if (count($rows) === self::AT_ONCE || $table === 'pictures') {
                $this->insert($table, $rows, $numbers, $many - count($rows));
                $rows = $numbers = [];
            }
        }
        $this->insert($table, $rows, $numbers, $many - count($rows));
        foreach ($strung as $tabs => $on) {
            DB::table('materials')->where('id', $this->ids['materials'][$tabs])->update([
                'strung_on' => $this->ids['materials'][$on]
                    ?? throw new BadAccountFile('Tabs are strung on a material that is not in it.'),
            ]);
        }

        return $many;
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, mixed>
     */
    private function row(string $table, array $row, int $nth): array
    {
        $kept = [];
        foreach ($row as $column => $value) {
            if ($column !== 'id') {
                $kept[(string) $column] = $this->value($table, (string) $column, $value, $nth);
            }
        }
        foreach (Tables::ALL[$table] as $column => $of) {
            if ($of === 'users') {
                $kept[$column] = $this->maker->id;
            }
        }
        if ($table === 'pictures') {
            $kept = $this->picture($row['id'] ?? null) + $kept;
        }

        return $kept;
    }

    private function value(string $table, string $column, mixed $value, int $nth): mixed
    {
        $of = Tables::ALL[$table][$column] ?? null;
        $where = Tongues::tell(
            'data/{table}.jsonl, line {nth}, {column}',
            ['table' => $table, 'nth' => $nth, 'column' => $column],
        );
        if (in_array($column, Tables::DOCUMENTS, true)) {
            return $value === null ? null : (is_array($value)
                ? json_encode((object) $this->others($column, $value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)
                : throw new BadAccountFile(Tongues::tell('{where}: this should be an object.', ['where' => $where])));
        }
        if (is_array($value)) {
            throw new BadAccountFile(Tongues::tell('{where}: this should be one value.', ['where' => $where]));
        }
        if (is_string($value) && ! mb_check_encoding($value, 'UTF-8')) {
            throw new BadAccountFile(Tongues::tell('{where}: this is no text.', ['where' => $where]));
        }
        if ($of === null || $value === null || ($table === 'materials' && $of === 'materials')) {
            return $value;
        }
        // A revision may speak of what is long gone.
        $here = is_int($value) ? $this->ids[$of][$value] ?? null : null;

        return $here ?? ($table === 'bag_revisions' && $column !== 'bag_id'
            ? null
            : throw new BadAccountFile(Tongues::tell(
                '{where}: there is no such row of {of} in it.',
                ['where' => $where, 'of' => $of],
            )));
    }

    /**
     * Materials that a bag's document names, by their numbers here.
     *
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    private function others(string $column, array $document): array
    {
        if ($column === 'choices' && is_array($document['others'] ?? null)) {
            $document['others'] = array_map(function (mixed $one): mixed {
                $id = is_array($one) ? $one['material_id'] ?? null : null;

                return is_array($one) && is_int($id)
                    ? ['material_id' => $this->ids['materials'][$id] ?? 0] + $one
                    : $one;
            }, $document['others']);
        }

        return $document;
    }

    /** @return array<string, int|string> made anew, as when it was first sent */
    private function picture(mixed $id): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fescue');
        try {
            file_put_contents($path, $this->whole('pictures/'.(is_int($id) ? $id : 0).'.jpg'));
            $picture = Photograph::read($path);
        } catch (NotUnderstood $e) {
            throw new BadAccountFile('pictures/'.(is_int($id) ? $id : 0).".jpg: {$e->getMessage()}");
        } finally {
            unlink($path);
        }

        return ['width' => $picture->width, 'height' => $picture->height, 'jpeg' => $picture->jpeg];
    }

    /**
     * @param list<array<string, mixed>> $rows
     * @param list<?int> $numbers in the zip
     * @param int $before lines of the file before them
     */
    private function insert(string $table, array $rows, array $numbers, int $before): void
    {
        if ($rows === []) {
            return;
        }
        $same = array_keys($rows[0]);
        foreach ($rows as $row) {
            if (array_keys($row) !== $same) {
                throw new BadAccountFile(Tongues::tell(
                    'data/{table}.jsonl: its rows do not have the same columns.',
                    ['table' => $table],
                ));
            }
        }
        try {
            DB::table($table)->insert($rows);
            // Of one sending they are numbered one after another.
            $first = (int) DB::getPdo()->lastInsertId();
        } catch (QueryException $e) {
            throw self::notTaken($table, $rows, $before, $e);
        }
        if (! in_array('id', Tables::columns($table), true)) {
            return;
        }
        foreach ($numbers as $nth => $number) {
            if ($number === null || isset($this->ids[$table][$number])) {
                throw new BadAccountFile(Tongues::tell(
                    'data/{table}.jsonl: a row without a number of its own.',
                    ['table' => $table],
                ));
            }
            $this->ids[$table][$number] = $first + $nth;
        }
    }

    /**
     * Which of them it was: all of it is taken back anyway.
     *
     * @param list<array<string, mixed>> $rows
     * @param int $before lines of the file before them
     */
    private static function notTaken(string $table, array $rows, int $before, QueryException $e): BadAccountFile
    {
        foreach ($rows as $nth => $row) {
            try {
                DB::table($table)->insert($row);
            } catch (QueryException $e) {
                preg_match("/(?|`{$table}_(\\w+)_can_be`|column (?:`\w+`\\.)*[`'](\\w+))/", $e->getMessage(), $found);
                $column = isset($found[1]) ? ", {$found[1]}" : '';

                return new BadAccountFile(Tongues::tell(
                    'data/{table}.jsonl, line {nth}{column}: no such value can be.',
                    ['table' => $table, 'nth' => $before + $nth + 1, 'column' => $column],
                ), 0, $e);
            }
        }

        return new BadAccountFile(
            Tongues::tell('data/{table}.jsonl: its rows do not go together.', ['table' => $table]),
            0,
            $e,
        );
    }

    /** @return \Generator<int, string> by their number, from 1 */
    private function lines(string $name): \Generator
    {
        $from = $this->zip->getStream($name);
        if ($from === false) {
            throw new BadAccountFile(Tongues::tell('{name} is not in it: it is not whole.', ['name' => $name]));
        }
        $nth = 0;
        while (($line = fgets($from, self::LONGEST_LINE)) !== false) {
            $this->count(strlen($line));
            if (strlen($line) >= self::LONGEST_LINE - 1) {
                throw new BadAccountFile(
                    Tongues::tell('{name}: a line is longer than any of ours.', ['name' => $name]),
                );
            }
            if (trim($line) === '') {
                throw new BadAccountFile(Tongues::tell(
                    '{name}, line {nth}: it is empty, and none of ours is.',
                    ['name' => $name, 'nth' => $nth + 1],
                ));
            }
            yield ++$nth => $line;
        }
        fclose($from);
    }

    private function whole(string $name): string
    {
        $from = $this->zip->getStream($name);
        if ($from === false) {
            throw new BadAccountFile(Tongues::tell('{name} is not in it: it is not whole.', ['name' => $name]));
        }
        $text = (string) stream_get_contents($from, Photograph::MOST_BYTES + 1);
        fclose($from);
        $this->count(strlen($text));

        return strlen($text) <= Photograph::MOST_BYTES
            ? $text
            : throw new BadAccountFile(Tongues::tell('{name} is larger than any of ours.', ['name' => $name]));
    }

    /** What is really unpacked counts, whatever the zip says of itself. */
    private function count(int $bytes): void
    {
        $this->unpacked += $bytes;
        if ($this->unpacked > self::MOST_BYTES) {
            throw new BadAccountFile(Tongues::tell('It unpacks to more than a gigabyte; no account does.'));
        }
    }
}
