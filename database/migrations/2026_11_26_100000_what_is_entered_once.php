<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Weigh-ins, minutes and prices become rows of their own; a bag has revisions; a write is done once. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('bags', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(1);
            $table->decimal('price_tag', 8, 2)->nullable()->comment('in the maker’s money');
        });
        Schema::create('weigh_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('place')->comment('of its row when it was entered');
            $table->string('after', 40);
            $table->string('left', 40)->comment('as it was weighed');
            $table->foreignId('material_id')->nullable()->constrained()->nullOnDelete();
            $table->decimal('used', 12, 3)->nullable()->comment('g used of it by then');
            $table->boolean('begins')->default(false);
            $table->foreignId('stock_entry_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('undone_at')->nullable();
            $table->unsignedInteger('dropped_in')->nullable()->comment('revision of the bag that began it anew');
            $table->timestamps();
            $table->index(['bag_id', 'place']);
        });
        Schema::create('bag_minutes', function (Blueprint $table): void {
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->string('part', 12);
            $table->unsignedInteger('minutes');
            $table->primary(['bag_id', 'part']);
        });
        Schema::create('bag_revisions', function (Blueprint $table): void {
            $table->foreignId('bag_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->unsignedBigInteger('material_id')->nullable();
            $table->unsignedBigInteger('swatch_id')->nullable();
            $table->json('choices');
            $table->timestamp('created_at')->useCurrent();
            $table->primary(['bag_id', 'revision']);
        });
        Schema::create('sent_once', function (Blueprint $table): void {
            $table->unsignedBigInteger('user_id');
            $table->char('key', 64);
            $table->text('to')->nullable();
            $table->string('status', 400)->nullable();
            $table->timestamp('created_at')->useCurrent()->index();
            $table->primary(['user_id', 'key']);
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration')->index();
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration')->index();
        });
        foreach (DB::table('bags')->orderBy('id')->get() as $bag) {
            $choices = (array) json_decode((string) $bag->choices, true);
            foreach (array_values((array) ($choices['weigh_ins'] ?? [])) as $place => $one) {
                DB::table('weigh_ins')->insert([
                    'bag_id' => $bag->id, 'place' => $place, 'after' => $one['after'] ?? '', 'left' => $one['left'] ?? '',
                    'material_id' => DB::table('materials')->where('id', $one['of'] ?? 0)->value('id'),
                    'used' => $one['used'] ?? null, 'begins' => (bool) ($one['begins'] ?? false),
                    'stock_entry_id' => DB::table('stock_entries')->where('id', $one['entry'] ?? 0)->value('id'),
                    'created_at' => $bag->updated_at, 'updated_at' => $bag->updated_at,
                ]);
            }
            foreach ((array) ($choices['logged'] ?? []) as $part => $minutes) {
                DB::table('bag_minutes')->insert(['bag_id' => $bag->id, 'part' => $part, 'minutes' => max(0, (int) $minutes)]);
            }
            $tag = $choices['price_tag'] ?? null;
            DB::table('bags')->where('id', $bag->id)->update([
                'choices' => json_encode((object) array_diff_key($choices, ['weigh_ins' => 1, 'logged' => 1, 'price_tag' => 1]), JSON_THROW_ON_ERROR),
                'price_tag' => is_numeric($tag) ? $tag : null,
            ]);
        }
    }

    public function down(): void
    {
        foreach (DB::table('bags')->orderBy('id')->get() as $bag) {
            $choices = (array) json_decode((string) $bag->choices, true);
            $weighIns = DB::table('weigh_ins')->where('bag_id', $bag->id)->whereNull('undone_at')->whereNull('dropped_in')->orderBy('place')->get();
            if ($weighIns->isNotEmpty()) {
                $choices['weigh_ins'] = $weighIns->map(fn(object $one): array => array_filter([
                    'after' => $one->after, 'left' => $one->left, 'of' => $one->material_id,
                    'used' => $one->used === null ? null : (float) $one->used,
                    'begins' => (bool) $one->begins ?: null, 'entry' => $one->stock_entry_id,
                ], fn(mixed $value): bool => $value !== null))->all();
            }
            $logged = DB::table('bag_minutes')->where('bag_id', $bag->id)->pluck('minutes', 'part')->all();
            $choices += array_filter(['logged' => $logged, 'price_tag' => $bag->price_tag]);
            DB::table('bags')->where('id', $bag->id)->update(['choices' => json_encode((object) $choices, JSON_THROW_ON_ERROR)]);
        }
        foreach (['cache_locks', 'cache', 'sessions', 'sent_once', 'bag_revisions', 'bag_minutes', 'weigh_ins'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('bags', fn(Blueprint $table) => $table->dropColumn(['revision', 'price_tag']));
    }
};
