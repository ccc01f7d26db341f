<?php

declare(strict_types=1);

namespace Fescue\Core\Base;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;

/** Rounds of what grows alike to both sides. */
final class Rounds
{
    /** How many come nearest to the width wished for. @throws Unmakeable */
    public static function across(Wish $wish, Length $high, int $most): int
    {
        $width = $wish->width ?? throw new Unmakeable('/size/width', 'Give a width, or the number of base rounds.');
        $round = $high->times(2);
        $rounds = (int) round($width->mm / $round->mm);
        if ($rounds < 1) {
            throw new Unmakeable(
                '/size/width',
                "One round alone makes the base {$round->print(LengthUnit::Centimetre)} wide; ask for at least "
                    .'that, or use thinner material.',
            );
        }
        if ($rounds > $most) {
            throw new Unmakeable(
                '/size/width',
                "That needs {$rounds} base rounds; Fescue plans up to {$most}. Check the width and the gauge.",
            );
        }

        return $rounds;
    }
}
