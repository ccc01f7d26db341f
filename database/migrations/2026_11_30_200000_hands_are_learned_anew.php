<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was reckoned of hands before strands had a way of their own is reckoned anew when it is asked for. */
return new class () extends Migration {
    public function up(): void
    {
        DB::table('known')->delete();
    }

    public function down(): void
    {
        DB::table('known')->delete();
    }
};
