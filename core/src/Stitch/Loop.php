<?php

declare(strict_types=1);

namespace Fescue\Core\Stitch;

/** Which loop of the stitch below the hook goes under. */
enum Loop: string
{
    case Both = 'both';
    case Back = 'back';
    case Front = 'front';
}
