<?php

declare(strict_types=1);

namespace Fescue\Core\Tally;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;

/** What a plan's maker should watch out for. */
final class Notes
{
    /** Stitches too many or too few in a round before a base shows it. From memory. */
    private const SHOWS = 1.5;

    private const SURE = 0.9;

    /** A hand with a coat's cuff, mm. From memory. */
    private const HAND = 85.0;

    /** The one note that is there for every wished bag. */
    public const AGAINST_WISH = 'against-wish';

    /** @var list<Note> */
    private array $notes = [];

    private function __construct(
        private readonly BagPlan $plan,
        private readonly MaterialEstimate $estimate,
        private readonly LengthUnit $unit,
        private readonly Terms $terms,
    ) {}

    /** @return list<Note> trouble first */
    public static function on(BagPlan $plan, MaterialEstimate $estimate, LengthUnit $unit = LengthUnit::Centimetre, Terms $terms = Terms::US): array
    {
        $notes = new self($plan, $estimate, $unit, $terms);
        $notes->enough();
        $notes->flatness();
        $notes->size();
        $notes->slots();
        $notes->gauge();
        $notes->hook();
        $notes->care();
        $ordered = [];
        foreach (Tone::cases() as $tone) {
            array_push($ordered, ...array_filter($notes->notes, fn(Note $note): bool => $note->tone === $tone));
        }

        return $ordered;
    }

    private function add(string $code, Tone $tone, string $lead, string $rest, ?string $row = null): void
    {
        $this->notes[] = new Note($code, $tone, $row, $lead, $rest);
    }

    private function enough(): void
    {
        $onHand = $this->plan->spec->material->onHand;
        $chance = $this->estimate->enough;
        if ($onHand === null || $chance === null) {
            $this->add('on-hand-unknown', Tone::Better, 'How much is on hand?', 'Weigh the ball and Fescue says whether it is enough.');

            return;
        }
        if ($chance >= self::SURE) {
            return;
        }
        $short = $this->estimate->grams->high() - $onHand->grams;
        $more = Mass::grams(max(0.0, $short))->print();
        $this->add(
            $chance < 0.5 ? 'runs-short' : 'may-run-short',
            Tone::Trouble,
            $chance < 0.5 ? 'The cord will probably run out.' : 'The cord may run out.',
            "{$onHand->print()} on hand is enough in {$this->inHundred($chance)} of 100 such bags; another {$more} makes it 90.",
        );
    }

    private function flatness(): void
    {
        $rounds = $this->plan->base->flatness;
        $worst = null;
        foreach ($rounds as $index => $flatness) {
            if (abs($flatness->excess) >= self::SHOWS && ($worst === null || abs($flatness->excess) > abs($rounds[$worst]->excess) + 1e-9)) {
                $worst = $index;
            }
        }
        if ($worst === null) {
            return;
        }
        $flatness = $rounds[$worst];
        $row = 'Round '.($worst + 2);
        $flat = Decimal::print($flatness->flat);
        $isLast = $worst === count($rounds) - 1;
        $after = $isLast ? 'The wall above pulls it straight; stiff material may ripple.' : 'The rounds after it even it out.';
        $tone = $isLast ? Tone::Trouble : Tone::Better;
        $flatness->excess > 0
            ? $this->add('wavy', $tone, "{$row} adds {$flatness->added} where {$flat} lie flat.", $after, $row)
            : $this->add('cups', $tone, "{$row} adds {$flatness->added} where {$flat} lie flat.", $isLast ? 'The edge starts to rise one round early.' : 'It cups a little; the rounds after it even it out.', $row);
    }

    private function size(): void
    {
        $plan = $this->plan;
        $wish = $plan->spec->wish;
        $round = $plan->gauge->heightOf($plan->body->stitch);
        $this->againstWish($plan->comesOut->lengthMiss($wish), $plan->comesOut->widthMiss($wish), $plan->comesOut->heightMiss($wish));
        $this->miss($plan->comesOut->heightMiss($wish), $round->mm, 'lower', 'higher', 'height', 'body round', $plan->comesOut->height);
        $this->miss($plan->comesOut->widthMiss($wish), 2 * $plan->gauge->singleHeight()->mm, 'narrower', 'wider', 'width', 'base round', $plan->comesOut->baseWidth);
        $this->miss($plan->comesOut->lengthMiss($wish), $plan->gauge->width->mm, 'shorter', 'longer', 'length', 'starting chain', $plan->comesOut->baseLength);
    }

