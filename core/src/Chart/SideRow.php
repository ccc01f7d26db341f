<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Pattern\Row;

/** One standing row as the front of the bag shows it. */
final readonly class SideRow
{
    /**
     * @param int $place in the piece
     * @param float $foot how high it begins, mm
     * @param float $height of its stitches, mm
     * @param float $stitch how wide one is, mm
     */
    public function __construct(
        public Row $row,
        public int $place,
        public float $foot,
        public float $height,
        public float $stitch,
        public SideCourse $course,
    ) {}
}
