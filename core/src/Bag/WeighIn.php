<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;

/** What was left of the material after a round. */
final readonly class WeighIn
{
    public function __construct(public RowId $after, public Mass $left) {}
}
