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
    public static function plain(PlanSheet $sheet): string
    {
        return self::print($sheet, false, null, null);
    }

    public static function whole(PlanSheet $sheet): string
    {
        // One that is shown by a link is kept nowhere: what it was is its maker's own.
        $id = $sheet->bag->id ?? 0;

        $pictures = Picture::query()->where('bag_id', $id);
        $pictures->orderBy('id');

        return self::print($sheet, true, BagFinish::query()->find($id), $pictures->first());
    }

    private static function print(PlanSheet $sheet, bool $whole, ?BagFinish $done, ?Picture $picture): string
    {
        return Paper::print(self::page($sheet, $whole, $done, $picture));
    }

    /** As it is printed. */
    public static function page(
        PlanSheet $sheet,
        bool $whole = true,
        ?BagFinish $done = null,
        ?Picture $picture = null,
    ): string {
        return Paper::page($sheet->bag->name(), $sheet->tongue()->locale(), view('bags.sheet', [
            'sheet' => $sheet, 'whole' => $whole, 'done' => $done, 'picture' => $picture,
        ])->render());
    }
}
