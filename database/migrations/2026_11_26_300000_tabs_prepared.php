<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How far the tabs of a bag are prepared: each step's count, added to and never rewritten by a form. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('tab_steps', function (Blueprint $table): void {
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->string('step', 10);
            $table->unsignedInteger('done')->default(0);
            $table->primary(['bag_id', 'step']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tab_steps');
    }
};
