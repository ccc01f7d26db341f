<?php

declare(strict_types=1);

use App\Stash\Ledger;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A weighing keeps what it said, and a use what it took of what was reserved. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('stock_entries', function (Blueprint $table): void {
            $table->decimal('says', 12, 3)->nullable()->after('amount');
            $table->decimal('released', 12, 3)->default(0)->after('says');
        });
        Ledger::tellWeighings();
    }

    public function down(): void
    {
        Schema::table('stock_entries', fn(Blueprint $table) => $table->dropColumn(['says', 'released']));
    }
};
