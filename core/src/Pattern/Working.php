<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** How rounds meet: in a spiral with a marker, or each joined by a slip stitch; or joined and turned. */
enum Working: string
{
    case Spiral = 'spiral';
    case Joined = 'joined';
    case JoinedTurned = 'joined-turned';
}
