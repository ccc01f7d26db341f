<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\Normal;

/**
 * How much strand a bag takes, row by row. Each stitch eats its loop's length; where the swatch was weighed, the measured
 * stitch sets the scale for all. Tails are added for the two ends. Weigh-ins replace what was expected by what was used,
 * and correct the rest.
 */
final readonly class MaterialEstimate
{
    /** Chance from which what is on hand is called enough. */
    public const SURE = 0.9;

    /**
     * @param Spread $metres of the whole bag
     * @param Spread $grams of the whole bag: what was used, and what is still to come
     * @param Spread $remaining grams still to come
     * @param ?float $enough chance from 0 to 1 that what is on hand is enough; null where that is not known
     * @param list<PartTakes> $parts every part, the swatch, tails and joins too; their sum is the likely whole
     * @param Spread $waste grams thrown away where that strand is cut; no part of what the bag takes
     * @param ?RunsOut $runsOut null where it is likely to reach, or what is on hand is not known
     */
    private function __construct(
        public Origin $origin,
        public Spread $metres,
        public Spread $grams,
        public Spread $remaining,
        public ?float $enough,
        public array $parts,
        public ?RunsOut $runsOut,
        public ?Mass $unit,
        public ?SecondTakes $second,
        public Spread $waste,
    ) {}

    public static function of(BagPlan $plan): self
    {
        $spec = $plan->spec;
        $standing = Standing::of($plan);
        [$takes, $factors] = [$standing->takes, $standing->factors];
        [$rest, $off] = $factors->taking($takes, $standing->from, $takes->until);
        $rest += $standing->before() + $takes->tail;
        $rest += self::joins($rest, $takes->tail, $spec->unit);
        $remaining = new Spread($rest, $rest > 0 ? $off / $rest : 0.0);
        $onHand = $spec->material->onHand?->grams;
        [$all, $allOff] = $factors->taking($takes, 0, $takes->until);
        $all += $takes->before() + $takes->tail;
        $joins = self::joins($all, $takes->tail, $spec->unit);
        $all += $joins;
        $grams = new Spread($all, $all > 0 ? $allOff / $all : 0.0);

        return new self(
            self::origin($plan),
            $grams->times(1 / $spec->material->density->gramsPerMetre),
            $grams,
            $remaining,
            match (true) {
                $onHand !== null => $grams->chanceWithin($onHand),
                $standing->left !== null => $remaining->chanceWithin($standing->left),
                default => null,
            },
            self::parts($takes, $factors, $joins, $spec->material->density->gramsPerMetre),
            $standing->left === null ? null : self::runsOut($plan, $standing, $standing->left, $remaining->relative),
            $spec->unit,
            SecondTakes::of($plan, $takes, $factors),
            $grams->times($spec->waste),
        );
    }

    /** Grams of the tails where one ball ends and the next is laid in, of so many grams in balls of that unit; none where that is not known. */
    private static function joins(float $grams, float $tail, ?Mass $unit): float
    {
        return $unit === null ? 0.0 : max(0.0, ceil($grams / $unit->grams) - 1) * 2 * $tail;
    }

    /** The chance said of a hundred bags, neither certain nor hopeless ever; null where what is on hand is not known. */
    public function inHundred(): ?int
    {
        return $this->enough === null ? null : self::hundred($this->enough);
    }

    /** Of a hundred bags, those a chance from 0 to 1 comes to; neither none nor all of them. */
    public static function hundred(float $chance): int
    {
        return max(1, min(99, (int) round(100 * $chance)));
    }

    /** Whether what is on hand is as good as enough, of the second material too where there is one; null where that is not known. */
    public function isSure(): ?bool
    {
        $chances = $this->second === null ? [$this->enough] : [$this->enough, $this->second->enough];
        $known = array_filter($chances, fn(?float $chance): bool => $chance !== null);

        return match (true) {
            $known !== [] && min($known) < self::SURE => false,
            count($known) < count($chances) => null,
            default => true,
        };
    }

    /** What is wanting until it would be enough in nine of ten bags. */
    public function short(Mass $onHand): Mass
    {
        return Mass::grams(max(0.0, $this->grams->at(self::SURE) - $onHand->grams));
    }

    /** Balls to get for the whole bag to be that sure of it, above 0 and below 1; null where nothing says how large one is. */
    public function balls(float $sure): ?int
    {
        return $this->unit === null ? null : (int) max(1, ceil($this->grams->at($sure) / $this->unit->grams - 1e-9));
    }

    private static function origin(BagPlan $plan): Origin
    {
        return match (true) {
            $plan->spec->weighIns !== [] => Origin::WeighedIn,
            $plan->spec->predicted !== null => Origin::Learned,
            $plan->gauge->mass === null => Origin::Guessed,
            default => Origin::FromSwatch,
        };
    }

    /** @return list<PartTakes> */
    private static function parts(Consumption $takes, Factors $factors, float $joins, float $density): array
    {
        $grams = [];
        for ($place = 0; $place < $takes->until; $place++) {
            $part = $takes->parts[$place]->value;
            $grams[$part] = ($grams[$part] ?? 0.0) + $factors->taking($takes, $place, $place + 1)[0];
        }
        $parts = [];
        foreach (Part::cases() as $part) {
            if (isset($grams[$part->value])) {
                $parts[] = new PartTakes($part->value, $grams[$part->value] / $density, $grams[$part->value]);
            }
        }
        foreach (['tails' => 2 * $takes->tail, 'joins' => $joins, 'swatch' => $takes->swatch] as $besides => $mass) {
            if ($mass > 0) {
                $parts[] = new PartTakes($besides, $mass / $density, $mass);
            }
        }

        return $parts;
    }

    private static function runsOut(BagPlan $plan, Standing $standing, float $left, float $relative): ?RunsOut
    {
        [$takes, $factors, $start] = [$standing->takes, $standing->factors, $standing->before()];
        $each = [];
        for ($place = $standing->from; $place < $takes->until; $place++) {
            $each[$place] = $factors->taking($takes, $place, $place + 1)[0];
        }
        $swing = Normal::quantile(1 - Spread::TAIL) * $relative;
        $likely = self::endsIn($each, $left, $start, $takes->tail, 1.0);
        if ($likely === null) {
            return null;
        }
        [$place, $share] = $likely;
        $early = self::endsIn($each, $left, $start, $takes->tail, 1 + $swing) ?? $likely;
        $late = self::endsIn($each, $left, $start, $takes->tail, max(0.0, 1 - $swing));
        $name = fn(int $row): string => $plan->pattern->rows[$row]->name;

        return new RunsOut($name($place), max(1, min($takes->stitches[$place], (int) floor($share * $takes->stitches[$place]) + 1)), $name($early[0]), $late === null ? null : $name($late[0]));
    }

    /**
     * @param array<int, float> $each grams by row
     *
     * @return ?array{int, float} the row in which it ends, and how far into it; null where it reaches
     */
    private static function endsIn(array $each, float $left, float $start, float $tail, float $factor): ?array
    {
        $gone = $start;
        foreach ($each as $place => $grams) {
            if ($gone + $factor * $grams > $left) {
                return [$place, max(0.0, ($left - $gone) / max(1e-9, $factor * $grams))];
            }
            $gone += $factor * $grams;
        }
        $last = array_key_last($each);

        return $last !== null && $gone + $tail > $left ? [$last, 1.0] : null;
    }
}
