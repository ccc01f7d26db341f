<?php

declare(strict_types=1);

namespace Fescue\Core\Tally;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Base\Oval;
use Fescue\Core\Body\Band;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Stitch\Motif;
use Fescue\Core\Stitch\Terms;

/** What a plan's maker should watch out for. */
final class Notes
{
    /** Stitches too many or too few in a round before a base shows it. From memory. */
    private const SHOWS = 1.5;

    /** A hand with a coat's cuff, mm. From memory. */
    private const HAND = 85.0;

    /** Share by which a stitch of one band may be wider than another's before the wall shows it. From memory. */
    private const FLARES = 0.06;

    /** A weighed stitch over its loops beyond which one of the two was taken wrongly: four deviations. From memory. */
    private const ODD_WEIGHT = 1.8;

    /** The one note that is there for every wished bag. */
    public const AGAINST_WISH = 'against-wish';

    /** @var list<Note> */
    private array $notes = [];

    /** @param list<string> $swatches */
    private function __construct(
        private readonly BagPlan $plan,
        private readonly MaterialEstimate $estimate,
        private readonly LengthUnit $unit,
        private readonly Terms $terms,
        private readonly array $swatches,
    ) {}

    /**
     * @param list<string> $swatches names of those a gauge was learned from, where they have some
     *
     * @return list<Note> trouble first
     */
    public static function on(BagPlan $plan, MaterialEstimate $estimate, LengthUnit $unit = LengthUnit::Centimetre, Terms $terms = Terms::US, array $swatches = []): array
    {
        $notes = new self($plan, $estimate, $unit, $terms, $swatches);
        $notes->enough();
        $notes->flatness();
        $notes->size();
        $notes->slots();
        $notes->mesh();
        $notes->flares();
        $notes->changes();
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
        foreach ($this->estimate->odd as $odd) {
            $this->add('weigh-in-odd', Tone::Trouble, "By {$odd->row} ".Decimal::print($odd->used).' g had gone where about '.Decimal::print(max(0.0, $odd->expected)).' would have.', 'A digit misread, a ball left out, or some of it used elsewhere? Weigh again. What went before it is not counted on: from there it begins anew.', $odd->row);
        }
        $onHand = $this->plan->spec->material->onHand;
        $chance = $this->estimate->enough;
        if ($onHand === null || $chance === null) {
            $this->add('on-hand-unknown', Tone::Better, 'How much is on hand?', 'Weigh the ball and Fescue says whether it is enough.');

            return;
        }
        if ($this->estimate->isSure() === true) {
            return;
        }
        $noun = $this->plan->spec->material->kind->noun();
        $this->add(
            $chance < 0.5 ? 'runs-short' : 'may-run-short',
            Tone::Trouble,
            $chance < 0.5 ? "The {$noun} will probably run out." : "The {$noun} may run out.",
            "{$onHand->print()} on hand is enough in ".MaterialEstimate::hundred($chance)." of 100 such bags; another {$this->estimate->short()->print()} makes it 90.",
        );
    }

    /** The last round, where it is off; and of those before it the worst, where rounds after it even it out. */
    private function flatness(): void
    {
        $rounds = $this->plan->base->flatness;
        $off = array_filter(array_map(fn(Flatness $one): float => abs($one->excess), $rounds), fn(float $excess): bool => $excess >= self::SHOWS);
        $last = count($rounds) - 1;
        if (isset($off[$last])) {
            $wavy = $rounds[$last]->excess > 0;
            $this->lies($last, $wavy ? 'wavy' : 'cups', Tone::Trouble, $wavy ? 'The wall above pulls it straight; stiff material may ripple.' : 'The edge starts to rise before the wall does.');
        }
        // What is off from a round on to the last is said of the last.
        for ($evened = $last; isset($off[$evened]); $evened--) {
            unset($off[$evened]);
        }
        if ($off !== []) {
            $worst = (int) array_search(max($off), $off, true);
            $this->lies($worst, 'evens-out', Tone::Better, 'The rounds after it even it out.');
        }
    }

    /** @param int $place of the round among those after the first */
    private function lies(int $place, string $code, Tone $tone, string $after): void
    {
        $round = $this->plan->base->flatness[$place];
        $row = $this->plan->base->rows[$place + 1]->name;
        $stitches = Decimal::print(abs($round->excess), 1).' stitches '.($round->excess > 0 ? 'more' : 'fewer');
        $this->add($code, $tone, "At {$row} there are {$stitches} than lie flat.", "It adds {$round->added} where ".Decimal::print($round->flat, 1)." would. {$after}", $row);
    }

    private function size(): void
    {
        $sides = array_values(array_filter($this->sides(), fn(Side $side): bool => $side->wish !== null));
        if ($sides !== []) {
            $said = array_map($this->against(...), $sides);
            $this->add(self::AGAINST_WISH, Tone::Better, 'Against the wish:', implode(', ', $said).'.');
        }
        foreach (array_reverse($sides) as $side) {
            $this->mend($side);
        }
    }

