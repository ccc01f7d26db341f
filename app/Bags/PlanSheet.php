<?php

declare(strict_types=1);

namespace App\Bags;

use App\Books\BagFacts;
use App\Books\Hands;
use App\Books\Question;
use App\Drawing\BaseDrawing;
use App\Drawing\Canvas;
use App\Drawing\ClosedDrawing;
use App\Drawing\FoldDrawing;
use App\Drawing\Ink;
use App\Drawing\PiecesDrawing;
use App\Drawing\SideDrawing;
use App\Models\Bag;
use App\Models\Swatch;
use App\Models\User;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Makers;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\BallEnd;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Estimate\Winding;
use Fescue\Core\Gauge\State;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Seam;
use Fescue\Core\Instruction\Through;
use Fescue\Core\Material\Acquired;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Need;
use Fescue\Core\Material\Washing;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\Note;
use Fescue\Core\Report\Notes;
use Fescue\Core\Sheet\Finishing;
use Fescue\Core\Sheet\Sheet;
use Fescue\Core\Sheet\SheetMaker;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Slip;
use Illuminate\Database\Eloquent\Collection;

/** A planned bag with what its pages say of it, in its maker's unit and terms. */
final readonly class PlanSheet
{
    /** What is said to whoever planned it, of her own swatches and scale. */
    private const HERS = ['weigh-in-odd', 'swatch-disagrees', 'swatch-weight-odd', 'swatch-small', 'on-hand-unknown'];

    private const STATIONS = ['base', 'body', 'build', 'handles'];

    /** @param list<Note> $notes */
    private function __construct(
        public Bag $bag,
        public BagPlan $plan,
        public MaterialEstimate $estimate,
        public array $notes,
        public LengthUnit $unit,
        public Terms $terms,
        public Writer $writer,
        private User $maker,
    ) {}

    /**
     * @param ?MaterialEstimate $estimate of a bag that another maker gave: as hers tells it
     *
     * @throws Refused
     */
    public static function of(Bag $bag, User $maker, ?Terms $terms = null, ?MaterialEstimate $estimate = null): self
    {
        $terms ??= $maker->terms;
        $plan = $bag->plan();
        $isGiven = $estimate !== null;
        $estimate ??= MaterialEstimate::of($plan);

        $notes = [
            ...self::mismatches($bag),
            ...Notes::on(
                $plan,
                $estimate,
                $maker->units,
                $terms,
                $isGiven || $plan->spec->facts->hands->doubts === [] || $bag->swatch !== null
                    ? []
                    : BagFacts::of($bag)->hands()->names(),
            ),
        ];

        return new self(
            $bag,
            $plan,
            $estimate,
            $isGiven ? array_values(array_filter(
                $notes,
                fn(Note $note): bool => ! in_array($note->code, self::HERS, true),
            )) : $notes,
            $maker->units,
            $terms,
            new Writer($terms),
            $maker,
        );
    }

    /** With what she chose at Work: how a wrong count is mended. */
    public function asWorked(): self
    {
        $mends = WorkLog::mends($this->bag, $this->plan);
        if ($mends === []) {
            return $this;
        }
        $notes = [];
        foreach ($mends as $place => $more) {
            $next = $this->plan->work->rows[$place + 1] ?? null;
            if ($next !== null) {
                $notes[] = new Note(
                    'mended',
                    Tone::Trouble,
                    $next->id,
                    "{$this->plan->work->rows[$place]->name} was ".abs($more).' too '.($more < 0 ? 'many' : 'few').'.',
                    ucfirst(Slip::told($more, $this->plan->work->rows[$place]->count->leaves)),
                    true,
                );
            }
        }

        return new self(
            $this->bag,
            $this->plan,
            $this->estimate,
            [...$notes, ...$this->notes],
            $this->unit,
            $this->terms,
            $this->writer,
            $this->maker,
        );
    }

    /** Null where what the bag stands on no longer makes a plan. */
    public static function orNone(Bag $bag, User $maker): ?self
    {
        try {
            return self::of($bag, $maker);
        } catch (Refused) {
            return null;
        }
    }

    /**
     * Bags with their plans, or a bag alone where it makes none.
     *
     * @param array<Bag> $bags
     *
     * @return list<array{bag: Bag, sheet: ?self}>
     */
    public static function all(User $maker, array $bags): array
    {
        self::read(new Hands($maker->id), $bags);

        return array_values(array_map(
            fn(Bag $bag): array => ['bag' => $bag, 'sheet' => self::orNone($bag, $maker)],
            $bags,
        ));
    }

    /**
     * Reads what many bags stand on, of all of them at once.
     *
     * @param array<Bag> $bags
     */
    public static function read(Hands $hands, array $bags): void
    {
        if ($bags !== []) {
            $hands->books()->look(array_values(array_map(
                fn(Bag $bag): Question => Question::stand(BagFacts::of($bag)->asks($hands)),
                $bags,
            )));
            (new Collection($bags))->load(Bag::STANDS_ON);
            array_map(fn(Bag $bag): Bag => BagFacts::of($bag)->taughtBy($hands), $bags);
        }
    }

    /** @return list<Note> where the swatch is not of what the bag is worked in */
    private static function mismatches(Bag $bag): array
    {
        $swatch = $bag->swatch;
        $notes = [];
        if (
            $bag->material !== null && $swatch !== null && $swatch->material_id !== $bag->material_id
            && $swatch->material !== null
        ) {
            $notes[] = new Note(
                'swatch-of-another',
                Tone::Trouble,
                null,
                "The swatch is of {$swatch->material->name}, the bag of {$bag->material->name}.",
                'Another strand makes other stitches. Choose a swatch of it, or what all your swatches teach, at '
                    .'Material and hook.',
            );
        }
        if ($swatch?->state === State::Hung) {
            $notes[] = new Note(
                'swatch-hung',
                Tone::Trouble,
                null,
                'The swatch was measured as it hung.',
                'The bag lying flat comes out shorter than this says. Choose one that was measured as it lay.',
            );
        }

        return $notes;
    }

    /**
     * "590 g on hand, 310 g in the bag".
     *
     * @param int $which of its materials: 0 is its own
     */
    public function onHand(int $which = 0): string
    {
        $onHand = $this->plan->spec->facts->strands->of($which)->onHand;
        $material = $this->bag->worked($which);
        $used = $material === null ? 0.0 : $this->bag->usedOf($material->id);

        return match (true) {
            $onHand === null => 'ball not weighed',
            $used < 0.5 => "{$onHand->print()} on hand",
            default => Mass::grams(max(0.0, $onHand->grams - $used))->print()
                .' on hand, '
                .Mass::grams($used)->print()
                .' in the bag',
        };
    }

    /** Rows that are done, by the log; where nothing is in that, up to the last weigh-in. */
    public function done(): int
    {
        $place = $this->bag->exists && WorkLog::isBegun($this->bag)
            ? WorkLog::place($this->bag, Course::of($this->plan))
            : null;

        return $place->row ?? $this->plan->begun();
    }

    /** @return list<BallEnd> where its balls end, worked one after another */
    public function balls(): array
    {
        // What was cut was joined into one strand already.
        return $this->bag->material?->acquired === Acquired::Cut
            ? []
            : Balls::of($this->plan, $this->bag->exists ? WorkLog::wholeFrom($this->bag, $this->plan) : 0);
    }

    /**
     * The row from which a strand is worked of a ball that nobody weighed, so that nothing is known of what is left;
     * 0 where there is none.
     */
    public function unweighedFrom(int $which): int
    {
        $whole = $this->bag->exists ? WorkLog::wholeFrom($this->bag, $this->plan) : 0;
        $materials = $this->plan->materials;
        $isWeighed = $whole <= $this->plan->begun();
        // Of balls whose size is known the next one is a whole one.
        $isKnown = Winding::of($this->plan->spec->facts->strands->of($which)) !== null;
        $isInHand = ($materials[max(0, $whole - 1)] ?? 0) === $which
            && ($materials[min($whole, count($materials) - 1)] ?? 0) === $which;

        return $isWeighed || $isKnown || ! $isInHand ? 0 : $whole;
    }

    /** Minutes of the whole bag, by what she logged of it and of her other bags. */
    public function minutes(): Spread
    {
        return BagFacts::of($this->bag)->hands()->pace()->minutes(
            new Timed($this->plan, $this->bag->logged()),
            $this->bag->id ?? null,
        );
    }

    /** Where the minutes come from. */
    public function pace(): string
    {
        $bags = BagFacts::of($this->bag)->hands()->pace()->bags();

        return match ($bags) {
            0 => 'guessed at '.Decimal::exact(Pace::SECONDS_A_STITCH).' s a stitch',
            1 => 'from what you logged of one bag',
            default => "from what you logged of {$bags} bags",
        };
    }

    /** "Oval", "Envelope" */
    public function kind(): string
    {
        return $this->plan->parts[0]->maker::called()[0];
    }

    /** "1 024 stitches, about 5 h 10"; of one that is nobody's here no hours. */
    public function work(): string
    {
        $stitches = $this->plan->work->stitches()->total();

        return Decimal::print($stitches).($stitches === 1 ? ' stitch' : ' stitches')
            .($this->bag->exists ? ', about '.Duration::about($this->minutes()->likely) : '');
    }

    public function say(Length|Motif $one): string
    {
        return $one instanceof Motif ? $one->abbreviation($this->terms) : $one->print($this->unit);
    }

    /** The number alone, for figures set large. */
    public function figure(Length $length): string
    {
        return trim(str_replace($this->unit->value, '', $length->print($this->unit)));
    }

    /**
     * The present value of each station, as said beside its name.
     *
     * @return array<string, string> by region name
     */
    public function stations(): array
    {
        $plan = $this->plan;
        $out = $plan->comesOut;
        $wish = $plan->spec->choices->wish;
        $sides = array_map(
            $this->figure(...),
            [$wish->length ?? $out->baseLength, $wish->width ?? $out->baseWidth, $wish->height ?? $out->height],
        );
        $parts = [];
        foreach ($plan->parts as $part) {
            // The rim stands at the handles' station.
            $at = $part->chosen()->part();
            $parts[$at === 'edge' ? 'handles' : $at][] = $this->told($part->maker);
        }

        return [
            'material-name' => $this->bag->material->name
                ?? ucfirst($plan->spec->facts->strands->own->kind->noun()).' from its file',
            'material-much' => $this->onHand(),
            'station-size' => implode(' × ', $sides).' '.$this->unit->value,
            'station-material' => $plan->spec->facts->hands->hook->exact().' hook',
        ] + array_combine(
            array_map(fn(string $part): string => "station-{$part}", self::STATIONS),
            array_map(fn(string $part): string => implode(' + ', $parts[$part] ?? ['none']), self::STATIONS),
        );
    }

    /**
     * What the planner settled for the fields left open, to stand in them.
     *
     * @return array<string, string> by field name
     */
    public function solved(): array
    {
        $solved = [];
        foreach ($this->plan->parts as $part) {
            $steps = explode('/', ltrim($part->path, '/'));
            $field = array_shift($steps).implode('', array_map(fn(string $step): string => "[{$step}]", $steps));
            foreach ($part->maker->settings() as $one) {
                if ($one->settled() !== '') {
                    $solved["{$field}[{$one->name}]"] = $one->settled();
                }
            }
        }

        return $solved;
    }

    /** "oval, ch 22, 2 rounds", "sc, back loop, 8 rounds" */
    private function told(Maker $maker): string
    {
        $told = Makers::isOnly($maker) ? [] : [$maker::called()[0]];
        foreach ($maker->settings() as $one) {
            $told[] = $one->told($this->terms);
        }

        return lcfirst(implode(', ', array_filter($told, fn(string $one): bool => $one !== '')));
    }

    /** @return array{string, string} the next thing to do for this bag, and where */
    public function next(): array
    {
        $onHand = $this->plan->spec->facts->strands->own->onHand;
        $material = $this->bag->material === null || $this->bag->material->trashed()
            ? route('bags.plan', $this->bag, false)
            : route('stash.show', $this->bag->material, false);

        return match (true) {
            $onHand === null => ['weigh the ball', $material],
            $this->estimate->isSure() === false => [
                'find '.Decimal::print(max(1, ceil($this->estimate->short()->grams)))
                    ." g more {$this->plan->spec->facts->strands->own->kind->noun()}",
                $material,
            ],
            $this->estimate->origin === Origin::Guessed => [
                'weigh its swatch',
                $this->bag->swatch === null
                    ? route('bags.plan', $this->bag, false)
                    : route('swatches.edit', $this->bag->swatch, false),
            ],
            $this->plan->spec->facts->weighIns !== [] => [$this->goOn(), route('bags.words', $this->bag, false)],
            default => [$this->begins(), route('bags.words', $this->bag, false)],
        };
    }

    /** "chain 23", "bend the tabs" */
    private function begins(): string
    {
        $start = $this->plan->work->start;

        return match (true) {
            $start->isChain() => "chain {$start->works()}",
            $this->plan->assembly()?->tabs !== null => "bend {$this->plan->assembly()->tabs->bent} tabs",
            default => 'begin at the holes',
        };
    }

    /** "35.2 to 41.0 × 23.0 to 26.6 cm in 9 of 10", where the gauge is not sure; '' where nothing says so. */
    public function sizeBand(): string
    {
        $out = $this->plan->comesOut;
        [$wide, $high] = $this->plan->spec->facts->hands->sizeSpread();
        if ($wide + $high <= 0.0) {
            return '';
        }
        $band = function (Length $likely, float $relative): string {
            $spread = new Spread($likely->mm, $relative);

            return $relative > 0
                ? $this->figure(Length::mm($spread->low())).' to '.$this->figure(Length::mm($spread->high()))
                : $this->figure($likely);
        };

        return "{$band($out->flatWidth, $wide)} × {$band($out->height, $high)} {$this->unit->value} in 9 of 10"
            .($this->plan->spec->facts->hands->predicted === null
                ? ', as surely as it was measured'
                : ' until you swatch it');
    }

    /** After the row that was weighed last. */
    private function goOn(): string
    {
        $next = $this->plan->work->names()[$this->plan->begun()] ?? null;

        return $next === null ? 'fasten off' : "go on with {$next}";
    }

    /** "hung under 2 kg about 27.4 cm high", where a swatch of it hung; '' where none did. */
    public function hung(): string
    {
        $hang = BagFacts::of($this->bag)->hang();

        return $hang === null
            ? ''
            : "hung under {$hang->load->print()} about {$this->say($hang->height($this->plan->comesOut->height))} high";
    }

    /** @return non-empty-list<string> of its own material and its others; lighter shades where those came as a file */
    public function colours(): array
    {
        $own = $this->bag->colour();
        $others = $this->plan->spec->facts->strands->others === [] ? [] : $this->bag->others();

        return [
            $own,
            ...array_map(
                fn(int $place): string => $others[$place]->colour ?? Ink::mix(
                    $own,
                    Ink::SHEET,
                    min(0.8, 0.4 + 0.15 * $place),
                ),
                array_keys($this->plan->spec->facts->strands->others),
            ),
        ];
    }

    /** What a material is called: 0 is its own, 1 the first of its others. */
    public function named(int $which): string
    {
        return $this->bag->worked($which)->name
            ?? ($which === 0 ? 'the bag’s own'
                : 'another'.(count($this->plan->spec->facts->strands->others) > 1 ? " ({$which})" : ''));
    }

    /** "from rounds 8 and 14". */
    public function from(MaterialEstimate $other): string
    {
        $rounds = array_map(fn(RowId $row): string => $row->short(), $other->from);
        $last = array_pop($rounds);

        return $rounds === [] ? "from round {$last}" : 'from rounds '.implode(', ', $rounds)." and {$last}";
    }

    /** Whether some of it is sewn, or closed through its layers. */
    public function hasSeams(): bool
    {
        foreach ($this->plan->work->rows as $row) {
            foreach ($row->instructions as $one) {
                if ($one instanceof Seam || $one instanceof Through || $row->kind === RowKind::Seam) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether some of it is worked to and fro. */
    public function hasRows(): bool
    {
        return array_filter($this->plan->work->rows, fn(Row $row): bool => $row->kind === RowKind::Row) !== [];
    }

    public function tongue(): Tongue
    {
        return Tongues::of($this->terms, $this->unit);
    }

    /** The pattern as it is published; signed by its own maker alone. */
    public function published(): Sheet
    {
        $isHers = $this->bag->exists && $this->bag->user_id === $this->maker->id;

        return SheetMaker::of(
            $this->plan,
            $this->estimate,
            $this->notes,
            $this->tongue(),
            array_map(
                fn(int $which): string => $this->bag->worked($which)->name ?? '',
                array_keys($this->plan->spec->facts->strands->all()),
            ),
            $isHers ? $this->maker->signs : '',
            $isHers ? $this->maker->rights : '',
            $isHers && $this->maker->sections,
        );
    }

    /**
     * What lies on the drawing table, by the name of its file: what it is called, the drawing, and what is said of it.
     *
     * @return array<string, array{string, Canvas, string}>
     */
    public function drawings(): array
    {
        return $this->plan->assembly() === null ? [
            'base' => ['The base', BaseDrawing::of($this->plan, $this->unit), ''],
            'side' => [
                'The side',
                SideDrawing::of($this->plan, $this->unit, $this->colours(), $this->writer),
                ', handles lifted',
            ],
        ] : [
            'pieces' => [
                'The pieces',
                PiecesDrawing::of($this->plan, $this->unit, $this->writer, $this->colours()[0]),
                ', same letter, same seam',
            ],
            'closed' => ['The closed bag', ClosedDrawing::of($this->plan, $this->unit, $this->colours()[0]), ''],
        ];
    }

    /** How its pieces go together; null of a bag of one. */
    public function folding(): ?FoldDrawing
    {
        return FoldDrawing::of($this->plan, $this->bag->colour());
    }

    /** "3 pieces", "6 seams", as its maker counts them; '' of a bag of one piece without seams. */
    public function pieced(): string
    {
        $assembly = $this->plan->assembly();
        if ($assembly === null) {
            return '';
        }
        $pieces = count($assembly->pieces);

        $seams = count($assembly->seams);

        return Decimal::many($pieces, 'piece').($seams === 0 ? '' : ', '.Decimal::many($seams, 'seam'));
    }

    /** What rounding did to the wished size, in words; '' where no size was wished. */
    public function againstWish(): string
    {
        foreach ($this->notes as $note) {
            if ($note->code === Notes::AGAINST_WISH) {
                return $note->rest;
            }
        }

        return '';
    }

    /** "Zip, 31.0 cm" */
    public function called(Need $need): string
    {
        return $need->name.($need->size === null ? '' : ', '.($need->kind === Kind::Cloth
            ? "{$this->say($need->size)} wide"
            : $this->sized($need->size)));
    }

    /** Of something small, as it is sold: "18 mm", or in inches. */
    private function sized(Length $size): string
    {
        return $this->unit === LengthUnit::Centimetre && $size->mm < 100
            ? $size->print(LengthUnit::Millimetre, 0)
            : $this->say($size);
    }

    /** @return array<string, string> the ends, and washing */
    public function ends(): array
    {
        return Finishing::ends($this->plan, $this->tongue());
    }
}
