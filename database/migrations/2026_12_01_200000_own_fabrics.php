<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('texts', function (Blueprint $table): void {
            $table->string('motif', 700)->default('')->comment('key of the fabric that it tells; empty: of none');
        });
        // A fabric of her own is told by its rows; and eight letters held not all keys of the catalogue.
        Schema::table('swatches', function (Blueprint $table): void {
            $table->string('stitch', 700)->change();
        });
    }

    public function down(): void
    {
        Schema::table('texts', function (Blueprint $table): void {
            $table->dropColumn('motif');
        });
    }
};
