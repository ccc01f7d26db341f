<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

enum Part: string
{
    case Base = 'base';
    case Body = 'body';
    case Handles = 'handles';
    case Edge = 'edge';
    /** A piece made by itself, to be joined. */
    case Piece = 'pieces';
    case Seam = 'seams';
}
