<?php

declare(strict_types=1);

use App\Stash\CuttingForm;
use Fescue\Core\Gauge\State;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Fibre;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Piece\TabStep;
use Fescue\Core\Stock\Move;
use Fescue\Core\Work\Did;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What may never be, whoever writes it: a size of nothing, a kind that is none, less than nothing on hand. Forms say
 * more, and say it kindly; this holds where they were passed by. Whoever adds a kind makes its check anew.
 */
return new class () extends Migration {
    /** Columns above zero, or not told. */
    private const SIZES = [
        'materials' => [
            'diameter', 'sample_length', 'sample_mass', 'strip_width', 'width', 'areal', 'pitch', 'label_low',
            'label_high', 'ball_length', 'ball_mass', 'stretch_load', 'sample_count', 'price_for',
        ],
        'swatches' => ['hook', 'stitches_counted', 'width', 'rows_counted', 'height', 'mass', 'hung_load'],
        'reservations' => ['amount'],
        'batches' => ['stack'],
        'pictures' => ['width', 'height'],
        'work_entries' => ['number', 'turn'],
    ];

    private const NOT_BELOW_ZERO = [
        'materials' => ['price', 'stretch'],
        'swatches' => ['width_spread', 'height_spread'],
        'raw_pieces' => ['count'],
        'bags' => ['price_tag'],
        'bag_minutes' => ['minutes'],
        'tab_steps' => ['done'],
        'stock_entries' => ['says', 'released'],
        'work_entries' => ['stitch', 'at'],
        'bag_finishes' => ['used', 'minutes', 'hung_for'],
    ];

    /** @return array<string, array<string, list<string>>> by table and column: what it is one of */
    private static function kinds(): array
    {
        $values = fn(string $enum): array => array_column($enum::cases(), 'value');

        return [
            'materials' => [
                'kind' => $values(Kind::class), 'make' => $values(Make::class), 'fibre' => $values(Fibre::class),
                'acquired' => $values(Acquired::class),
            ],
            'swatches' => ['state' => $values(State::class), 'drape' => $values(Fabric::class)],
            'raw_pieces' => ['form' => array_keys(CuttingForm::KINDS), 'fibre' => $values(Fibre::class)],
            'stock_entries' => ['move' => $values(Move::class)],
            'tab_steps' => ['step' => $values(TabStep::class)],
            'work_entries' => ['did' => $values(Did::class)],
        ];
    }

    /** @return array<string, array<string, string>> by table and name: what holds for each of its rows */
    private static function all(): array
    {
        $all = [];
        foreach (self::SIZES as $table => $columns) {
            foreach ($columns as $column) {
                $all[$table][$column] = "`{$column}` > 0";
            }
        }
        foreach (self::NOT_BELOW_ZERO as $table => $columns) {
            foreach ($columns as $column) {
                $all[$table][$column] = "`{$column}` >= 0";
            }
        }
        foreach (self::kinds() as $table => $columns) {
            foreach ($columns as $column => $values) {
                $all[$table][$column] = "`{$column}` IN ('".implode("', '", $values)."')";
            }
        }
        $all['materials']['pull'] = '`pull` >= 1';
        // A weighing corrects either way; all else goes one way.
        $all['stock_entries']['amount'] = "CASE WHEN `move` IN ('used', 'given') THEN `amount` <= 0 "
            ."WHEN `move` = 'weighed' THEN 1 ELSE `amount` >= 0 END";
        $all['stock_entries']['created'] = '`created_at` IS NOT NULL';

        return $all;
    }

    public function up(): void
    {
        DB::table('stock_entries')->whereNull('created_at')->update(['created_at' => now()]);
        // What was written so once is what it means: none, or not told.
        foreach (self::NOT_BELOW_ZERO as $table => $columns) {
            foreach ($columns as $column) {
                DB::table($table)->where($column, '<', 0)->update([$column => 0]);
            }
        }
        foreach (self::SIZES as $table => $columns) {
            foreach (array_intersect($columns, $this->nullable($table)) as $column) {
                DB::table($table)->where($column, '<=', 0)->update([$column => null]);
            }
        }
        foreach (self::all() as $table => $checks) {
            $added = [];
            foreach ($checks as $name => $check) {
                $added[] = "ADD CONSTRAINT `{$table}_{$name}_can_be` CHECK ({$check})";
            }
            DB::statement("ALTER TABLE {$table} ".implode(', ', $added));
        }
        // What lowers the sum of a material's lines is looked at; half a thousandth is rounding.
        $below = '(SELECT SUM(amount) FROM stock_entries WHERE material_id = NEW.material_id AND undone_at IS NULL)'
            ." < -0.0005 THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'less than nothing on hand'; END IF";
        $counts = fn(string $row): string => "IF({$row}.undone_at IS NULL, {$row}.amount, 0)";
        $lower = ['insert' => "{$counts('NEW')} < 0", 'update' => "{$counts('NEW')} < {$counts('OLD')}"];
        foreach ($lower as $event => $lowers) {
            DB::unprepared("CREATE TRIGGER can_be_stock_entries_{$event} AFTER {$event} ON stock_entries FOR EACH ROW "
                ."BEGIN IF @fescue_reading IS NULL AND {$lowers} AND {$below}; END");
        }
    }

    /** @return list<string> */
    private function nullable(string $table): array
    {
        return array_column(array_filter(
            Schema::getColumns($table),
            fn(array $column): bool => $column['nullable'],
        ), 'name');
    }

    public function down(): void
    {
        foreach (['insert', 'update'] as $event) {
            DB::unprepared("DROP TRIGGER IF EXISTS can_be_stock_entries_{$event}");
        }
        foreach (self::all() as $table => $checks) {
            foreach (array_keys($checks) as $name) {
                DB::statement("ALTER TABLE {$table} DROP CONSTRAINT IF EXISTS `{$table}_{$name}_can_be`");
            }
        }
    }
};
