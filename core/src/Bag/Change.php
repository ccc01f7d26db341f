<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Pattern\RowId;

/** A row from which another of the bag's materials is worked, at the same gauge. */
final readonly class Change
{
    /**
     * @param RowId $from not the first
     * @param int $to 0 for the bag's own material, 1 for the first of its others, and so on
     */
    public function __construct(public RowId $from, public int $to) {}
}
