<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** The kinds of material Fescue plans with. */
enum Kind: string
{
    case Cord = 'cord';
}
