<?php

declare(strict_types=1);

namespace App\Stash;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Material;
use App\Models\Reservation;
use App\Models\StockEntry;
use App\Models\Transaction;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Stock\Balance;
use Fescue\Core\Stock\LedgerLine;
use Fescue\Core\Stock\LedgerLines;
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
    /**
     * @param float $amount g or pieces, above zero; of a weighing what is there
     * @param bool $isFact whether what is left then was weighed, though it is entered as taken
     * @param bool $isLast whether nothing is kept for the bag after it
     *
     * @throws NotEnough
     */
    public static function enter(
        Material $material,
        Move $move,
        float $amount,
        ?Bag $bag = null,
        ?string $note = null,
        bool $isFact = false,
        bool $isLast = false,
    ): StockEntry {
        return self::holding($material, $bag?->id, function (Balance $balance) use (
            $material,
            $move,
            $amount,
            $bag,
            $note,
            $isFact,
            $isLast,
        ): StockEntry {
            $change = round($balance->change($move, $amount, $bag?->id), 3);
            // What a bag uses comes first out of what it had reserved.
            $reserved = $move === Move::Used && $bag !== null ? $balance->reserved[$bag->id][1] ?? 0.0 : 0.0;
            $released = $isLast ? $reserved : min($reserved, $amount);
            $entry = $material->entries()->create([
                'move' => $move,
                'amount' => $change,
                'says' => $isFact || $move === Move::Weighed ? round(($balance->onHand ?? 0.0) + $change, 3) : null,
                'released' => round($released, 3),
                'bag_id' => $bag?->id,
                'note' => $note,
            ]);
            if ($bag !== null && $released > 0.0) {
                self::keep($material, $bag, $reserved - $released);
            }

            return $entry;
        });
    }

    /**
     * Strikes an entry out, or puts a struck one back, within the bounds of an entry. What a bag had used is kept for
     * it again, and not when it counts again.
     *
     * @return ?string what that does to what is kept for a bag
     *
     * @throws NotEnough
     */
    public static function strike(StockEntry $entry, bool $out): ?string
    {
        return self::holding($entry->material, $entry->bag_id, function (Balance $balance) use ($entry, $out): ?string {
            $line = StockEntry::query()->whereKey($entry->id);
            $line->lockForUpdate();
            $fresh = $line->firstOrFail();
            if (($fresh->undone_at !== null) === $out) {
                return null;
            }
            $material = $entry->material;
            $before = self::lines($material);
            $after = $before->with($entry->id, ! $out);
            $less = $before->sum() - $after->sum();
            if ($less > 0.0) {
                $balance->mustBeFree($less, $out ? null : $fresh->bag_id);
            }
            $bag = $fresh->move === Move::Used ? $fresh->bag : null;
            $reserved = $bag === null ? 0.0 : $balance->reserved[$bag->id][1] ?? 0.0;
            $released = $out ? (float) $fresh->released : min($reserved, max(0.0, -(float) $fresh->amount));
            $steps = [
                fn() => $fresh->update(['undone_at' => $out ? now() : null, 'released' => round($released, 3)]),
                function () use ($after, $before): void {
                    foreach ($after->changed($before) as $id => $amount) {
                        StockEntry::query()->whereKey($id)->update(['amount' => $amount]);
                    }
                },
            ];
            // What raises the sum comes first: the database lets it pass below zero at no moment.
            foreach (((float) $fresh->amount > 0) === $out ? array_reverse($steps) : $steps as $step) {
                $step();
            }
            if ($bag === null || $bag->trashed() || $released <= 0.0) {
                return null;
            }
            self::keep($material, $bag, $out ? $reserved + $released : $reserved - $released);

            return $out
                ? Tongues::tell(
                    '{amount} are kept for “{name}” again.',
                    ['amount' => $material->say($released), 'name' => $bag->name()],
                )
                : Tongues::tell(
                    '{amount} that were kept for “{name}” are used for it.',
                    ['amount' => $material->say($released), 'name' => $bag->name()],
                );
        });
    }

    private static function lines(Material $material): LedgerLines
    {
        $rows = DB::table('stock_entries')->where('material_id', $material->id)->orderBy('id')
            ->lockForUpdate()
            ->get(['id', 'move', 'amount', 'says', 'undone_at']);

        return new LedgerLines(array_values($rows->map(fn(\stdClass $row): LedgerLine => new LedgerLine(
            Cell::int($row->id),
            Move::from(Cell::text($row->move)),
            Cell::number($row->amount),
            $row->says === null ? null : Cell::number($row->says),
            $row->undone_at === null,
        ))->all()), $material->unit());
    }

    /** Of all makers, or of one: a weighing that does not say what was there says what stands after it. */
    public static function tellWeighings(?User $maker = null): void
    {
        DB::statement(
            'UPDATE stock_entries JOIN (SELECT stock_entries.id, SUM(IF(undone_at IS NULL, amount, 0)) '
                .'OVER (PARTITION BY material_id ORDER BY stock_entries.id) AS sum '
                .'FROM stock_entries JOIN materials ON materials.id = material_id WHERE ? IS NULL OR user_id = ?) '
                .'AS told ON told.id = stock_entries.id SET says = GREATEST(0, told.sum) '
                ."WHERE says IS NULL AND undone_at IS NULL AND move = 'weighed'",
            [$maker?->id, $maker?->id],
        );
    }

    /** Sets what is reserved of a material for a bag; nothing at 0. @throws NotEnough */
    public static function reserve(Material $material, Bag $bag, float $amount): void
    {
        self::holding($material, $bag->id, function (Balance $balance) use ($material, $bag, $amount): void {
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
    private static function holding(Material $material, ?int $bag, \Closure $write): mixed
    {
        return Transaction::run(function () use ($material, $bag, $write): mixed {
            if ($bag !== null) {
                // A line of a bag touches its row: before the material's, as every change of a bag has them.
                Transaction::hold('bags', $bag);
            }
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
