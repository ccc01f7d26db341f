<?php

declare(strict_types=1);

namespace App\Bags;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\LoggedTime;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;

/** What a bag would come to, take and last. */
final readonly class WhatIfBag
{
    /** @param array{float, float} $flat how wide and how high it lies, mm */
    private function __construct(
        public string $said,
        public array $flat,
        public float $grams,
        public ?int $inHundred,
        public bool $isSure,
        public float $minutes,
    ) {}

    /**
     * @param list<LoggedTime> $logged of the bag that it would be
     * @param ?int $bag its number
     */
    public static function of(BagPlan $plan, Pace $pace, string $said, array $logged, ?int $bag): self
    {
        $estimate = MaterialEstimate::of($plan);

        return new self(
            $said,
            [$plan->comesOut->flatWidth->mm, $plan->comesOut->height->mm],
            $estimate->grams->likely,
            $estimate->inHundred(),
            $estimate->isSure() === true,
            $pace->minutes(new Timed($plan, $logged), $bag)->likely,
        );
    }
}
