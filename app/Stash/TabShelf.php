<?php

declare(strict_types=1);

namespace App\Stash;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Transaction;
use Fescue\Core\Piece\TabStep;
use Illuminate\Support\Facades\DB;

/** Tabs that are being prepared for a bag. What two devices add at once is both there. */
final class TabShelf
{
    /** More than any bag has. */
    private const MOST = 1_000_000;

    /**
     * @param list<int> $bags their numbers
     *
     * @return array<int, array<string, int>> done of each step, by the bag's number and the step's name
     */
    public static function done(array $bags): array
    {
        $done = array_fill_keys($bags, array_fill_keys(array_column(TabStep::cases(), 'value'), 0));
        foreach (DB::table('tab_steps')->whereIn('bag_id', $bags)->get() as $row) {
            $done[Cell::int($row->bag_id)][Cell::text($row->step)] = Cell::int($row->done);
        }

        return $done;
    }

    /** So many more are done, or fewer; never fewer than none. */
    public static function add(Bag $bag, TabStep $step, int $many): void
    {
        Transaction::run(function () use ($bag, $step, $many): void {
            DB::table('tab_steps')->insertOrIgnore(['bag_id' => $bag->id, 'step' => $step->value, 'done' => 0]);
            DB::table('tab_steps')->where(['bag_id' => $bag->id, 'step' => $step->value])->update([
                'done' => DB::raw('LEAST('.self::MOST.', GREATEST(0, CAST(done AS SIGNED) + '.$many.'))'),
            ]);
        });
    }
}
