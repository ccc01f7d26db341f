<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

enum Part: string
{
    case Base = 'base';
    case Body = 'body';
    /** A piece made by itself, to be joined. */
    case Piece = 'pieces';
    case Seam = 'seams';
    case Handles = 'handles';
    case Edge = 'edge';
}
