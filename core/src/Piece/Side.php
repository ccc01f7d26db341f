<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A side of the size that is wished for. */
enum Side: string
{
    case Length = 'length';
    case Width = 'width';
    case Height = 'height';
}
