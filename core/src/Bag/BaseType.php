<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

enum BaseType: string
{
    case Oval = 'oval';
}
