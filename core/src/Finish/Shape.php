<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

/** How a finish looks from the front. */
enum Shape: string
{
    case Disc = 'disc';
    case Plate = 'plate';
    case Line = 'line';
    case Cord = 'cord';
    case Tassel = 'tassel';
    case Chain = 'chain';
    case Cloth = 'cloth';
}