    /** What rounding to whole stitches and rounds does to each wished side, however little. */
    private function againstWish(?float $length, ?float $width, ?float $height): void
    {
        $said = [];
        foreach ([[$length, 'shorter', 'longer'], [$width, 'narrower', 'wider'], [$height, 'lower', 'higher']] as [$miss, $less, $more]) {
            if ($miss !== null) {
                $by = $this->say(Length::mm(abs($miss)));
                $said[] = Length::mm(0)->print($this->unit) === $by ? 'as '.['shorter' => 'long', 'narrower' => 'wide', 'lower' => 'high'][$less] : $by.' '.($miss < 0 ? $less : $more);
            }
        }
        if ($said !== []) {
            $this->add(self::AGAINST_WISH, Tone::Better, 'Against the wish:', implode(', ', $said).'.');
        }
    }

    private function miss(?float $miss, float $step, string $less, string $more, string $dimension, string $unit, Length $comesOut): void
    {
        if ($miss === null || abs($miss) <= $step / 2 + 1e-6) {
            return;
        }
        $steps = (int) round(-$miss / $step);
        if ($steps === 0) {
            return;
        }
        $reach = Length::mm(max(0.0, $comesOut->mm + $steps * $step));
        $count = abs($steps);
        $verb = $count === 1 ? 'reaches' : 'reach';
        $this->add(
            "misses-{$dimension}",
            Tone::Better,
            $this->say(Length::mm(abs($miss))).' '.($miss < 0 ? $less : $more).' than wished.',
            "{$count} ".($steps > 0 ? 'more' : 'fewer')." {$unit}".($count === 1 ? '' : 's')." {$verb} {$this->say($reach)}.",
        );
    }

    private function slots(): void
    {
        $slots = $this->plan->slots;
        if ($slots === null) {
            return;
        }
        $row = null;
        foreach ($this->plan->pattern->rows as $candidate) {
            $row = $candidate->part === Part::Handles ? $candidate->name : $row;
        }
        $opening = Length::mm($slots->skip * $this->plan->gauge->width->mm);
        if ($opening->mm < self::HAND) {
            $this->add('slot-narrow', Tone::Trouble, "The hand hole is {$this->say($opening)} wide.", 'A hand wants about '.$this->say(Length::mm(self::HAND)).'; skip more stitches.', $row);
        }
        $off = abs($slots->offCentre());
        if ($off > 0.25) {
            $this->add('slot-off-centre', Tone::Better, 'The slots stand half a stitch off centre.', 'One stitch more or fewer under each puts them on it.', $row);
        }
        $this->add('compare-slots', Tone::Better, 'Before the slots, lay the bag flat.', 'The start of rounds leans as the work grows. Mark both slots; if front and back do not meet, move all four marks together by half the gap.', $row);
    }

    private function gauge(): void
    {
        $swatch = $this->plan->spec->swatch;
        if ($this->estimate->origin === Origin::Guessed) {
            $this->add('material-guessed', Tone::Better, 'How much it takes is a guess.', 'It comes from the stitch’s loops alone, 15 % either way. Weigh the swatch to know better.');
        }
        if ($swatch->stitches < Swatch::FEWEST_TO_TRUST || $swatch->rows < Swatch::FEWEST_TO_TRUST) {
            $this->add('swatch-small', Tone::Better, 'The swatch is small.', 'Half a stitch misread over so few moves the whole bag; measure over '.Swatch::FEWEST_TO_TRUST.' stitches and rows or more.');
        }
        if ($swatch->stitch !== $this->plan->body->stitch || $swatch->stitch !== Stitch::Single) {
            $this->add('height-derived', Tone::Better, "The swatch was {$swatch->stitch->abbreviation($this->terms)} alone.", 'Heights of the other stitches are taken from it by common proportions; measure the first rounds with the tape.');
        }
    }

    private function hook(): void
    {
        $spec = $this->plan->spec;
        $ratio = $spec->hook->diameter->mm / $spec->material->diameter->mm;
        if ($ratio < 1.4 || $ratio > 3) {
            $this->add('hook-unusual', Tone::Better, "A {$spec->hook->exact()} hook is unusual for this cord.", "A firm fabric starts near {$spec->material->firmHook()->print()}, twice the cord.");
        }
        if ($ratio < 1.4) {
            $this->add('tight-hands', Tone::Care, 'Tight, bulky work strains the hands.', 'Take a larger hook and breaks; stop when it hurts, and see a professional if it goes on.');
        }
    }

    private function care(): void
    {
        if ($this->plan->slots !== null) {
            $this->add('hang-test', Tone::Care, 'A home-made handle is untested.', 'Hang the full bag from a hook for an hour first; never lift a person or anything over people with it.');
        }
    }

    private function inHundred(float $chance): string
    {
        return (string) max(1, min(99, (int) round(100 * $chance)));
    }

    private function say(Length $length): string
    {
        return $length->print($this->unit);
    }
}
