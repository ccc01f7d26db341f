<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Pattern\RowKind;

/** A count that is not what it should be: where such a slip usually is, and what either way out costs. */
final readonly class Slip
{
    /** From memory: what is looked for first is where it is mostly found. */
    private const MORE = [
        'the slip stitch of the join counted, or worked into, as a stitch',
        'a stitch in the turning chain as well as in the first stitch',
        'two in one where one was meant, at a corner or an end',
    ];

    private const FEWER = [
        'the first stitch skipped, or the last not worked, where rows turn',
        'a corner’s second stitch forgotten',
        'a space or a loop passed over',
    ];

    /**
     * @param int $off how many more there are than should be; below zero fewer
     * @param list<string> $usually where to look, the likeliest first
     * @param int $rip stitches to take back and work again
     * @param float $minutes that this takes
     * @param string $mend what to do in the next row instead; '' where it would show or not divide
     */
    private function __construct(
        public int $off,
        public array $usually,
        public int $rip,
        public float $minutes,
        public string $mend,
    ) {}

    /**
     * @param int $row whose end was counted
     * @param float $seconds a stitch of this maker
     */
    public static function of(BagPlan $plan, Course $course, int $row, int $counted, float $seconds): ?self
    {
        $off = $counted - $course->rows[$row]->leaves;
        if ($off === 0) {
            return null;
        }
        $rip = 0;
        for ($at = $row; $at >= 0; $at--) {
            $rip += $course->rows[$at]->stitches;
            // As far as the last count that was right.
            if ($at > 0 && $course->rows[$at - 1]->counted) {
                break;
            }
        }

        return new self(
            $off,
            $off > 0 ? self::MORE : self::FEWER,
            $rip,
            $rip * $seconds / 60,
            self::mend($plan, $row, $off),
        );
    }

    /** In the next row, where that goes plainly round or across and has room for it. */
    private static function mend(BagPlan $plan, int $row, int $off): string
    {
        $next = $plan->work->rows[$row + 1] ?? null;
        $there = $plan->work->rows[$row]->count->leaves;
        if ($next === null || $plan->work->begins($row + 1) || $next->kind === RowKind::Seam) {
            return '';
        }
        $count = $next->count;
        // A motif, an opening, an increase: its own count would no longer divide or stand where it should.
        $plain = $next->fabric->multiple === 1 && $next->opening() === null && $count->takes === $count->leaves;
        if (! $plain || 4 * abs($off) > $there) {
            return '';
        }
        return "In {$next->name} ".self::told(-$off, $there);
    }

    /**
     * What is done in the row behind a wrong count.
     *
     * @param int $more stitches that it gives more than it takes; below zero fewer
     * @param int $there as there should be
     */
    public static function told(int $more, int $there): string
    {
        $many = abs($more);
        $where = $many === 1 ? 'once, at a side where it does not show' : "{$many} times, half of them at each side";

        return ($more < 0 ? 'work two together' : 'put two in one')." {$where}: {$there} again.";
    }
}
