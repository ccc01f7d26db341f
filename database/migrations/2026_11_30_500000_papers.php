<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was printed is kept for what it shows, and printed by a worker of its own. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('papers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->comment('whose turn it takes')->constrained()->cascadeOnDelete();
            $table->char('key', 40)->charset('ascii')->collation('ascii_bin')->unique();
            $table->string('recipe', 400);
            $table->string('state', 10)->comment('waiting, queued, printing, ready, failed');
            $table->binary('pdf')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'state']);
        });
        Schema::getConnection()->statement('ALTER TABLE papers MODIFY pdf MEDIUMBLOB NULL');
    }

    public function down(): void
    {
        Schema::dropIfExists('papers');
        Schema::dropIfExists('jobs');
    }
};
