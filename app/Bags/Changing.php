<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\BagRevision;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Illuminate\Database\Eloquent\SoftDeletingScope;
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
            $row = Bag::query()->withoutGlobalScope(SoftDeletingScope::class)->whereKey($bag->id);
            $row->select('bags.*')->selectRaw(WorkLog::BEGUN.' as begun')->lockForUpdate();
            $now = $row->firstOrFail()->getAttributes();
            $isBegun = (bool) $now['begun'];
            $bag->setRawAttributes(array_diff_key($now, ['begun' => 1]), true);
            $bag->forgetStock();
            $bag->unsetRelation('swatch')->unsetRelation('minutes');
            $before = new BagRevision([
                'bag_id' => $bag->id,
                'revision' => $bag->revision,
                'material_id' => $bag->material_id,
                'swatch_id' => $bag->swatch_id,
                'choices' => $bag->choices,
            ]);
            // What is worked is fixed: asked only where something is.
            $was = $isBegun ? self::planned($bag) : null;
            $result = $change($bag);
            if ($was !== null && self::changed($before, $bag)) {
                $bag->forgetStock();
                WorkLog::guard($bag, $was, $bag->plan());
            }
            if (self::changed($before, $bag)) {
                // What it was is kept when it is no longer so.
                BagRevision::query()->insertOrIgnore([
                    'choices' => json_encode((object) $before->choices, JSON_THROW_ON_ERROR),
                ] + array_diff_key($before->getAttributes(), ['choices' => 1]));
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

    public static function changed(BagRevision $before, Bag $bag): bool
    {
        return $bag->isDirty(['material_id', 'swatch_id']) || ! Merge::same($before->choices, $bag->choices);
    }

    /** What the bag was in a revision; null where that is not kept. */
    public static function was(Bag $bag, int $revision): ?BagRevision
    {
        return BagRevision::query()->where(['bag_id' => $bag->id, 'revision' => $revision])->first();
    }
}
