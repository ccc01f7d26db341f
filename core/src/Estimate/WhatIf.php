<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material;
use Fescue\Core\Piece\Wish;

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

    /**
     * @param LearnedHand $hand that is asked for what the plan is made of
     * @param ?Swatch $measured of this material on this hook: it wins over what the hand is expected to make
     */
    public static function of(
        BagPlan $plan,
        LearnedHand $hand,
        Material $material,
        HookSize $hook,
        ?Swatch $measured = null,
    ): self {
        return self::across($plan, $hand, $material, [$hook], [$measured])[0];
    }

    /**
     * On each of some hooks.
     *
     * @param list<HookSize> $hooks
     * @param list<?Swatch> $measured as of() has it, of each hook
     *
     * @return list<self> of each hook
     */
    public static function across(
        BagPlan $plan,
        LearnedHand $hand,
        Material $material,
        array $hooks,
        array $measured,
    ): array {
        [$settled, $opened] = [$plan->settled(), $plan->spec->opened()];
        $size = self::size($plan);

        return array_map(function (HookSize $hook, ?Swatch $swatch) use (
            $plan,
            $hand,
            $material,
            $settled,
            $opened,
            $size,
        ): self {
            // A predicted gauge brings its own proportions.
            $hands = $swatch === null
                ? HandGauge::predicted($hook, $hand->predictBag($hook, $material, $plan->spec->motif()), $material)
                : new HandGauge($hook, $swatch, proportions: $hand->proportions($swatch->motif));

            return new self(
                $hook,
                $material,
                $hands->predicted,
                $material->diameter->mm / $hands->swatch->gauge()->width->mm,
                self::plan($settled->alone($size, $material, $hands)),
                self::plan($opened->alone($size, $material, $hands)),
            );
        }, $hooks, $measured);
    }

    /** The size that stays: as wished, or as it comes out where nothing was. */
    public static function size(BagPlan $plan): Wish
    {
        $out = $plan->comesOut;

        return new Wish(
            $plan->spec->choices->wish->length ?? $out->baseLength,
            $plan->spec->choices->wish->width ?? $out->baseWidth,
            $plan->spec->choices->wish->height ?? $out->height,
        );
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
