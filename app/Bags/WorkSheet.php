<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Drawing\GrowingDrawing;
use App\Glossary\HowTo;
use App\Models\Bag;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Log;
use Fescue\Core\Work\Passage;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\StitchGroup;
use Fescue\Core\Work\TapHours;

/** A bag as it is worked: its steps, what was done of them, and where that is. */
final readonly class WorkSheet
{
    /** Lines that a page begins with. */
    private const TOLD = 400;

    /**
     * @param ?Place $place null where the plan became another and she is to be asked
     * @param non-empty-list<Foretold> $foretold of each strand, as Enough? tells it
     * @param non-empty-list<int> $whole of each strand, row from which none of it was weighed; 0 where it was
     */
    private function __construct(
        public PlanSheet $sheet,
        public Course $course,
        public Log $log,
        public ?Place $place,
        public int $seen,
        public array $foretold,
        private array $whole,
    ) {}

    public static function of(PlanSheet $sheet): self
    {
        $course = Course::of($sheet->plan, $sheet->terms, $sheet->heeded());
        [$entries, $seen] = WorkLog::since($sheet->bag, 0);
        $log = Log::of($entries);

        $foretold = Foretold::of($sheet->plan, $sheet->estimate);

        return new self(
            $sheet,
            $course,
            $log,
            WorkLog::place($sheet->bag, $course, $log),
            $seen,
            $foretold,
            array_map(fn(Foretold $one): int => $sheet->needs()->unweighedFrom($one->which), $foretold),
        );
    }

    /** The bag as it grows: bands that the page lights. */
    public function growing(): string
    {
        return GrowingDrawing::of($this->sheet->plan, $this->sheet->colours());
    }

    /** The row in hand; the last where all is done. */
    public function row(): Passage
    {
        return $this->course->rows[$this->inHand()];
    }

    private function inHand(): int
    {
        return min($this->place->row ?? 0, count($this->course->rows) - 1);
    }

    /** Where its page tells how the row in hand is worked. */
    public function how(): string
    {
        return HowTo::of($this->sheet->plan->work->rows[$this->inHand()]);
    }

    public function isDone(): bool
    {
        return $this->place !== null && $this->place->row === count($this->course->rows);
    }

    /** The row that was done last; null before the first is. */
    public function lastDone(): ?Passage
    {
        return $this->course->rows[($this->place->row ?? 0) - 1] ?? null;
    }

    /**
     * What is foretold of a strand where the work is, as the page's script says it after every step.
     *
     * @return array{left: string, off: string, come: string, out: string}
     */
    public function shown(int $which): array
    {
        $one = $this->foretold[$which] ?? throw new \OutOfRangeException("No strand {$which}.");
        $rows = $this->place->row ?? 0;
        $whole = $this->whole[$which];
        $left = $whole > 0 && $rows + (int) (($this->place->stitch ?? 0) > 0) >= $whole ? null : $one->left[$rows];
        $off = (int) round($one->off[$rows]);

        return [
            'left' => $left === null ? '?' : Tongues::figure($left).' g',
            'off' => $left === null ? Tongues::tell('weigh it') : ($off > 0 ? "± {$off}" : ''),
            'come' => Tongues::figure($one->come[$rows]).' g',
            'out' => match (true) {
                $left === null => '?',
                $one->out === null => Tongues::tell('reaches'),
                $rows <= (int) $this->course->row($one->out->row) => Tongues::here()->row($one->out->row),
                default => Tongues::tell('any row now'),
            },
        ];
    }

    /** What a strand is called where there are several; its kind where there is one. */
    public function strand(int $which): string
    {
        return $this->sheet->estimate->others === []
            ? Tongues::tell($this->sheet->plan->spec->facts->strands->own->kind->noun())
            : $this->sheet->named($which);
    }

    /** Seconds a stitch, as her bags tell. */
    public static function secondsOf(BagPlan $plan, Bag $bag): float
    {
        // Of the hook alone: linings and closures are no stitches.
        $pace = BagFacts::of($bag)->hands()->pace();
        $minutes = $pace->minutes(new Timed($plan, finished: false), $bag->id ?? null)->likely;

        return 60 * $minutes / max(1, $plan->work->stitches()->total());
    }

    /** All that a device needs to go on alone. */
    public function json(): string
    {
        $kinds = $rows = [];
        foreach ($this->course->rows as $place => $row) {
            // Like rows have the same words and steps: they are sent once.
            $kind = [
                'said' => $row->said,
                'how' => HowTo::of($this->sheet->plan->work->rows[$place]),
                'groups' => array_map(
                    fn(StitchGroup $group): array => [$group->said, $group->stitches, $group->tops],
                    $row->groups,
                ),
            ];
            $at = array_search($kind, $kinds, true);
            if ($at === false) {
                $at = count($kinds);
                $kinds[] = $kind;
            }
            $strand = $this->sheet->plan->materials[$place] ?? 0;
            $rows[] = array_filter([
                'name' => (string) $row->id,
                'called' => $row->called,
                'piece' => $this->sheet->writer->called($row->id->piece, $row->id->nth),
                'part' => Tongues::tell($row->part->value),
                'seam' => $row->part === Part::Seam,
                'kind' => $at,
                'leaves' => $row->leaves,
                'counted' => $row->counted,
                'changes' => $row->changes,
                'taped' => $row->taped,
                'side' => match ($row->right) {
                    null => '',
                    true => Tongues::tell('right side'),
                    false => Tongues::tell('wrong side'),
                },
                'special' => $row->special === '' ? '' : Tongues::tell($row->special),
                'heed' => array_map(Tongues::say(...), $row->heed),
                'strand' => $strand === 0 ? false : $strand,
            ], fn(mixed $one): bool => $one !== '' && $one !== [] && $one !== false);
        }

        return json_encode([
            'bag' => $this->sheet->bag->id,
            'plan' => $this->course->fingerprint(),
            'same' => WorkLog::same($this->sheet->bag, $this->course, $this->told()),
            'place' => $this->place === null ? null : [$this->place->row, $this->place->stitch],
            'rows' => $rows,
            'kinds' => $kinds,
            'strands' => array_map($this->strand(...), array_keys($this->sheet->plan->spec->facts->strands->all())),
            'foretold' => $this->figures(),
            'stands' => self::stands($this->sheet->bag, $this->sheet->plan),
            'seconds' => round(self::secondsOf($this->sheet->plan, $this->sheet->bag), 2),
            'entries' => array_map(fn(Entry $entry): array => $entry->write(), $this->told()),
            'turn' => $this->log->turn(),
            'seen' => $this->seen,
            'sync' => route('bags.work.sync', $this->sheet->bag, false),
            'count' => route('bags.work.count', $this->sheet->bag, false),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP);
    }

    /**
     * Lines that a page begins with: what was done last, and all that was mended or ripped.
     *
     * @return list<Entry>
     */
    private function told(): array
    {
        $last = array_slice($this->log->entries, -self::TOLD);
        $choices = array_filter(
            array_slice($this->log->entries, 0, -self::TOLD),
            fn(Entry $one): bool => in_array($one->did, [Did::Mends, Did::Ripped], true),
        );

        return [...array_values($choices), ...$last];
    }

    /** Another as soon as what is foretold is: a weigh-in, a strand, a ball that was used up. */
    public static function stands(Bag $bag, BagPlan $plan): string
    {
        return sha1(json_encode([$bag->document(), WorkLog::wholeFrom($bag, $plan)], JSON_THROW_ON_ERROR));
    }

    /**
     * What a page foretells by itself, row after row, without asking again.
     *
     * @return array{strands: list<array<string, mixed>>, ends: list<array<string, mixed>>, minutes: string}
     */
    public function figures(): array
    {
        $whole = static fn(float $grams): int => (int) round($grams);

        return [
            'strands' => array_map(fn(Foretold $one): array => [
                'come' => array_map($whole, $one->come),
                'left' => array_map(fn(?float $left): ?int => $left === null ? null : $whole($left), $one->left),
                'off' => array_map($whole, $one->off),
                'out' => $one->out === null ? null : [
                    'row' => Tongues::here()->row($one->out->row), 'place' => $this->course->row($one->out->row),
                ],
                'whole' => $this->whole[$one->which],
            ], $this->foretold),
            'ends' => $this->ends(),
            'minutes' => Duration::about(array_sum(TapHours::of($this->log, $this->course))),
        ];
    }

    /** @return list<array{from: int, to: int, said: string, ball: bool}> where a strand or a ball comes to its end */
    private function ends(): array
    {
        $ends = [];
        $add = function (RowId $from, RowId $to, string $said, bool $ball) use (&$ends): void {
            [$first, $last] = [$this->course->row($from), $this->course->row($to)];
            if ($first !== null && $last !== null) {
                $ends[] = ['from' => $first, 'to' => $last, 'said' => $said, 'ball' => $ball];
            }
        };
        foreach ($this->foretold as $one) {
            if ($one->out !== null) {
                $add($one->out->earliest, $one->out->row, Tongues::tell($one->out->latest === null
                    ? '{Strand} runs out near {row}, stitch {stitch}, or not at all.'
                    : '{Strand} runs out near {row}, stitch {stitch}: between {earliest} and {latest}.', [
                        'strand' => $this->sheet->estimate->others === [] ? Tongues::tell('The strand')
                            : $this->strand($one->which),
                        'row' => $one->out->row, 'stitch' => $one->out->stitch, 'earliest' => $one->out->earliest,
                        'latest' => $one->out->latest ?? '',
                    ]), false);
            }
        }
        foreach (StrandsTogether::ends($this->sheet->bag, $this->sheet->plan) as $end) {
            $add($end->earliest, $end->row, Tongues::tell($end->join === null
                ? '{strand} ends near {row}, stitch {stitch}, by itself.'
                : '{strand} ends near {row}, stitch {stitch}, by itself. Lay its next in at {join}, and work over both '
                    .'tails.', [
                        'strand' => $end->strand->name, 'row' => $end->row, 'stitch' => $end->stitch,
                        'join' => $end->join ?? '',
                    ]), false);
        }
        foreach ($this->sheet->needs()->balls() as $ball) {
            $add($ball->earliest, $ball->row, Tongues::tell($ball->join === null
                ? 'This ball ends near {row}, stitch {stitch}.'
                : 'This ball ends near {row}, stitch {stitch}. Lay the next in at {join} rather than there.', [
                    'row' => $ball->row, 'stitch' => $ball->stitch, 'join' => $ball->join ?? '',
                ]), true);
        }

        return $ends;
    }
}
