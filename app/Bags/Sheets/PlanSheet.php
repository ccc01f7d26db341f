<?php

declare(strict_types=1);

namespace App\Bags\Sheets;

use App\Bags\BagNotes;
use App\Bags\WorkLog;
use App\Books\BagFacts;
use App\Books\MakerHistory;
use App\Drawing\Ink;
use App\Models\Bag;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Hanging;
use Fescue\Core\Report\Note;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Solid\Carried;
use Fescue\Core\Solid\Solid;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tongue\Tongue;
use Fescue\Core\Work\Course;

/** A planned bag with what its pages say of it, in its maker's unit and terms. */
final readonly class PlanSheet
{
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

        return new self(
            $bag,
            $plan,
            $estimate,
            BagNotes::on($bag, $plan, $estimate, $isGiven),
            $maker->units,
            $terms,
            new Writer($terms),
            $maker,
        );
    }

    /** With what she chose at Work: how a wrong count is mended. */
    public function asWorked(): self
    {
        $notes = BagNotes::mended($this->bag, $this->plan);

        return $notes === [] ? $this : new self(
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

    /** As it stands; or full and carried. */
    public function solid(bool $carried = false): Solid
    {
        return $this->plan->solid(carried: $carried
            ? Carried::of($this->plan->spec->school(), BagFacts::of($this->bag)->hang()) : null);
    }

    /** What is taken of it where it is full and carried. */
    public function carried(): string
    {
        $hang = BagFacts::of($this->bag)->hang();
        $sure = Hanging::said($this->plan->spec->school());

        return $hang === null ? Tongues::tell(
            'Carried full, its handles pulled up to the hand: {sure}. The fabric is as it lies, until a swatch of it '
                .'has hung.',
            ['sure' => $sure],
        ) : Tongues::tell(
            'Carried full, its handles pulled up to the hand: {sure}. The fabric is {change}, as its swatch hung under '
                .'{load}.',
            [
                'sure' => $sure, 'change' => implode(', ', array_map(Tongues::say(...), $hang->said())),
                'load' => $hang->load,
            ],
        );
    }

    public function stations(): Stations
    {
        return new Stations($this);
    }

    public function words(): Words
    {
        return new Words($this, $this->maker);
    }

    public function needs(): Needs
    {
        return new Needs($this);
    }

    public function tally(): Tally
    {
        return new Tally($this);
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
        BagFacts::readAll(new MakerHistory($maker->id), $bags);

        return array_values(array_map(
            fn(Bag $bag): array => ['bag' => $bag, 'sheet' => self::orNone($bag, $maker)],
            $bags,
        ));
    }

    /** Rows that are done, by the log; where nothing is in that, up to the last weigh-in. */
    public function done(): int
    {
        $place = $this->bag->exists && WorkLog::isBegun($this->bag)
            ? WorkLog::place($this->bag, Course::of($this->plan))
            : null;

        return $place->row ?? $this->plan->begun();
    }

    public function say(Length|Motif $one): string
    {
        return $one instanceof Motif ? $one->abbreviation($this->terms)
            : Tongues::printed($one->print($this->unit));
    }

    /** The number alone, for figures set large. */
    public function figure(Length $length): string
    {
        return Tongues::bare($length, $this->unit);
    }

    /** @return non-empty-list<string> of its own material and its others; lighter shades where those came as a file */
    public function colours(): array
    {
        $others = $this->plan->spec->facts->strands->others;
        $linked = $others === [] ? [] : $this->bag->others();

        return Ink::strands($this->bag->colour(), array_map(
            fn(int $place): ?string => $linked[$place]->colour ?? null,
            array_keys($others),
        ));
    }

    /** What a material is called: 0 is its own, 1 the first of its others. */
    public function named(int $which): string
    {
        return $this->bag->worked($which)->name
            ?? ($which === 0 ? Tongues::tell('the bag’s own')
                : Tongues::tell('another').(count($this->plan->spec->facts->strands->others) > 1 ? " ({$which})" : ''));
    }

    /** @return array<string, list<Saying>> what is to be heeded at rows, by their names */
    public function heeded(): array
    {
        $heeded = [];
        foreach ($this->notes as $note) {
            if ($note->row !== null) {
                $heeded[(string) $note->row][] = $note->text();
            }
        }

        return $heeded;
    }

    public function tongue(): Tongue
    {
        return Tongues::of($this->terms, $this->unit);
    }
}
