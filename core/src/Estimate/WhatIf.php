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
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;

/** One bag on another hook, of another material: its size where the counts stay, its counts where the size stays. */
final readonly class WhatIf
{
    /**
     * @param float $firmness strand diameter over stitch width: the larger, the firmer
     * @param ?ComesOut $size where the counts stay; null where they make no bag
     * @param ?BagPlan $plan where the size stays; null where no counts come near it
     * @param ?MaterialEstimate $estimate of that plan
     */
    private function __construct(
        public HookSize $hook,
        public Material $material,
        public Predicted $predicted,
        public float $firmness,
        public ?ComesOut $size,
        public ?BagPlan $plan,
        public ?MaterialEstimate $estimate,
    ) {}

    public static function of(BagPlan $plan, LearnedHand $hand, Material $material, HookSize $hook): self
    {
        $predicted = $hand->predict($hook, $material->diameter, $material->kind, $plan->spec->body->stitch);
        $out = $plan->comesOut;
        $size = new Wish($plan->spec->wish->length ?? $out->baseLength, $plan->spec->wish->width ?? $out->baseWidth, $plan->spec->wish->height ?? $out->height);
        $counts = self::plan(self::with($plan->spec, $material, $hook, $predicted, $size, new BaseSpec($plan->spec->base->ends, $plan->base->chain, count($plan->base->rounds)), $plan->body->rounds));
        $solved = self::plan(self::with($plan->spec, $material, $hook, $predicted, $size, new BaseSpec($plan->spec->base->ends), null));

        return new self($hook, $material, $predicted, $material->diameter->mm / $predicted->width->likely, $counts?->comesOut, $solved, $solved === null ? null : MaterialEstimate::of($solved));
    }

    private static function with(BagSpec $spec, Material $material, HookSize $hook, Predicted $predicted, Wish $wish, BaseSpec $base, ?int $bodyRounds): BagSpec
    {
        return new BagSpec($spec->name, $wish, $material, $hook, BagDocument::expected($predicted, $material), $spec->working, $base, new BodySpec($spec->body->stitch, $spec->body->loop, $bodyRounds), $spec->slots, $predicted);
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
