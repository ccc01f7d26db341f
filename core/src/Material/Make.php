<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** How a plarn or a cord is put together. */
enum Make: string
{
    case Looped = 'looped';
    case Single = 'single';
    case Twisted = 'twisted';
    case Braided = 'braided';
}
