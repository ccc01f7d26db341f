<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\Chosen;
use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\PlannedPart;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Instruction\FullName;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Saying\Listing;
use Fescue\Core\Saying\Saying;

/** Ways to make what is on hand enough in nine of ten bags, the ones that cost least of the bag first. */
final readonly class Mends
{
    /** What a round worked otherwise costs of a bag, against one left out. Our judgement. */
    private const OTHERWISE = 0.5;

    /** Fabrics that cover a height with less. */
    private const TALLER = ['hdc', 'dc', 'mesh'];

    /** Steps by which a bag is made smaller, and how far it may be. */
    private const SMALLER = 0.02;

    private const SMALLEST = 0.5;

    /** Share of a bag that no mend should cost: it is another bag then. Our judgement. */
    private const MOST_LOST = 0.6;

    /** Strands of hers that are proposed to go on in. */
    private const MOST_SPARES = 2;

    /** Of how many it is tried: each costs a whole plan. */
    private const TRIED_SPARES = 8;

    /** What is said of a height, a length and a width that become smaller, and larger. */
    public const BECOMES = [
        ['{was} becomes {is} (lower)', '{was} becomes {is} (higher)'],
        ['{was} becomes {is} (shorter)', '{was} becomes {is} (longer)'],
        ['{was} becomes {is} (narrower)', '{was} becomes {is} (wider)'],
    ];

    /** @param list<Spare> $spares */
    private function __construct(
        private BagPlan $plan,
        private MaterialEstimate $estimate,
        private ?LearnedHand $hand,
        private array $spares,
    ) {}

    /**
     * @param ?LearnedHand $hand that says what another hook would make; null leaves hooks out
     * @param list<Spare> $spares strands that could go on where this one ends
     *
     * @return list<Mend> none where it is enough already or not known
     */
    public static function of(
        BagPlan $plan,
        MaterialEstimate $estimate,
        ?LearnedHand $hand = null,
        array $spares = [],
    ): array {
        return $estimate->isSure() === false ? (new self($plan, $estimate, $hand, $spares))->all() : [];
    }

    /** @return list<Mend> */
    private function all(): array
    {
        $mends = [
            ...$this->fewer(),
            ...array_map($this->above(...), array_map(Motif::named(...), self::TALLER)),
            ...$this->goneOn(),
        ];
        if ($this->plan->begun() === 0) {
            $mends[] = $this->least(
                (int) round((1 - self::SMALLEST) / self::SMALLER),
                $this->smaller(...),
                fn(int $steps): Saying => new Saying(
                    'Plan it smaller all round, {percent} % of its size',
                    ['percent' => (int) round(100 * (1 - $steps * self::SMALLER))],
                ),
            );
            $mends[] = $this->smallerHook();
        }
        $mends = array_values(
            array_filter($mends, fn(?Mend $mend): bool => $mend !== null && $mend->lost <= self::MOST_LOST),
        );
        usort($mends, fn(Mend $a, Mend $b): int => $a->lost <=> $b->lost);
        $another = array_filter($mends, fn(Mend $mend): bool => $mend->spare !== null) === [] ? $this->another() : null;

        return $another === null ? $mends : [...$mends, $another];
    }

    /**
     * The least change that makes it enough: strides that double, then halves between.
     *
     * @param \Closure(int): BagSpec $change by so many, from 1 to $most
     * @param \Closure(int): Saying $do in words
     * @param float $share of the bag each of them works otherwise
     */
    private function least(int $most, \Closure $change, \Closure $do, float $share = 0.0): ?Mend
    {
        // Either it is enough, or no such bag can be made: in both the least is not beyond.
        $try = function (int $steps) use ($change): BagPlan|false|null {
            try {
                $less = Planner::plan($change($steps));
            } catch (Refused) {
                return null;
            }

            return MaterialEstimate::of($less)->isSure() === true ? $less : false;
        };
        [$short, $far] = [0, 1];
        while ($far < $most && $try($far) === false) {
            [$short, $far] = [$far, min($most, 2 * $far)];
        }
        while ($far - $short > 1) {
            $between = intdiv($short + $far, 2);
            if ($try($between) === false) {
                $short = $between;
            } else {
                $far = $between;
            }
        }
        $less = $most < 1 ? null : $try($far);

        return $less instanceof BagPlan ? $this->mend($do($far), $less, $share * $far) : null;
    }

    /**
     * Fewer of every count that can be fewer, from the top down. What is worked stays: of a part in hand only rows yet
     * to come may go.
     *
     * @return list<?Mend>
     */
    private function fewer(): array
    {
        $mends = [];
        foreach (array_reverse($this->plan->parts, true) as $place => $part) {
            $worked = $this->plan->begun() - $part->from;
            foreach ($part->maker->settings() as $one) {
                $inHand = $worked > 0
                    && ! ($one instanceof Setting && $one->fewer?->rows === true
                        && $worked < count($part->made->rows) && $one->serves?->side === Side::Height);
                if (! $one instanceof Setting || $one->value === null || $one->fewer === null || $inHand) {
                    continue;
                }
                $was = $one->value;
                $change = fn(int $by): BagSpec => $this->changed(
                    $place,
                    [$this->with($place, [$one->name => $was - $by])],
                );
                $say = fn(int $by): Saying => $one->fewer->told($was, $by, $one->counted);
                $mends[] = $this->least($was - max($one->bounds->least, $worked), $change, $say);
            }
        }

        return $mends;
    }

    /**
     * A part with some of its counts changed: all that the size decides stays as it is, and what follows from those
     * counts is settled anew where it was not told.
     *
     * @param array<string, int> $counts
     */
    private function with(int $place, array $counts): Chosen
    {
        $part = $this->plan->parts[$place];
        foreach (Setting::serving($part->maker->settings()) as $one) {
            $counts += $one->value === null ? [] : [$one->name => $one->value];
        }

        return new Chosen($part->path, $this->plan->spec->choices->parts[$place]->maker->with($counts));
    }

    /**
     * From as high a round as does it, a taller or a more open fabric over the rest of the wall: it covers the same
     * height with less. Whatever has a fabric and rounds that serve the height is wall, but for pieces: they are made
     * whole.
     */
    private function above(Motif $motif): ?Mend
    {
        $gauge = $this->plan->gauge;
        $wall = array_filter(
            $this->plan->parts,
            fn(PlannedPart $part): bool => $part->made->assembly === null && self::settings($part->maker) !== null,
        );
        $rows = [];
        foreach ($wall as $place => $part) {
            for ($row = $part->from; $row < $part->to(); $row++) {
                $rows[$row] = $place;
            }
        }
        $places = array_keys($rows);
        $heights = array_map(
            fn(int $row): float => $gauge->heightOf($this->plan->work->rows[$row]->fabric)->mm,
            $places,
        );
        $rounds = fn(int $upper): int => max(
            1,
            (int) round(array_sum(array_slice($heights, count($heights) - $upper)) / $gauge->heightOf($motif)->mm),
        );
        $change = function (int $upper) use ($wall, $places, $rows, $rounds, $motif): BagSpec {
            $first = $places[count($places) - $upper];
            $in = $rows[$first];
            $kept = [];
            $last = array_key_last($wall);
            foreach ($wall as $place => $part) {
                [$fabric, $count] = self::settings($part->maker) ?? throw new \LogicException('It is wall.');
                if ($place < $in) {
                    $kept[] = $part->chosen();
                } elseif ($place === $in && $first > $part->from) {
                    $kept[] = new Chosen($part->path, $part->maker->with([$count->name => $first - $part->from]));
                }
                if ($place === $last) {
                    $kept[] = new Chosen(
                        $part->path,
                        $part->maker->with([$fabric->name => $motif->key, $count->name => $rounds($upper)]),
                    );
                }
            }

            return $this->rewalled(array_keys($wall), $kept);
        };
        $say = fn(int $upper): Saying => new Saying(
            'From {row} up, work the body in {stitch}, {n, plural, one {one round} other {# rounds}} of it',
            [
                'row' => $this->plan->work->rows[$places[count($places) - $upper]]->id,
                'stitch' => new FullName($motif), 'n' => $rounds($upper),
            ],
        );
        $left = count(array_filter($places, fn(int $row): bool => $row >= $this->plan->begun()));

        return $rows === [] ? null : $this->least($left, $change, $say, self::OTHERWISE / count($rows));
    }

    /**
     * @return ?array{Choice, Setting} the fabric of a maker and the rounds by which it is high; null where it has not
     *         both
     */
    private static function settings(Maker $maker): ?array
    {
        $fabrics = array_values(array_filter(
            $maker->settings(),
            fn(Asked $one): bool => $one instanceof Choice && $one->isMotif(),
        ));
        $serve = Setting::serving($maker->settings(), Side::Height);
        [$fabric, $rounds] = [$fabrics[count($fabrics) - 1] ?? null, $serve[count($serve) - 1] ?? null];

        return $fabric === null || $rounds === null ? null : [$fabric, $rounds];
    }

    /**
     * All settled, but for one part: what stands on another base is settled anew.
     *
     * @param list<Chosen> $in in its place
     */
    private function changed(int $place, array $in): BagSpec
    {
        $parts = [];
        foreach ($this->plan->parts as $other => $part) {
            $anew = $place === 0 && $other > 0 && self::settings($part->maker) === null;
            array_push(
                $parts,
                ...($other === $place ? $in : [$anew ? $this->plan->spec->choices->parts[$other] : $part->chosen()]),
            );
        }

        return $this->plan->spec->shaped($parts === [] ? $this->plan->spec->choices->parts : $parts);
    }

    /**
     * @param list<int> $wall places of its parts
     * @param list<Chosen> $bands in their place
     */
    private function rewalled(array $wall, array $bands): BagSpec
    {
        $parts = [];
        foreach ($this->plan->parts as $place => $part) {
            if (! in_array($place, $wall, true)) {
                $parts[] = $part->chosen();
            } elseif ($place === $wall[0]) {
                foreach ($bands as $nth => $band) {
                    $parts[] = new Chosen($nth === 0 ? '/body' : '/body/above/'.($nth - 1), $band->maker);
                }
            }
        }

        return $this->plan->spec->shaped($parts === [] ? $this->plan->spec->choices->parts : $parts);
    }

    private function smaller(int $steps): BagSpec
    {
        $out = $this->plan->comesOut;
        $share = 1 - $steps * self::SMALLER;

        return $this->plan->spec->sized(
            new Wish($out->baseLength->times($share), $out->baseWidth->times($share), $out->height->times($share)),
        );
    }

    /** Hooks as they are sold, one after another down: the same counts come out smaller. */
    private function smallerHook(): ?Mend
    {
        $spec = $this->plan->spec;
        if ($this->hand === null) {
            return null;
        }
        for (
            $hook = $spec->facts->hands->hook->steps(-1), $last = $spec->facts->hands->hook;
            $hook->diameter->mm < $last->diameter->mm
                && $hook->diameter->mm >= HookRange::of($spec->facts->strands->own->kind)->least
                * $spec->facts->strands->own->diameter->mm;
            $hook = $hook->steps(-1)
        ) {
            $last = $hook;
            $less = $this->on($hook, $this->hand);
            if ($less !== null && MaterialEstimate::of($less)->isSure() === true) {
                return $this->mend(
                    new Saying('Take a hook of {hook} and keep the counts', ['hook' => $hook]),
                    $less,
                );
            }
        }

        return null;
    }

    private function on(HookSize $hook, LearnedHand $hand): ?BagPlan
    {
        $spec = $this->plan->spec;
        $material = $spec->facts->strands->own;
        $predicted = $hand->predictBag($hook, $material, $spec->motif());
        try {
            return Planner::plan(
                $this->plan->settled()->worked($material, HandGauge::predicted($hook, $predicted, $material)),
            );
        } catch (Refused) {
            return null;
        }
    }

    /**
     * In strands of hers that are about as thick, from the last row that the bag's own surely reaches: the two most
     * alike, of its kind before others.
     *
     * @return list<Mend>
     */
    private function goneOn(): array
    {
        $spec = $this->plan->spec;
        $alike = array_values(
            array_filter($this->spares, fn(Spare $spare): bool => $spec->facts->strands->own->isLike($spare->material)),
        );
        $unlike = fn(Spare $spare): array => [
            $spare->material->kind !== $spec->facts->strands->own->kind,
            abs($spec->facts->strands->own->thicker($spare->material)),
        ];
        usort($alike, fn(Spare $a, Spare $b): int => $unlike($a) <=> $unlike($b));
        $from = $alike === [] || $spec->choices->changes !== [] ? null : $this->lastReached($alike[0]);
        if ($from === null) {
            return [];
        }
        $rows = count($this->plan->work->rows);
        $mends = [];
        foreach (array_slice($alike, 0, self::TRIED_SPARES) as $spare) {
            if (count($mends) === self::MOST_SPARES) {
                break;
            }
            $on = $this->goingOn($spare, $from);
            $estimate = MaterialEstimate::of($on);
            if ($estimate->isSure() === true) {
                $takes = Decimal::print($estimate->others[0]->grams->likely);
                $mends[] = new Mend(
                    new Saying(
                        'From {row} on, work in {strand}',
                        ['row' => $this->plan->work->rows[$from]->id, 'strand' => $spare->name],
                    ),
                    new Saying('It takes about {g} g of that.', ['g' => $takes]),
                    self::OTHERWISE * ($rows - $from) / $rows,
                    $estimate->scarcest()->enough,
                    $on,
                    $spare->number,
                );
            }
        }

        return $mends;
    }

    private function goingOn(Spare $spare, int $from): BagPlan
    {
        return Planner::plan(
            $this->plan->settled()->continued(
                $spare->material,
                $this->plan->work->rows[$from]->id,
                $this->plan->work,
            ),
        );
    }

    /**
     * The last row up to which the bag's own is surely enough, its join out of the slots and of the last two rounds;
     * null where there is none.
     */
    private function lastReached(Spare $spare): ?int
    {
        $reaches = fn(int $from): bool
            => (MaterialEstimate::of($this->goingOn($spare, $from))->enough ?? 0.0) >= MaterialEstimate::SURE;
        [$low, $beyond] = [max(1, $this->plan->begun()), count($this->plan->work->rows) - Reach::LAST];
        if ($low >= $beyond || ! $reaches($low)) {
            return null;
        }
        while ($beyond - $low > 1) {
            $between = intdiv($low + $beyond, 2);
            [$low, $beyond] = $reaches($between) ? [$between, $beyond] : [$low, $between];
        }
        while ($low > max(1, $this->plan->begun()) && ! $this->plan->work->rows[$low]->bearsJoin) {
            $low--;
        }

        return $low;
    }

    /** From where it may run out at the earliest, a material she has yet to find. */
    private function another(): ?Mend
    {
        $runsOut = $this->estimate->runsOut();
        $onHand = $this->plan->spec->facts->strands->own->onHand;
        if ($runsOut === null || $onHand === null || $this->plan->spec->choices->changes !== []) {
            return null;
        }
        $wanting = Mass::grams(max(1.0, $this->estimate->grams->at(0.95) - $onHand->grams));

        return new Mend(
            new Saying(
                'From {row} on, work bands or the rest in another material',
                ['row' => $runsOut->earliest],
            ),
            new Saying(
                'It takes about {mass} of that; join away from slots and from the last two rounds.',
                ['mass' => $wanting],
            ),
            1.0,
            null,
            null,
        );
    }

    private function mend(Saying $do, BagPlan $less, float $otherwise = 0.0): Mend
    {
        $estimate = MaterialEstimate::of($less);
        [$before, $after] = [$this->plan->comesOut, $less->comesOut];
        $costs = [];
        foreach ([
            [$before->height, $after->height], [$before->baseLength, $after->baseLength],
            [$before->baseWidth, $after->baseWidth],
        ] as $side => [$was, $is]) {
            if (abs($was->mm - $is->mm) > 0.5) {
                $costs[] = new Saying(self::BECOMES[$side][(int) ($is->mm > $was->mm)], ['was' => $was, 'is' => $is]);
            }
        }
        $saved = Decimal::print(max(0.0, $this->estimate->grams->likely - $estimate->grams->likely));
        // What is folded holds nothing to speak of before or after.
        $lost = $before->litres > 0.0 ? max(0.0, 1 - $after->litres / $before->litres) : 0.0;

        return new Mend(
            $do,
            $costs === [] ? new Saying('It saves {g} g.', ['g' => $saved]) : new Saying(
                '{Costs}; it saves {g} g.',
                ['costs' => new Listing($costs), 'g' => $saved],
            ),
            max($lost, $otherwise),
            $estimate->scarcest()->enough,
            $less,
        );
    }
}
