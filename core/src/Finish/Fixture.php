<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

/** What is drawn of a finish on a side of the bag. Millimetres from the middle of the side and down from its edge. */
final readonly class Fixture
{
    /** @param float $x of its middle, to the right; $y so, down */
    public function __construct(
        public Shape $shape,
        public float $x,
        public float $y,
        public float $wide,
        public float $high,
    ) {}
}
