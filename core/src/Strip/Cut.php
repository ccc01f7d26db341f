<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

/**
 * One straight cut: millimetres from the upper left corner of the piece lying flat, x right and y down. What lies
 * beyond the right-hand fold is the back rolled out: where the piece is W wide, x there lies on the back at 2W − x.
 */
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
