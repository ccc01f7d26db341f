<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\BaseSpec;
use Fescue\Core\Bag\BodySpec;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\SlotSpec;
use Fescue\Core\Bag\Wish;
use Fescue\Core\Base\Oval;
use Fescue\Core\Body\Band;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Motif;
use Fescue\Core\Stitch\Terms;

/** Ways to make what is on hand enough in nine of ten bags, the ones that cost least of the bag first. */
final readonly class Mends
{
    /** What a round worked otherwise costs of a bag, against one left out. Our judgement. */
    private const OTHERWISE = 0.5;

    /** Steps by which a bag is made smaller, and how far it may be. */
    private const SMALLER = 0.02;

    private const SMALLEST = 0.5;

    /** Share of a bag that no mend should cost: it is another bag then. Our judgement. */
    private const MOST_LOST = 0.6;

    /** Strands of hers that are proposed to go on in. */
    private const MOST_SPARES = 2;

    /** @param list<Spare> $spares */
    private function __construct(private BagPlan $plan, private MaterialEstimate $estimate, private LengthUnit $unit, private Terms $terms, private ?LearnedHand $hand, private array $spares) {}

    /**
     * @param ?LearnedHand $hand that says what another hook would make; null leaves hooks out
     * @param list<Spare> $spares strands that could go on where this one ends
     *
     * @return list<Mend> none where it is enough already or not known
     */
    public static function of(BagPlan $plan, MaterialEstimate $estimate, LengthUnit $unit, Terms $terms = Terms::US, ?LearnedHand $hand = null, array $spares = []): array
    {
        return $estimate->isSure() === false ? (new self($plan, $estimate, $unit, $terms, $hand, $spares))->all() : [];
    }

    /** @return list<Mend> */
    private function all(): array
    {
        $slots = $this->plan->slots;
        $base = $this->plan->base;
        $mends = [
            $slots === null ? null : $this->least($slots->edgeRounds, fn(int $fewer): BagSpec => $this->change(slots: new SlotSpec($slots->skip, $slots->chain, $slots->edgeRounds - $fewer)), fn(int $fewer): string => $fewer === $slots->edgeRounds ? 'Leave the edge out' : self::many($fewer, 'edge round').' fewer'),
            $slots === null ? null : $this->least($slots->chain - $slots->skip, fn(int $fewer): BagSpec => $this->change(slots: new SlotSpec($slots->skip, $slots->chain - $fewer, $slots->edgeRounds)), fn(int $fewer): string => 'Make the handles shorter: chain '.($slots->chain - $fewer).", not {$slots->chain}"),
            $this->least($this->plan->body->rounds - max(1, $this->begunRounds()), fn(int $fewer): BagSpec => $this->change(body: BodySpec::ofBands($this->lowest($this->plan->body->rounds - $fewer))), fn(int $fewer): string => 'Work '.lcfirst(self::many($fewer, 'body round')).' fewer'),
            ...array_map($this->above(...), [Motif::HalfDouble, Motif::Double, Motif::Mesh]),
            ...$this->goneOn(),
        ];
        if ($this->plan->begun() === 0) {
            $rounds = count($base->rounds);
            $ends = $this->plan->spec->base->ends;
            array_push(
                $mends,
                $this->least($base->chain - Oval::FEWEST_CHAINS, fn(int $fewer): BagSpec => $this->change(new BaseSpec($ends, $base->chain - $fewer, $rounds)), fn(int $fewer): string => 'Start with '.($base->chain - $fewer)." chains, not {$base->chain}"),
                $this->least($rounds - 1, fn(int $fewer): BagSpec => $this->change(new BaseSpec($ends, $base->chain, $rounds - $fewer)), fn(int $fewer): string => 'Leave the last '.($fewer === 1 ? 'base round' : "{$fewer} base rounds").' out'),
                $this->least((int) round((1 - self::SMALLEST) / self::SMALLER), $this->smaller(...), fn(int $steps): string => 'Plan it smaller all round, '.(int) round(100 * (1 - $steps * self::SMALLER)).' % of its size'),
                $this->smallerHook(),
            );
        }
        $mends = array_values(array_filter($mends, fn(?Mend $mend): bool => $mend !== null && $mend->lost <= self::MOST_LOST));
        usort($mends, fn(Mend $a, Mend $b): int => $a->lost <=> $b->lost);
        $another = array_filter($mends, fn(Mend $mend): bool => $mend->spare !== null) === [] ? $this->another() : null;

        return $another === null ? $mends : [...$mends, $another];
    }

    /**
     * The least change that makes it enough: strides that double, then halves between.
     *
     * @param \Closure(int): BagSpec $change by so many, from 1 to $most
     * @param \Closure(int): string $do in words
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

    /** From as high a round as does it, a taller or a more open fabric: it covers the same height with less. */
    private function above(Motif $motif): ?Mend
    {
        $body = $this->plan->body;
        $gauge = $this->plan->gauge;
        $from = max(0, $this->begunRounds());
        $worked = fn(int $upper): array => array_slice($body->byRound(), $body->rounds - $upper);
        $rounds = function (int $upper) use ($worked, $gauge, $motif): int {
            $height = array_sum(array_map(fn(Band $band): float => $gauge->heightOf($band->motif)->mm, $worked($upper)));

            return max(1, (int) round($height / $gauge->heightOf($motif)->mm));
        };
        $change = fn(int $upper): BagSpec => $this->change(body: BodySpec::ofBands([...$this->lowest($body->rounds - $upper), new Band($motif, Loop::Both, $rounds($upper))]));
        $first = count($this->plan->base->rounds) + 1;
        $say = fn(int $upper): string => 'From Round '.($first + $body->rounds - $upper)." up, work the body in {$motif->fullName($this->terms)}, ".lcfirst(self::many($rounds($upper), 'round')).' of it';

        return $this->least($body->rounds - $from, $change, $say, self::OTHERWISE / $body->rounds);
    }

    private function smaller(int $steps): BagSpec
    {
        $out = $this->plan->comesOut;
        $share = 1 - $steps * self::SMALLER;

        return $this->plan->spec->sized(new Wish($out->baseLength->times($share), $out->baseWidth->times($share), $out->height->times($share)));
    }

    /** Hooks as they are sold, one after another down: the same counts come out smaller. */
    private function smallerHook(): ?Mend
    {
        $spec = $this->plan->spec;
        if ($this->hand === null) {
            return null;
        }
        for ($hook = $spec->hook->steps(-1), $last = $spec->hook; $hook->diameter->mm < $last->diameter->mm && $hook->diameter->mm >= HookRange::of($spec->material->kind)->least * $spec->material->diameter->mm; $hook = $hook->steps(-1)) {
            $last = $hook;
            $less = $this->on($hook, $this->hand);
            if ($less !== null && MaterialEstimate::of($less)->isSure() === true) {
                return $this->mend("Take a {$hook->print()} hook and keep the counts", $less);
            }
        }

        return null;
    }

    private function on(HookSize $hook, LearnedHand $hand): ?BagPlan
    {
        $spec = $this->plan->spec;
        $material = $spec->material;
        $predicted = $hand->predictBag($hook, $material, $spec->body->motif());
        $settled = $this->change();
        try {
            return Planner::plan($settled->worked($material, $hook, BagDocument::expected($predicted, $material), $predicted));
        } catch (Refused) {
            return null;
        }
    }

    /**
     * In strands of hers that are about as thick, from the last row that the bag's own surely reaches: the two most alike, of its kind before others.
     *
     * @return list<Mend>
     */
    private function goneOn(): array
    {
        $spec = $this->plan->spec;
        $alike = array_values(array_filter($this->spares, fn(Spare $spare): bool => $spec->material->isLike($spare->material)));
        $unlike = fn(Spare $spare): array => [$spare->material->kind !== $spec->material->kind, abs($spec->material->thicker($spare->material))];
        usort($alike, fn(Spare $a, Spare $b): int => $unlike($a) <=> $unlike($b));
        $from = $alike === [] || $spec->changes !== [] ? null : $this->lastReached($alike[0]);
        if ($from === null) {
            return [];
        }
        $rows = count($this->plan->pattern->rows);
        $mends = [];
        foreach ($alike as $spare) {
            $on = $this->goingOn($spare, $from);
            $estimate = MaterialEstimate::of($on);
            if ($estimate->isSure() === true && count($mends) < self::MOST_SPARES) {
                $takes = Decimal::print($estimate->others[0]->grams->likely);
                $mends[] = new Mend("From {$this->plan->pattern->rows[$from]->name} on, work in {$spare->name}", "takes about {$takes} g of it", self::OTHERWISE * ($rows - $from) / $rows, $estimate->scarcest()->enough, $on, $spare->number);
            }
        }

        return $mends;
    }

    private function goingOn(Spare $spare, int $from): BagPlan
    {
        return Planner::plan($this->change()->continued($spare->material, $this->plan->pattern->rows[$from]->name));
    }

    /** The last row up to which the bag's own is surely enough, its join out of the slots and of the last two rounds; null where there is none. */
    private function lastReached(Spare $spare): ?int
    {
        $reaches = fn(int $from): bool => (MaterialEstimate::of($this->goingOn($spare, $from))->enough ?? 0.0) >= MaterialEstimate::SURE;
        [$low, $beyond] = [max(1, $this->plan->begun()), count($this->plan->pattern->rows) - Reach::LAST];
        if ($low >= $beyond || ! $reaches($low)) {
            return null;
        }
        while ($beyond - $low > 1) {
            $between = intdiv($low + $beyond, 2);
            [$low, $beyond] = $reaches($between) ? [$between, $beyond] : [$low, $between];
        }
        while ($low > max(1, $this->plan->begun()) && $this->plan->pattern->rows[$low]->part === Part::Handles) {
            $low--;
        }

        return $low;
    }

    /** From where it may run out at the earliest, a material she has yet to find. */
    private function another(): ?Mend
    {
        $runsOut = $this->estimate->runsOut;
        $onHand = $this->plan->spec->material->onHand;
        if ($runsOut === null || $onHand === null || $this->plan->spec->changes !== []) {
            return null;
        }
        $wanting = Mass::grams(max(1.0, $this->estimate->grams->at(0.95) - $onHand->grams));

        return new Mend("From {$runsOut->earliest} on, work bands or the rest in another material", "about {$wanting->print()} of it; join away from slots and from the last two rounds", 1.0, null, null);
    }

    private function mend(string $do, BagPlan $less, float $otherwise = 0.0): Mend
    {
        $estimate = MaterialEstimate::of($less);
        [$before, $after] = [$this->plan->comesOut, $less->comesOut];
        $costs = [];
        foreach ([['lower', 'higher', $before->height, $after->height], ['shorter', 'longer', $before->baseLength, $after->baseLength], ['narrower', 'wider', $before->baseWidth, $after->baseWidth]] as [$smaller, $larger, $was, $is]) {
            if (abs($was->mm - $is->mm) > 0.5) {
                $costs[] = "{$was->print($this->unit)} becomes {$is->print($this->unit)} (".($is->mm < $was->mm ? $smaller : $larger).')';
            }
        }
        $saved = Decimal::print(max(0.0, $this->estimate->grams->likely - $estimate->grams->likely));
        $lost = max(0.0, 1 - $after->litres / max(1e-9, $before->litres));

        return new Mend($do, ($costs === [] ? '' : implode(', ', $costs).'; ')."saves {$saved} g", max($lost, $otherwise), $estimate->scarcest()->enough, $less);
    }

    /** Body rounds that are worked; below zero while the base is worked. */
    private function begunRounds(): int
    {
        return $this->plan->begun() - count($this->plan->base->rounds);
    }

    /** @return list<Band> */
    private function lowest(int $rounds): array
    {
        $bands = [];
        foreach ($this->plan->body->bands as $band) {
            $kept = min($rounds, $band->rounds);
            if ($kept > 0) {
                $bands[] = new Band($band->motif, $band->loop, $kept);
                $rounds -= $kept;
            }
        }

        return $bands;
    }

    private function change(?BaseSpec $base = null, ?BodySpec $body = null, ?SlotSpec $slots = null): BagSpec
    {
        $spec = $this->plan->spec;
        $settled = new BaseSpec($spec->base->ends, $this->plan->base->chain, count($this->plan->base->rounds));
        // Where the base changes, the slots are centred anew.
        $kept = $this->plan->slots === null ? null : ($base === null ? new SlotSpec($this->plan->slots->skip, $this->plan->slots->chain, $this->plan->slots->edgeRounds) : $spec->slots);

        return $spec->shaped($base ?? $settled, $body ?? BodySpec::settled($this->plan->body), $slots ?? $kept);
    }

    private static function many(int $count, string $thing): string
    {
        return $count === 1 ? "One {$thing}" : "{$count} {$thing}s";
    }
}
