<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** How far a bag is worked: so many stitches of a row, all rows before it done. */
final readonly class Place
{
    /**
     * @param int $row from 0; as many as there are where all is done
     * @param int $stitch of them done, from 0
     */
    public function __construct(public int $row, public int $stitch = 0)
    {
        if ($row < 0 || $stitch < 0) {
            throw new \InvalidArgumentException('Nobody is before the beginning.');
        }
    }

    /** Below zero where the other is further. */
    public function compare(self $other): int
    {
        return [$this->row, $this->stitch] <=> [$other->row, $other->stitch];
    }
}
