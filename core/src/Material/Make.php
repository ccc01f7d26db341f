<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** How a plarn or a cord is put together; what a piece of hardware is. */
enum Make: string
{
    case Looped = 'looped';
    case Single = 'single';
    case Twisted = 'twisted';
    case Braided = 'braided';
    case Zip = 'zip';
    case Magnet = 'magnet';
    case Snap = 'snap';
    case Clasp = 'clasp';
    case TurnLock = 'turn lock';
    case Button = 'button';
    case Ring = 'ring';
    case SnapHook = 'snap hook';
    case StrapBar = 'strap bar';
    case Chain = 'chain';
    case Handle = 'handle';
    case Drawn = 'drawstring';
    case Label = 'label';
}
