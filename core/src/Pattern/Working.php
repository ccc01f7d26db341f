<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\Marker;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Stitch\Stitch;

/** How rounds meet: in a spiral with a marker, or each joined by a slip stitch; not turned in either. */
enum Working: string
{
    case Spiral = 'spiral';
    case Joined = 'joined';

    /** What the maker should know of this school before the first round. */
    public function explained(): string
    {
        return match ($this) {
            self::Spiral => 'Rounds run on in a spiral: do not join. Keep a marker in the first stitch and move it '
                .'up each round.',
            self::Joined => 'Each round is closed with a slip stitch and not turned. Chains that start a round do '
                .'not count as a stitch: the first stitch goes into the stitch of the join.',
        };
    }

    /**
     * A whole round of a stitch, begun and closed as this school does.
     *
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
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
     * @param non-empty-list<Instruction> $instructions
     *
     * @return non-empty-list<Instruction>
     */
    public function close(array $instructions): array
    {
        return [...$instructions, $this === self::Spiral ? new Marker() : new Join()];
    }
}
