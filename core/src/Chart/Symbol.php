<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Shape\Stand;
use Fescue\Core\Stitch\Stitch;

/**
 * One chart symbol: which stitch, where it stands facing outward (mm), in which round (0: the foundation chain), and of
 * how many chains one upon another where it is one that stands.
 */
final readonly class Symbol
{
    public function __construct(
        public Stitch $stitch,
        public Stand $stand,
        public int $round,
        public bool $increase,
        public int $standing = 0,
    ) {}
}
