<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Statistics\Normal;

/** What a bag takes row by row, and stitch by stitch, of its first material. */
final readonly class Breakdown
{
    /**
     * @param list<RowTakes> $rows
     * @param array<string, float> $each metres of one stitch of each kind that the bag has, by the stitch's value
     */
    private function __construct(public array $rows, public array $each) {}

    public static function of(BagPlan $plan): self
    {
        $standing = Standing::of($plan);
        $takes = $standing->takes;
        $density = $plan->spec->material->density->gramsPerMetre;
        $there = array_filter($takes->each, fn(string $stitch): bool => array_sum(array_column($takes->rows, $stitch)) > 0, ARRAY_FILTER_USE_KEY);

        return new self(self::rows($plan, $standing), array_map(fn(float $grams): float => $grams / $density, $there));
    }

    /** @return list<RowTakes> */
    private static function rows(BagPlan $plan, Standing $standing): array
    {
        [$takes, $factors, $left] = [$standing->takes, $standing->factors, $standing->left];
        $swing = Normal::quantile(1 - Spread::TAIL);
        $rows = [];
        for ($place = 0; $place < $takes->until; $place++) {
            $grams = $factors->taking($takes, $place, $place + 1)[0];
            $name = $plan->pattern->rows[$place]->name;
            if ($left === null || $place < $standing->from) {
                $rows[] = new RowTakes($name, $grams, null, null, null);

                continue;
            }
            [$gone, $off] = $factors->taking($takes, $standing->from, $place + 1);
            $likely = $left - $standing->before() - $gone;
            $rows[] = new RowTakes($name, $grams, max(0.0, $likely), max(0.0, $likely - $swing * $off), max(0.0, $likely + $swing * $off));
        }

        return $rows;
    }
}
