<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

/** One row of a walk: what goes before its first stitch, in its stitches, and after its last. */
final readonly class Leg
{
    /** @param int $place of the row in the pattern */
    public function __construct(public int $place, public float $before, public float $stitches, public float $after) {}
}