    /** @return list<Side> */
    private function sides(): array
    {
        $plan = $this->plan;
        [$wish, $out, $gauge] = [$plan->spec->wish, $plan->comesOut, $plan->gauge];

        return [
            new Side('length', 'long', 'shorter', 'longer', $wish->length, $out->baseLength, 'starting chain', $gauge->singleWidth()->mm, $plan->base->chain, Oval::FEWEST_CHAINS),
            new Side('width', 'wide', 'narrower', 'wider', $wish->width, $out->baseWidth, 'base round', 2 * $gauge->singleHeight()->mm, count($plan->base->rounds), 1),
            new Side('height', 'high', 'lower', 'higher', $wish->height, $out->height, 'body round', $gauge->heightOf($this->growing()->motif)->mm, $this->growing()->rounds, 1),
        ];
    }

    /** The band that follows the height, or the first. */
    private function growing(): Band
    {
        foreach ($this->plan->spec->body->bands as $place => $band) {
            if ($band->rounds === null) {
                return $this->plan->body->bands[$place];
            }
        }

        return $this->plan->body->bands[0];
    }

    /** What rounding to whole stitches and rounds does to a side, however little. */
    private function against(Side $side): string
    {
        $miss = $side->miss() ?? 0.0;
        $by = $this->say(Length::mm(abs($miss)));

        return $by === $this->say(Length::mm(0)) ? "as {$side->as}" : $by.' '.($miss < 0 ? $side->less : $side->more);
    }

