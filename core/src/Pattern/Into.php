<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** What the hook goes into. */
enum Into
{
    case Stitch;
    case FirstChain;
    case NextChain;
    case LastChain;
    case FirstChainAgain;
    case ChainSpace;
}
