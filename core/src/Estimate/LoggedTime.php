<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Pattern\Part;

/** Minutes that one whole part took. */
final readonly class LoggedTime
{
    /** @param float $minutes above zero */
    public function __construct(public Part $part, public float $minutes) {}
}
