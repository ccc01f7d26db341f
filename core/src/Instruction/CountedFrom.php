<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** What the stitches of an edge are counted from, leftwards with the side of Round 1 before one. */
enum CountedFrom: string
{
    case Join = 'join';
    /** The same where rounds are turned, and either side may lie before one. */
    case TurnedJoin = 'turned';
    case Marker = 'marker';
    /** The seam at the front's right of what joined pieces leave open, which no round marks. */
    case Seam = 'opening';
}
