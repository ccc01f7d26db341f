<?php

declare(strict_types=1);

namespace Fescue\Core\Piece;

/** A part of a piece's outline that a seam joins to another. */
final readonly class SewnEdge
{
    /**
     * @param non-empty-list<array{float, float}> $points mm, as its Flat has them
     * @param int $stitches that it offers to the seam
     */
    public function __construct(public string $letter, public array $points, public int $stitches) {}

    /** mm. */
    public function length(): float
    {
        $sum = 0.0;
        foreach (array_slice($this->points, 1) as $place => [$x, $y]) {
            $sum += hypot($x - $this->points[$place][0], $y - $this->points[$place][1]);
        }

        return $sum;
    }
}
