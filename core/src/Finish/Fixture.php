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

    /** Whether they are in one another's way on a side of the bag; what hangs from the edge or is drawn is in none. */
    public function meets(self $other): bool
    {
        $flat = fn(self $one): bool => ! in_array($one->shape, [Shape::Chain, Shape::Cord], true);

        return $flat($this) && $flat($other)
            && abs($this->x - $other->x) < ($this->wide + $other->wide) / 2 - 1e-6
            && abs($this->y - $other->y) < ($this->high + $other->high) / 2 - 1e-6;
    }
}
