<?php

declare(strict_types=1);

namespace App\Books;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Swatch;
use App\Tongue\Tongues;
use Fescue\Core\Bag\LearnedCache;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\ActualUse;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Estimate\TrackRecord;
use Fescue\Core\Gauge\Hang;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Proportion;
use Fescue\Core\Gauge\State;
use Fescue\Core\Gauge\StitchTake;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Spread;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** All that a maker's hands have shown: her swatches with their materials. */
final class MakerHistory
{
    /** @var ?Collection<int, Swatch> those that lay; what hung is another measure */
    private ?Collection $swatches = null;

    /** @var ?array<int, StitchTake> by the bag's number */
    private ?array $worked = null;

    /** Her hand as her swatches alone teach it. */
    private ?LearnedHand $swatched = null;

    private ?Pace $pace = null;

    /** @var ?array<int, Trial> by the swatch's number */
    private ?array $trials = null;

    private ?LearnedHand $learned = null;

    /** @var ?array<int, ActualUse> by the bag's number */
    private ?array $outcomes = null;

    /** @var ?array<int, non-empty-list<float>> by the material's number */
    private ?array $stretches = null;

    /** Swatches that teach, the last of all she made: a hand changes, and many more would say no more. */
    private const TEACHING = 200;

    /** Those of her bags that were weighed, and those that were timed. */
    public const WEIGHED = 'exists (select 1 from weigh_ins where bag_id = bags.id)';

    public const TIMED = '(exists (select 1 from bag_minutes where bag_id = bags.id) '
        .'or exists (select 1 from bag_finishes where bag_id = bags.id and minutes is not null))';

    private readonly Books $books;

    /** What documents that she teaches are read by, one after another. */
    public readonly LearnedCache $teaching;

    /** @var array<string, array<int, string>> */
    private array $marks = [];

    /**
     * Reads what it is asked for once: one for a page serves all its bags.
     *
     * @param ?Bag $own that is at hand, and is not read once more where it is as it is kept
     */
    public function __construct(private readonly int $makerId, private readonly ?Bag $own = null)
    {
        $this->books = new Books($makerId);
        $this->teaching = new LearnedCache();
    }

    public function books(): Books
    {
        return $this->books;
    }

    /**
     * Swatches of a material that is known; others say nothing of the strand they are made of.
     *
     * @return array<int, Trial> by the swatch's number
     */
    public function trials(): array
    {
        if ($this->trials === null) {
            $this->trials = [];
            foreach ($this->swatches() as $swatch) {
                $trial = self::trial($swatch);
                if ($trial !== null) {
                    $this->trials[$swatch->id] = $trial;
                }
            }
        }

        return $this->trials;
    }

    /** By how much her straps of a material grew under a load, on the average of those that hung; null of none. */
    public function stretchOf(int $material): ?float
    {
        if ($this->stretches === null) {
            $this->stretches = [];
            foreach ($this->done(['strap_lay', 'strap_hung'])->with('bag')->get() as $one) {
                $stretch = $one->stretch();
                if ($stretch !== null && $stretch > 0 && $stretch <= 1) {
                    $this->stretches[(int) $one->bag?->material_id][] = $stretch;
                }
            }
        }
        $of = $this->stretches[$material] ?? [];

        return $of === [] ? null : round(array_sum($of) / count($of), 4);
    }

    /**
     * How far her bags were off what their swatches said; null where none is finished.
     *
     * @param ?int $but the number of a bag that is not asked
     */
    public function differs(?int $but = null): ?float
    {
        if ($this->makerId === 0) {
            // Nobody who is signed in: a bag shown, or one that is begun.
            return null;
        }
        if ($this->outcomes === null) {
            $this->outcomes = [];
            foreach ($this->done(['used'])->get() as $one) {
                $outcome = $one->outcome();
                if ($outcome !== null) {
                    $this->outcomes[$one->bag_id] = $outcome;
                }
            }
        }

        return (new TrackRecord(array_values(array_diff_key($this->outcomes, [$but ?? 0 => 1]))))->differs();
    }

    /**
     * Her finished bags of which that was written down.
     *
     * @param list<string> $columns
     *
     * @return Builder<BagFinish>
     */
    private function done(array $columns): Builder
    {
        $this->books->open();
        $done = BagFinish::query();
        $done->whereNotNull($columns);
        $done->whereHas('bag', fn(Builder $bags) => $bags->where('user_id', $this->makerId));

        return $done;
    }

    /** @return list<string> names of the swatches that teach, as documents() has them */
    public function names(): array
    {
        return array_values(
            array_map(
                fn(Swatch $one): string => $one->name,
                $this->swatches()->whereIn('id', array_keys($this->trials()))->all(),
            ),
        );
    }

    /** @return array<int, string> what is odd about a swatch that the others do not bear out, by its number */
    public function doubts(): array
    {
        $trials = $this->trials();
        $ids = array_keys($trials);
        $doubts = [];
        foreach (LearnedHand::doubts(array_values($trials)) as $place => $said) {
            $doubts[$ids[$place]] = Tongues::say($said);
        }

        return $doubts;
    }

