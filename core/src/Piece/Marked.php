<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What a mark on a flat piece stands for. */
enum Marked: string
{
    case Hole = 'hole';
    case Ring = 'ring';
    case Clasp = 'clasp';
    case Bar = 'bar';
    case Tassel = 'tassel';
    case Said = 'said';
}
