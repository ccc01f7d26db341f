<?php

declare(strict_types=1);

namespace Fescue\Core\Finish;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Row;

/** A closure in the middle of both sides: at which stitch, how far from both folds, in which row it is thought of. */
final readonly class Closure
{
    /**
     * @param int $side stitches of one side
     * @param float $stitch it sits on, from the fold; a half lies between two
     * @param Length $from from either fold to its near edge
     * @param float $off stitches by which it stands off the middle, where its own width takes whole stitches
     * @param string $row in which it must be thought of; '' where it is sewn on at the end
     */
    private function __construct(
        public int $side,
        public float $stitch,
        public Length $from,
        public float $off,
        public string $row,
    ) {}

    /**
     * @param Length $wide of the closure
     * @param int $under rows below the edge
     *
     * @return ?self null where it is wider than the opening
     */
    public static function middle(BagPlan $plan, Length $wide, int $under = 1): ?self
    {
        $rows = array_values(array_filter($plan->work->rows, fn(Row $row): bool => $row->stands));
        $opening = $plan->comesOut->flatWidth->mm;
        $stitch = $plan->gauge->singleWidth()->mm;
        if ($wide->mm > $opening) {
            return null;
        }
        $side = max(1, (int) round($opening / $stitch));
        $covers = max(1, (int) round($wide->mm / $stitch));
        $row = $rows[max(0, count($rows) - 1 - $under)] ?? null;

        return new self(
            $side,
            ($side + 1) / 2,
            Length::mm(($opening - $wide->mm) / 2),
            // An odd width on an even side, or the other way round, sits half a stitch off.
            ($side - $covers) % 2 === 0 ? 0.0 : 0.5,
            $row->name ?? '',
        );
    }
}
