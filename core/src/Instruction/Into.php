<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

/** What the hook goes into, as vocabularies name it. */
enum Into: string
{
    case Stitch = 'stitch';
    case FirstChain = 'first-chain';
    case NextChain = 'next-chain';
    case LastChain = 'last-chain';
    case FirstChainAgain = 'first-chain-again';
    case FrontPost = 'front-post';
    case BackPost = 'back-post';
    case RowEnd = 'row-end';
    case Space = 'space';
    case Corner = 'corner';
}
