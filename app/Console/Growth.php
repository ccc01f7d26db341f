<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Many makers, each with what one has: copied in bulk, by the database itself, to see what grows with makers. */
final class Growth
{
    /** What lapses, is worked at or is reckoned anew, and pictures, of which one would outweigh all else. */
    private const NOT = [
        'cache', 'cache_locks', 'failed_jobs', 'jobs', 'known', 'migrations', 'migrating', 'papers', 'pictures',
        'recovery_links', 'sent_once', 'sessions',
    ];

    private const AT_ONCE = 100;

    /** @var array<string, array<string, bool>> whether a column may be empty, by table and column */
    private array $columns = [];

    /** @var array<string, array<string, string>> the table that a column refers to, by table and column */
    private array $refers = [];

    /** @var array<string, list<string>> columns of which no two rows have the same */
    private array $unlike = [];

    /** How far the numbers of one copy lie from those of the one before it. */
    private int $step = 1;

    private function __construct()
    {
        $tables = array_column(Schema::getTables(Schema::getCurrentSchemaName()), 'name');
        foreach (array_diff($tables, self::NOT) as $table) {
            foreach (Schema::getColumns($table) as $one) {
                if ($one['generation'] === null) {
                    $this->columns[$table][$one['name']] = $one['nullable'];
                }
            }
            /** @var list<array{columns: list<string>, foreign_table: string}> $keys */
            $keys = Schema::getForeignKeys($table);
            foreach ($keys as $one) {
                $this->refers[$table][$one['columns'][0]] = $one['foreign_table'];
            }
            foreach (Schema::getIndexes($table) as $one) {
                if ($one['unique'] && ! $one['primary'] && count($one['columns']) === 1) {
                    $this->unlike[$table][] = $one['columns'][0];
                }
            }
            if (isset($this->columns[$table]['id'])) {
                $last = DB::table($table)->max('id');
                $this->step = max($this->step, 1 + (is_numeric($last) ? (int) $last : 0));
            }
        }
    }

    /** @param int $many copies, at least 1; so many at a time that what the database holds for them stays bounded */
    public static function of(User $maker, int $many): void
    {
        $growth = new self();
        for ($done = 0; $done < $many; $done += self::AT_ONCE) {
            DB::transaction(fn() => $growth->copy($maker, $done + 1, min($done + self::AT_ONCE, $many)));
        }
    }

    private function copy(User $maker, int $from, int $to): void
    {
        foreach ($this->inOrder() as $table) {
            $where = $this->hers($table, $maker->id);
            if ($where === null) {
                continue;
            }
            $names = array_keys($this->columns[$table]);
            $values = array_map(fn(string $name): string => $this->value($table, $name), $names);
            // What triggers have counted meanwhile is what was counted of the one copied.
            DB::statement(sprintf(
                'INSERT INTO `%1$s` (%2$s) SELECT %3$s FROM `%1$s` a JOIN seq_%4$d_to_%8$d s WHERE %5$s %6$s '
                    .'ON DUPLICATE KEY UPDATE %7$s',
                $table,
                implode(', ', array_map(fn(string $name): string => "`{$name}`", $names)),
                implode(', ', $values),
                $from,
                $where,
                // Of a ledger each line stands upon those before it.
                isset($this->columns[$table]['id']) ? 'ORDER BY s.seq, a.id' : '',
                implode(', ', array_map(fn(string $name): string => "`{$name}` = VALUES(`{$name}`)", $names)),
                $to,
            ));
        }
    }

    /** What stands in a column of a copy: numbers move by their step, what is the only one of its kind is another. */
    private function value(string $table, string $name): string
    {
        $to = $this->refers[$table][$name] ?? null;

        return match (true) {
            $to !== null && ! isset($this->columns[$to]) => 'NULL',
            $to !== null || $name === 'id' => "a.`{$name}` + s.seq * {$this->step}",
            in_array($name, $this->unlike[$table] ?? [], true)
                => "SHA2(CONCAT({$this->step}, '.', s.seq, a.`{$name}`), 256)",
            default => "a.`{$name}`",
        };
    }

    /** Which of a table's rows are hers; null of a table that belongs to nobody. */
    private function hers(string $table, int $maker): ?string
    {
        if ($table === 'users') {
            return "a.id = {$maker}";
        }
        $owners = [];
        foreach ($this->refers[$table] ?? [] as $column => $to) {
            if ($this->columns[$table][$column]) {
                continue;
            }
            if ($to === 'users') {
                return "a.`{$column}` = {$maker}";
            }
            if ($to !== $table && isset($this->refers[$to]) && in_array('users', $this->refers[$to], true)) {
                $owners[] = "a.`{$column}` IN (SELECT id FROM `{$to}` WHERE user_id = {$maker})";
            }
        }

        return $owners[0] ?? null;
    }

    /** @return list<string> each table after those that it refers to */
    private function inOrder(): array
    {
        $left = array_keys($this->columns);
        $order = [];
        while ($left !== []) {
            $next = array_filter($left, fn(string $table): bool => array_diff(
                array_intersect(array_values($this->refers[$table] ?? []), $left),
                [$table],
            ) === []);
            // What refers to each other in a ring cannot be told apart: neither is first.
            $next = $next === [] ? [reset($left)] : $next;
            array_push($order, ...$next);
            $left = array_diff($left, $next);
        }

        return $order;
    }
}
