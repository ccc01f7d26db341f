<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Measure\Decimal;

/** The bag of one material on one hook: with its counts kept, and with its size kept. */
final readonly class WhatIfCell
{
    private function __construct(
        public string $hook,
        public bool $isMine,
        public float $firmness,
        public bool $isMeasured,
        public ?WhatIfBag $counts,
        public ?WhatIfBag $size,
    ) {}

    /** @param callable(BagPlan): string $size of a plan, as it is said */
    public static function of(WhatIf $cell, bool $isMine, Pace $pace, callable $size): self
    {
        return new self(
            $cell->hook->exact(),
            $isMine,
            $cell->firmness,
            $cell->predicted === null,
            $cell->counts === null ? null : WhatIfBag::of($cell->counts, $pace, $size($cell->counts)),
            $cell->sized === null ? null : WhatIfBag::of($cell->sized, $pace, self::counts($cell->sized)),
        );
    }

    /** "ch 22, 18 rounds" */
    private static function counts(BagPlan $plan): string
    {
        $start = $plan->work->start;

        return ($start->isChain() ? "ch {$start->chain}, " : '')
            .Decimal::many(count($plan->work->rows), $plan->assembly() === null ? 'round' : 'row');
    }
}
