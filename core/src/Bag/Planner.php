<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Base\Oval;
use Fescue\Core\Body\Band;
use Fescue\Core\Body\Body;
use Fescue\Core\Document\Refused;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Pattern;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Stitch\Terms;

/**
 * Joins the parts: solves what the spec leaves open from its size and gauge, or takes what it gives.
 * Counts that are solved come within one stitch and one round of the wish.
 */
final readonly class Planner
{
    public const MOST_STITCHES = 100_000;

    /** A hand and a half: how wide a hand hole is where nothing is said. From memory. */
    private const SLOT_WIDTH_MM = 120.0;

    /** Chains over a slot for each stitch skipped, where nothing is said: ch 16 over 10. Common practice, no source. */
    private const CHAIN_PER_SKIP = 1.6;

    private Gauge $gauge;

    private function __construct(private BagSpec $spec)
    {
        $this->gauge = $spec->gauge();
    }

    /** @throws Refused where no such bag can be made, saying which figure to change */
    public static function plan(BagSpec $spec): BagPlan
    {
        return (new self($spec))->solve();
    }

    private function solve(): BagPlan
    {
        $spec = $this->spec;
        $rounds = $spec->base->rounds ?? $this->baseRounds();
        $chain = $spec->base->chain ?? $this->chain($rounds);
        $base = new Oval($chain, $rounds, $spec->base->ends, $this->gauge, $spec->working);
        $around = $base->last()->stitches();
        $slots = $spec->slots === null ? null : $this->slots($spec->slots, $base);
        $body = new Body($this->bands($slots, $around), $this->gauge, $spec->working);
        $stitches = $around * ($rounds + $body->rounds + 1 + ($slots->edgeRounds ?? 0));
        if ($stitches > self::MOST_STITCHES) {
            throw Refused::at($spec->base->chain === null ? '/size/length' : '/base/chain', "This bag needs about {$stitches} stitches; Fescue plans up to ".self::MOST_STITCHES.'. Check the size and the gauge.');
        }
        $bodyRows = $body->rows($around, $rounds + 1);
        $pattern = new Pattern($chain, [
            ...$base->rows,
            ...$bodyRows,
            ...($slots === null ? [] : $slots->rows($rounds + count($bodyRows) + 1)),
        ]);

        $materials = $this->materials($pattern);
        $this->weighIns($pattern, $materials);

        return new BagPlan($spec, $this->gauge, $base, $body, $slots, $pattern, $this->comesOut($base, $body, $slots), $materials);
    }

    /** @return list<int> which material each row is worked in */
    private function materials(Pattern $pattern): array
    {
        $names = $pattern->names();
        $which = array_fill(0, count($names), 0);
        $last = $now = 0;
        foreach ($this->spec->changes as $place => $change) {
            $row = $pattern->place($change->from);
            if ($row === null || $row === 0) {
                throw Refused::at("/changes/{$place}/from", "Another material begins in a row from {$names[min(1, count($names) - 1)]} to {$names[count($names) - 1]}; this bag has no “{$change->from}” there.");
            }
            if ($row <= $last) {
                throw Refused::at("/changes/{$place}/from", "{$change->from} does not come after the change before; changes stand in the order of their rounds, one a round.");
            }
            if ($change->to === $now) {
                throw Refused::at("/changes/{$place}/to", "{$change->from} is worked in that material already; choose another, or take the change out.");
            }
            [$last, $now] = [$row, $change->to];
            $which = [...array_slice($which, 0, $row), ...array_fill(0, count($names) - $row, $now)];
        }

        return $which;
    }

    /**
     * Weigh-ins stand after rows that are there, in their order, with less and less left of the material of that row.
     *
     * @param list<int> $materials
     */
    private function weighIns(Pattern $pattern, array $materials): void
    {
        $names = $pattern->names();
        $before = [];
        $last = -1;
        foreach ($this->spec->weighIns as $place => $weighIn) {
            $row = $pattern->place($weighIn->after);
            if ($row === null) {
                throw Refused::at("/weigh_ins/{$place}/after", "This bag has no “{$weighIn->after}”; its rows run from {$names[0]} to {$names[count($names) - 1]}.");
            }
            if ($row <= $last) {
                throw Refused::at("/weigh_ins/{$place}/after", 'Weigh-ins stand in the order of their rows, one a row.');
            }
            $which = $materials[$row];
            $there = $before[$which] ?? $this->spec->material($which)->onHand;
            if ($there !== null && $weighIn->left->grams > $there->grams) {
                throw Refused::at("/weigh_ins/{$place}/left", isset($before[$which])
                    ? "{$weighIn->left->print()} is more than the {$there->print()} left at the weigh-in before. Weigh again."
                    : "{$weighIn->left->print()} left of {$there->print()} that were on hand? Weigh again, or correct what was on hand.");
            }
            $before[$which] = $weighIn->left;
            $last = $row;
        }
    }

    private function baseRounds(): int
    {
        $width = $this->spec->wish->width
            ?? throw Refused::at('/size/width', 'Give a width, or the number of base rounds.');
        $round = $this->gauge->singleHeight()->times(2);
        $rounds = (int) round($width->mm / $round->mm);
        if ($rounds < 1) {
            throw Refused::at('/size/width', "One round alone makes the base {$this->say($round)} wide; ask for at least that, or use thinner material.");
        }
        if ($rounds > BagDocument::MOST_BASE_ROUNDS) {
            throw Refused::at('/size/width', "That needs {$rounds} base rounds; Fescue plans up to ".BagDocument::MOST_BASE_ROUNDS.'. Check the width and the gauge.');
        }

        return $rounds;
    }

    private function chain(int $rounds): int
    {
        $length = $this->spec->wish->length
            ?? throw Refused::at('/size/length', 'Give a length, or the number of chains to start.');
        $ends = $this->gauge->singleHeight()->times(2 * $rounds);
        $chain = 1 + (int) round(($length->mm - $ends->mm) / $this->gauge->singleWidth()->mm);
        if ($chain < Oval::FEWEST_CHAINS) {
            $least = $ends->plus($this->gauge->singleWidth()->times(Oval::FEWEST_CHAINS - 1));
            throw Refused::at('/size/length', "{$rounds} base rounds make the ends {$this->say($ends)} long by themselves, so an oval is at least {$this->say($least)} long. Ask for more length or less width.");
        }
        if ($chain > BagDocument::MOST_CHAIN) {
            throw Refused::at('/size/length', "That needs a chain of {$chain}; Fescue plans up to ".BagDocument::MOST_CHAIN.'. Check the length and the gauge.');
        }

        return $chain;
    }

    /** @return non-empty-list<Band> */
    private function bands(?Slots $slots, int $around): array
    {
        $given = $this->spec->body->bands;
        $solved = array_filter($given, fn(BandSpec $band): bool => $band->rounds === null) === [] ? 0 : $this->openRounds($slots);
        foreach ($given as $place => $band) {
            if ($around % $band->motif->multiple() !== 0) {
                $path = $place === 0 ? '/body/stitch' : '/body/above/'.($place - 1).'/stitch';
                throw Refused::at($path, "{$band->motif->fullName(Terms::US)} repeats over {$band->motif->multiple()} stitches, and a round has {$around}. Add or take away a chain at the start.");
            }
        }

        return array_map(fn(BandSpec $band): Band => new Band($band->motif, $band->loop, $band->rounds ?? $solved), $given);
    }

    /** Rounds of the one band that follows the height, over those that do not. */
    private function openRounds(?Slots $slots): int
    {
        $height = $this->spec->wish->height
            ?? throw Refused::at('/size/height', 'Give a height, or the number of body rounds.');
        $open = $this->spec->body->motif();
        $others = [];
        foreach ($this->spec->body->bands as $band) {
            if ($band->rounds === null) {
                $open = $band->motif;
            } else {
                $others[] = new Band($band->motif, $band->loop, $band->rounds);
            }
        }
        $top = ($slots?->height($this->gauge) ?? Length::mm(0))->plus(Body::heightOf($others, $this->gauge));
        $round = $this->gauge->heightOf($open);
        $rounds = (int) round(($height->mm - $top->mm) / $round->mm);
        if ($rounds < 1) {
            $least = $top->plus($round);
            throw Refused::at('/size/height', "One round of the open band with all else of the body is already {$this->say($least)} high; ask for at least that.");
        }
        if ($rounds > BagDocument::MOST_BODY_ROUNDS) {
            throw Refused::at('/size/height', "That needs {$rounds} body rounds; Fescue plans up to ".BagDocument::MOST_BODY_ROUNDS.'. Check the height and the gauge.');
        }

        return $rounds;
    }

    private function slots(SlotSpec $spec, Oval $base): Slots
    {
        $around = $base->last()->stitches();
        $widest = Slots::widest($around, $base->last()->centreOfSide());
        if ($widest < 1) {
            throw Refused::at('/handles', "A round of {$around} stitches has no room for slots; make the base larger or leave the handles out.");
        }
        $skip = $spec->skip ?? Slots::centred($base->last()->centreOfSide(), self::SLOT_WIDTH_MM / $this->gauge->singleWidth()->mm, min($widest, $spec->chain ?? $widest));
        $half = intdiv($around, 2);
        if ($skip > $widest) {
            throw Refused::at('/handles/skip', "Each side has {$half} stitches and needs ".Slots::SHOULDER." left beyond each end of a centred slot; skip at most {$widest}, not {$skip}.");
        }
        $chain = $spec->chain ?? (int) round($skip * self::CHAIN_PER_SKIP);
        if ($chain < $skip) {
            throw Refused::at('/handles/chain', "A chain of {$chain} over {$skip} skipped stitches would pull the edge in; chain at least {$skip}.");
        }

        return new Slots($around, $base->last()->centreOfSide(), $skip, $chain, $spec->edgeRounds, $this->spec->working);
    }

    private function comesOut(Oval $base, Body $body, ?Slots $slots): ComesOut
    {
        $outline = $base->finished();
        $height = $body->height()->plus($slots?->height($this->gauge) ?? Length::mm(0));

        return new ComesOut(
            Length::mm($outline->length()),
            Length::mm($outline->width()),
            $this->widest($body)->times($base->last()->half()),
            $height,
            $outline->area() * $height->mm / 1e6,
        );
    }

    /** A bag lies as wide as its widest band. */
    private function widest(Body $body): Length
    {
        return Length::mm(max(array_map(fn(Band $band): float => $this->gauge->widthOf($band->motif)->mm, $body->bands)));
    }

    private function say(Length $length): string
    {
        return $length->print(LengthUnit::Centimetre);
    }
}
