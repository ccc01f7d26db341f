<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('units', 2)->default('cm');
            $table->string('terms', 2)->default('us');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('cords', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('colour', 7);
            $table->double('diameter')->comment('mm');
            $table->double('sample_length')->comment('mm');
            $table->double('sample_mass')->comment('g');
            $table->double('on_hand')->nullable()->comment('g');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('swatches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('cord_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 80);
            $table->double('hook')->comment('mm');
            $table->string('stitch', 8);
            $table->double('stitches_counted');
            $table->double('width')->comment('mm');
            $table->double('rows_counted');
            $table->double('height')->comment('mm');
            $table->double('mass')->nullable()->comment('g');
            $table->timestamps();
            $table->softDeletes();
        });

        Schema::create('bags', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('cord_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('swatch_id')->nullable()->constrained()->nullOnDelete();
            $table->json('choices');
            $table->timestamps();
            $table->softDeletes();
        });
    }

    public function down(): void
    {
        foreach (['bags', 'swatches', 'cords', 'users'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
