<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Ends;

/** An oval base; null counts are the planner's to solve. */
final readonly class BaseSpec
{
    public function __construct(public Ends $ends, public ?int $chain = null, public ?int $rounds = null) {}
}
