<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** How rounds meet: in a spiral with a marker, or each joined by a slip stitch; or joined and turned. */
enum Working: string
{
    case Spiral = 'spiral';
    case Joined = 'joined';
    case JoinedTurned = 'joined-turned';

    /** What the maker should know of this school before the first round. */
    public function explained(): string
    {
        return match ($this) {
            self::Spiral => 'Rounds run on in a spiral: do not join. Keep a marker in the first stitch and move it '
                .'up each round.',
            self::Joined => 'Each round is closed with a slip stitch and not turned.',
            self::JoinedTurned => 'Each round is closed with a slip stitch; from the wall on the work is '
                .'turned: rounds on the wrong side and on the right side take turns, the first on the wrong side.',
        };
    }
}
