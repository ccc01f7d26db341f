<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a bag really was when it was done. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('bag_finishes', function (Blueprint $table): void {
            $table->foreignId('bag_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('wide', 20)->nullable();
            $table->string('high', 20)->nullable();
            $table->string('load', 20)->nullable();
            $table->string('otherwise', 600)->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bag_finishes');
    }
};
