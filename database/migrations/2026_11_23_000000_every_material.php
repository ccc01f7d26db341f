<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Cords become materials of every kind, and what is on hand becomes the sum of a ledger. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::rename('cords', 'materials');
        foreach (['swatches', 'bags'] as $linked) {
            Schema::table($linked, fn(Blueprint $table) => $table->renameColumn('cord_id', 'material_id'));
        }
        Schema::table('materials', function (Blueprint $table): void {
            $table->string('kind', 12)->default('cord')->after('user_id');
            $table->string('make', 12)->nullable()->after('kind');
            $table->string('fibre', 16)->nullable()->after('make');
            $table->double('diameter')->nullable()->comment('mm')->change();
            $table->double('sample_length')->nullable()->comment('mm')->change();
            $table->double('sample_mass')->nullable()->comment('g')->change();
            $table->unsignedInteger('sample_count')->nullable()->comment('pieces weighed');
            $table->double('strip_width')->nullable()->comment('mm, before the pull');
            $table->double('width')->nullable()->comment('mm');
            $table->double('pull')->nullable()->comment('length after over before');
            $table->double('areal')->nullable()->comment('g/m²');
            $table->double('pitch')->nullable()->comment('mm from piece to piece');
            $table->foreignId('strung_on')->nullable()->constrained('materials')->nullOnDelete();
            $table->double('label_low')->nullable()->comment('hook, mm');
            $table->double('label_high')->nullable()->comment('hook, mm');
            $table->decimal('price', 10, 2)->nullable()->comment('in the maker’s money');
            $table->decimal('price_for', 12, 3)->nullable()->comment('g or pieces');
            $table->string('acquired', 8)->nullable();
            $table->string('care', 200)->nullable();
            $table->double('stretch_load')->nullable()->comment('g');
            $table->double('stretch')->nullable()->comment('length under the load over before');
            $table->double('stretch_rest')->nullable()->comment('length after rest over before');
        });
        Schema::create('stock_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('material_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bag_id')->nullable()->constrained()->nullOnDelete();
            $table->string('move', 8);
            $table->decimal('amount', 12, 3)->comment('g or pieces; below zero where taken');
            $table->string('note', 120)->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
            // The balance is summed from this index alone.
            $table->index(['material_id', 'undone_at', 'amount']);
        });
        Schema::create('reservations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('material_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->decimal('amount', 12, 3)->comment('g or pieces');
            $table->timestamps();
            $table->unique(['material_id', 'bag_id']);
        });
        DB::statement("insert into stock_entries (material_id, move, amount, note, created_at, updated_at)
            select id, 'weighed', on_hand, 'on hand when the ledger began', now(), now() from materials where on_hand is not null");
        Schema::table('materials', fn(Blueprint $table) => $table->dropColumn('on_hand'));

        Schema::create('raw_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('form', 8);
            $table->string('colour', 7);
            $table->string('fibre', 16)->nullable();
            $table->unsignedInteger('count');
            $table->json('measures')->comment('what fescue-strip/1 says of the piece');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('batches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('raw_piece_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('material_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 80);
            $table->string('colour', 7);
            $table->json('document')->comment('fescue-strip/1');
            $table->unsignedInteger('stack')->comment('pieces cut through at once');
            $table->boolean('join_ahead');
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('batch_ticks', function (Blueprint $table): void {
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->string('step', 40);
            $table->timestamp('created_at')->useCurrent();
            $table->primary(['batch_id', 'step']);
        });
        Schema::create('scales', function (Blueprint $table): void {
            $table->foreignId('user_id')->primary()->constrained()->cascadeOnDelete();
            $table->json('state');
        });
    }

    public function down(): void
    {
        foreach (['scales', 'batch_ticks', 'batches', 'raw_pieces'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('materials', fn(Blueprint $table) => $table->double('on_hand')->nullable()->comment('g'));
        DB::statement('update materials set on_hand = (select sum(amount) from stock_entries where material_id = materials.id and undone_at is null)');
        Schema::dropIfExists('reservations');
        Schema::dropIfExists('stock_entries');
        // What is no cord cannot be told in the old table.
        DB::table('materials')->where('kind', '!=', 'cord')->delete();
        Schema::table('materials', function (Blueprint $table): void {
            $table->dropForeign(['strung_on']);
            $table->dropColumn(['kind', 'make', 'fibre', 'sample_count', 'strip_width', 'width', 'pull', 'areal', 'pitch', 'strung_on', 'label_low', 'label_high', 'price', 'price_for', 'acquired', 'care', 'stretch_load', 'stretch', 'stretch_rest']);
        });
        foreach (['swatches', 'bags'] as $linked) {
            Schema::table($linked, fn(Blueprint $table) => $table->renameColumn('material_id', 'cord_id'));
        }
        Schema::rename('materials', 'cords');
    }
};
