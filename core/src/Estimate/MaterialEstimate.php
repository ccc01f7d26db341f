<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Change;
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

    public Origin $origin;

    /** Of the whole bag. */
    public Spread $metres;

    /** Of the whole bag: what was used, and what is still to come. */
    public Spread $grams;

    /** Grams still to come, as far off as what is left for them is too. */
    public Spread $remaining;

    /** Grams for that; null where it is not known. */
    public ?float $left;

    /** The chance from 0 to 1 that it is enough; null where that is not known. */
    public ?float $enough;

    /** @var list<PartTakes> every part, the swatch, tails and joins too; their sum is the likely whole */
    public array $parts;

    /** What one ball weighs; null where it comes in none. */
    public ?Mass $unit;

    /** @var list<RowId> rows in which it is taken up, but for the first */
    public array $from;

    /** Grams thrown away where that strand is cut; no part of what the bag takes. */
    public Spread $waste;

    /** @var list<OddWeighIn> weigh-ins that the stitches cannot account for */
    public array $odd;

    private MaterialProgress $standing;

    /**
     * @param int $which of the bag's materials: 0 for its own, 1 for the first of its others
     * @param list<self> $others what the bag takes of its other materials, in their order
     */
    private function __construct(private BagPlan $plan, public int $which, public array $others)
    {
        $material = $plan->spec->facts->strands->of($which);
        $density = $material->density->gramsPerMetre;
        $this->standing = MaterialProgress::of($plan, $which);
        $whole = $this->standing->whole();
        $this->origin = self::origin($plan);
        $this->grams = self::spread($whole, $this->standing->off);
        $this->metres = $this->grams->times(1 / $density);
        $this->remaining = self::spread($this->standing->ahead(), $this->standing->offLeft);
        $this->left = $this->standing->left;
        $this->enough = $this->left === null ? null : $this->remaining->chanceWithin($this->left);
        $swatch = $which === 0 ? $this->standing->takes->swatch : 0.0;
        $this->parts = self::parts($this->standing, $whole, $swatch, $density);
        $this->unit = $material->unit;
        $changes = array_filter($plan->spec->choices->changes, fn(Change $one): bool => $one->to === $which);
        $this->from = array_values(array_map(fn(Change $one): RowId => $one->from, $changes));
        $this->waste = $this->grams->times($material->waste);
        $this->odd = $this->standing->odd;
    }

    public static function of(BagPlan $plan): self
    {
        return new self($plan, 0, array_map(
            fn(int $other): self => new self($plan, $other + 1, []),
            array_keys($plan->spec->facts->strands->others),
        ));
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
    private static function parts(MaterialProgress $standing, Walk $whole, float $swatch, float $density): array
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
