<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\WhatIf;

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

    /**
     * @param callable(BagPlan): string $size of a plan, as it is said
     */
    public static function of(WhatIf $cell, bool $isMine, Pace $pace, Bag $bag, callable $size): self
    {
        // What she logged of it holds where it is as it is; how fast it goes of her, on any hook.
        $made = fn(BagPlan $plan, string $said): WhatIfBag => WhatIfBag::of(
            $plan,
            $pace,
            $said,
            $isMine ? $bag->logged() : [],
            $bag->id ?? null,
        );

        return new self(
            $cell->hook->exact(),
            $isMine,
            $cell->firmness,
            $cell->predicted === null,
            $cell->counts === null ? null : $made($cell->counts, $size($cell->counts)),
            $cell->sized === null ? null : $made($cell->sized, self::counts($cell->sized)),
        );
    }

    /** "ch 22, 18 rounds" */
    private static function counts(BagPlan $plan): string
    {
        $start = $plan->work->start;

        return ($start->isChain() ? Tongues::tell('ch {n}', ['n' => $start->chain]).', ' : '').Tongues::tell(
            $plan->assembly() === null
                ? '{n, plural, one {# round} other {# rounds}}'
                : '{n, plural, one {# row} other {# rows}}',
            ['n' => count($plan->work->rows)],
        );
    }
}