    /** Where whole counts come nearer to the wish than the ones given: how many. */
    private function mend(Side $side): void
    {
        $steps = $side->mend();
        if ($steps === 0) {
            return;
        }
        $count = abs($steps);
        $this->add(
            "misses-{$side->name}",
            Tone::Better,
            "{$this->against($side)} than wished.",
            "{$count} ".($steps > 0 ? 'more' : 'fewer')." {$side->unit}".($count === 1 ? ' reaches ' : 's reach ')
                .$this->say(Length::mm($side->comesOut->mm + $steps * $side->step)).'.',
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
        $opening = $this->plan->gauge->singleWidth()->times($slots->skip);
        $widest = $slots->mostToSkip();
        if ($opening->mm < self::HAND) {
            $wanted = (int) ceil(self::HAND / $this->plan->gauge->singleWidth()->mm);
            $chains = $wanted - $widest;
            $mend = $chains <= 0
                ? "skip {$wanted}".($slots->chain < $wanted ? ' and chain as many or more.' : '.')
                : "this side has room for {$widest} at most. ".($chains === 1 ? 'One chain' : "{$chains} chains").' more at the start make room, or leave the handles out.';
            $this->add('slot-narrow', Tone::Trouble, "The hand hole is {$this->say($opening)} wide.", 'A hand wants about '.$this->say(Length::mm(self::HAND))."; {$mend}", $row);
        }
        $off = abs($slots->offCentre());
        if ($off > 0.25) {
            $fit = array_filter([$slots->skip - 1, $slots->skip + 1], fn(int $skip): bool => $skip >= 1 && $skip <= min($widest, $slots->chain));
            $this->add('slot-off-centre', Tone::Better, 'The slots stand half a stitch off centre.', $fit === [] ? 'One chain more at the start puts their middle on a stitch.' : 'Skipping '.implode(' or ', $fit).' puts them on it.', $row);
        }
        $this->add('compare-slots', Tone::Better, 'Before the slots, lay the bag flat.', 'The start of rounds leans as the work grows. Mark both slots; if front and back do not meet, move all four marks together by half the gap.', $row);
    }

    private function mesh(): void
    {
        $bands = $this->plan->body->bands;
        $open = array_filter($bands, fn(Band $band): bool => $band->motif->chains() > 0);
        if ($open === []) {
            return;
        }
        $this->add('mesh-open', Tone::Better, 'A mesh gives, and lets small things through.', 'Line the bag or keep large things in it; it hangs longer than it lies.');
        if (isset($open[count($bands) - 1]) && $this->plan->slots !== null) {
            $row = $this->plan->pattern->rows[count($this->plan->base->rounds) + $this->plan->body->rounds]->name;
            $this->add('mesh-top', Tone::Better, "{$row} stands on a mesh.", 'Work its stitches around the chains of the round below; they hold better than in single loops.', $row);
        }
    }

    private function flares(): void
    {
        $gauge = $this->plan->gauge;
        $place = count($this->plan->base->rounds);
        foreach ($this->plan->body->bands as $band) {
            $row = $this->plan->pattern->rows[$place]->name;
            $place += $band->rounds;
            $wider = $gauge->widthOf($band->motif)->mm / $gauge->singleWidth()->mm - 1;
            if (abs($wider) > self::FLARES) {
                $percent = (int) round(100 * abs($wider));
                $this->add('band-width', Tone::Better, "From {$row} the {$band->motif->abbreviation($this->terms)} is {$percent} % ".($wider > 0 ? 'wider' : 'narrower').'.', 'The wall '.($wider > 0 ? 'flares there; a smaller hook for that band holds it straight.' : 'draws in there; a larger hook for that band lets it out.'), $row);
            }
        }
    }

    /** What to heed where another material begins. */
    private function changes(): void
    {
        $spec = $this->plan->spec;
        $late = array_slice($this->plan->pattern->names(), -2);
        foreach ($spec->changes as $place => $change) {
            if ($place === 0) {
                $this->add('change', Tone::Better, "{$change->from} begins another material.", 'Lay it in at the last draw-through of the stitch before, and work over both tails; so at every change.', $change->from);
            }
            if (in_array($change->from, $late, true)) {
                $this->add('change-late', Tone::Trouble, 'A join so near the edge shows, and bears the load.', 'Begin the other material a round or two lower.', $change->from);
            }
        }
        foreach ($this->estimate->others as $place => $takes) {
            $material = $spec->others[$place];
            $row = $takes->from[0] ?? null;
            if ($takes->enough !== null && $takes->enough < MaterialEstimate::SURE) {
                $hundred = MaterialEstimate::hundred($takes->enough);
                $where = $takes->runsOut === null ? '' : " It runs out near {$takes->runsOut->row}.";
                $this->add('other-short', Tone::Trouble, 'Another material may run out.', "{$material->onHand?->print()} of it on hand is enough in {$hundred} of 100 such bags.{$where}", $row);
            }
            if (! $spec->material->isLike($material)) {
                $this->add('other-thickness', Tone::Trouble, 'Another material is '.($spec->material->thicker($material) > 0 ? 'thicker' : 'thinner').' than the bag’s own.', 'The gauge is the bag’s own: work a swatch of the other with the same hook before you trust the counts.', $row);
            }
        }
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
        $gauge = $this->plan->gauge;
        foreach ($this->plan->spec->doubts as $place => $doubt) {
            $name = isset($this->swatches[$place]) ? "“{$this->swatches[$place]}”" : 'Swatch '.($place + 1);
            $this->add('swatch-disagrees', Tone::Better, "{$name} disagrees with the others this is learned from.", $doubt);
        }
        $loops = $gauge->motif->loopLength($gauge->width, $gauge->singleHeight());
        $times = $gauge->strand($this->plan->spec->material->density)->mm / $loops->mm;
        if ($times > self::ODD_WEIGHT || $times < 1 / self::ODD_WEIGHT) {
            $this->add('swatch-weight-odd', Tone::Trouble, 'The swatch weighs '.Decimal::print($times, 1).' times what its loops would take.', 'Weighed with something else, counted over a part of it, or is the material’s own weight a metre wrong? Weigh both again before you trust how much it takes.');
        }
        $worked = [Motif::Single, ...array_map(fn(Band $band): Motif => $band->motif, $this->plan->body->bands)];
        $unmeasured = array_filter($worked, fn(Motif $motif): bool => $gauge->measured($motif) === null);
        if (array_filter($unmeasured, fn(Motif $motif): bool => $gauge->proportion($motif) === null) !== []) {
            $names = implode(' and ', array_map(fn(Gauge $one): string => $one->motif->abbreviation($this->terms), [$gauge, ...$gauge->others]));
            $this->add('height-derived', Tone::Better, "The swatch was {$names} alone.", 'Heights of the other stitches are taken from it by common proportions; measure the first rounds with the tape.');
        }
        foreach (Motif::cases() as $motif) {
            $height = $gauge->proportion($motif)?->height;
            if ($height !== null && in_array($motif, $unmeasured, true)) {
                $this->add("height-learned-{$motif->value}", Tone::Better, "Rows of {$motif->abbreviation($this->terms)} are expected, not measured.", 'As far as your swatches say, '.Decimal::print($height->likely, 2)." times as high as of {$gauge->motif->abbreviation($this->terms)}, ".Decimal::print(100 * $height->relative).' % either way; measure the first rounds with the tape.');
            }
        }
    }

    private function hook(): void
    {
        $spec = $this->plan->spec;
        $range = HookRange::of($spec->material->kind);
        $times = $spec->hook->diameter->mm / $spec->material->diameter->mm;
        if ($times < $range->least || $times > $range->most) {
            $this->add('hook-unusual', Tone::Better, "{$spec->hook->withArticle()} hook is unusual for this {$spec->material->kind->noun()}.", "A firm fabric starts near {$spec->material->firmHook()->print()}: {$range->reason}");
        }
        if ($times < $range->least) {
            $this->add('tight-hands', Tone::Care, 'Tight, bulky work strains the hands.', 'Take a larger hook and breaks; stop when it hurts, and see a professional if it goes on.');
        }
    }

    private function care(): void
    {
        if ($this->plan->slots !== null) {
            $this->add('hang-test', Tone::Care, 'A home-made handle is untested.', 'Hang the full bag from a hook for an hour first; never lift a person or anything over people with it.');
        }
    }

    private function say(Length $length): string
    {
        return $length->print($this->unit);
    }
}
