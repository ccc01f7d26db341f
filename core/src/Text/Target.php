<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What a step is worked into. */
enum Target
{
    case Stitch;
    case Chain;
    case Space;
    case FrontPost;
    case BackPost;
    case RowEnd;
    case Ring;
    /** Around a ring, and into a stitch. */
    case RingAndStitch;
    case Tab;
    /** The holes of two tabs where they meet. */
    case Pair;
    /** All layers of an edge that is folded upon itself. */
    case Layers;

    /** Whether it is none of what a row below leaves. */
    public function standsAlone(): bool
    {
        return in_array($this, [self::RowEnd, self::Tab, self::Pair, self::Layers], true);
    }
}
