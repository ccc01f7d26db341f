<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a bag was stays when its revision is raised, whoever raises it. */
return new class () extends Migration {
    public function up(): void
    {
        DB::unprepared('CREATE TRIGGER bags_revision AFTER UPDATE ON bags FOR EACH ROW BEGIN
            IF NEW.revision <> OLD.revision THEN
                INSERT IGNORE INTO bag_revisions (bag_id, revision, material_id, swatch_id, choices)
                VALUES (OLD.id, OLD.revision, OLD.material_id, OLD.swatch_id, OLD.choices);
            END IF; END');
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS bags_revision');
    }
};
