<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Strand;
use Fescue\Core\Pattern\RowId;

/** Where one of several strands held together comes to its end, and where to lay its next ball in. */
final readonly class StrandEnd
{
    /**
     * @param RowId $row in which it likely ends
     * @param int $stitch of that row, from 1
     * @param RowId $earliest row it may end in, in nine of ten bags
     * @param ?RowId $join row to lay the next one in: before the earliest end, apart from other joins, away from slots
     *         and the last two rounds; null where no such row is left
     */
    public function __construct(
        public Strand $strand,
        public RowId $row,
        public int $stitch,
        public RowId $earliest,
        public ?RowId $join,
    ) {}
}
