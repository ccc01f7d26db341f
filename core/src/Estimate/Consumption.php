<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\StitchCount;
use Fescue\Core\Stitch\Stitch;

/** What every row of a plan is expected to take, by stitch, before anything but its gauge is known. Grams. */
final readonly class Consumption
{
    /** Metres of tail an end, 15 to 20 cm. Common practice, no source. */
    private const TAIL = 0.175;

    /**
     * @param list<array<string, float>> $rows of each row, by the stitch's value; the foundation chain is in the first
     * @param list<Part> $parts of each row
     * @param list<int> $stitches worked in each row, the foundation not counted
     * @param float $tail of one end
     */
    private function __construct(public array $rows, public array $parts, public array $stitches, public float $tail) {}

    public static function of(BagPlan $plan): self
    {
        $gauge = $plan->gauge;
        $density = $plan->spec->material->density;
        $single = $gauge->singleHeight();
        $scale = $gauge->mass === null ? 1.0 : $density->lengthOf($gauge->mass)->mm / $gauge->stitch->loopLength($gauge->width, $single)->mm;
        $each = [];
        foreach (Stitch::cases() as $stitch) {
            $each[$stitch->value] = $density->massOf($stitch->loopLength($gauge->width, $single)->times($scale))->grams;
        }
        $rows = $parts = $stitches = [];
        foreach ($plan->pattern->rows as $place => $row) {
            $count = StitchCount::of($row);
            $stitches[] = $count->total();
            $parts[] = $row->part;
            if ($place === 0) {
                $count = $count->withChains($plan->pattern->foundation + 1);
            }
            $rows[] = array_map(fn(Stitch $stitch): float => $count->many($stitch) * $each[$stitch->value], array_combine(array_column(Stitch::cases(), 'value'), Stitch::cases()));
        }

        return new self($rows, $parts, $stitches, $density->massOf(Length::mm(1000 * self::TAIL))->grams);
    }
}
