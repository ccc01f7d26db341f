<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('signs', 80)->default('')->comment('her name on her patterns');
            $table->string('rights', 160)->default('')->comment('a line for rights on them');
            $table->boolean('sections')->default(false)->comment('whether rows are numbered anew in each section');
        });
    }

    public function down(): void
    {
        Schema::table('users', fn(Blueprint $table) => $table->dropColumn(['signs', 'rights', 'sections']));
    }
};
