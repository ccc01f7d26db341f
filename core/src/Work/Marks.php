<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowKind;

/**
 * The marks of the tops, front against back, as the bag lies flat: all four move by half the gap, and what the start of
 * rounds leaned to make that gap is this maker's lean. Common practice, no source.
 */
final readonly class Marks
{
    /**
     * @param float $move stitches by which each mark moves, in the way she works; below zero against it
     * @param float $lean stitches a round by which a round starts past the one below, the plan's own with it
     * @param int $rounds over which that came about
     */
    private function __construct(public float $move, public float $lean, public int $rounds) {}

    /**
     * @param int $done rows that are worked
     * @param float $gap stitches by which the front's marks stand before the back's, in the way she works
     *
     * @return ?self null where no round of the wall is worked yet
     */
    public static function of(BagPlan $plan, int $done, float $gap): ?self
    {
        $rounds = 0;
        foreach (array_slice($plan->work->rows, 0, $done) as $row) {
            $rounds += (int) ($row->part === Part::Body && $row->kind === RowKind::Round);
        }

        return $rounds === 0 ? null : new self($gap / 2, $plan->spec->school()->lean + $gap / 2 / $rounds, $rounds);
    }
}
