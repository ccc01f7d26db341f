<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Scraps;
use Fescue\Core\Estimate\StrandEnds;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Tests\Sheet\Sheets;

/**
 * Every figure that is drawn or told of a plan, by where: how many there are, their sum, and their sum by place. Words
 * may be said otherwise; a figure in them that changes, goes or moves is another.
 */
final class Figures
{
    /** @return array<string, array{int, float, float}> */
    public static function of(BagPlan $plan): array
    {
        $sheet = Sheets::of($plan);
        $all = [
            'document' => self::said(PlanDocument::toJson($plan)),
            'finish' => self::within($plan->fitted),
            'base' => self::within(BaseChart::of($plan)),
            'solid' => self::within($plan->solid()),
            'growth' => self::within($plan->growth()),
            'materials' => self::said(implode("\n", array_column($sheet->materials, 1))),
            'size' => self::said(implode("\n", $sheet->size)),
            ...array_map(self::within(...), self::estimated($plan)),
        ];
        $side = SideView::of($plan);
        foreach ($side->rows as $row) {
            array_push($all['base'], $row->foot, $row->height, $row->stitch);
            foreach ($row->course->stitches as $one) {
                array_push($all['base'], $one->foot->x, $one->foot->y, $one->slant);
            }
        }
        $all['side'] = self::within([$side->openings, $side->hung, $side->width, $side->height]);
        foreach ($sheet->sections as $nth => $section) {
            $lines = [];
            foreach ($section->lines as $line) {
                $lines[] = implode("\n", [$line->head, ...$line->before, $line->text, $line->count]);
            }
            $all["section {$nth}"] = self::said(implode("\n", $lines));
        }

        return array_map(self::sums(...), $all);
    }

    /** @return array<string, mixed> what is reckoned of it beside its rows */
    private static function estimated(BagPlan $plan): array
    {
        $estimate = MaterialEstimate::of($plan);
        $own = $plan->spec->facts->strands->own;
        $strands = [
            new Strand('its own', $own->withOnHand(Mass::grams(0.3 * $estimate->grams->likely)), 1),
            new Strand('another', $own->withOnHand(Mass::grams(0.5 * $estimate->grams->likely)), 2),
        ];
        $hand = LearnedHand::of([]);
        $hook = $plan->spec->facts->hands->hook;

        return [
            'estimate' => $estimate,
            'rows' => Breakdown::of($plan),
            'left' => Foretold::of($plan, $estimate),
            'ends' => StrandEnds::of($plan, $strands),
            'scraps' => Scraps::of($plan, $strands),
            'minutes' => Pace::expected($plan),
            'mends' => Mends::of($plan, $estimate, $hand),
            'what if' => array_map(
                fn(WhatIf $one): array => [$one->firmness, self::size($one->counts), self::size($one->sized)],
                WhatIf::across($plan, $hand, $own, [$hook, HookSize::mm($hook->diameter->mm + 1)], [null, null]),
            ),
        ];
    }

    /** @return list<float> */
    private static function size(?BagPlan $plan): array
    {
        $out = $plan?->comesOut;

        return $out === null ? [] : [
            count($plan->work->rows), $out->flatWidth->mm, $out->height->mm, $out->baseLength->mm, $out->baseWidth->mm,
        ];
    }

    /** @return list<float> */
    private static function said(string $words): array
    {
        preg_match_all('/\d+(?:\.\d+)?/', $words, $numbers);

        return array_map(floatval(...), $numbers[0]);
    }

    /** @return list<float> of all that it holds, as deep as it goes */
    private static function within(mixed $value): array
    {
        return match (true) {
            is_bool($value), is_int($value), is_float($value) => [(float) $value],
            $value instanceof \UnitEnum, $value instanceof \Closure, $value instanceof BagPlan, $value instanceof BagSpec => [],
            is_array($value) => array_merge(...array_values(array_map(self::within(...), $value))),
            is_object($value) => self::within(get_object_vars($value)),
            default => [],
        };
    }

    /**
     * @param list<float> $figures
     *
     * @return array{int, float, float}
     */
    private static function sums(array $figures): array
    {
        $byPlace = 0.0;
        foreach ($figures as $nth => $figure) {
            $byPlace += $figure * (1 + $nth % 97 / 97);
        }

        return [count($figures), round(array_sum($figures), 4), round($byPlace, 4)];
    }
}
