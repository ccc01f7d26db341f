<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('texts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->mediumText('text')->comment('a pattern as it is written');
            $table->string('tongue', 8)->default('')->comment('its own; empty: found out from it');
            $table->string('to', 8)->default('')->comment('in which it is written; empty: its own');
            $table->unsignedInteger('revision')->default(0)->comment('how often it was kept anew');
            $table->timestamps();
            $table->softDeletes();
        });
        DB::statement("ALTER TABLE texts ADD CONSTRAINT texts_name_can_be CHECK (`name` <> '')");
    }

    public function down(): void
    {
        Schema::dropIfExists('texts');
    }
};
