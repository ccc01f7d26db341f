<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** The two ways to make strand of a piece. */
enum CutMethod: string
{
    /** Uncut from end to end: over a spine, as a zigzag, or as a spiral. */
    case OneStrand = 'one-strand';

    /** Strips or loops, each joined to the next. */
    case Joined = 'joined';

    public function name(): string
    {
        return $this === self::OneStrand ? 'one strand' : 'joined';
    }
}
