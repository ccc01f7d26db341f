<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Material\Strand;

/** One of several scraps worked one after another: its rows, and where the next is laid in. */
final readonly class Scrap
{
    /**
     * @param ?string $from row it begins in; null where it is not needed, not weighed, or too short to be worked
     * @param ?string $to row it likely reaches to: where the next is laid in, or where it ends
     * @param ?float $left metres left over of it
     * @param bool $short whether it ends before the next can be laid in, or the bag is done
     */
    public function __construct(
        public Strand $strand,
        public ?string $from,
        public ?string $to,
        public ?float $left,
        public bool $short,
    ) {}
}
