<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\StitchCount;
use Fescue\Core\Stitch\Motif;
use Fescue\Core\Stitch\Stitch;

/** What every row of a plan is expected to take, by stitch, before anything but its gauge is known. Grams. */
final readonly class Consumption
{
    /** Metres of tail an end, 15 to 20 cm. Common practice, no source. */
    public const TAIL = 0.175;

    /**
     * @param array<string, float> $each one stitch of each kind, by its value
     * @param list<array<string, float>> $rows of each row, by the stitch's value; the foundation chain is in the first
     * @param list<Part> $parts of each row
     * @param list<int> $stitches worked in each row, the foundation not counted
     * @param float $tail of one end
     * @param float $swatch what the swatch itself took of what is on hand; 0 where it did not come out of it
     * @param list<int> $materials which material each row is worked in; whichever it is, its strand is weighed as if it were the bag's own
     */
    private function __construct(public array $each, public array $rows, public array $parts, public array $stitches, public float $tail, public float $swatch, public array $materials) {}

    /** @return list<int> places of the rows of a material, from one place up to another */
    public function places(int $which, int $from = 0, ?int $to = null): array
    {
        return array_values(array_filter(array_keys($this->materials, $which, true), fn(int $place): bool => $place >= $from && $place < ($to ?? PHP_INT_MAX)));
    }

    /** Grams that go before the first stitch of a row: the tail where its material begins, and the swatch where that came out of it. */
    public function before(int $place): float
    {
        $begins = ($this->materials[$place - 1] ?? null) !== $this->materials[$place];

        return ($begins ? $this->tail : 0.0) + ($place === 0 ? $this->swatch : 0.0);
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

    /** Grams that go after its last stitch: the tail where another material follows, or none. */
    public function after(int $place): float
    {
        return ($this->materials[$place + 1] ?? null) === $this->materials[$place] ? 0.0 : $this->tail;
    }

    public static function of(BagPlan $plan): self
    {
        $gauge = $plan->gauge;
        $density = $plan->spec->material->density;
        $single = $gauge->singleHeight();
        $scale = $gauge->strand($density)->mm / $gauge->motif->loopLength($gauge->width, $single)->mm;
        $each = [];
        foreach (Stitch::cases() as $stitch) {
            $each[$stitch->value] = $density->massOf($stitch->loopLength($gauge->width, $single)->times($scale))->grams;
        }
        $swatch = $plan->spec->swatch;
        $worked = $swatch->fromOnHand ? $swatch->mass->grams ?? $swatch->stitches * $swatch->rows * $density->massOf($gauge->motif->loopLength($gauge->width, $single))->grams : 0.0;
        $bands = $plan->body->byRound();
        $first = count($plan->base->rounds);
        $rows = $parts = $stitches = $shares = [];
        foreach ($plan->pattern->rows as $place => $row) {
            $count = StitchCount::of($row);
            $stitches[] = $count->total();
            $parts[] = $row->part;
            if ($place === 0) {
                $count = $count->withChains($plan->pattern->foundation + 1);
            }
            // The base, the slots and the edge are of single crochet. What is known of a fabric wins over its loops.
            $motif = ($bands[$place - $first] ?? null)->motif ?? Motif::Single;
            $share = $shares[$motif->value] ??= self::share($gauge, $motif, $density, $scale);
            $grams = [];
            foreach (Stitch::cases() as $stitch) {
                $grams[$stitch->value] = $share * $count->many($stitch) * $each[$stitch->value];
            }
            $rows[] = $grams;
        }

        return new self($each, $rows, $parts, $stitches, $density->massOf(Length::mm(1000 * self::TAIL))->grams, $worked, $plan->materials);
    }

    /** What is known of a fabric over what its loops take, these scaled as the gauge's own are. */
    private static function share(Gauge $gauge, Motif $motif, LinearDensity $density, float $scale): float
    {
        $loops = $motif->loopLength($gauge->width, $gauge->singleHeight())->times($scale)->mm;

        return ($gauge->strandOf($motif, $density)->mm ?? $loops) / $loops;
    }
}
