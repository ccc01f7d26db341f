<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;

/** A bag's pattern as plain text. */
final class WordsText
{
    public static function of(PlanSheet $sheet): string
    {
        return $sheet->words()->published()->text();
    }
}
