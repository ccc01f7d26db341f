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
use Fescue\Core\Saying\Saying;

/** A count that is not what it should be: where such a slip usually is, and what either way out costs. */
final readonly class CountError
{
    /**
     * @param int $off how many more there are than should be; below zero fewer
     * @param list<Saying> $usually where to look, the likeliest first
     * @param int $rip stitches to take back and work again
     * @param float $minutes that this takes
     * @param ?Saying $mend what to do in the next row instead; null where it would show or not divide
     */
    private function __construct(
        public int $off,
        public array $usually,
        public int $rip,
        public float $minutes,
        public ?Saying $mend,
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
     * @return list<Saying>
     */
    private static function usually(BagPlan $plan, int $place, int $off): array
    {
        $row = $plan->work->rows[$place];
        $has = self::kinds($row->instructions);
        $grows = isset($has[InOne::class]) || isset($has[Several::class]);
        $inEnds = $row->into[0]->kind === EdgeKind::RowEnds;
        $motif = $row->fabric->multiple > 1 || $row->opening() !== null || isset($has[Under::class]);
        $usually = $off > 0 ? [
            isset($has[Join::class]) ? new Saying('the join counted as a stitch, or a stitch worked into it') : null,
            isset($has[Turn::class]) ? new Saying(
                'a stitch in the turning chain as well as in the first stitch',
            ) : null,
            $grows ? new Saying('an increase too many: two or more in one where one was meant') : null,
            isset($has[Together::class]) ? new Saying('a decrease left out') : null,
            $inEnds ? new Saying('a row end that was worked twice') : null,
            $motif ? new Saying('a space or a chain that was worked twice, or counted with the stitches') : null,
            isset($has[Loops::class]) ? new Saying('a loop hung on where none was meant') : null,
            self::isSpiral($plan, $place, $has) ? new Saying(
                'a stitch past the marker, which belongs to the next round',
            ) : null,
            ! $grows ? new Saying('two stitches in one, mostly where the work was laid down') : null,
        ] : [
            isset($has[Join::class]) ? new Saying('the first stitch after the join passed over') : null,
            isset($has[Turn::class]) ? new Saying(
                'the first stitch passed over, or the last not worked, where it turns',
            ) : null,
            $grows ? new Saying('an increase left out: one where two or more were meant') : null,
            isset($has[Together::class]) ? new Saying('a decrease too many') : null,
            $inEnds ? new Saying('a row end passed over') : null,
            $motif ? new Saying('a space or a chain passed over') : null,
            isset($has[Loops::class]) ? new Saying('a loop passed over') : null,
            self::isSpiral($plan, $place, $has) ? new Saying('the last stitch before the marker not worked') : null,
            new Saying('a stitch passed over, mostly where the work was laid down'),
        ];

        return array_values(array_filter($usually));
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
    private static function mend(BagPlan $plan, int $row, int $off): ?Saying
    {
        $next = $plan->work->rows[$row + 1] ?? null;
        $there = $plan->work->rows[$row]->count->leaves;
        if ($next === null || $plan->work->begins($row + 1) || $next->kind === RowKind::Seam) {
            return null;
        }
        $count = $next->count;
        // A motif, an opening, an increase: its own count would no longer divide or stand where it should.
        $plain = $next->fabric->multiple === 1 && $next->opening() === null && $count->takes === $count->leaves;
        if (! $plain || 4 * abs($off) > $there) {
            return null;
        }
        return new Saying('In {row}: {does}', ['row' => $next->id, 'does' => self::told(-$off, $there)]);
    }

    /**
     * What is done in the row behind a wrong count.
     *
     * @param int $more stitches that it gives more than it takes; below zero fewer
     * @param int $there as there should be
     */
    public static function told(int $more, int $there): Saying
    {
        return new Saying(
            $more < 0
                ? 'work two together {many, plural, one {once, at a side where it does not show} other {# times, half '
                    .'of them at each side}}: {there} again.'
                : 'put two in one {many, plural, one {once, at a side where it does not show} other {# times, half '
                    .'of them at each side}}: {there} again.',
            ['many' => abs($more), 'there' => $there],
        );
    }
}
