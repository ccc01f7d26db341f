<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Instruction\Placed;
use Fescue\Core\Shape\Stand;

/** One stitch of the side: where its foot stands and which way it goes, mm from the middle of its row's foot. */
final readonly class SideStitch
{
    public function __construct(public Placed $placed, public Stand $foot) {}
}
