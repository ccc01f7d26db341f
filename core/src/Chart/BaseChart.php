<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Traverser;
use Fescue\Core\Stitch\Stitch;

/** What lies flat as a chart to scale: every stitch of a row that has a path stands where that says. */
final class BaseChart
{
    /** @return list<Symbol> what it begins on first, then row by row in working order */
    public static function of(BagPlan $plan): array
    {
        $symbols = [];
        $start = $plan->work->start;
        for ($chain = 0; $start->path !== null && $chain < $start->chain; $chain++) {
            $symbols[] = new Symbol(Stitch::Chain, $start->path->stand($chain, $start->chain), 0, false);
        }
        foreach ($plan->work->rows as $index => $row) {
            $path = $row->path;
            if ($path === null) {
                continue;
            }
            $place = 0;
            foreach (Traverser::unrolled($row->instructions) as [$leaf]) {
                foreach ($leaf->works() as $one) {
                    for ($left = $one->top ? $one->count : 0; $left > 0; $left--) {
                        $stand = $path->stand($place++, $row->count->leaves);
                        $increase = $one->increase && $index > 0;
                        $symbols[] = new Symbol($one->stitch, $stand, $index + 1, $increase, $one->standing);
                    }
                }
            }
        }

        return $symbols;
    }
}
