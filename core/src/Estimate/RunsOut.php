<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Pattern\RowId;

/** Where what is on hand comes to its end: likely here, and not before or after in nine of ten bags. */
final readonly class RunsOut
{
    /**
     * @param int $stitch of that row, from 1
     * @param RowId $earliest row
     * @param ?RowId $latest row; null where it may reach to the end
     */
    public function __construct(
        public RowId $row,
        public int $stitch,
        public RowId $earliest,
        public ?RowId $latest,
    ) {}
}
