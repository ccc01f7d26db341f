<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;

/** A bag with the minutes that were logged of its parts. */
final readonly class Timed
{
    /** @param list<LoggedTime> $logged of whole parts, one each */
    public function __construct(public BagPlan $plan, public array $logged = []) {}

    /** @return list<LoggedTime> those of parts the bag has */
    public function counted(): array
    {
        $expected = Pace::expected($this->plan);

        return array_values(array_filter($this->logged, fn(LoggedTime $one): bool => isset($expected[$one->part->value])));
    }
}
