<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Motif;

/** One band of a body; null rounds are the planner's to solve. */
final readonly class BandSpec
{
    public function __construct(public Motif $motif, public Loop $loop = Loop::Both, public ?int $rounds = null) {}
}
