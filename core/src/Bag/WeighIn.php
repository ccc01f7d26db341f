<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Measure\Mass;

/** What was left of the material after a round. */
final readonly class WeighIn
{
    /** @param string $after a row's name, as the pattern writes it */
    public function __construct(public string $after, public Mass $left) {}
}
