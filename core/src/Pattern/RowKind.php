<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** Worked to and fro, or round, or two edges joined. */
enum RowKind: string
{
    case Row = 'row';
    case Round = 'round';
    case Seam = 'seam';

    /** "3" of a row, "C" of a seam, after "Z" "AA". */
    public function numbered(int $number): string
    {
        if ($this !== self::Seam) {
            return (string) $number;
        }
        $letters = '';
        for (; $number > 0; $number = intdiv($number - 1, 26)) {
            $letters = chr(65 + ($number - 1) % 26).$letters;
        }

        return $letters;
    }
}
