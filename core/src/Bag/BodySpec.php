<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/** A plain body; null rounds are the planner's to solve. */
final readonly class BodySpec
{
    public function __construct(public Stitch $stitch, public Loop $loop = Loop::Both, public ?int $rounds = null) {}
}
