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
}
