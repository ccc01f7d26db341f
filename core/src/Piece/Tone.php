<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** Whether a note warns, offers something better, or guards the maker or those around. */
enum Tone: string
{
    case Trouble = 'trouble';
    case Better = 'better';
    case Care = 'care';
}