    /**
     * What the weigh-ins of her bags taught.
     *
     * @param ?int $but the number of a bag that is not asked: its own weigh-ins say so already
     *
     * @return list<StitchTake>
     */
    public function worked(?int $but = null): array
    {
        $this->worked ??= $this->lessons();

        return array_values($but === null ? $this->worked : array_diff_key($this->worked, [$but => 1]));
    }

    /** @return array<int, StitchTake> by the bag's number */
    private function lessons(): array
    {
        $lesson = fn(Bag $bag): ?StitchTake => Lesson::of($bag->plan(taught: false));

        return $this->taught('lesson', self::WEIGHED, $lesson);
    }

    /**
     * By what those of her bags that were weighed, or timed, are told from what they were.
     *
     * @return array<int, string> by the bag's number
     */
    public function marks(string $which = self::WEIGHED): array
    {
        if (! isset($this->marks[$which])) {
            $this->books->open();
            /** @var array<int, string> $marks */
            $marks = DB::table('bags')->where('user_id', $this->makerId)
                ->whereNull('deleted_at')->whereRaw($which)->orderBy('id')
                ->pluck(DB::raw(Bag::MARK), 'id')->map(Cell::text(...))->all();
            $this->marks[$which] = $marks;
        }

        return $this->marks[$which];
    }

    /**
     * What each of some bags of hers teaches, known for as long as it is the same. One that makes no plan as it stands
     * teaches nothing.
     *
     * @template T of object
     *
     * @param \Closure(Bag): ?T $make
     *
     * @return array<int, T> by the bag's number
     */
    private function taught(string $name, string $which, \Closure $make): array
    {
        $marks = $this->marks($which);
        $asked = [];
        foreach ($marks as $id => $mark) {
            $asked[$id] = Question::taught($name, $id, $mark);
        }
        $this->books->look(array_values($asked));
        $old = array_keys(array_filter($asked, fn(Question $one): bool => ! $this->books->knows($one)));
        $bags = [];
        $own = $this->own;
        $id = $own->id ?? null;
        // At hand just as it is kept, and not as a form would have it.
        if ($own !== null && in_array($id, $old, true) && BagFacts::of($own)->mark() === $marks[$id]) {
            $bags[$id] = $own->load('finish');
            $old = array_diff($old, [$id]);
        }
        $bags += $old === [] ? [] : Bag::query()->whereKey($old)->with([...Bag::STANDS_ON, 'finish'])->get()
            ->each(fn(Bag $bag): Bag => BagFacts::of($bag)->taughtBy($this))->keyBy('id')->all();
        $taught = [];
        foreach ($asked as $id => $question) {
            $taught[$id] = $this->books->known($question, function () use ($make, $bags, $id): ?object {
                try {
                    return isset($bags[$id]) ? $make($bags[$id]) : null;
                } catch (Refused) {
                    return null;
                }
            });
        }

        return array_filter($taught);
    }

    /** All of it. */
    public function learned(): LearnedHand
    {
        return $this->learned ??= $this->books->known(
            Question::hand($this),
            fn(): LearnedHand => LearnedHand::of(array_values($this->trials()), $this->worked()),
        );
    }

    /** How fast she works, by what she logged of all her bags. */
    public function pace(): Pace
    {
        return $this->pace ??= $this->books->known(
            Question::pace($this->books),
            fn(): Pace => Pace::of($this->taught('timed', self::TIMED, self::timed(...))),
        );
    }

    /** Its minutes part by part, or as a whole: their stitches are counted without what other bags taught. */
    private static function timed(Bag $bag): Timed
    {
        return $bag->minutes->isNotEmpty()
            ? new Timed($bag->plan(taught: false), $bag->logged())
            : Timed::whole($bag->plan(taught: false), (float) $bag->finish?->minutes);
    }

    /**
     * What her hand makes of other stitches she has swatched, beside one that is measured.
     *
     * @return list<array<string, mixed>> as fescue-bag/1 has them
     */
    public function proportionDocuments(Motif $measured): array
    {
        $tried = array_map(fn(Trial $trial): Motif => $trial->swatch->motif, $this->trials());
        if (array_filter($tried, fn(Motif $motif): bool => $motif !== $measured) === []) {
            return [];
        }

        return $this->books->known(
            Question::proportions($measured),
            fn(): array => $this->proportions($measured, $tried),
        );
    }

    /**
     * @param array<int, Motif> $tried
     *
     * @return list<array<string, mixed>> as fescue-bag/1 has them
     */
    private function proportions(Motif $measured, array $tried): array
    {
        $this->swatched ??= LearnedHand::of(array_values($this->trials()));
        $tried = array_column($tried, null, 'key');
        // In the order of the catalogue, and her own after it.
        $fabrics = array_values(array_intersect_key(Motif::all(), $tried) + $tried);
        $times = fn(Spread $of): array => ['likely' => round($of->likely, 4), 'spread' => round($of->relative, 4)];

        return array_map(
            fn(Proportion $one): array => [
                'stitch' => $one->of,
                'width' => $times($one->width),
                'height' => $times($one->height),
                'strand' => $times($one->strand),
            ],
            $this->swatched->among($fabrics)->proportions($measured),
        );
    }

