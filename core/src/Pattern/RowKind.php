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

    /** That number, told by what is written of it; null where no such row is numbered so. */
    public function number(string $written): ?int
    {
        if ($this !== self::Seam) {
            return ctype_digit($written) && (int) $written > 0 ? (int) $written : null;
        }
        $number = 0;
        foreach (str_split(strtoupper($written)) as $letter) {
            $number = 26 * $number + ord($letter) - 64;
        }

        return ctype_alpha($written) ? $number : null;
    }
}
