<?php

declare(strict_types=1);

namespace Fescue\Core\Pattern;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** One stitch of a row in working order, and whether it shares its anchor with others. */
final readonly class Placed
{
    public function __construct(public Stitch $stitch, public Loop $loop, public bool $increase) {}
}
