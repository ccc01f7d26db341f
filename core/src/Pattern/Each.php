<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** One stitch in each of the next so many anchors: takes n, leaves n. */
final readonly class Each implements Instruction
{
    public function __construct(
        public Stitch $stitch,
        public int $count,
        public Loop $loop = Loop::Both,
        public Into $into = Into::Stitch,
    ) {
        if ($count < 1) {
            throw new \InvalidArgumentException('Work at least one stitch.');
        }
    }
}
