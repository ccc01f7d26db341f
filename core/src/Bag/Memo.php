<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

/** What was reckoned of a plan, once: it is the plan's own, and goes with it. */
final class Memo
{
    /** @var array<string, object> */
    private array $known = [];

    /**
     * @template T of object
     *
     * @param class-string<T> $what
     * @param \Closure(): T $reckon
     * @param int $which where there are several of one plan
     *
     * @return T
     */
    public function of(string $what, \Closure $reckon, int $which = 0): object
    {
        $known = $this->known["{$what} {$which}"] ??= $reckon();

        return $known instanceof $what ? $known : throw new \LogicException("It is no {$what}.");
    }
}
