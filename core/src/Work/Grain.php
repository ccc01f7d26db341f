<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** How much one step is. */
enum Grain: string
{
    case Stitch = 'stitch';
    case Group = 'group';
    case Row = 'row';
}
