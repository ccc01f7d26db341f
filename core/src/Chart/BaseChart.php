<?php

declare(strict_types=1);

namespace Fescue\Core\Chart;

use Fescue\Core\Base\Oval;
use Fescue\Core\Base\OvalRound;
use Fescue\Core\Pattern\Placement;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Shape\Stand;
use Fescue\Core\Stitch\Stitch;

/**
 * The base as a chart to scale: every stitch stands in the middle of its round. Stitches of the straight sides stand
 * above their chains; an end's stitches share the way from the last straight stitch around the tip to the next.
 * The first round starts at the right tip and goes along the top, as a right hand works it.
 */
final class BaseChart
{
    /** @return list<Symbol> the foundation chain first, then round by round in working order */
    public static function of(Oval $base): array
    {
        $symbols = [];
        $width = $base->gauge->singleWidth()->mm;
        $straight = $base->outline(0)->straight;
        for ($chain = 0; $chain < $base->chain; $chain++) {
            $symbols[] = new Symbol(Stitch::Chain, new Stand($chain * $width - $straight / 2, 0, 0), 0, false);
        }
        foreach ($base->rounds as $index => $round) {
            $row = $base->rows[$index];
            $ring = new Stadium($straight, ($index + 0.5) * $base->gauge->singleHeight()->mm);
            $stands = self::stands($round, $ring, $width);
            foreach (Placement::of($row) as $place => $placed) {
                $symbols[] = new Symbol($placed->stitch, $stands[$place], $index + 1, $placed->increase && $index > 0);
            }
        }

        return $symbols;
    }

    /** @return list<Stand> one a stitch of the round */
    private static function stands(OvalRound $round, Stadium $ring, float $width): array
    {
        $group = $round->head + $round->tail;
        // The end group's way: half a stitch of each straight side and the half circle between.
        $way = $width + M_PI * $ring->radius;
        $aroundTip = fn(int $place): Stand => $ring->besideTip((($place + 0.5) / $group - 0.5) * $way);
        $half = [];
        for ($place = $round->tail; $place < $group; $place++) {
            $half[] = $aroundTip($place);
        }
        for ($place = 1; $place <= $round->straight; $place++) {
            $half[] = new Stand($ring->straight / 2 - $place * $width, -$ring->radius, 0);
        }
        for ($place = 0; $place < $round->tail; $place++) {
            $half[] = $aroundTip($place)->opposite();
        }

        return [...$half, ...array_map(fn(Stand $stand): Stand => $stand->opposite(), $half)];
    }
}
