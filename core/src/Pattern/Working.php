<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Stitch;

/** How rounds meet: in a spiral with a marker, or each joined by a slip stitch; not turned in either. */
enum Working: string
{
    case Spiral = 'spiral';
    case Joined = 'joined';

    /**
     * A whole round of a stitch, begun and closed as this school does.
     *
     * @param list<Instruction> $instructions
     *
     * @return list<Instruction>
     */
    public function around(array $instructions, Stitch $stitch = Stitch::Single): array
    {
        return $this === self::Spiral
            ? $instructions
            : [new StartingChain($stitch->startingChains()), ...$instructions, new Join()];
    }

    /**
     * A first round, whose turning chain has already lifted it.
     *
     * @param list<Instruction> $instructions
     *
     * @return list<Instruction>
     */
    public function close(array $instructions): array
    {
        return $this === self::Spiral ? $instructions : [...$instructions, new Join()];
    }
}
