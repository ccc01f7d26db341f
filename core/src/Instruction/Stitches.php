<?php

declare(strict_types=1);

namespace Fescue\Core\Instruction;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** So many stitches alike, one after another. */
final readonly class Stitches
{
    /**
     * @param bool $increase whether each shares its anchor with others
     * @param bool $top whether each leaves a top to be worked into
     * @param int $standing chains one upon another of which it is the top; 0 of a chain that lies, and of all else
     * @param Into $into what the hook goes into for it
     */
    public function __construct(
        public Stitch $stitch,
        public int $count,
        public Loop $loop = Loop::Both,
        public bool $increase = false,
        public bool $top = true,
        public int $standing = 0,
        public Into $into = Into::Stitch,
    ) {}
}
