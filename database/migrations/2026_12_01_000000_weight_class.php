<?php

declare(strict_types=1);

use Fescue\Core\Material\WeightClass;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('materials', function (Blueprint $table): void {
            $table->string('weight_class', 16)->nullable()->after('label_high')->comment('as which it is sold');
        });
        $classes = implode("', '", array_column(WeightClass::cases(), 'value'));
        DB::statement('ALTER TABLE materials ADD CONSTRAINT materials_weight_class_can_be '
            ."CHECK (`weight_class` IN ('{$classes}'))");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE materials DROP CONSTRAINT materials_weight_class_can_be');
        Schema::table('materials', fn(Blueprint $table) => $table->dropColumn('weight_class'));
    }
};
