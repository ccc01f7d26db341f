<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;

/**
 * Where one of several balls worked one after another comes to its end, and whether the next may be laid in just there.
 */
final readonly class BallEnd
{
    /**
     * @param Mass $left of it when it is taken up, or taken up again
     * @param RowId $row in which it likely ends
     * @param int $stitch of that row, from 1
     * @param RowId $earliest row it may end in, in nine of ten bags
     * @param RowId $latest so
     * @param ?RowId $join row to lay the next one in, where it may end in the slots or in the last two rounds; null
     *         where any row it may end in bears a join
     * @param bool $bears whether some row before that bears it
     */
    public function __construct(
        public Mass $left,
        public RowId $row,
        public int $stitch,
        public RowId $earliest,
        public RowId $latest,
        public ?RowId $join,
        public bool $bears,
    ) {}
}
