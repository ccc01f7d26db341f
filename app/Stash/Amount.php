<?php

declare(strict_types=1);

namespace App\Stash;

use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;

/** How much there is of what is not weighed: a count, or a length of cloth. */
final class Amount
{
    private const LONGEST_CM = 100_000;

    /** In the kind's unit. @throws NotUnderstood */
    public static function read(Kind $kind, string $text): float
    {
        if ($kind === Kind::Cloth) {
            $cm = Length::parse($text, LengthUnit::Centimetre)->in(LengthUnit::Centimetre);

            return $cm >= 0 && $cm <= self::LONGEST_CM
                ? round($cm, 1)
                : throw new NotUnderstood(new Saying('Cloth is from 0 to 1000 m long; is the unit right?'));
        }
        $number = (string) preg_replace('/\s*(?:tabs?|pieces?|pcs?\.?)$/i', '', $text);

        return preg_match('/^\d{1,7}$/', $number) === 1
            ? (float) $number
            : throw new NotUnderstood(new Saying('Count them: a whole number, like 250.'));
    }
}
