<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Measure\Length;

/** The size that really comes out after rounding to whole stitches and rounds. */
final readonly class ComesOut
{
    /**
     * @param Length $flatWidth half the circumference: how wide the bag measures lying flat
     * @param float $litres an upright body on the base's outline; a soft bag bulges past it
     */
    public function __construct(
        public Length $baseLength,
        public Length $baseWidth,
        public Length $flatWidth,
        public Length $height,
        public float $litres,
    ) {}
}