    /** @return list<array<string, mixed>> as fescue-bag/1 has them */
    public function workedDocuments(?int $but): array
    {
        return array_map(fn(StitchTake $one): array => [
            'stitch' => $one->motif->key, 'hook' => $one->hook->exact(), 'material' => [
                'kind' => $one->kind->value,
                'diameter' => $one->diameter->exact(),
            ],
            'strand' => Length::mm(round($one->strand->mm, 3))->exact(), 'spread' => round($one->relative, 4),
        ], $this->worked($but));
    }

    /** @return list<array<string, mixed>> as fescue-bag/1 has them */
    public function documents(): array
    {
        $documents = [];
        foreach ($this->swatches() as $swatch) {
            if (isset($this->trials()[$swatch->id]) && $swatch->material !== null) {
                $documents[] = $swatch->document()
                    + ($swatch->state === State::Blocked ? ['blocked' => true] : [])
                    + ['hook' => $swatch->hookSize()->exact(), 'material' => array_filter([
                        'kind' => $swatch->material->kind->value,
                        'diameter' => $swatch->material->diameter?->exact(),
                        'density' => $swatch->material->density()->exact(),
                    ], fn(?string $one): bool => $one !== null)];
            }
        }

        return $documents;
    }

    /**
     * A swatch of just this material, hook and stitch, as it lay: the chosen one, else one as it came off the hook,
     * else the last.
     *
     * @param Collection<int, Swatch> $swatches
     */
    public static function measured(Collection $swatches, int $material, HookSize $hook, Motif $motif): ?Swatch
    {
        $of = $swatches->filter(
            fn(Swatch $one): bool => $one->material_id === $material
                && $one->state !== State::Hung
                && $one->stitch === $motif
                && abs($one->hook->mm - $hook->diameter->mm) < 0.01,
        );

        return $of->sortByDesc(
            fn(Swatch $one): array => [$one->chosen, $one->state === State::Relaxed, $one->id],
        )->first();
    }

    /**
     * Other stitches measured with the same hook and material as a swatch, relaxed with relaxed and blocked with
     * blocked: of each the chosen one, else the last.
     *
     * @return list<array<string, int|float|string>> as fescue-bag/1 has gauges
     */
    public function also(Swatch $own): array
    {
        if ($own->material_id === null) {
            return [];
        }
        $this->books->open();
        $alike = Swatch::query()->where(['user_id' => $this->makerId, 'material_id' => $own->material_id]);
        $alike->where('state', $own->state)->orderBy('id');
        $alike = $alike->get();
        $also = [];
        foreach (Motif::all() as $motif) {
            $other = $motif === $own->stitch
                ? null
                : self::measured($alike, $own->material_id, $own->hookSize(), $motif);
            if ($other !== null) {
                $also[] = $other->document();
            }
        }

        return $also;
    }

    /** How a swatch changed when one of its kind hung; null where none did. */
    public function hangOf(?Swatch $one): ?Hang
    {
        if ($one === null) {
            return null;
        }
        $of = Swatch::query()->where(['user_id' => $this->makerId, 'material_id' => $one->material_id]);

        return self::hang($one, $of->get());
    }

    /**
     * How a swatch changed when its twin of the same material, hook and stitch hung; null where none hung, or none lay.
     *
     * @param iterable<Swatch> $swatches
     */
    public static function hang(Swatch $one, iterable $swatches): ?Hang
    {
        $twins = (new Collection([...$swatches]))->filter(
            fn(Swatch $other): bool => $one->material_id !== null
                && $other->material_id === $one->material_id
                && $other->stitch === $one->stitch
                && abs($other->hook->mm - $one->hook->mm) < 0.01,
        );
        $hung = $one->state === State::Hung ? $one : $twins->where('state', State::Hung)->last();
        $lay = $one->state === State::Hung ? $twins->where('state', '!=', State::Hung)->last() : $one;

        return $hung?->hung_load === null || $lay === null ? null : Hang::of(
            $lay->measured(),
            $hung->measured(),
            $hung->hung_load,
        );
    }

    /** @return Collection<int, Swatch> */
    private function swatches(): Collection
    {
        if ($this->swatches === null) {
            $this->books->open();
            $swatches = Swatch::query()->where('user_id', $this->makerId)->where('state', '!=', State::Hung);
            $swatches->with('material')->latest('id')->limit(self::TEACHING);
            $this->swatches = $swatches->get()->reverse()->values();
        }

        return $this->swatches;
    }

    private static function trial(Swatch $swatch): ?Trial
    {
        $material = $swatch->material;

        return $material === null || $material->diameter === null || ! $material->kind->isStrand()
            ? null
            : new Trial(
                $swatch->measured(),
                $swatch->hookSize(),
                $material->kind,
                $material->diameter,
                $material->density(),
                $swatch->state === State::Blocked,
            );
    }
}
