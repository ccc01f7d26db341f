<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
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
            $value instanceof \UnitEnum, $value instanceof \Closure => [],
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
