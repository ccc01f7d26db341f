<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Files\Paper;
use App\Models\BagFinish;
use App\Models\Picture;

/** A bag on paper: a sheet with its words and drawings; as a booklet also how it is lined, and what it was. */
final class Booklet
{
    /** @param ?PlanSheet $other the same bag in another tongue, line beside line */
    public static function plain(PlanSheet $sheet, ?PlanSheet $other = null): string
    {
        return Paper::print(self::page($sheet, false, other: $other));
    }

    public static function whole(PlanSheet $sheet): string
    {
        // One that is shown by a link is kept nowhere: what it was is its maker's own.
        $id = $sheet->bag->id ?? 0;

        $pictures = Picture::query()->where('bag_id', $id);
        $pictures->orderBy('id');

        return Paper::print(self::page($sheet, true, BagFinish::query()->find($id), $pictures->first()));
    }

    /** As it is printed. */
    public static function page(
        PlanSheet $sheet,
        bool $whole = true,
        ?BagFinish $done = null,
        ?Picture $picture = null,
        ?PlanSheet $other = null,
    ): string {
        return Paper::page($sheet->bag->name(), $sheet->tongue()->locale(), view('bags.sheet', [
            'sheet' => $sheet, 'whole' => $whole, 'done' => $done, 'picture' => $picture, 'other' => $other,
        ])->render());
    }
}
