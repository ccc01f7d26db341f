<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Pattern\RowId;

/** A weigh-in that the stitches cannot account for. Grams of the material that was weighed. */
final readonly class OddWeighIn
{
    /**
     * @param RowId $row after which it was weighed
     * @param float $used since the weigh-in before, or the start
     * @param float $expected for the same rows
     */
    public function __construct(public RowId $row, public float $used, public float $expected) {}
}
