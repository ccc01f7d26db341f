<?php

declare(strict_types=1);

use Fescue\Core\Pattern\RowId;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Rows that are pointed at are written as their identity is: "round  5" that a file brought becomes "Round 5". */
return new class () extends Migration {
    public function up(): void
    {
        foreach (['weigh_ins' => 'after', 'work_entries' => 'row'] as $table => $column) {
            // By the letter: to the database “ROUND 5” and “Round 5” are one.
            foreach (DB::table($table)->selectRaw("distinct binary `{$column}` as kept")->pluck('kept') as $kept) {
                $written = is_string($kept) ? RowId::read($kept)?->written() : null;
                if ($written !== null && $written !== $kept) {
                    DB::table($table)->whereRaw("binary `{$column}` = ?", [$kept])->update([$column => $written]);
                }
            }
        }
        $changed = DB::table('bags')->whereNotNull('choices->changes')->select(['id', 'choices']);
        foreach ($changed->lazyById(200) as $bag) {
            $choices = json_decode((string) $bag->choices, true, flags: JSON_THROW_ON_ERROR);
            $written = $choices;
            foreach ((array) $choices['changes'] as $nth => $one) {
                $from = is_array($one) ? $one['from'] ?? null : null;
                if (is_string($from)) {
                    $written['changes'][$nth]['from'] = RowId::read($from)?->written() ?? $from;
                }
            }
            if ($written !== $choices) {
                DB::table('bags')->where('id', $bag->id)->update([
                    'choices' => json_encode($written, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
                ]);
            }
        }
    }

    public function down(): void
    {
        // What was written otherwise meant the same.
    }
};
