<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Placement;
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
            $tops = Placement::of($row->instructions);
            foreach ($tops as $place => $placed) {
                $symbols[] = new Symbol(
                    $placed->stitch,
                    $path->stand($place, count($tops)),
                    $index + 1,
                    $placed->increase && $index > 0,
                );
            }
        }

        return $symbols;
    }
}
