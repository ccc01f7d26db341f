<?php

declare(strict_types=1);

namespace App\Bags;

/** A bag's pattern as plain text. */
final class WordsText
{
    public static function of(PlanSheet $sheet): string
    {
        return $sheet->published()->text();
    }
}
