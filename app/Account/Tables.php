<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What an account is made of: its tables, each behind those that it names, and by what it is hers. */
final class Tables
{
    /** @var array<string, array<string, string>> by table: what a column names */
    public const ALL = [
        'materials' => ['user_id' => 'users', 'strung_on' => 'materials'],
        'swatches' => ['user_id' => 'users', 'material_id' => 'materials'],
        'raw_pieces' => ['user_id' => 'users'],
        'texts' => ['user_id' => 'users'],
        'batches' => ['user_id' => 'users', 'raw_piece_id' => 'raw_pieces', 'material_id' => 'materials'],
        'batch_ticks' => ['batch_id' => 'batches'],
        'bags' => ['user_id' => 'users', 'material_id' => 'materials', 'swatch_id' => 'swatches'],
        'bag_revisions' => ['bag_id' => 'bags', 'material_id' => 'materials', 'swatch_id' => 'swatches'],
        'bag_minutes' => ['bag_id' => 'bags'],
        'tab_steps' => ['bag_id' => 'bags'],
        'stock_entries' => ['material_id' => 'materials', 'bag_id' => 'bags'],
        'reservations' => ['material_id' => 'materials', 'bag_id' => 'bags'],
        'weigh_ins' => ['bag_id' => 'bags', 'material_id' => 'materials', 'stock_entry_id' => 'stock_entries'],
        'work_courses' => ['bag_id' => 'bags'],
        'work_entries' => ['bag_id' => 'bags'],
        'bag_finishes' => ['bag_id' => 'bags', 'stock_entry_id' => 'stock_entries'],
        'pictures' => ['user_id' => 'users', 'bag_id' => 'bags'],
    ];

    /** Those that files of before may lack. */
    public const LATER = ['texts'];

    /** What is hers by something that is hers: its column, and of what; all else by herself. */
    private const BY = [
        'batch_ticks' => ['batch_id', 'batches'],
        'bag_revisions' => ['bag_id', 'bags'],
        'bag_minutes' => ['bag_id', 'bags'],
        'tab_steps' => ['bag_id', 'bags'],
        'stock_entries' => ['material_id', 'materials'],
        'reservations' => ['material_id', 'materials'],
        'weigh_ins' => ['bag_id', 'bags'],
        'work_courses' => ['bag_id', 'bags'],
        'work_entries' => ['bag_id', 'bags'],
        'bag_finishes' => ['bag_id', 'bags'],
    ];

    /** Columns that hold documents. */
    public const DOCUMENTS = ['choices', 'document', 'measures', 'marks', 'expected'];

    /** Kept beside the rows, as a file of its own. */
    public const APART = ['pictures' => 'jpeg'];

    /** Rows of hers, in the order they were made. */
    public static function of(string $table, User $maker): Builder
    {
        $rows = DB::table($table);
        self::among($rows, $table, $maker);
        foreach (self::order($table) as $column) {
            $rows->orderBy($column);
        }

        return $rows;
    }

    /** Narrows rows of a table, however they are read, to hers. */
    public static function among(Builder $rows, string $table, User $maker): void
    {
        [$column, $by] = self::BY[$table] ?? ['user_id', null];
        $by === null ? $rows->where($column, $maker->id) : $rows->whereIn(
            $column,
            DB::table($by)->where('user_id', $maker->id)->select('id'),
        );
    }

    /** @return list<string> but for whose it is, and what is kept apart */
    public static function columns(string $table): array
    {
        return array_values(array_diff(
            array_map(strval(...), Schema::getColumnListing($table)),
            ['user_id', self::APART[$table] ?? ''],
        ));
    }

    /** @return non-empty-list<string> by which its rows are told apart */
    private static function order(string $table): array
    {
        return match ($table) {
            'batch_ticks' => ['batch_id', 'step'],
            'bag_revisions' => ['bag_id', 'revision'],
            'bag_minutes' => ['bag_id', 'part'],
            'tab_steps' => ['bag_id', 'step'],
            'work_courses' => ['bag_id', 'plan'],
            'bag_finishes' => ['bag_id'],
            default => ['id'],
        };
    }

    /** Whether nothing of hers is there yet. */
    public static function areEmpty(User $maker): bool
    {
        foreach (array_keys(self::ALL) as $table) {
            if (self::of($table, $maker)->exists()) {
                return false;
            }
        }

        return true;
    }
}
