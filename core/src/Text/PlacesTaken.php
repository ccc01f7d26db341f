<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** What of the row below a row takes for its places. */
enum PlacesTaken
{
    case Stitches;
    /** Each chain is one, as a stitch is. */
    case Chains;
    /** Each space is one, beside the stitches. */
    case Spaces;
    /** Only spaces: the stitches between are passed by. */
    case SpacesAlone;
}
