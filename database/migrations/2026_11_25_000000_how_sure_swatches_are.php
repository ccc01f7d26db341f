<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Swatches say how far their measures may be off; pictures keep their marks. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('swatches', function (Blueprint $table): void {
            $table->double('width_spread')->default(0)->comment('standard deviation of one stitch’s width, as a share of it');
            $table->double('height_spread')->default(0)->comment('of one row’s height');
        });
        Schema::table('pictures', fn(Blueprint $table) => $table->json('marks')->nullable()->comment('what its form held when it was last measured'));
    }

    public function down(): void
    {
        Schema::table('swatches', fn(Blueprint $table) => $table->dropColumn(['width_spread', 'height_spread']));
        Schema::table('pictures', fn(Blueprint $table) => $table->dropColumn('marks'));
    }
};
