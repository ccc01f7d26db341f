<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Which side of rows is the front was once their tops whatever their length: what is worked so stays so. */
final class Fronts
{
    /** Of all makers, or of one, in bags with rows worked, weighed or finished that do not say it. */
    public static function keep(?User $maker = null): void
    {
        DB::statement(
            "UPDATE bags SET choices = JSON_SET(choices, '$.base.front', 'rows') "
                ."WHERE JSON_VALUE(choices, '$.base.type') = 'rows' AND JSON_VALUE(choices, '$.base.front') IS NULL "
                .'AND (? IS NULL OR user_id = ?) '
                .'AND (EXISTS (SELECT 1 FROM work_entries WHERE bag_id = bags.id) '
                .'OR EXISTS (SELECT 1 FROM weigh_ins WHERE bag_id = bags.id) '
                .'OR EXISTS (SELECT 1 FROM bag_finishes WHERE bag_id = bags.id))',
            [$maker?->id, $maker?->id],
        );
    }
}
