<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Devices are told apart by small and capital letters, as the log does. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('work_entries', function (Blueprint $table): void {
            $table->string('device', 32)->charset('ascii')->collation('ascii_bin')->change();
        });
    }

    public function down(): void
    {
        Schema::table('work_entries', function (Blueprint $table): void {
            $table->string('device', 32)->charset('utf8mb4')->collation('utf8mb4_unicode_ci')->change();
        });
    }
};
