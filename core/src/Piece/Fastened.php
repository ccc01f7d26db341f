<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** What may be fastened to an edge. */
enum Fastened: string
{
    case Strap = 'strap';
    case Handle = 'handle';
    case Ring = 'ring';
    /** A strap on hooks of its own. */
    case Hooks = 'hooks';
}
