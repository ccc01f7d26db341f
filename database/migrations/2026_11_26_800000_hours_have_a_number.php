<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A maker's pace is told from bags of which hours are logged: a number of hers is raised when one of these is made
 * otherwise, so that whether the pace that is kept still holds is not asked of every bag.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('books', fn(Blueprint $table) => $table->unsignedBigInteger('timed')->default(1));
        DB::unprepared('CREATE TRIGGER books_bags_timed AFTER UPDATE ON bags FOR EACH ROW BEGIN
            IF (NOT (NEW.choices <=> OLD.choices) OR NOT (NEW.swatch_id <=> OLD.swatch_id))
                AND (EXISTS (SELECT 1 FROM bag_minutes WHERE bag_id = NEW.id)
                    OR EXISTS (SELECT 1 FROM bag_finishes WHERE bag_id = NEW.id))
            THEN UPDATE books SET timed = timed + 1 WHERE user_id = NEW.user_id; END IF; END');
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS books_bags_timed');
        Schema::table('books', fn(Blueprint $table) => $table->dropColumn('timed'));
    }
};
