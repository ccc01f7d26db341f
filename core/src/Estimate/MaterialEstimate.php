<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Change;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Measure\Whole;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Statistics\Normal;

/**
 * How much strand a bag takes, row by row. Each stitch eats its loop's length; where the swatch was weighed, the
 * measured stitch sets the scale for all. Tails are added wherever a material begins and ends. Weigh-ins replace what
 * was expected by what was used, and correct the rest.
 */
final readonly class MaterialEstimate
{
    /** Chance from which what is on hand is called enough. */
    public const SURE = 0.9;

    /** What is listed beside the parts, in its order. */
    public const BESIDES = ['finish', 'tails', 'joins', 'swatch'];

    /**
     * @param int $which of the bag's materials: 0 for its own, 1 for the first of its others
     * @param Spread $metres of the whole bag
     * @param Spread $grams of the whole bag: what was used, and what is still to come
     * @param Spread $remaining grams still to come, as far off as what is left for them is too
     * @param ?float $left grams for that; null where it is not known
     * @param ?float $enough chance from 0 to 1 that it is enough; null where that is not known
     * @param list<PartTakes> $parts every part, the swatch, tails and joins too; their sum is the likely whole
     * @param Spread $waste grams thrown away where that strand is cut; no part of what the bag takes
     * @param list<RowId> $from rows in which it is taken up, but for the first
     * @param list<self> $others what the bag takes of its other materials, in their order
     * @param list<OddWeighIn> $odd weigh-ins that the stitches cannot account for
     */
    private function __construct(
        public int $which,
        public Origin $origin,
        public Spread $metres,
        public Spread $grams,
        public Spread $remaining,
        public ?float $left,
        public ?float $enough,
        public array $parts,
        public ?Mass $unit,
        public array $from,
        public array $others,
        public Spread $waste,
        public array $odd,
        private BagPlan $plan,
        private Standing $standing,
    ) {}

    public static function of(BagPlan $plan): self
    {
        return self::ofMaterial(
            $plan,
            0,
            array_map(
                fn(int $which): self => self::ofMaterial($plan, $which + 1, []),
                array_keys($plan->spec->facts->strands->others),
            ),
        );
    }

    /** @param list<self> $others */
    private static function ofMaterial(BagPlan $plan, int $which, array $others): self
    {
        $spec = $plan->spec;
        $material = $spec->facts->strands->of($which);
        $standing = Standing::of($plan, $which);
        [$whole, $ahead, $left] = [$standing->whole(), $standing->ahead(), $standing->left];
        $grams = self::spread($whole, $standing->off);
        $remaining = self::spread($ahead, $standing->offLeft);

        return new self(
            $which,
            self::origin($plan),
            $grams->times(1 / $material->density->gramsPerMetre),
            $grams,
            $remaining,
            $left,
            $left === null ? null : $remaining->chanceWithin($left),
            self::parts(
                $standing,
                $whole,
                $which === 0 ? $standing->takes->swatch : 0.0,
                $material->density->gramsPerMetre,
            ),
            $material->unit,
            array_values(
                array_filter(
                    array_map(
                        fn(Change $change): ?RowId => $change->to === $which ? $change->from : null,
                        $spec->choices->changes,
                    ),
                ),
            ),
            $others,
            $grams->times($material->waste),
            $standing->odd,
            $plan,
            $standing,
        );
    }

    private static function spread(Walk $walk, float $off): Spread
    {
        $total = $walk->total();

        return new Spread($total, $total > 0 ? $walk->swells() * $off / $total : 0.0);
    }

    /**
     * Of its materials the one that is the least likely to reach, of those of which that is known; its own where of
     * none.
     */
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

    /**
     * The chance that all its materials reach, said of a hundred bags, neither certain nor hopeless ever; null where
     * that is not known.
     */
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
        return Mass::grams($this->left === null ? 0.0 : max(0.0, $this->remaining->at(self::SURE) - $this->left));
    }

    /**
     * Balls to get for the whole bag to be that sure of it, above 0 and below 1; null where nothing says how large one
     * is.
     */
    public function balls(float $sure): ?int
    {
        return $this->unit === null ? null : max(1, Whole::up($this->grams->at($sure) / $this->unit->grams));
    }

    /** Balls to get beside what is left, to be that sure of the rest; null where one of the two is not known. */
    public function ballsMore(float $sure): ?int
    {
        return $this->unit === null || $this->left === null ? null : max(
            0,
            Whole::up(($this->remaining->at($sure) - $this->left) / $this->unit->grams),
        );
    }

    private static function origin(BagPlan $plan): Origin
    {
        return match (true) {
            $plan->spec->facts->weighIns !== [] => Origin::WeighedIn,
            $plan->spec->facts->hands->predicted !== null => Origin::Learned,
            $plan->gauge->mass === null => Origin::Guessed,
            default => Origin::FromSwatch,
        };
    }

    /** @return list<PartTakes> */
    private static function parts(Standing $standing, Walk $whole, float $swatch, float $density): array
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
        $joins = $whole->joins();
        $finish = $standing->finish();
        foreach (array_combine(
            self::BESIDES,
            [$finish, $whole->total() - array_sum($grams) - $finish - $joins - $swatch, $joins, $swatch],
        ) as $besides => $mass) {
            if ($mass > 1e-9) {
                $parts[] = new PartTakes($besides, $mass / $density, $mass);
            }
        }

        return $parts;
    }

    /** Where what is left ends; null where it is likely to reach, or is not known. */
    public function runsOut(): ?RunsOut
    {
        $standing = $this->standing;
        $ahead = $standing->ahead();
        $likely = $this->left === null ? null : $ahead->end($this->left);
        if ($this->left === null || $likely === null) {
            return null;
        }
        $stitches = array_sum(array_map($standing->row(...), $standing->rest));
        $swing = $stitches > 0 ? Normal::quantile(1 - Spread::TAIL) * $standing->offLeft / $stitches : 0.0;
        $early = $ahead->end($this->left, 1 + $swing) ?? $likely;
        $late = $ahead->end($this->left, max(0.0, 1 - $swing));
        $id = fn(int $row): RowId => $this->plan->work->rows[$row]->id;

        return new RunsOut(
            $id($likely[0]),
            $standing->takes->stitchAt(...$likely),
            $id($early[0]),
            $late === null ? null : $id($late[0]),
        );
    }
}
