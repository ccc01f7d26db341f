<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** What the anchors of an edge are, as vocabularies name it. */
enum EdgeKind: string
{
    case Chain = 'chain';
    case OtherSide = 'other-side';
    case Tops = 'tops';
    case RowEnds = 'row-ends';
    /** Both sides of a chain, one after the other. */
    case BothSides = 'both-sides';
    /** Both long edges of a strip: the tops of its last row, then the other side of its chain. */
    case LongEdges = 'long-edges';
    case Holes = 'holes';
    /** Holes of two frames that face each other. */
    case Frames = 'frames';
    case Squares = 'squares';
    case Tabs = 'tabs';
    /** Round what joined pieces leave open, before any round is worked on it. */
    case Opening = 'opening';
    /** Some stitches of an edge, the rest left as they are. */
    case Some = 'some';

    /** Whether there are stitches, with posts to go round. */
    public function isOfStitches(): bool
    {
        return in_array($this, [self::Tops, self::Some, self::Opening], true);
    }

    /** Whether it is of something that was not crocheted. */
    public function isReadyMade(): bool
    {
        return in_array($this, [self::Holes, self::Frames, self::Squares, self::Tabs], true);
    }
}
