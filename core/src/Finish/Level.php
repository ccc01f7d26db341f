<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;

/** A round of the wall, as a closure meets it. */
final readonly class Level
{
    /**
     * @param int $place among the plan's rows
     * @param Length $under from the opening's edge to its middle
     * @param int $around stitches that it has
     * @param float $front of them from its beginning to the middle of the front, whole or half
     * @param float $back so of the back
     */
    public function __construct(
        public int $place,
        public RowId $row,
        public Length $under,
        public int $around,
        public float $front,
        public float $back,
        public Length $stitch,
    ) {}

    /** "between stitches 14 and 15", "on stitch 15" */
    public function at(float $from): Saying
    {
        $nth = Whole::down($from);
        if (abs($from - $nth) > 0.25) {
            return new Saying('on stitch {n}', ['n' => $nth + 1]);
        }

        return $nth <= 0 || $nth >= $this->around
            ? new Saying('between the last stitch and the first')
            : new Saying('between stitches {n} and {next}', ['n' => $nth, 'next' => $nth + 1]);
    }

    /** Stitches that something covers, one at least. */
    public function covers(Length $wide): int
    {
        return max(1, (int) round($wide->mm / $this->stitch->mm));
    }
}
