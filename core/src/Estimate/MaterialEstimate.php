<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
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
     * @param Spread $minutes of stitching, before any was logged
     * @param list<PartTakes> $parts every part, the tails too; their sum is the likely whole
     * @param ?RunsOut $runsOut null where it is likely to reach, or what is on hand is not known
     */
    private function __construct(
        public Origin $origin,
        public Spread $metres,
        public Spread $grams,
        public Spread $remaining,
        public ?float $enough,
        public Spread $minutes,
        public array $parts,
        public ?RunsOut $runsOut,
        public ?Mass $unit,
    ) {}

    public static function of(BagPlan $plan): self
    {
        $spec = $plan->spec;
        $takes = Consumption::of($plan);
        $rows = count($takes->rows);
        $places = array_flip(array_map(fn(Row $row): string => $row->name, $plan->pattern->rows));
        $onHand = $spec->material->onHand?->grams;
        $factors = Factors::prior($plan)->after($takes, $spec->weighIns, $onHand, $places);
        $last = $spec->weighIns === [] ? null : $spec->weighIns[count($spec->weighIns) - 1];
        $from = $last === null ? 0 : $places[$last->after] + 1;
        [$rest, $off] = $factors->taking($takes, $from, $rows);
        // The first tail hangs at the chain, the second is cut at the end.
        $rest += $takes->tail + ($from === 0 ? $takes->tail : 0.0);
        $remaining = new Spread($rest, $rest > 0 ? $off / $rest : 0.0);
        $left = $last === null ? $onHand : $last->left->grams;
        [$all, $allOff] = $factors->taking($takes, 0, $rows);
        $all += 2 * $takes->tail;
        $grams = new Spread($all, $all > 0 ? $allOff / $all : 0.0);

        return new self(
            self::origin($plan),
            $grams->times(1 / $spec->material->density->gramsPerMetre),
            $grams,
            $remaining,
            match (true) {
                $onHand !== null => $grams->chanceWithin($onHand),
                $left !== null => $remaining->chanceWithin($left),
                default => null,
            },
            Pace::of($plan),
            self::parts($takes, $factors, $spec->material->density->gramsPerMetre),
            $left === null ? null : self::runsOut($plan, $takes, $factors, $from, $left, $remaining->relative),
            $spec->unit,
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
    private static function parts(Consumption $takes, Factors $factors, float $density): array
    {
        $grams = [];
        foreach (array_keys($takes->rows) as $place) {
            $part = $takes->parts[$place]->value;
            $grams[$part] = ($grams[$part] ?? 0.0) + $factors->taking($takes, $place, $place + 1)[0];
        }
        $parts = [];
        foreach (Part::cases() as $part) {
            if (isset($grams[$part->value])) {
                $parts[] = new PartTakes($part->value, $grams[$part->value] / $density, $grams[$part->value]);
            }
        }
        $parts[] = new PartTakes('tails', 2 * $takes->tail / $density, 2 * $takes->tail);

        return $parts;
    }

    private static function runsOut(BagPlan $plan, Consumption $takes, Factors $factors, int $from, float $left, float $relative): ?RunsOut
    {
        $each = [];
        for ($place = $from; $place < count($takes->rows); $place++) {
            $each[$place] = $factors->taking($takes, $place, $place + 1)[0];
        }
        $start = $from === 0 ? $takes->tail : 0.0;
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
