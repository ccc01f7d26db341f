<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** What is cut, and how. */
enum Source: string
{
    case Tube = 'tube';
    case Panel = 'panel';
    case BagLoops = 'bag-loops';
    case BagSpiral = 'bag-spiral';
    case RibbonHalf = 'ribbon-half';

    public function isBag(): bool
    {
        return $this === self::BagLoops || $this === self::BagSpiral;
    }
}
