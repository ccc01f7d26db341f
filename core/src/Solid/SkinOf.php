<?php

declare(strict_types=1);

namespace Fescue\Core\Solid;

/** What a surface is of. */
enum SkinOf: string
{
    case Wall = 'wall';
    case Base = 'base';
    case Piece = 'piece';
    case Net = 'net';
    case Handle = 'handle';
    /** Of metal or wood, whatever the strand. */
    case Hardware = 'hardware';
    case Flap = 'flap';

    /** Whether it holds what is in the bag. */
    public function isBody(): bool
    {
        return in_array($this, [self::Wall, self::Base, self::Piece, self::Net], true);
    }
}
