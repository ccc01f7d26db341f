<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Stitch\Stitch;

/** What every row of a plan is expected to take, by stitch, before anything but its gauge is known. Grams. */
final readonly class Consumption
{
    /** Metres of tail an end, 15 to 20 cm. Common practice, no source. */
    public const TAIL = 0.175;

    /**
     * @param list<Row> $worked
     * @param list<StitchCount> $counts of each row; the foundation chain is in the first
     * @param list<array<string, float>> $each one stitch of each kind as that row has it, by the stitch's value
     * @param list<array<string, float>> $rows all of those it has, by the stitch's value
     * @param list<float> $grams of each row together
     * @param list<Part> $parts of each row
     * @param float $tail of one end
     * @param float $swatch what the swatch itself took of what is on hand; 0 where it did not come out of it
     * @param float $finish what closures, cords and tassels take of the material that is worked last
     * @param list<bool> $begins whether a piece begins in each row, on an end of its own
     * @param list<int> $materials which material each row is worked in; whichever it is, its strand is weighed as if it
     *         were the bag's own
     */
    private function __construct(
        private array $worked,
        public array $counts,
        private array $each,
        public array $rows,
        public array $grams,
        public array $parts,
        public float $tail,
        public float $swatch,
        public array $materials,
        public float $finish,
        private array $begins,
    ) {}

    public static function of(BagPlan $plan): self
    {
        return $plan->memo->of(self::class, fn(): self => self::reckoned($plan));
    }

    private static function reckoned(BagPlan $plan): self
    {
        $gauge = $plan->gauge;
        $density = $plan->spec->facts->strands->own->density;
        $swatch = $plan->spec->facts->hands->swatch;
        $worked = $swatch->fromOnHand ? $swatch->mass->grams ?? $swatch->stitches * $swatch->rows * $density->massOf(
            $gauge->loops(),
        )->grams : 0.0;
        /** @var list<StitchCount> $counts */
        $counts = [];
        /** @var list<array<string, float>> $each */
        $each = [];
        /** @var list<array<string, float>> $rows */
        $rows = [];
        /** @var list<float> $grams */
        $grams = [];
        $parts = $fabrics = [];
        $before = null;
        foreach ($plan->work->rows as $place => $row) {
            $parts[] = $row->part;
            if (
                $place > 1
                && ! $plan->work->begins($place)
                && ! $plan->work->begins($place - 1)
                && $before?->instructions === $row->instructions
                && $before->fabric === $row->fabric
            ) {
                // As the row before it, to the stitch.
                $counts[] = $counts[$place - 1];
                $each[] = $each[$place - 1];
                $rows[] = $rows[$place - 1];
                $grams[] = $grams[$place - 1];

                continue;
            }
            $before = $row;
            $counts[] = $count = $row->stitches->withChains($plan->work->chainsBefore($place));
            $each[] = $one = $fabrics[$row->fabric->key] ??= self::stitches($gauge, $row->fabric, $density);
            $all = [];
            foreach ($count->each as $stitch => $many) {
                $all[$stitch] = $many * $one[$stitch];
            }
            $rows[] = $all;
            $grams[] = array_sum($all);
        }

        return new self(
            $plan->work->rows,
            $counts,
            $each,
            $rows,
            $grams,
            $parts,
            $density->massOf(Length::mm(1000 * self::TAIL))->grams,
            $worked,
            $plan->materials,
            array_sum(array_map(
                fn(Fitted $one): float => $one->strand === null ? 0.0 : $density->massOf($one->strand)->grams,
                $plan->fitted,
            )),
            array_map($plan->work->begins(...), array_keys($plan->work->rows)),
        );
    }

    /**
     * Stitches of a fabric by its own width and the height of single crochet: loops off by as much as the gauge's own
     * are; what is known of the fabric wins over them.
     *
     * @return array<string, float> grams of one, by its value
     */
    private static function stitches(Gauge $gauge, Motif $motif, LinearDensity $density): array
    {
        $of = [$gauge->widthOf($motif), $gauge->singleHeight(), $gauge->thickness()];
        $known = $gauge->strandOf($motif, $density);
        $scale = $known === null
            ? $gauge->strand($density)->mm / $gauge->loops()->mm
            : $known->mm / $motif->loopLength(...$of)->mm;
        $each = [];
        foreach (Stitch::cases() as $stitch) {
            $each[$stitch->value] = $density->massOf($stitch->loopLength(...$of)->times($scale))->grams;
        }

        return $each;
    }

    /** @return list<int> places of the rows of a material, from one place up to another */
    public function places(int $which, int $from = 0, ?int $to = null): array
    {
        return array_values(
            array_filter(
                array_keys($this->materials, $which, true),
                fn(int $place): bool => $place >= $from && $place < ($to ?? PHP_INT_MAX),
            ),
        );
    }

    /**
     * Grams that go before the first stitch of a row: the tail where its material or piece begins, and the swatch where
     * that came out of it.
     */
    public function before(int $place): float
    {
        $begins = $this->begins[$place] || $this->materials[$place - 1] !== $this->materials[$place];

        return ($begins ? $this->tail : 0.0) + ($place === 0 ? $this->swatch : 0.0);
    }

    /**
     * Grams that go after its last stitch: the tail where another material or piece follows, or none; of the last row
     * what the bag is finished with, too.
     */
    public function after(int $place): float
    {
        return ($this->materials[$place + 1] ?? null) === $this->materials[$place] && ! $this->begins[$place + 1]
            ? 0.0
            : $this->tail + $this->finishing($place);
    }

    /** Grams that are worked after all rows, of the last. */
    public function finishing(int $place): float
    {
        return $place === count($this->materials) - 1 ? $this->finish : 0.0;
    }

    /**
     * Grams of what is no stitch, of some rows worked one after another; what goes after the last of them is cut later.
     *
     * @param list<int> $places
     * @param ?int $since the row before them that what is cut later is of
     */
    public function besides(array $places, ?int $since = null): float
    {
        $before = array_sum(array_map($this->before(...), $places));
        $cut = array_slice($places, 0, -1);

        return $before + array_sum(array_map($this->after(...), $since === null ? $cut : [$since, ...$cut]));
    }

    /**
     * The stitch of a row, from 1, in which such a share of its grams has gone. Its chains to start from and to lift
     * are worked before the first, its join after the last.
     */
    public function stitchAt(int $place, float $share): int
    {
        $one = $this->each[$place];
        $tops = Placement::of($this->worked[$place]->instructions);
        if ($tops === []) {
            // A seam leaves none; its stitches are all alike.
            $all = $this->counts[$place]->total();

            return max(1, min($all, 1 + (int) floor($share * $all)));
        }
        $gone = $share * $this->grams[$place];
        // What no top is left of, but for the join.
        $gone -= ($this->counts[$place]->many(Stitch::Chain) - count(
            array_filter($tops, fn($top): bool => $top->stitch === Stitch::Chain),
        )) * $one[Stitch::Chain->value];
        foreach ($tops as $stitch => $top) {
            $gone -= $one[$top->stitch->value];
            if ($gone < 0) {
                return $stitch + 1;
            }
        }

        return count($tops);
    }
}
