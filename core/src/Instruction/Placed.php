<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** One top of a row in working order: its stitch, what that stands in, and whether it shares that with others. */
final readonly class Placed
{
    /**
     * @param int $edge place of the edge it is worked into
     * @param int $first anchor of that edge it stands in, from 0; of a free chain the next to be taken
     * @param int $anchors that it draws together; 0 of a free chain
     * @param int $standing as of Stitches
     * @param Into $into as of Stitches
     */
    public function __construct(
        public Stitch $stitch,
        public Loop $loop,
        public bool $increase,
        public int $edge,
        public int $first,
        public int $anchors,
        public int $standing = 0,
        public Into $into = Into::Stitch,
    ) {}

    /** Whether it is a chain that lies, with nothing of its own under it. */
    public function isLyingChain(): bool
    {
        return $this->stitch === Stitch::Chain && $this->standing === 0;
    }
}
