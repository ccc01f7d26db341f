<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was changed of a bag, step by step, to be taken back and done again. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('bag_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->string('fields', 400);
            $table->mediumText('before');
            $table->mediumText('after');
            $table->unsignedInteger('since')->comment('revision of the bag that it began in');
            $table->unsignedInteger('until')->comment('and ended in');
            $table->text('weighed')->nullable()->comment('weigh-ins that came back with it, by their numbers');
            $table->boolean('undone')->default(false);
            $table->unsignedBigInteger('at')->comment('ms since 1970, of its last change');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bag_steps');
    }
};
