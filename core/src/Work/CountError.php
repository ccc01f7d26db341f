<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\Loops;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Working;

/** A count that is not what it should be: where such a slip usually is, and what either way out costs. */
final readonly class CountError
{
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
            self::usually($plan, $row, $off),
            $rip,
            $rip * $seconds / 60,
            self::mend($plan, $row, $off),
        );
    }

    /**
     * Where a slip is in such a row, the likeliest first. From memory: what is looked for first is where it is mostly
     * found.
     *
     * @return list<string>
     */
    private static function usually(BagPlan $plan, int $place, int $off): array
    {
        $row = $plan->work->rows[$place];
        $has = self::kinds($row->instructions);
        $grows = isset($has[InOne::class]) || isset($has[Several::class]);
        $inEnds = $row->into[0]->kind === EdgeKind::RowEnds;
        $motif = $row->fabric->multiple > 1 || $row->opening() !== null || isset($has[Under::class]);
        $usually = $off > 0 ? [
            'the join counted as a stitch, or a stitch worked into it' => isset($has[Join::class]),
            'a stitch in the turning chain as well as in the first stitch' => isset($has[Turn::class]),
            'an increase too many: two or more in one where one was meant' => $grows,
            'a decrease left out' => isset($has[Together::class]),
            'a row end that was worked twice' => $inEnds,
            'a space or a chain that was worked twice, or counted with the stitches' => $motif,
            'a loop hung on where none was meant' => isset($has[Loops::class]),
            'a stitch past the marker, which belongs to the next round' => self::isSpiral($plan, $place, $has),
            'two stitches in one, mostly where the work was laid down' => ! $grows,
        ] : [
            'the first stitch after the join passed over' => isset($has[Join::class]),
            'the first stitch passed over, or the last not worked, where it turns' => isset($has[Turn::class]),
            'an increase left out: one where two or more were meant' => $grows,
            'a decrease too many' => isset($has[Together::class]),
            'a row end passed over' => $inEnds,
            'a space or a chain passed over' => $motif,
            'a loop passed over' => isset($has[Loops::class]),
            'the last stitch before the marker not worked' => self::isSpiral($plan, $place, $has),
            'a stitch passed over, mostly where the work was laid down' => true,
        ];

        return array_keys(array_filter($usually));
    }

    /** @param array<class-string, true> $has */
    private static function isSpiral(BagPlan $plan, int $place, array $has): bool
    {
        return $plan->work->rows[$place]->kind === RowKind::Round
            && $plan->spec->school()->working === Working::Spiral
            && ! isset($has[Join::class]);
    }

    /**
     * @param list<Instruction> $instructions
     *
     * @return array<class-string, true>
     */
    private static function kinds(array $instructions): array
    {
        $kinds = [];
        foreach ($instructions as $one) {
            $kinds += [$one::class => true] + self::kinds($one->children());
        }

        return $kinds;
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
