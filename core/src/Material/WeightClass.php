<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

/** What a yarn is sold as, 0 to 7: Craft Yarn Council, Standards & Guidelines. From memory. */
enum WeightClass: string
{
    case Lace = '0 lace';
    case SuperFine = '1 super fine';
    case Fine = '2 fine';
    case Light = '3 light';
    case Medium = '4 medium';
    case Bulky = '5 bulky';
    case SuperBulky = '6 super bulky';
    case Jumbo = '7 jumbo';
}
