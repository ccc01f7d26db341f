<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

/** What a finish is put on with, beside what every bag takes; each a message. */
enum Tool: string
{
    case Thread = 'sewing needle and thread';
    case Pins = 'pins';
    case Clips = 'clips';
    case Iron = 'iron';
    case Patch = 'scraps of cloth or leather to sew through';
    case Chalk = 'chalk';
    case Card = 'stiff card';
}
