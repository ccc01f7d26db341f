<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Swatches say how they were measured, how the fabric falls, and which of a trial was chosen. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('swatches', function (Blueprint $table): void {
            $table->string('state', 8)->default('relaxed');
            $table->string('drape', 8)->nullable();
            $table->string('note', 200)->nullable();
            $table->boolean('chosen')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('swatches', fn(Blueprint $table) => $table->dropColumn(['state', 'drape', 'note', 'chosen']));
    }
};
