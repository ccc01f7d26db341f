<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\BagSpec;
use Fescue\Core\Bag\BaseSpec;
use Fescue\Core\Bag\BodySpec;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\SlotSpec;
use Fescue\Core\Base\Oval;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** Ways to make what is on hand enough in nine of ten bags, the ones that cost least of the bag first. */
final readonly class Mends
{
    private function __construct(private BagPlan $plan, private MaterialEstimate $estimate, private LengthUnit $unit, private Terms $terms) {}

    /** @return list<Mend> none where it is enough already or not known */
    public static function of(BagPlan $plan, MaterialEstimate $estimate, LengthUnit $unit, Terms $terms = Terms::US): array
    {
        return $estimate->isSure() === false ? (new self($plan, $estimate, $unit, $terms))->all() : [];
    }

    /** @return list<Mend> */
    private function all(): array
    {
        $begun = $this->plan->spec->weighIns !== [];
        $mends = array_values(array_filter([
            $this->withoutEdge(),
            $this->fewer(fn(int $fewer): ?BagSpec => $this->lower($fewer), fn(int $fewer, BagPlan $less): string => $fewer === 1 ? 'Work one body round fewer' : "Work {$fewer} body rounds fewer"),
            // A base that is begun cannot be made smaller.
            $begun ? null : $this->fewer(fn(int $fewer): ?BagSpec => $this->shorter($fewer), fn(int $fewer, BagPlan $less): string => "Start with {$less->base->chain} chains, not {$this->plan->base->chain}"),
            ...($begun ? [] : $this->taller()),
            $begun ? null : $this->fewer(fn(int $fewer): ?BagSpec => $this->narrower($fewer), fn(int $fewer, BagPlan $less): string => $fewer === 1 ? 'Leave the last base round out' : "Leave the last {$fewer} base rounds out"),
        ]));
        usort($mends, fn(Mend $a, Mend $b): int => $a->lost <=> $b->lost);
        $second = $this->second();

        return $second === null ? $mends : [...$mends, $second];
    }

    /**
     * The least that makes it enough.
     *
     * @param \Closure(int): ?BagSpec $change null where no more can be taken away
     * @param \Closure(int, BagPlan): string $do
     */
    private function fewer(\Closure $change, \Closure $do): ?Mend
    {
        for ($fewer = 1; ; $fewer++) {
            $spec = $change($fewer);
            if ($spec === null) {
                return null;
            }
            try {
                $less = Planner::plan($spec);
            } catch (Refused) {
                return null;
            }
            $estimate = MaterialEstimate::of($less);
            if ($estimate->isSure() === true) {
                return $this->mend($do($fewer, $less), $less, $estimate);
            }
        }
    }

    /**
     * Taller stitches cover the same height with less: the body in one of them, nearly as high.
     *
     * @return list<Mend>
     */
    private function taller(): array
    {
        $body = $this->plan->body;
        $mends = [];
        foreach ([Stitch::HalfDouble, Stitch::Double] as $stitch) {
            if ($stitch->relativeHeight() <= $body->stitch->relativeHeight()) {
                continue;
            }
            $rounds = max(1, (int) round($body->height()->mm / $this->plan->gauge->heightOf($stitch)->mm));
            try {
                $less = Planner::plan($this->change(body: new BodySpec($stitch, $body->loop, $rounds)));
            } catch (Refused) {
                continue;
            }
            $estimate = MaterialEstimate::of($less);
            if ($estimate->isSure() === true) {
                $mends[] = $this->mend("Work the body in {$stitch->fullName($this->terms)}, {$rounds} rounds of it", $less, $estimate);
            }
        }

        return $mends;
    }

    private function withoutEdge(): ?Mend
    {
        $slots = $this->plan->slots;
        if ($slots === null || $slots->edgeRounds === 0) {
            return null;
        }
        try {
            $less = Planner::plan($this->change(slots: new SlotSpec($slots->skip, $slots->chain, 0)));
        } catch (Refused) {
            return null;
        }
        $estimate = MaterialEstimate::of($less);

        return $estimate->isSure() === true ? $this->mend('Leave the edge out', $less, $estimate) : null;
    }

    private function lower(int $fewer): ?BagSpec
    {
        $body = $this->plan->body;

        return $body->rounds - $fewer < 1 ? null : $this->change(body: new BodySpec($body->stitch, $body->loop, $body->rounds - $fewer));
    }

    private function shorter(int $fewer): ?BagSpec
    {
        $base = $this->plan->base;

        return $base->chain - $fewer < Oval::FEWEST_CHAINS ? null : $this->change(base: new BaseSpec($this->plan->spec->base->ends, $base->chain - $fewer, count($base->rounds)));
    }

    private function narrower(int $fewer): ?BagSpec
    {
        $base = $this->plan->base;

        return count($base->rounds) - $fewer < 1 ? null : $this->change(base: new BaseSpec($this->plan->spec->base->ends, $base->chain, count($base->rounds) - $fewer));
    }

    /** From where it may run out at the earliest, another material. */
    private function second(): ?Mend
    {
        $runsOut = $this->estimate->runsOut;
        $onHand = $this->plan->spec->material->onHand;
        if ($runsOut === null || $onHand === null) {
            return null;
        }
        $wanting = Mass::grams(max(1.0, $this->estimate->grams->at(0.95) - $onHand->grams));

        return new Mend("From {$runsOut->earliest} on, work bands or the rest in a second material", "about {$wanting->print()} of it; join away from slots and from the last two rounds", 1.0, null);
    }

    private function mend(string $do, BagPlan $less, MaterialEstimate $estimate): Mend
    {
        [$before, $after] = [$this->plan->comesOut, $less->comesOut];
        $costs = [];
        foreach (['lower' => [$before->height, $after->height], 'shorter' => [$before->baseLength, $after->baseLength], 'narrower' => [$before->baseWidth, $after->baseWidth]] as $way => [$was, $is]) {
            if ($was->mm - $is->mm > 0.5) {
                $costs[] = "{$was->print($this->unit)} becomes {$is->print($this->unit)} ({$way})";
            }
        }
        $saved = Decimal::print(max(0.0, $this->estimate->grams->likely - $estimate->grams->likely));

        return new Mend($do, ($costs === [] ? '' : implode(', ', $costs).'; ')."saves {$saved} g", max(0.0, 1 - $after->litres / max(1e-9, $before->litres)), $estimate->enough);
    }

    private function change(?BaseSpec $base = null, ?BodySpec $body = null, ?SlotSpec $slots = null): BagSpec
    {
        $spec = $this->plan->spec;
        $settled = new BaseSpec($spec->base->ends, $this->plan->base->chain, count($this->plan->base->rounds));
        $walls = new BodySpec($this->plan->body->stitch, $this->plan->body->loop, $this->plan->body->rounds);
        // Where the base changes, the slots are centred anew.
        $kept = $this->plan->slots === null ? null : ($base === null ? new SlotSpec($this->plan->slots->skip, $this->plan->slots->chain, $this->plan->slots->edgeRounds) : $spec->slots);

        return new BagSpec($spec->name, $spec->wish, $spec->material, $spec->hook, $spec->swatch, $spec->working, $base ?? $settled, $body ?? $walls, $slots ?? $kept, $spec->predicted, $spec->weighIns, $spec->unit);
    }
}
