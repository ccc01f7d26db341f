<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

enum CutKind
{
    /** Across, through both layers where the piece lies double. */
    case Across;

    /** Across the opened spine, one layer, from a slit to the next. */
    case Diagonal;

    /** Takes off what is thrown away. */
    case Off;
}
