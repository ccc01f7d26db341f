<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** Several stitches in each of the next anchors: takes n, leaves n·k. Increases. */
final readonly class Several implements Instruction
{
    public function __construct(
        public Stitch $stitch,
        public int $inOne,
        public int $anchors = 1,
        public Loop $loop = Loop::Both,
        public Into $into = Into::Stitch,
    ) {
        if ($inOne < 2 || $anchors < 1) {
            throw new \InvalidArgumentException('An increase works at least two in one.');
        }
    }
}
