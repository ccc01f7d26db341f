<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('materials', function (Blueprint $table): void {
            $table->double('ball_length')->nullable()->comment('mm, by its label');
            $table->double('ball_mass')->nullable()->comment('g, by its label');
            $table->boolean('diameter_guessed')->default(false)->comment('whether its thickness was told from its weight');
        });
    }

    public function down(): void
    {
        // What was known by its label alone goes on as if a ball had been the weighed piece.
        DB::table('materials')->whereNull('sample_mass')->whereNotNull('ball_mass')->update(['sample_length' => DB::raw('ball_length'), 'sample_mass' => DB::raw('ball_mass')]);
        Schema::table('materials', fn(Blueprint $table) => $table->dropColumn(['ball_length', 'ball_mass', 'diameter_guessed']));
    }
};
