<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** The fabric wished for. */
enum Fabric: string
{
    case Firm = 'firm';
    case Even = 'even';
    case Drape = 'drape';
}
