<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\BagRevision;
use App\Models\Draft;
use App\Models\Transaction;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/**
 * The only writer of a bag's choices. Each change holds the bag's row until it is done, changes what is there then, and
 * leaves the revision that it made: what another page saw is known, and a step back puts back what one change did.
 */
final class Changing
{
    /** Revisions that are kept of a bag; a page that is older than that is merged by what it differs in. */
    private const KEPT = 200;

    /** At every how manieth revision the older ones are swept out. */
    private const SWEPT = 20;

    /**
     * Runs a change on the bag as it is now, and keeps it.
     *
     * @template T
     *
     * @param \Closure(Bag): T $change
     * @param bool $isStep whether it is to be taken back: all but taking back is
     *
     * @return T
     */
    public static function held(Bag $bag, \Closure $change, bool $isStep = true): mixed
    {
        return Transaction::run(function () use ($bag, $change, $isStep): mixed {
            $row = DB::selectOne(
                'select bags.*, '.WorkLog::BEGUN.' as begun from bags '
                    .'where id = ? and user_id = ? and deleted_at is null for update',
                [$bag->id, $bag->user_id],
            );
            $now = $row === null
                ? throw (new ModelNotFoundException())->setModel(Bag::class, [$bag->id])
                : (array) $row;
            $isBegun = (bool) $now['begun'];
            $bag->setRawAttributes(array_diff_key($now, ['begun' => 1]), true);
            $bag->forgetStock();
            $bag->unsetRelation('swatch')->unsetRelation('minutes');
            $before = Draft::of($bag);
            // What is worked is fixed: asked only where something is.
            $was = $isBegun ? self::planned($bag) : null;
            $result = $change($bag);
            if (! Draft::of($bag)->same($before)) {
                if ($was !== null) {
                    $bag->forgetStock();
                    WorkLog::guard($bag, $was, $bag->plan());
                }
                if ($isStep) {
                    Steps::record($bag, $before);
                }
                // The database keeps what it was.
                $bag->revision++;
                if ($bag->revision % self::SWEPT === 0) {
                    $old = BagRevision::query()->where('bag_id', $bag->id);
                    $old->where('revision', '<', $bag->revision - self::KEPT)->delete();
                }
            }
            self::write($bag);

            return $result;
        });
    }

    /** What of its row is another than it was. */
    private static function write(Bag $bag): void
    {
        $was = $bag->getRawOriginal();
        $new = array_filter(
            $bag->getAttributes(),
            fn(mixed $value, string $column): bool => $value !== ($was[$column] ?? null),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($new !== []) {
            $bag->setAttribute(Bag::UPDATED_AT, $bag->freshTimestamp());
            $bag->syncOriginal();
            $new += [Bag::UPDATED_AT => $bag->getAttributes()[Bag::UPDATED_AT]];
            $set = implode(', ', array_map(fn(string $column): string => "{$column} = ?", array_keys($new)));
            DB::update("update bags set {$set} where id = ?", [...array_values($new), $bag->id]);
        }
    }

    /** Its plan as it is; null where it makes none. */
    private static function planned(Bag $bag): ?BagPlan
    {
        try {
            return $bag->plan();
        } catch (Refused) {
            return null;
        }
    }

    /** What the bag was in a revision; null where that is not kept. */
    public static function was(Bag $bag, int $revision): ?BagRevision
    {
        return BagRevision::query()->where(['bag_id' => $bag->id, 'revision' => $revision])->first();
    }
}
