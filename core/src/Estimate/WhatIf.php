<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\BaseSpec;
use Fescue\Core\Bag\BodySpec;
use Fescue\Core\Bag\ComesOut;
use Fescue\Core\Bag\Planner;
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
     * @param ?ComesOut $size where the counts stay; null where they make no bag
     * @param ?BagPlan $plan where the size stays; null where no counts come near it
     * @param ?MaterialEstimate $estimate of that plan
     */
    private function __construct(
        public HookSize $hook,
        public Material $material,
        public ?Predicted $predicted,
        public float $firmness,
        public ?ComesOut $size,
        public ?BagPlan $plan,
        public ?MaterialEstimate $estimate,
    ) {}

    /** @param ?Swatch $measured of this material on this hook: it wins over what the hand is expected to make */
    public static function of(BagPlan $plan, LearnedHand $hand, Material $material, HookSize $hook, ?Swatch $measured = null): self
    {
        $predicted = $measured === null ? $hand->predictBag($hook, $material, $plan->spec->body->motif()) : null;
        $swatch = $predicted === null ? $measured : BagDocument::expected($predicted, $material);
        $with = fn(Wish $wish, BaseSpec $base, BodySpec $body): ?BagPlan => self::plan(new BagSpec($plan->spec->name, $wish, $material, $hook, $swatch, $plan->spec->working, $base, $body, $plan->spec->slots, $predicted, proportions: $hand->proportions($swatch->motif)));
        $out = $plan->comesOut;
        $size = new Wish($plan->spec->wish->length ?? $out->baseLength, $plan->spec->wish->width ?? $out->baseWidth, $plan->spec->wish->height ?? $out->height);
        $counts = $with($size, new BaseSpec($plan->spec->base->ends, $plan->base->chain, count($plan->base->rounds)), BodySpec::settled($plan->body));
        $solved = $with($size, new BaseSpec($plan->spec->base->ends), $plan->spec->body->following());

        return new self($hook, $material, $predicted, $material->diameter->mm / $swatch->gauge()->width->mm, $counts?->comesOut, $solved, $solved === null ? null : MaterialEstimate::of($solved));
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
