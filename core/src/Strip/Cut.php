<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/** One straight cut on the piece lying flat: millimetres from its upper left corner, x right and y down. */
final readonly class Cut
{
    public function __construct(
        public CutKind $kind,
        public float $x1,
        public float $y1,
        public float $x2,
        public float $y2,
    ) {}
}
