<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Strand;
use Fescue\Core\Pattern\RowId;

/** One of several scraps worked one after another: its rows, and where the next is laid in. */
final readonly class Scrap
{
    /**
     * @param ?RowId $from row it begins in; null where it is not needed, not weighed, or too short to be worked
     * @param ?RowId $to row it likely reaches to: where the next is laid in, or where it ends
     * @param ?float $left metres left over of it
     * @param bool $short whether it ends before the next can be laid in, or the bag is done
     */
    public function __construct(
        public Strand $strand,
        public ?RowId $from,
        public ?RowId $to,
        public ?float $left,
        public bool $short,
    ) {}
}
