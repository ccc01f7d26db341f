<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Swatches say how they were measured, how the fabric falls, and which of a trial was chosen. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('swatches', function (Blueprint $table): void {
            $table->string('state', 8)->default('relaxed');
            $table->double('hung_load')->nullable()->comment('g, where it hung');
            $table->string('drape', 8)->nullable();
            $table->string('note', 200)->nullable();
            $table->boolean('chosen')->default(false);
        });
        Schema::table('users', fn(Blueprint $table) => $table->decimal('wage', 8, 2)->nullable()->comment('for an hour, in the maker’s money'));
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('width')->comment('pixels');
            $table->unsignedInteger('height')->comment('pixels');
            $table->binary('jpeg')->comment('made anew from what was sent, with nothing but the picture in it');
            $table->timestamps();
        });
        DB::statement('alter table pictures modify jpeg mediumblob not null');
    }

    public function down(): void
    {
        Schema::dropIfExists('pictures');
        Schema::table('users', fn(Blueprint $table) => $table->dropColumn('wage'));
        Schema::table('swatches', fn(Blueprint $table) => $table->dropColumn(['state', 'hung_load', 'drape', 'note', 'chosen']));
    }
};
