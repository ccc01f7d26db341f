<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

enum HandleType: string
{
    case Slot = 'slot';
}
