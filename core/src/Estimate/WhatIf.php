<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\BaseSpec;
use Fescue\Core\Bag\BodySpec;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\SlotSpec;
use Fescue\Core\Bag\Wish;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;

/** One bag on another hook, of another material: its size where the counts stay, its counts where the size stays. */
final readonly class WhatIf
{
    /**
     * @param float $firmness strand diameter over stitch width: the larger, the firmer
     * @param ?Predicted $predicted what the hand is expected to make; null where a swatch of just this was measured
     * @param ?BagPlan $counts where the counts stay, and the size is what comes of them; null where they make no bag
     * @param ?BagPlan $sized where the size stays; null where no counts come near it
     */
    private function __construct(
        public HookSize $hook,
        public Material $material,
        public ?Predicted $predicted,
        public float $firmness,
        public ?BagPlan $counts,
        public ?BagPlan $sized,
    ) {}

    /** @param ?Swatch $measured of this material on this hook: it wins over what the hand is expected to make */
    public static function of(BagPlan $plan, LearnedHand $hand, Material $material, HookSize $hook, ?Swatch $measured = null): self
    {
        $predicted = $measured === null ? $hand->predictBag($hook, $material, $plan->spec->body->motif()) : null;
        $swatch = $predicted === null ? $measured : BagDocument::expected($predicted, $material);
        // A predicted gauge brings its own.
        $proportions = $predicted === null ? $hand->proportions($swatch->motif) : [];
        $with = fn(BaseSpec $base, BodySpec $body, ?SlotSpec $slots): ?BagPlan => self::plan(new BagSpec($plan->spec->name, self::size($plan), $material, $hook, $swatch, $plan->spec->working, $base, $body, $slots, $predicted, proportions: $proportions));

        return new self(
            $hook,
            $material,
            $predicted,
            $material->diameter->mm / $swatch->gauge()->width->mm,
            $with(new BaseSpec($plan->spec->base->ends, $plan->base->chain, count($plan->base->rounds)), BodySpec::settled($plan->body), $plan->slots === null ? null : new SlotSpec($plan->slots->skip, $plan->slots->chain, $plan->slots->edgeRounds)),
            $with(new BaseSpec($plan->spec->base->ends), $plan->spec->body->following(), $plan->spec->slots),
        );
    }

    /** The size that stays: as wished, or as it comes out where nothing was. */
    public static function size(BagPlan $plan): Wish
    {
        $out = $plan->comesOut;

        return new Wish($plan->spec->wish->length ?? $out->baseLength, $plan->spec->wish->width ?? $out->baseWidth, $plan->spec->wish->height ?? $out->height);
    }

    private static function plan(BagSpec $spec): ?BagPlan
    {
        try {
            return Planner::plan($spec);
        } catch (Refused) {
            return null;
        }
    }
}
