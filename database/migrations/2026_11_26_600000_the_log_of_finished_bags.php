<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a finished bag took, held and looks like; links that show a bag to whoever has them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bag_finishes', function (Blueprint $table): void {
            $table->string('left_over', 20)->nullable()->comment('of the strand worked last');
            $table->foreignId('stock_entry_id')->nullable()->constrained('stock_entries')->nullOnDelete();
            $table->decimal('used', 12, 3)->nullable()->comment('g of its own strand');
            $table->unsignedInteger('minutes')->nullable();
            $table->unsignedInteger('hung_for')->nullable()->comment('minutes');
            $table->string('seen', 20)->nullable()->comment('what the hanging did to it');
            $table->string('strap_lay', 20)->nullable();
            $table->string('strap_hung', 20)->nullable();
            $table->string('blocked_wide', 20)->nullable();
            $table->string('blocked_high', 20)->nullable();
            $table->json('expected')->nullable()->comment('what was expected of it when it was done');
        });
        Schema::table('pictures', fn(Blueprint $table) => $table->foreignId('bag_id')->nullable()->constrained()->cascadeOnDelete());
        Schema::create('bag_links', function (Blueprint $table): void {
            $table->foreignId('bag_id')->primary()->constrained()->cascadeOnDelete();
            $table->string('token', 64)->unique();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('bag_links');
        Schema::table('pictures', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('bag_id');
        });
        Schema::table('bag_finishes', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('stock_entry_id');
            $table->dropColumn([
                'left_over', 'used', 'minutes', 'hung_for', 'seen', 'strap_lay', 'strap_hung', 'blocked_wide', 'blocked_high',
                'expected',
            ]);
        });
    }
};
