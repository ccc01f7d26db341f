<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\Draft;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;

/**
 * A bag as another maker gets it: just as its owner planned it, by the choices and by what shapes them, her gauge, hand
 * and tape; and nothing of her stash, her weigh-ins or her hours.
 */
final class SharedCopy
{
    /** What says how much she has, and what she entered on the way. */
    private const HERS = ['format', 'weigh_ins'];

    /** What another hand does otherwise. */
    private const HER_HAND = ['stretch', 'differs', 'lean', 'tape'];

    /**
     * To look at.
     *
     * @return array{Bag, MaterialEstimate} and how much it takes, as its owner is told
     *
     * @throws Refused where it makes no plan
     */
    public static function of(Bag $bag): array
    {
        $given = self::bag(self::strands(array_diff_key($bag->document(), array_flip(self::HERS))));
        $given->tint = $bag->colour();

        return [$given, MaterialEstimate::of($bag->plan())];
    }

    /**
     * To keep: every count as it is, and the gauge that it was planned with, told by nobody's swatches.
     *
     * @return array<string, mixed> choices of the new bag
     *
     * @throws Refused where it makes no plan
     */
    public static function choices(Bag $bag): array
    {
        $plan = $bag->plan();
        $document = array_diff_key(
            $bag->document(),
            array_flip([...self::HERS, ...self::HER_HAND, ...Draft::TAUGHT]),
        );

        return self::strands(Mending::settled($plan) + ['gauge' => self::gauge($plan)] + $document);
    }

    /** @return array<string, mixed> one swatch of it, as it came out by the tape */
    private static function gauge(BagPlan $plan): array
    {
        $swatch = $plan->spec->facts->hands->swatch;
        [$wide, $high] = $plan->spec->facts->hands->taped;

        return array_filter([
            'stitch' => $swatch->motif->key,
            'stitches' => $swatch->stitches,
            'width' => $swatch->width->times($wide)->exact(),
            'rows' => $swatch->rows,
            'height' => $swatch->height->times($high)->exact(),
            'mass' => $swatch->mass?->exact(),
        ], fn(mixed $one): bool => $one !== null);
    }

    /** @param array<string, mixed> $choices */
    private static function bag(array $choices): Bag
    {
        $given = new Bag(['choices' => $choices]);
        // Of nobody: no hand teaches it but what it brings.
        $given->user_id = 0;

        return $given;
    }

    /**
     * @param array<string, mixed> $choices
     *
     * @return array<string, mixed> with strands as what they are, not how much of them she has
     */
    private static function strands(array $choices): array
    {
        $strand = fn(mixed $one): array => is_array($one)
            ? array_diff_key($one, ['on_hand' => 1, 'unit' => 1, 'waste' => 1])
            : [];
        $choices['material'] = $strand($choices['material'] ?? null);
        if (is_array($choices['others'] ?? null)) {
            $choices['others'] = array_map($strand, $choices['others']);
        }

        return $choices;
    }
}
