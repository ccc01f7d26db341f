<?php

declare(strict_types=1);

namespace Fescue\Core\Stock;

/** Why stock changed. */
enum Move: string
{
    case Bought = 'bought';
    case Cut = 'cut';
    case Wound = 'wound';
    case Used = 'used';
    case GivenAway = 'given';
    /** Corrects to what the scale or a count says, up or down. */
    case Weighed = 'weighed';

    /** 1 adds to what is on hand, -1 takes from it, 0 sets it. */
    public function sign(): int
    {
        return match ($this) {
            self::Bought, self::Cut, self::Wound => 1,
            self::Used, self::GivenAway => -1,
            self::Weighed => 0,
        };
    }

    public function said(): string
    {
        return match ($this) {
            self::Bought => 'bought',
            self::Cut => 'cut into strand',
            self::Wound => 'wound from scraps',
            self::Used => 'used in a bag',
            self::GivenAway => 'given away',
            self::Weighed => 'weighed (corrects)',
        };
    }
}
