<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** What an entry of the log says was done. */
enum Did: string
{
    /** Went on. */
    case Step = 'step';
    /** Went back by a step that was one too many. */
    case Back = 'back';
    /** Ripped back to there. */
    case Ripped = 'ripped';
    /** Said where she is: after a plan that changed, or two devices that disagree. */
    case Said = 'said';
    /** Counted so many at the end of a row. */
    case Counted = 'counted';
    /** Mends a wrong count in the next round. */
    case Mends = 'mends';
    /** Used a strand up there. */
    case UsedUp = 'used-up';

    /** Whether it says where the work is. */
    public function places(): bool
    {
        return in_array($this, [self::Step, self::Back, self::Ripped, self::Said], true);
    }
}
