<?php

declare(strict_types=1);

namespace Fescue\Core\Report;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookRange;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Stitch\Terms;

/** What a plan's maker should watch out for. */
final class Notes
{
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
    public static function on(
        BagPlan $plan,
        MaterialEstimate $estimate,
        LengthUnit $unit = LengthUnit::Centimetre,
        Terms $terms = Terms::US,
        array $swatches = [],
    ): array {
        $notes = new self($plan, $estimate, $unit, $terms, $swatches);
        $notes->enough();
        $notes->remarks();
        $notes->size();
        $notes->changes();
        $notes->gauge();
        $notes->hook();
        $ordered = [];
        foreach (Tone::cases() as $tone) {
            array_push($ordered, ...array_filter($notes->notes, fn(Note $note): bool => $note->tone === $tone));
        }

        return $ordered;
    }

    private function add(
        string $code,
        Tone $tone,
        string $lead,
        string $rest,
        ?RowId $row = null,
        bool $works = false,
    ): void {
        $this->notes[] = new Note($code, $tone, $row, $lead, $rest, $works);
    }

    private function enough(): void
    {
        foreach ($this->estimate->odd as $odd) {
            $this->add(
                'weigh-in-odd',
                Tone::Trouble,
                "By {$odd->row} "
                    .Decimal::print($odd->used)
                    .' g had gone where about '
                    .Decimal::print(max(0.0, $odd->expected))
                    .' would have.',
                'A digit misread, a ball left out, or some of it used elsewhere? Weigh again. What went before it '
                    .'is not counted on: from there it begins anew.',
                $odd->row,
            );
        }
        $onHand = $this->plan->spec->facts->strands->own->onHand;
        $chance = $this->estimate->enough;
        if ($onHand === null || $chance === null) {
            $this->add(
                'on-hand-unknown',
                Tone::Better,
                'How much is on hand?',
                'Weigh the ball and Fescue says whether it is enough.',
            );

            return;
        }
        if ($this->estimate->isSure() === true) {
            return;
        }
        $noun = $this->plan->spec->facts->strands->own->kind->noun();
        $this->add(
            $chance < 0.5 ? 'runs-short' : 'may-run-short',
            Tone::Trouble,
            $chance < 0.5 ? "The {$noun} will probably run out." : "The {$noun} may run out.",
            "{$onHand->print()} on hand is enough in "
                .MaterialEstimate::hundred($chance)
                ." of 100 such bags; another {$this->estimate->short()->print()} makes it 90.",
        );
    }

    /** What each maker has to say of what it made, and each finish of where it is thought of. */
    private function remarks(): void
    {
        $said = [];
        $all = [];
        foreach ($this->plan->parts as $part) {
            foreach ($part->made->remarks as $one) {
                $all[] = [$one, $part->from];
            }
        }
        foreach ($this->plan->fitted as $fitted) {
            foreach ($fitted->remarks as $one) {
                $all[] = [$one, 0];
            }
        }
        foreach ($all as [$one, $from]) {
            // A caution is told once, whatever calls for it.
            $what = "{$one->code} {$one->lead}";
            if ($one->row === null && isset($said[$what])) {
                continue;
            }
            $said[$what] = true;
            $row = $one->row === null ? null : $this->plan->work->rows[$from + $one->row]->id;
            $words = ['{row}' => (string) $row];
            foreach ($one->of as $name => $what) {
                $words['{'.$name.'}'] = $what instanceof Length
                    ? $this->say($what)
                    : $what->abbreviation($this->terms);
            }
            $this->add($one->code, $one->tone, strtr($one->lead, $words), strtr($one->rest, $words), $row, $one->works);
        }
    }

    private function size(): void
    {
        $sides = array_values(array_filter($this->sides(), fn(Aside $side): bool => $side->wish !== null));
        if ($sides !== []) {
            $said = array_map($this->against(...), $sides);
            $this->add(self::AGAINST_WISH, Tone::Better, 'Against the wish:', implode(', ', $said).'.');
        }
        foreach (array_reverse($sides) as $side) {
            $this->mend($side);
        }
    }

