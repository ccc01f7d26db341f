<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Lines of a bag's work are numbered as they are committed: whoever has heard of one has heard of all before it. Links
 * are told apart by small and capital letters.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('work_counters', function (Blueprint $table): void {
            $table->foreignId('bag_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('seq');
        });
        Schema::table('work_entries', function (Blueprint $table): void {
            $table->unsignedBigInteger('seq')->default(0);
            $table->index(['bag_id', 'seq']);
        });
        // Pages that are open have heard of them by these numbers.
        DB::table('work_entries')->update(['seq' => DB::raw('id')]);
        DB::statement('INSERT INTO work_counters SELECT bag_id, MAX(seq) FROM work_entries GROUP BY bag_id');
        Schema::table('bag_links', function (Blueprint $table): void {
            $table->string('token', 64)->charset('ascii')->collation('ascii_bin')->change();
        });
    }

    public function down(): void
    {
        Schema::table('bag_links', function (Blueprint $table): void {
            $table->string('token', 64)->charset('utf8mb4')->collation('utf8mb4_unicode_ci')->change();
        });
        Schema::table('work_entries', function (Blueprint $table): void {
            $table->dropIndex(['bag_id', 'seq']);
            $table->dropColumn('seq');
        });
        Schema::dropIfExists('work_counters');
    }
};
