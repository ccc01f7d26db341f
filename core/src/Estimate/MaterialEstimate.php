<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Stitch\Stitch;

/**
 * How much strand a bag takes. Each stitch eats its loop's length; where the swatch was weighed, the measured
 * stitch sets the scale for all. Tails are added for the two ends.
 */
final readonly class MaterialEstimate
{
    /** Chance from which what is on hand is called enough. */
    public const SURE = 0.9;

    /** Metres of tail an end, 15 to 20 cm. Common practice, no source. */
    private const TAIL = 0.175;

    private const ENDS = 2;

    /** Seconds a stitch of bulky material: a guess until the maker is timed. From memory. */
    private const SECONDS_A_STITCH = 12.0;

    private const SECONDS_RELATIVE = 0.2;

    /**
     * @param Spread $metres
     * @param Spread $grams
     * @param ?float $enough chance from 0 to 1 that what is on hand is enough; null where that is not known
     * @param Spread $minutes of stitching
     */
    private function __construct(
        public Origin $origin,
        public Spread $metres,
        public Spread $grams,
        public ?float $enough,
        public Spread $minutes,
    ) {}

    public static function of(BagPlan $plan): self
    {
        $gauge = $plan->gauge;
        $density = $plan->spec->material->density;
        $single = $gauge->singleHeight();
        $scale = 1.0;
        if ($gauge->mass !== null) {
            $measured = $density->lengthOf($gauge->mass);
            $scale = $measured->mm / $gauge->stitch->loopLength($gauge->width, $single)->mm;
        }
        $stitches = $plan->pattern->stitches();
        $mm = 0.0;
        foreach (Stitch::cases() as $stitch) {
            $mm += $stitches->many($stitch) * $stitch->loopLength($gauge->width, $single)->mm * $scale;
        }
        $origin = $gauge->mass === null ? Origin::Guessed : Origin::FromSwatch;
        $metres = new Spread($mm / 1000 + self::ENDS * self::TAIL, $origin->relative());
        $grams = $metres->times($density->gramsPerMetre);
        $onHand = $plan->spec->material->onHand;

        return new self(
            $origin,
            $metres,
            $grams,
            $onHand === null ? null : $grams->chanceWithin($onHand->grams),
            new Spread($stitches->total() * self::SECONDS_A_STITCH / 60, self::SECONDS_RELATIVE),
        );
    }

    /** The chance said of a hundred bags, neither certain nor hopeless ever; null where what is on hand is not known. */
    public function inHundred(): ?int
    {
        return $this->enough === null ? null : max(1, min(99, (int) round(100 * $this->enough)));
    }

    /** Whether what is on hand is as good as enough; null where that is not known. */
    public function isSure(): ?bool
    {
        return $this->enough === null ? null : $this->enough >= self::SURE;
    }

    /** What is wanting until it would be enough in nine of ten bags. */
    public function short(Mass $onHand): Mass
    {
        return Mass::grams(max(0.0, $this->grams->at(self::SURE) - $onHand->grams));
    }
}
