<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Statistics\Normal;
use Fescue\Core\Stitch\Stitch;

/** What a bag takes row by row, and stitch by stitch, each of its material. */
final readonly class Breakdown
{
    /**
     * @param list<RowTakes> $rows
     * @param array<string, float> $each metres of one stitch of each kind that the bag has, on the average, by the
     *         stitch's value
     */
    private function __construct(public array $rows, public array $each) {}

    public static function of(BagPlan $plan): self
    {
        $rows = [];
        foreach (array_unique($plan->materials) as $which) {
            $rows += self::rows($plan, $which);
        }
        ksort($rows);

        return new self(
            array_values($rows),
            self::each(Consumption::of($plan), $plan->spec->facts->strands->own->density->gramsPerMetre),
        );
    }

    /** @return array<string, float> */
    private static function each(Consumption $takes, float $density): array
    {
        $each = [];
        foreach (Stitch::cases() as $stitch) {
            $many = array_sum(array_map(fn(StitchCount $count): int => $count->many($stitch), $takes->counts));
            if ($many > 0) {
                $each[$stitch->value] = array_sum(array_column($takes->rows, $stitch->value)) / $many / $density;
            }
        }

        return $each;
    }

    /** @return array<int, RowTakes> by place */
    private static function rows(BagPlan $plan, int $which): array
    {
        $standing = MaterialProgress::of($plan, $which);
        $walk = $standing->ahead();
        $gone = $walk->gone();
        $swing = Normal::quantile(1 - Spread::TAIL) * $walk->swells();
        $rows = $worked = [];
        foreach ($standing->all as $place) {
            $grams = $standing->row($place);
            $id = $plan->work->rows[$place]->id;
            if ($standing->left === null || ! isset($gone[$place])) {
                $rows[$place] = new RowTakes($id, $which, $grams, null, null, null);

                continue;
            }
            $worked[] = $place;
            $off = $swing * $standing->off($worked);
            $likely = $standing->left - $gone[$place];
            $rows[$place] = new RowTakes(
                $id,
                $which,
                $grams,
                max(0.0, $likely),
                max(0.0, $likely - $off),
                max(0.0, $likely + $off),
            );
        }

        return $rows;
    }
}
