<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\BagRevision;
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
     *
     * @return T
     */
    public static function held(Bag $bag, \Closure $change): mixed
    {
        return DB::transaction(function () use ($bag, $change): mixed {
            $row = DB::table('bags')->where('id', $bag->id)->select('bags.*');
            $row->selectRaw(WorkLog::BEGUN.' as begun')->lockForUpdate();
            $now = (array) $row->first() ?: throw (new ModelNotFoundException())->setModel(Bag::class, [$bag->id]);
            $isBegun = (bool) $now['begun'];
            $bag->setRawAttributes(array_diff_key($now, ['begun' => 1]), true);
            $bag->forgetStock();
            $bag->unsetRelation('swatch')->unsetRelation('minutes');
            $before = $bag->choices;
            // What is worked is fixed: asked only where something is.
            $was = $isBegun ? self::planned($bag) : null;
            $result = $change($bag);
            if ($was !== null && self::changed($before, $bag)) {
                $bag->forgetStock();
                WorkLog::guard($bag, $was, $bag->plan());
            }
            if (self::changed($before, $bag)) {
                // What it was is kept when it is no longer so.
                DB::table('bag_revisions')->insertOrIgnore([
                    'bag_id' => $bag->id,
                    'choices' => json_encode((object) $before, JSON_THROW_ON_ERROR),
                ] + array_intersect_key($now, ['revision' => 1, 'material_id' => 1, 'swatch_id' => 1]));
                $bag->revision++;
                if ($bag->revision % self::SWEPT === 0) {
                    $old = BagRevision::query()->where('bag_id', $bag->id);
                    $old->where('revision', '<', $bag->revision - self::KEPT)->delete();
                }
            }
            $bag->save();

            return $result;
        });
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

    /** @param array<string, mixed> $before its choices */
    private static function changed(array $before, Bag $bag): bool
    {
        return $bag->isDirty(['material_id', 'swatch_id']) || ! Merge::same($before, $bag->choices);
    }

    /** What the bag was in a revision; null where that is not kept. */
    public static function was(Bag $bag, int $revision): ?BagRevision
    {
        return BagRevision::query()->where(['bag_id' => $bag->id, 'revision' => $revision])->first();
    }
}
