<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Statistics\Normal;

/** What a bag takes row by row, and stitch by stitch, each of its material. */
final readonly class Breakdown
{
    /**
     * @param list<RowTakes> $rows
     * @param array<string, float> $each metres of one stitch of each kind that the bag has, by the stitch's value
     */
    private function __construct(public array $rows, public array $each) {}

    public static function of(BagPlan $plan): self
    {
        $takes = Consumption::of($plan);
        $density = $plan->spec->material->density->gramsPerMetre;
        $there = array_filter($takes->each, fn(string $stitch): bool => array_sum(array_column($takes->rows, $stitch)) > 0, ARRAY_FILTER_USE_KEY);
        $rows = [];
        foreach (array_unique($plan->materials) as $which) {
            $rows += self::rows($plan, $which);
        }
        ksort($rows);

        return new self(array_values($rows), array_map(fn(float $grams): float => $grams / $density, $there));
    }

    /** @return array<int, RowTakes> by place */
    private static function rows(BagPlan $plan, int $which): array
    {
        $standing = Standing::of($plan, $which);
        $swing = Normal::quantile(1 - Spread::TAIL);
        $rows = $worked = [];
        $besides = $standing->owed;
        foreach ($standing->all as $place) {
            $grams = $standing->row($place);
            $name = $plan->pattern->rows[$place]->name;
            if ($standing->left === null || ! in_array($place, $standing->rest, true)) {
                $rows[$place] = new RowTakes($name, $which, $grams, null, null, null);

                continue;
            }
            $worked[] = $place;
            [$gone, $off] = $standing->stitches($worked);
            $besides += $standing->before($place);
            $likely = $standing->left - $besides - $gone;
            $besides += $standing->after($place);
            $rows[$place] = new RowTakes($name, $which, $grams, max(0.0, $likely), max(0.0, $likely - $swing * $off), max(0.0, $likely + $swing * $off));
        }

        return $rows;
    }
}
