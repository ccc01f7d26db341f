<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/** Chains that lift the work to the round's height; here they never count as a stitch: takes 0, leaves 0. */
final readonly class StartingChain implements Instruction
{
    public function __construct(public int $count) {}
}
