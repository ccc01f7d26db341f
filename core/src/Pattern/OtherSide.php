<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

/**
 * Back along the other side of the foundation chain. The chain just filled is behind the hook, so the
 * other side offers one anchor fewer than the first; none of them counts as taken a second time.
 */
final readonly class OtherSide implements Instruction
{
    /** @param list<Instruction> $instructions */
    public function __construct(public array $instructions) {}
}