    /**
     * @return list<Aside> each side of the wish with the count that serves it: of several the one left open, or the
     *         first
     */
    private function sides(): array
    {
        $out = $this->plan->comesOut;
        $ground = new Ground($this->plan->gauge, $this->plan->spec->school(), $this->plan->spec->motif());
        $serves = [];
        foreach ($this->plan->parts as $place => $part) {
            $given = array_column(
                array_map(
                    fn(Asked $one): array => [$one->name, $one->written(true)],
                    $this->plan->spec->choices->parts[$place]->maker->settings(),
                ),
                1,
                0,
            );
            foreach ($part->maker->settings($ground) as $one) {
                if (
                    $one instanceof Setting
                    && $one->serves?->step !== null
                    && (! isset($serves[$one->serves->side->value]) || ($given[$one->name] ?? null) === null)
                ) {
                    $serves[$one->serves->side->value] = $one;
                }
            }
        }
        $sides = [];
        foreach ([
            [Side::Length, 'long', 'shorter', 'longer', $out->baseLength],
            [Side::Width, 'wide', 'narrower', 'wider', $out->baseWidth],
            [Side::Height, 'high', 'lower', 'higher', $out->height],
        ] as [$side, $as, $less, $more, $comesOut]) {
            $sides[] = new Aside(
                $side->value,
                $as,
                $less,
                $more,
                $this->plan->spec->choices->wish->of($side),
                $comesOut,
                $serves[$side->value] ?? null,
            );
        }

        return $sides;
    }

    /** What rounding to whole stitches and rounds does to a side, however little. */
    private function against(Aside $side): string
    {
        $miss = $side->miss() ?? 0.0;
        $by = $this->say(Length::mm(abs($miss)));

        return $by === $this->say(Length::mm(0)) ? "as {$side->as}" : $by.' '.($miss < 0 ? $side->less : $side->more);
    }

