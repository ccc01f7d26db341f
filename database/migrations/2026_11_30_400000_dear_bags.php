<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A price tag may have as many figures as the price of a material: not every money counts in tens. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bags', function (Blueprint $table): void {
            $table->decimal('price_tag', 10, 2)->nullable()->comment('in the maker’s money')->change();
        });
    }

    public function down(): void
    {
        // Larger ones stay: no figure of hers is cut off.
    }
};
