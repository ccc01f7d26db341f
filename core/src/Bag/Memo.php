<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/**
 * What was reckoned of a plan, once, for as long as the plan is there.
 *
 * @template T of object
 */
final class Memo
{
    /** @var \WeakMap<BagPlan, array<int, T>> */
    private \WeakMap $known;

    public function __construct()
    {
        /** @var \WeakMap<BagPlan, array<int, T>> $none */
        $none = new \WeakMap();
        $this->known = $none;
    }

    /**
     * @param \Closure(): T $reckon
     * @param int $which where there are several of one plan
     *
     * @return T
     */
    public function of(BagPlan $plan, \Closure $reckon, int $which = 0): object
    {
        $of = $this->known[$plan] ?? [];
        $of[$which] ??= $reckon();
        $this->known[$plan] = $of;

        return $of[$which];
    }
}