    /** Where whole counts come nearer to the wish than the ones given: how many. */
    private function mend(Aside $side): void
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
            "{$count} ".($steps > 0 ? 'more' : 'fewer').' '.($count === 1
                ? "{$side->by?->counted->one} reaches "
                : "{$side->by?->counted->several()} reach ")
                .$this->say(Length::mm($side->comesOut->mm + $steps * ($side->by->serves->step->mm ?? 0.0))).'.',
        );
    }

    /** What to heed where another material begins. */
    private function changes(): void
    {
        $spec = $this->plan->spec;
        $late = array_slice($this->plan->work->names(), -2);
        foreach ($spec->choices->changes as $place => $change) {
            if ($place === 0) {
                $this->add(
                    'change',
                    Tone::Better,
                    "{$change->from} begins another material.",
                    'Lay it in at the last draw-through of the stitch before, and work over both tails; so at '
                        .'every change.',
                    $change->from,
                );
            }
            if (in_array((string) $change->from, $late, true)) {
                $this->add(
                    'change-late',
                    Tone::Trouble,
                    'A join so near the edge shows, and bears the load.',
                    'Begin the other material a round or two lower.',
                    $change->from,
                );
            }
        }
        foreach ($this->estimate->others as $place => $takes) {
            $material = $spec->facts->strands->others[$place];
            $row = $takes->from[0] ?? null;
            if ($takes->enough !== null && $takes->enough < MaterialEstimate::SURE) {
                $hundred = MaterialEstimate::hundred($takes->enough);
                $where = $takes->runsOut() === null ? '' : " It runs out near {$takes->runsOut()->row}.";
                $this->add(
                    'other-short',
                    Tone::Trouble,
                    'Another material may run out.',
                    "{$material->onHand?->print()} of it on hand is enough in {$hundred} of 100 such bags.{$where}",
                    $row,
                );
            }
            if (! $spec->facts->strands->own->isLike($material)) {
                $this->add(
                    'other-thickness',
                    Tone::Trouble,
                    'Another material is '
                        .($spec->facts->strands->own->thicker($material) > 0 ? 'thicker' : 'thinner')
                        .' than the bag’s own.',
                    'The gauge is the bag’s own: work a swatch of the other with the same hook before you trust '
                        .'the counts.',
                    $row,
                );
            }
        }
    }

    private function gauge(): void
    {
        $swatch = $this->plan->spec->facts->hands->swatch;
        if ($this->estimate->origin === Origin::Guessed) {
            $this->add(
                'material-guessed',
                Tone::Better,
                'How much it takes is a guess.',
                'It comes from the stitch’s loops alone, 15 % either way. Weigh the swatch to know better.',
            );
        }
        if ($swatch->stitches < Swatch::FEWEST_TO_TRUST || $swatch->rows < Swatch::FEWEST_TO_TRUST) {
            $this->add(
                'swatch-small',
                Tone::Better,
                'The swatch is small.',
                'Half a stitch misread over so few moves the whole bag; measure over '
                    .Swatch::FEWEST_TO_TRUST
                    .' stitches and rows or more.',
            );
        }
        $gauge = $this->plan->gauge;
        foreach ($this->plan->spec->facts->hands->doubts as $place => $doubt) {
            $name = isset($this->swatches[$place]) ? "“{$this->swatches[$place]}”" : 'Swatch '.($place + 1);
            $this->add(
                'swatch-disagrees',
                Tone::Better,
                "{$name} disagrees with the others this is learned from.",
                $doubt,
            );
        }
        $loops = $gauge->loops();
        $times = $gauge->strand($this->plan->spec->facts->strands->own->density)->mm / $loops->mm;
        if ($times > self::ODD_WEIGHT || $times < 1 / self::ODD_WEIGHT) {
            $this->add(
                'swatch-weight-odd',
                Tone::Trouble,
                'The swatch weighs '.Decimal::print($times, 1).' times what its loops would take.',
                'Weighed with something else, counted over a part of it, or is the material’s own weight a metre '
                    .'wrong? Weigh both again before you trust how much it takes.',
            );
        }
        $unmeasured = [];
        foreach ($this->plan->work->rows as $row) {
            if (! isset($unmeasured[$row->fabric->key]) && $gauge->measured($row->fabric) === null) {
                $unmeasured[$row->fabric->key] = $row->fabric;
            }
        }
        if (array_filter($unmeasured, fn(Motif $motif): bool => $gauge->proportion($motif) === null) !== []) {
            $names = implode(
                ' and ',
                array_map(
                    fn(Gauge $one): string => $one->motif->abbreviation($this->terms),
                    [$gauge, ...$gauge->others],
                ),
            );
            $this->add(
                'height-derived',
                Tone::Better,
                "The swatch was {$names} alone.",
                'Heights of the other stitches are taken from it by common proportions; measure the first rounds '
                    .'with the tape.',
            );
        }
        foreach ($unmeasured as $motif) {
            $height = $gauge->proportion($motif)?->height;
            if ($height !== null) {
                $this->add(
                    "height-learned-{$motif->key}",
                    Tone::Better,
                    "Rows of {$motif->abbreviation($this->terms)} are expected, not measured.",
                    'As far as your swatches say, '
                        .Decimal::print($height->likely, 2)
                        ." times as high as of {$gauge->motif->abbreviation($this->terms)}, "
                        .Decimal::print(100 * $height->relative)
                        .' % either way; measure the first rounds with the tape.',
                );
            }
        }
    }

    private function hook(): void
    {
        $spec = $this->plan->spec;
        $range = HookRange::of($spec->facts->strands->own->kind);
        $times = $spec->facts->hands->hook->diameter->mm / $spec->facts->strands->own->diameter->mm;
        if ($times < $range->least || $times > $range->most) {
            $this->add(
                'hook-unusual',
                Tone::Better,
                "{$spec->facts->hands->hook->withArticle()} hook is unusual for this "
                    ."{$spec->facts->strands->own->kind->noun()}.",
                "A firm fabric starts near {$spec->facts->strands->own->firmHook()->print()}: {$range->reason}",
            );
        }
        if ($times < $range->least) {
            $this->add(
                'tight-hands',
                Tone::Care,
                'Tight, bulky work strains the hands.',
                'Take a larger hook and breaks; stop when it hurts, and see a professional if it goes on.',
            );
        }
    }

    private function say(Length $length): string
    {
        return $length->print($this->unit);
    }
}
