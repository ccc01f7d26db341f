<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Links that were sent to a maker who forgot her password. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('recovery_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64)->unique();
            $table->timestamp('created_at');
            $table->timestamp('used_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recovery_links');
    }
};
