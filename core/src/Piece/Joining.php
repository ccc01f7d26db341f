<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

use Fescue\Core\Stitch\Stitch;

/** How two edges are joined. Whipped, a seam takes three times its length; else a stitch a pair. */
enum Joining: string
{
    case Whip = 'whip';
    case Slip = 'slip';
    case Single = 'sc';

    public function stitch(): Stitch
    {
        return match ($this) {
            self::Whip => Stitch::Whip,
            self::Slip => Stitch::Slip,
            self::Single => Stitch::Single,
        };
    }

    /** @return array<string, array{string, string}> name and difference in words, as a Choice offers them */
    public static function options(): array
    {
        return [
            self::Slip->value => ['Slip stitch', 'a flat line, one a pair'],
            self::Whip->value => ['Whip stitch', 'needle, outer loops'],
            self::Single->value => ['Single crochet', 'a ridge outside'],
        ];
    }
}
