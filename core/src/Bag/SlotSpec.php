<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/** Slot handles; null counts are the planner's to solve. */
final readonly class SlotSpec
{
    public function __construct(public ?int $skip = null, public ?int $chain = null, public int $edgeRounds = 1) {}
}
