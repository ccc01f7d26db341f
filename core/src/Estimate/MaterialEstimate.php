<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Change;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\Normal;

/**
 * How much strand a bag takes, row by row. Each stitch eats its loop's length; where the swatch was weighed, the measured
 * stitch sets the scale for all. Tails are added wherever a material begins and ends. Weigh-ins replace what was expected by what was used,
 * and correct the rest.
 */
final readonly class MaterialEstimate
{
    /** Chance from which what is on hand is called enough. */
    public const SURE = 0.9;

    /** What is listed beside the parts, in its order. */
    public const BESIDES = ['tails', 'joins', 'swatch'];

    /**
     * @param int $which of the bag's materials: 0 for its own, 1 for the first of its others
     * @param Spread $metres of the whole bag
     * @param Spread $grams of the whole bag: what was used, and what is still to come
     * @param Spread $remaining grams still to come
     * @param Spread $since grams from the start on, or from the weigh-in from which the stitches account for what goes
     * @param ?float $there grams for that; null where it is not known
     * @param ?float $enough chance from 0 to 1 that what is on hand is enough; null where that is not known
     * @param list<PartTakes> $parts every part, the swatch, tails and joins too; their sum is the likely whole
     * @param Spread $waste grams thrown away where that strand is cut; no part of what the bag takes
     * @param list<string> $from rows in which it is taken up, but for the first
     * @param list<self> $others what the bag takes of its other materials, in their order
     * @param list<OddWeighIn> $odd weigh-ins that the stitches cannot account for
     * @param ?RunsOut $runsOut null where it is likely to reach, or what is on hand is not known
     */
    private function __construct(
        public int $which,
        public Origin $origin,
        public Spread $metres,
        public Spread $grams,
        public Spread $remaining,
        public Spread $since,
        public ?float $there,
        public ?float $enough,
        public array $parts,
        public ?RunsOut $runsOut,
        public ?Mass $unit,
        public array $from,
        public array $others,
        public Spread $waste,
        public array $odd,
    ) {}

    public static function of(BagPlan $plan): self
    {
        return self::ofMaterial($plan, 0, array_map(fn(int $which): self => self::ofMaterial($plan, $which + 1, []), array_keys($plan->spec->others)));
    }

    /** @param list<self> $others */
    private static function ofMaterial(BagPlan $plan, int $which, array $others): self
    {
        $spec = $plan->spec;
        $material = $spec->material($which);
        $standing = Standing::of($plan, $which);
        [$grams, $joins] = self::takes($standing, $material, $standing->all, 0.0);
        [$remaining] = self::takes($standing, $material, $standing->rest, $standing->owed);
        // A start that was weighed in the work is as far off as that.
        $since = $standing->since === $standing->all ? $grams : self::takes($standing, $material, $standing->since, $standing->owedSince, Factors::WEIGH_IN_G)[0];

        return new self(
            $which,
            self::origin($plan),
            $grams->times(1 / $material->density->gramsPerMetre),
            $grams,
            $remaining,
            $since,
            $standing->there,
            $standing->there === null ? null : $since->chanceWithin($standing->there),
            self::parts($standing, $joins, $which === 0 ? $standing->takes->swatch : 0.0, $material->density->gramsPerMetre),
            $standing->left === null ? null : self::runsOut($plan, $standing, $standing->left, $remaining->relative),
            $material->unit,
            array_values(array_filter(array_map(fn(Change $change): ?string => $change->to === $which ? $change->from : null, $spec->changes), is_string(...))),
            $others,
            $grams->times($material->waste),
            $standing->odd,
        );
    }

    /**
     * @param list<int> $rows
     * @param float $owed grams cut later of the row before them
     * @param float $noise grams by which what there is for them is off
     *
     * @return array{Spread, float} grams of the rows with all that is no stitch, and what of that are joins between balls; none where their size is not known
     */
    private static function takes(Standing $standing, Material $material, array $rows, float $owed, float $noise = 0.0): array
    {
        [$grams, $off] = $standing->stitches($rows);
        $grams += $standing->besides($rows) + $owed;
        $tail = $material->density->massOf(Length::mm(1000 * Consumption::TAIL))->grams;
        $joins = $material->unit === null ? 0.0 : max(0.0, ceil($grams / $material->unit->grams) - 1) * 2 * $tail;
        $grams += $joins;

        return [new Spread($grams, $grams > 0 ? hypot($off, $noise) / $grams : 0.0), $joins];
    }

    /** Of its materials the one that is the least likely to reach, of those of which that is known; its own where of none. */
    public function scarcest(): self
    {
        $known = array_values(array_filter([$this, ...$this->others], fn(self $one): bool => $one->enough !== null));
        usort($known, fn(self $one, self $other): int => $one->enough <=> $other->enough);

        return $known[0] ?? $this;
    }

    /** Whether what is on hand is as good as enough, of its other materials too; null where that is not known. */
    public function isSure(): ?bool
    {
        $least = $this->scarcest()->enough;
        $unknown = array_filter([$this, ...$this->others], fn(self $one): bool => $one->enough === null);

        return match (true) {
            $least !== null && $least < self::SURE => false,
            $unknown !== [] => null,
            default => true,
        };
    }

    /** The chance that all its materials reach, said of a hundred bags, neither certain nor hopeless ever; null where that is not known. */
    public function inHundred(): ?int
    {
        $least = $this->scarcest()->enough;

        return $least === null || $this->isSure() === null ? null : self::hundred($least);
    }

    /** Of a hundred bags, those a chance from 0 to 1 comes to; neither none nor all of them. */
    public static function hundred(float $chance): int
    {
        return max(1, min(99, (int) round(100 * $chance)));
    }

    /** What is wanting until it would be enough in nine of ten bags. */
    public function short(): Mass
    {
        return Mass::grams($this->there === null ? 0.0 : max(0.0, $this->since->at(self::SURE) - $this->there));
    }

    /** Balls to get for the whole bag to be that sure of it, above 0 and below 1; null where nothing says how large one is. */
    public function balls(float $sure): ?int
    {
        return $this->unit === null ? null : (int) max(1, ceil($this->grams->at($sure) / $this->unit->grams - 1e-9));
    }

    /** Balls to get beside what is there, to be that sure of the whole bag; null where one of the two is not known. */
    public function ballsMore(float $sure): ?int
    {
        return $this->unit === null || $this->there === null ? null : (int) max(0, ceil(($this->since->at($sure) - $this->there) / $this->unit->grams - 1e-9));
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
    private static function parts(Standing $standing, float $joins, float $swatch, float $density): array
    {
        $grams = [];
        foreach ($standing->all as $place) {
            $part = $standing->takes->parts[$place]->value;
            $grams[$part] = ($grams[$part] ?? 0.0) + $standing->row($place);
        }
        $parts = [];
        foreach (Part::cases() as $part) {
            if (isset($grams[$part->value])) {
                $parts[] = new PartTakes($part->value, $grams[$part->value] / $density, $grams[$part->value]);
            }
        }
        foreach (array_combine(self::BESIDES, [$standing->besides($standing->all) - $swatch, $joins, $swatch]) as $besides => $mass) {
            if ($mass > 0) {
                $parts[] = new PartTakes($besides, $mass / $density, $mass);
            }
        }

        return $parts;
    }

    private static function runsOut(BagPlan $plan, Standing $standing, float $left, float $relative): ?RunsOut
    {
        $stitches = [];
        foreach ($standing->rest as $place) {
            $stitches[$place] = $standing->row($place);
        }
        $swing = Normal::quantile(1 - Spread::TAIL) * $relative;
        $likely = self::endsIn($standing, $stitches, $left, 1.0);
        if ($likely === null) {
            return null;
        }
        [$place, $share] = $likely;
        $early = self::endsIn($standing, $stitches, $left, 1 + $swing) ?? $likely;
        $late = self::endsIn($standing, $stitches, $left, max(0.0, 1 - $swing));
        $name = fn(int $row): string => $plan->pattern->rows[$row]->name;
        $count = $standing->takes->stitches[$place];

        return new RunsOut($name($place), max(1, min($count, (int) floor($share * $count) + 1)), $name($early[0]), $late === null ? null : $name($late[0]));
    }

    /**
     * @param array<int, float> $stitches grams by row
     *
     * @return ?array{int, float} the row in which it ends, and how far into it; null where it reaches
     */
    private static function endsIn(Standing $standing, array $stitches, float $left, float $factor): ?array
    {
        $gone = $standing->owed;
        foreach ($stitches as $place => $grams) {
            $gone += $standing->before($place);
            if ($gone + $factor * $grams > $left) {
                return [$place, max(0.0, ($left - $gone) / max(1e-9, $factor * $grams))];
            }
            $gone += $factor * $grams + $standing->after($place);
            if ($gone > $left) {
                return [$place, 1.0];
            }
        }

        return null;
    }
}
