<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** How a maker draws up her stitches. */
enum Hand: string
{
    case Tight = 'tight';
    case Even = 'even';
    case Loose = 'loose';
}
