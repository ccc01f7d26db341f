<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;

/** How much of a strand there is, as people say it: "450 g", "120 m", "3 × 250 g", "3 balls of 80 m". */
final class Have
{
    /** Balls, and what one is. */
    private const BALLS = '/^(\d{1,3})\s*(?:x|×|\*|balls?(?:\s+of)?|ovillos?(?:\s+de)?)\s*(\S.*)$/iu';

    /** Grams; more than that nobody holds in the hand. */
    private const MOST = 50_000.0;

    /** @throws NotUnderstood */
    public static function read(string $text, LinearDensity $of): Mass
    {
        $many = 1;
        if (preg_match(self::BALLS, $text, $balls) === 1) {
            [$many, $text] = [(int) $balls[1], $balls[2]];
        }
        try {
            $grams = $many * Mass::parse($text, MassUnit::Gram)->grams;
        } catch (NotUnderstood) {
            try {
                $grams = $many * Length::parse($text)->mm / 1000 * $of->gramsPerMetre;
            } catch (NotUnderstood) {
                throw new NotUnderstood(new Saying('Write it as 450 g, as 120 m, or as 3 × 250 g.'));
            }
        }
        if ($grams < 1 || $grams > self::MOST) {
            throw new NotUnderstood(new Saying('From 1 g to 50 kg is reckoned with.'));
        }

        return Mass::grams($grams);
    }
}
