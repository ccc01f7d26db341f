<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was done of a bag, line by line: added to and never rewritten; and the plans that lines were done of. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('work_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->string('device', 32);
            $table->unsignedInteger('number');
            $table->unsignedInteger('turn');
            $table->unsignedBigInteger('at');
            $table->string('did', 12);
            $table->string('row', 60);
            $table->unsignedInteger('stitch');
            $table->char('plan', 16);
            $table->integer('counted')->nullable();
            $table->unique(['bag_id', 'device', 'number']);
        });
        Schema::create('work_courses', function (Blueprint $table): void {
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->char('plan', 16);
            $table->mediumText('digests');
            $table->primary(['bag_id', 'plan']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('work_courses');
        Schema::dropIfExists('work_entries');
    }
};
