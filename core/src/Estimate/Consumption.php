<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\StitchCount;
use Fescue\Core\Stitch\Motif;
use Fescue\Core\Stitch\Stitch;

/** What every row of a plan is expected to take, by stitch, before anything but its gauge is known. Grams. */
final readonly class Consumption
{
    /** Metres of tail an end, 15 to 20 cm. Common practice, no source. */
    private const TAIL = 0.175;

    /**
     * @param array<string, float> $each one stitch of each kind, by its value
     * @param list<array<string, float>> $rows of each row, by the stitch's value; the foundation chain is in the first
     * @param list<Part> $parts of each row
     * @param list<int> $stitches worked in each row, the foundation not counted
     * @param float $tail of one end
     * @param float $swatch what the swatch itself took of what is on hand; 0 where it did not come out of it
     * @param int $until rows worked in the first material; the rest are of the second
     */
    private function __construct(public array $each, public array $rows, public array $parts, public array $stitches, public float $tail, public float $swatch, public int $until) {}

    /** What is gone before the first stitch: the swatch, and the tail that hangs at the chain. */
    public function before(): float
    {
        return $this->swatch + $this->tail;
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
        $rows = $parts = $stitches = [];
        $until = count($plan->pattern->rows);
        foreach ($plan->pattern->rows as $place => $row) {
            $count = StitchCount::of($row);
            $stitches[] = $count->total();
            $parts[] = $row->part;
            $until = $row->name === $plan->spec->second?->from ? $place : $until;
            if ($place === 0) {
                $count = $count->withChains($plan->pattern->foundation + 1);
            }
            // The base, the slots and the edge are of single crochet. What is known of a fabric wins over its loops.
            $motif = ($bands[$place - $first] ?? null)->motif ?? Motif::Single;
            $loops = $motif->loopLength($gauge->width, $single)->times($scale)->mm;
            $share = ($gauge->strandOf($motif, $density)->mm ?? $loops) / $loops;
            $rows[] = array_map(fn(Stitch $stitch): float => $share * $count->many($stitch) * $each[$stitch->value], array_combine(array_column(Stitch::cases(), 'value'), Stitch::cases()));
        }

        return new self($each, $rows, $parts, $stitches, $density->massOf(Length::mm(1000 * self::TAIL))->grams, $worked, $until);
    }
}
