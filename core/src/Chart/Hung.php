<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Piece\Fastened;
use Fescue\Core\Shape\Arch;

/** What is fastened to the edge, mm: the middle between its feet, how broad it is, how it rises; null of one foot. */
final readonly class Hung
{
    public function __construct(
        public Fastened $as,
        public float $x,
        public float $y,
        public float $broad,
        public ?Arch $arch,
    ) {}
}
