<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;

/** One strand of a bag as the work goes on: what is left of it, and what is still to come, after any row. Grams. */
final readonly class Foretold
{
    /**
     * @param int $which of the bag's materials, 0 for its own
     * @param list<float> $come still to be worked of it, with its tails, after no row, after the first, and so on
     * @param list<?float> $left likely then; null where it is not known, or was weighed after a later row
     * @param list<float> $off by which that may be off, in nine of ten bags
     * @param ?RunsOut $out where it ends; null where it is likely to reach, or is not known
     */
    private function __construct(
        public int $which,
        public array $come,
        public array $left,
        public array $off,
        public ?RunsOut $out,
    ) {}

    /** @return non-empty-list<self> every strand that the bag is worked of, its own first */
    public static function of(BagPlan $plan, MaterialEstimate $estimate): array
    {
        $rows = [];
        foreach (Breakdown::of($plan)->rows as $place => $row) {
            $rows[$row->which][$place] = $row;
        }

        return array_map(
            fn(MaterialEstimate $one): self => self::strand($plan, $one, $rows[$one->which] ?? []),
            [$estimate, ...$estimate->others],
        );
    }

    /** @param array<int, RowTakes> $rows those of it, by place */
    private static function strand(BagPlan $plan, MaterialEstimate $estimate, array $rows): self
    {
        $standing = MaterialProgress::of($plan, $estimate->which);
        $ahead = $standing->ahead();
        $gone = $ahead->gone();
        $weighed = 0;
        foreach ($plan->spec->facts->weighIns as $weighIn) {
            $place = (int) $plan->work->place($weighIn->after);
            $weighed = isset($rows[$place]) ? $place + 1 : $weighed;
        }
        $total = $ahead->total();
        $come = [$total];
        foreach ($rows as $place => $row) {
            $come[0] += $place < $weighed ? $row->grams : 0.0;
        }
        $left = [$weighed === 0 ? $estimate->left : null];
        $off = [0.0];
        foreach (array_keys($plan->work->rows) as $place) {
            $row = $rows[$place] ?? null;
            $come[] = match (true) {
                $row === null => $come[$place],
                $place < $weighed => $come[$place] - $row->grams,
                default => max(0.0, $total - $gone[$place]),
            };
            $left[] = match (true) {
                $place + 1 < $weighed => null,
                $place + 1 === $weighed => $estimate->left,
                $row === null => $left[$place],
                default => $row->left,
            };
            $off[] = $row === null || $row->high === null || $row->low === null
                ? $off[$place]
                : ($row->high - $row->low) / 2;
        }

        return new self($estimate->which, $come, $left, $off, $estimate->runsOut());
    }
}
