<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What a word or sign of a pattern means, in whatever tongue. */
enum Word
{
    case Number;
    case Stitch;
    case Increase;
    case Decrease;
    /** Several worked together, as "sc2tog" says it at once. */
    case Together;
    /** "2 dc together" */
    case AsOne;
    case In;
    case Each;
    case Next;
    case Last;
    case First;
    case Same;
    case Top;
    case Stitches;
    case Space;
    case RowEnd;
    case Ring;
    /** A ring of metal that a row is worked around, and into the stitches below it. */
    case AroundRing;
    case Tab;
    /** The holes of two tabs, one upon the other. */
    case Pairs;
    case Layers;
    case Around;
    case Across;
    case ToLast;
    case OtherSide;
    /** Along one side of a chain and back along the other. */
    case BothSides;
    case Evenly;
    /** A stitch with its own chain, on nothing. */
    case Foundation;
    case Repeat;
    case From;
    case Times;
    case More;
    case Skip;
    case Turn;
    case Join;
    case Counts;
    case Not;
    case Hook;
    case BackLoop;
    case FrontLoop;
    case FrontPost;
    case BackPost;
    case Even;
    case For;
    case Rounds;
    case Rows;
    case And;
    case Mark;
    case FastenOff;
    /** Says nothing that is counted. */
    case Filler;
    case Star;
    case Open;
    case Close;
    case Part;
    case Stop;
    case Equals;
    case Dash;
    case Colon;
    case Unknown;
}
