<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What is reckoned from a maker's books is kept while these say the same. Triggers give them another number at each
 * change, whoever makes it, so that nothing that is kept is ever stale.
 */
return new class () extends Migration {
    /** By table, whose books a row is of; {row} is NEW or OLD. */
    private const OWNED = [
        'materials' => '{row}.user_id',
        'swatches' => '{row}.user_id',
        'stock_entries' => '(SELECT user_id FROM materials WHERE id = {row}.material_id)',
        'reservations' => '(SELECT user_id FROM bags WHERE id = {row}.bag_id)',
        'weigh_ins' => '(SELECT user_id FROM bags WHERE id = {row}.bag_id)',
        'bag_minutes' => '(SELECT user_id FROM bags WHERE id = {row}.bag_id)',
        'bag_finishes' => '(SELECT user_id FROM bags WHERE id = {row}.bag_id)',
    ];

    public function up(): void
    {
        Schema::create('books', function (Blueprint $table): void {
            $table->foreignId('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('revision')->default(1);
        });
        Schema::create('known', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('what', 60)->collation('utf8mb4_bin');
            $table->unsignedBigInteger('revision')->comment('of her books, that it was reckoned from');
            $table->char('of', 40)->comment('what else it was reckoned from');
            $table->mediumText('value')->collation('utf8mb4_bin');
            $table->primary(['user_id', 'what']);
        });
        // A page of bags is read off it, however many there are.
        Schema::table('bags', fn(Blueprint $table) => $table->index(['user_id', 'deleted_at', 'updated_at']));
        Schema::table('work_entries', fn(Blueprint $table) => $table->index(['bag_id', 'id']));
        DB::statement('INSERT INTO books (user_id) SELECT id FROM users');
        $this->on('users', 'INSERT', 'INSERT INTO books (user_id) VALUES (NEW.id)');
        foreach (self::OWNED as $table => $owner) {
            foreach (['INSERT' => 'NEW', 'UPDATE' => 'NEW', 'DELETE' => 'OLD'] as $event => $row) {
                $this->on($table, $event, self::moved(str_replace('{row}', $row, $owner)));
            }
        }
        // What a bag chooses is its own: what it teaches others is told from that.
        $this->on(
            'bags',
            'UPDATE',
            'IF NOT (NEW.deleted_at <=> OLD.deleted_at) OR NOT (NEW.material_id <=> OLD.material_id) THEN '
                .self::moved('NEW.user_id').'; END IF',
        );
    }

    public function down(): void
    {
        foreach ([...array_keys(self::OWNED), 'bags', 'users'] as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                DB::unprepared("DROP TRIGGER IF EXISTS books_{$table}_{$event}");
            }
        }
        Schema::table('bags', function (Blueprint $table): void {
            // The database let go of the one for the foreign key, since the other did for it.
            $table->index('user_id', 'bags_user_id_foreign');
            $table->dropIndex(['user_id', 'deleted_at', 'updated_at']);
        });
        Schema::table('work_entries', fn(Blueprint $table) => $table->dropIndex(['bag_id', 'id']));
        Schema::dropIfExists('known');
        Schema::dropIfExists('books');
    }

    private static function moved(string $owner): string
    {
        return "SET @owner = {$owner}; UPDATE books SET revision = revision + 1 WHERE user_id = @owner";
    }

    private function on(string $table, string $event, string $do): void
    {
        $name = 'books_'.$table.'_'.strtolower($event);
        DB::unprepared("CREATE TRIGGER {$name} AFTER {$event} ON {$table} FOR EACH ROW BEGIN {$do}; END");
    }
};
