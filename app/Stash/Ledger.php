<?php

declare(strict_types=1);

namespace App\Stash;

use App\Models\Bag;
use App\Models\Material;
use App\Models\Reservation;
use App\Models\StockEntry;
use Fescue\Core\Stock\Balance;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/**
 * The only writer of stock. Each write holds its material's row until it is done, so that two devices never take the
 * same metres: the second one waits, sees what is left, and is told.
 */
final class Ledger
{
    /** @param float $amount g or pieces, above zero; of a weighing what is there @throws NotEnough */
    public static function enter(
        Material $material,
        Move $move,
        float $amount,
        ?Bag $bag = null,
        ?string $note = null,
    ): StockEntry {
        return self::holding($material, function (Balance $balance) use (
            $material,
            $move,
            $amount,
            $bag,
            $note,
        ): StockEntry {
            $entry = $material->entries()->create([
                'move' => $move,
                'amount' => round($balance->change($move, $amount, $bag?->id), 3),
                'bag_id' => $bag?->id,
                'note' => $note,
            ]);
            if ($move === Move::Used && $bag !== null) {
                // What a bag uses comes first out of what it had reserved.
                $reserved = $balance->reserved[$bag->id][1] ?? 0.0;
                self::keep($material, $bag, max(0.0, $reserved - $amount));
            }

            return $entry;
        });
    }

    /** Strikes an entry out, or puts a struck one back. @throws NotEnough */
    public static function strike(StockEntry $entry, bool $out): void
    {
        self::holding($entry->material, function (Balance $balance) use ($entry, $out): void {
            $line = StockEntry::query()->whereKey($entry->id);
            $line->lockForUpdate();
            $fresh = $line->firstOrFail();
            if (($fresh->undone_at !== null) === $out) {
                return;
            }
            $balance->mustBearWithout($out ? (float) $fresh->amount : -(float) $fresh->amount);
            $fresh->update(['undone_at' => $out ? now() : null]);
        });
    }

    /** Sets what is reserved of a material for a bag; nothing at 0. @throws NotEnough */
    public static function reserve(Material $material, Bag $bag, float $amount): void
    {
        self::holding($material, function (Balance $balance) use ($material, $bag, $amount): void {
            $balance->mustBeFree($amount, $bag->id);
            self::keep($material, $bag, $amount);
        });
    }

    /**
     * @template T
     *
     * @param \Closure(Balance): T $write
     *
     * @return T
     */
    private static function holding(Material $material, \Closure $write): mixed
    {
        return DB::transaction(function () use ($material, $write): mixed {
            // Locking reads see what was committed while this one waited; plain ones would see an older picture.
            $row = Material::query()->withoutGlobalScope(SoftDeletingScope::class)->whereKey($material->id);
            $row->lockForUpdate();
            $held = $row->firstOrFail();
            $reservations = $held->reservations()->with('bag');
            $reservations->lockForUpdate();
            $held->setRelation('reservations', $reservations->get());

            return $write($held->stock());
        });
    }

    private static function keep(Material $material, Bag $bag, float $amount): void
    {
        $amount <= 0
            ? Reservation::query()->where(['material_id' => $material->id, 'bag_id' => $bag->id])->delete()
            : Reservation::query()->updateOrCreate(
                ['material_id' => $material->id, 'bag_id' => $bag->id],
                ['amount' => round($amount, 3)],
            );
    }
}
