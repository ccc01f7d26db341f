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
}
