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
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Saying\Saying;

/** What a plan's maker should watch out for. */
final class Notes
{
    /** A weighed stitch over its loops beyond which one of the two was taken wrongly: four deviations. From memory. */
    private const ODD_WEIGHT = 1.8;

    /** The one note that is there for every wished bag. */
    public const AGAINST_WISH = 'against-wish';

    /** Millimetres that no page prints. */
    private const NOTHING = 1.5;

    /** @var list<Note> */
    private array $notes = [];

    /** @param list<string> $swatches */
    private function __construct(
        private readonly BagPlan $plan,
        private readonly MaterialEstimate $estimate,
        private readonly array $swatches,
    ) {}

    /**
     * @param list<string> $swatches names of those a gauge was learned from, where they have some
     *
     * @return list<Note> trouble first
     */
    public static function on(BagPlan $plan, MaterialEstimate $estimate, array $swatches = []): array
    {
        $notes = new self($plan, $estimate, $swatches);
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
        Saying $lead,
        Saying $rest,
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
                new Saying('By {row} {used} g had gone where about {expected} would have.', [
                    'row' => $odd->row,
                    'used' => Decimal::print($odd->used),
                    'expected' => Decimal::print(max(0.0, $odd->expected)),
                ]),
                new Saying('A digit misread, a ball left out, or some of it used elsewhere? Weigh again. What went '
                    .'before it is not counted on: from there it begins anew.'),
                $odd->row,
            );
        }
        $onHand = $this->plan->spec->facts->strands->own->onHand;
        $chance = $this->estimate->enough;
        if ($onHand === null || $chance === null) {
            $this->add(
                'on-hand-unknown',
                Tone::Better,
                new Saying('How much is on hand?'),
                new Saying('Weigh the ball and Fescue says whether it is enough.'),
            );

            return;
        }
        if ($this->estimate->isSure() === true) {
            return;
        }
        $noun = ['material' => new Saying($this->plan->spec->facts->strands->own->kind->noun())];
        $this->add(
            $chance < 0.5 ? 'runs-short' : 'may-run-short',
            Tone::Trouble,
            $chance < 0.5
                ? new Saying('The {material} will probably run out.', $noun)
                : new Saying('The {material} may run out.', $noun),
            new Saying('Another {short} makes it enough in 90 of 100.', ['short' => $this->estimate->short()]),
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
            $with = $row === null ? [] : ['row' => $row];
            $this->add($one->code, $one->tone, $one->lead($with), $one->rest($with), $row, $one->works);
        }
    }

    private function size(): void
    {
        $sides = array_values(array_filter($this->sides(), fn(Aside $side): bool => $side->wish !== null));
        if ($sides !== []) {
            $said = array_map(self::against(...), $sides);
            $this->add(self::AGAINST_WISH, Tone::Better, new Saying('Against the wish:'), match (count($said)) {
                1 => new Saying('{one}.', ['one' => $said[0]]),
                2 => new Saying('{one}, {two}.', ['one' => $said[0], 'two' => $said[1]]),
                default => new Saying('{one}, {two}, {three}.', array_combine(['one', 'two', 'three'], $said)),
            });
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
            [Side::Length, $out->baseLength], [Side::Width, $out->baseWidth], [Side::Height, $out->height],
        ] as [$side, $comesOut]) {
            $wish = $this->plan->spec->choices->wish->of($side);
            $sides[] = new Aside($side, $wish, $comesOut, $serves[$side->value] ?? null);
        }

        return $sides;
    }

    /** What rounding to whole stitches and rounds does to a side, however little. */
    private static function against(Aside $side): Saying
    {
        $miss = $side->miss() ?? 0.0;
        $by = ['by' => Length::mm(abs($miss))];

        return match (true) {
            abs($miss) < self::NOTHING => match ($side->side) {
                Side::Length => new Saying('as long'),
                Side::Width => new Saying('as wide'),
                Side::Height => new Saying('as high'),
            },
            $miss < 0 => match ($side->side) {
                Side::Length => new Saying('{by} shorter', $by),
                Side::Width => new Saying('{by} narrower', $by),
                Side::Height => new Saying('{by} lower', $by),
            },
            default => match ($side->side) {
                Side::Length => new Saying('{by} longer', $by),
                Side::Width => new Saying('{by} wider', $by),
                Side::Height => new Saying('{by} higher', $by),
            },
        };
    }

    /** Where whole counts come nearer to the wish than the ones given: how many. */
    private function mend(Aside $side): void
    {
        $steps = $side->mend();
        if ($steps === 0 || $side->by === null) {
            return;
        }
        $count = abs($steps);
        $with = [
            'n' => $count,
            'what' => new Saying($count === 1 ? $side->by->counted->one : $side->by->counted->several()),
            'length' => Length::mm($side->comesOut->mm + $steps * ($side->by->serves->step->mm ?? 0.0)),
        ];
        $this->add(
            "misses-{$side->side->value}",
            Tone::Better,
            new Saying('{miss} than wished.', ['miss' => self::against($side)]),
            $steps > 0
                ? new Saying(
                    '{n, plural, one {# more {what} reaches} other {# more {what} reach}} {length}.',
                    $with,
                )
                : new Saying(
                    '{n, plural, one {# fewer {what} reaches} other {# fewer {what} reach}} {length}.',
                    $with,
                ),
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
                    new Saying('{row} begins another material.', ['row' => $change->from]),
                    new Saying('Lay it in at the last draw-through of the stitch before, and work over both tails; so '
                        .'at every change.'),
                    $change->from,
                );
            }
            if (in_array((string) $change->from, $late, true)) {
                $this->add(
                    'change-late',
                    Tone::Trouble,
                    new Saying('A join so near the edge shows, and bears the load.'),
                    new Saying('Begin the other material a round or two lower.'),
                    $change->from,
                );
            }
        }
        foreach ($this->estimate->others as $place => $takes) {
            $material = $spec->facts->strands->others[$place];
            $row = $takes->from[0] ?? null;
            if ($takes->enough !== null && $takes->enough < MaterialEstimate::SURE) {
                $out = $takes->runsOut()?->row;
                $with = [
                    'have' => $material->onHand ?? Mass::grams(0.0),
                    'n' => MaterialEstimate::hundred($takes->enough),
                ];
                $this->add(
                    'other-short',
                    Tone::Trouble,
                    new Saying('Another material may run out.'),
                    $out === null
                        ? new Saying('{have} of it on hand is enough in {n} of 100 such bags.', $with)
                        : new Saying(
                            '{have} of it on hand is enough in {n} of 100 such bags. It runs out near {row}.',
                            $with + ['row' => $out],
                        ),
                    $row,
                );
            }
            if (! $spec->facts->strands->own->isLike($material)) {
                $this->add(
                    'other-thickness',
                    Tone::Trouble,
                    $spec->facts->strands->own->thicker($material) > 0
                        ? new Saying('Another material is thicker than the bag’s own.')
                        : new Saying('Another material is thinner than the bag’s own.'),
                    new Saying('The gauge is the bag’s own: work a swatch of the other with the same hook before you '
                        .'trust the counts.'),
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
                new Saying('How much it takes is a guess.'),
                new Saying('It comes from the stitch’s loops alone, 15 % either way. Weigh the swatch to know better.'),
            );
        }
        if ($swatch->stitches < Swatch::FEWEST_TO_TRUST || $swatch->rows < Swatch::FEWEST_TO_TRUST) {
            $this->add(
                'swatch-small',
                Tone::Better,
                new Saying('The swatch is small.'),
                new Saying(
                    'Half a stitch misread over so few moves the whole bag; measure over {n} stitches and rows or '
                        .'more.',
                    ['n' => Swatch::FEWEST_TO_TRUST],
                ),
            );
        }
        $gauge = $this->plan->gauge;
        foreach ($this->plan->spec->facts->hands->doubts as $place => $doubt) {
            $name = isset($this->swatches[$place])
                ? new Saying('“{name}”', ['name' => $this->swatches[$place]])
                : new Saying('Swatch {n}', ['n' => $place + 1]);
            $this->add(
                'swatch-disagrees',
                Tone::Better,
                new Saying('{name} disagrees with the others this is learned from.', ['name' => $name]),
                $doubt,
            );
        }
        $loops = $gauge->loops();
        $times = $gauge->strand($this->plan->spec->facts->strands->own->density)->mm / $loops->mm;
        if ($times > self::ODD_WEIGHT || $times < 1 / self::ODD_WEIGHT) {
            $this->add(
                'swatch-weight-odd',
                Tone::Trouble,
                new Saying('The swatch weighs {times} times what its loops would take.', ['times' => $times]),
                new Saying('Weighed with something else, counted over a part of it, or is the material’s own weight a '
                    .'metre wrong? Weigh both again before you trust how much it takes.'),
            );
        }
        $unmeasured = [];
        foreach ($this->plan->work->rows as $row) {
            if (! isset($unmeasured[$row->fabric->key]) && $gauge->measured($row->fabric) === null) {
                $unmeasured[$row->fabric->key] = $row->fabric;
            }
        }
        if (array_filter($unmeasured, fn(Motif $motif): bool => $gauge->proportion($motif) === null) !== []) {
            $motifs = array_map(fn(Gauge $one): Motif => $one->motif, [$gauge, ...$gauge->others]);
            $names = array_shift($motifs);
            foreach ($motifs as $motif) {
                $names = new Saying('{one} and {other}', ['one' => $names, 'other' => $motif]);
            }
            $this->add(
                'height-derived',
                Tone::Better,
                new Saying('The swatch was {fabric} alone.', ['fabric' => $names]),
                new Saying('Heights of the other stitches are taken from it by common proportions; measure the first '
                    .'rounds with the tape.'),
            );
        }
        foreach ($unmeasured as $motif) {
            $height = $gauge->proportion($motif)?->height;
            if ($height !== null) {
                $this->add(
                    "height-learned-{$motif->key}",
                    Tone::Better,
                    new Saying('Rows of {fabric} are expected, not measured.', ['fabric' => $motif]),
                    new Saying(
                        'As far as your swatches say, {times} times as high as of {other}, {percent} % either way; '
                            .'measure the first rounds with the tape.',
                        [
                            'times' => Decimal::print($height->likely, 2),
                            'other' => $gauge->motif,
                            'percent' => (int) round(100 * $height->relative),
                        ],
                    ),
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
                new Saying('A hook of {hook} is unusual for this {material}.', [
                    'hook' => $spec->facts->hands->hook,
                    'material' => new Saying($spec->facts->strands->own->kind->noun()),
                ]),
                new Saying('A firm fabric starts near {hook}: {reason}', [
                    'hook' => $spec->facts->strands->own->firmHook(),
                    'reason' => new Saying($range->reason),
                ]),
            );
        }
        if ($times < $range->least) {
            $this->add(
                'tight-hands',
                Tone::Care,
                new Saying('Tight, bulky work strains the hands.'),
                new Saying('Take a larger hook and breaks; stop when it hurts, and see a professional if it goes on.'),
            );
        }
    }
}
