<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Pattern\RowId;

/**
 * What one row takes, and what is left on the ball after it: likely, and not less or more in nine of ten bags. Grams.
 */
final readonly class RowTakes
{
    /**
     * @param int $which of the bag's materials, 0 for its own
     * @param ?float $left null where what is on hand is not known, and for rows weighed already
     */
    public function __construct(
        public RowId $row,
        public int $which,
        public float $grams,
        public ?float $left,
        public ?float $low,
        public ?float $high,
    ) {}
}
