<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\RowTakes;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Group;
use Fescue\Core\Work\Log;
use Fescue\Core\Work\Passage;
use Fescue\Core\Work\Place;

/** A bag as it is worked: its steps, what was done of them, and where that is. */
final readonly class WorkSheet
{
    /** @param ?Place $place null where the plan became another and she is to be asked */
    private function __construct(
        public PlanSheet $sheet,
        public Course $course,
        public Log $log,
        public ?Place $place,
        public int $seen,
    ) {}

    public static function of(PlanSheet $sheet): self
    {
        $course = Course::of($sheet->plan, $sheet->terms, $sheet->notes);
        [$entries, $seen] = WorkLog::since($sheet->bag, 0);
        $log = Log::of($entries);

        return new self($sheet, $course, $log, WorkLog::place($sheet->bag, $course, $log), $seen);
    }

    /** The row in hand; the last where all is done. */
    public function row(): Passage
    {
        return $this->course->rows[min($this->place->row ?? 0, count($this->course->rows) - 1)];
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

    /** What is left of the strand after the row done last, as foretold; null where it is not known. */
    public function left(): ?RowTakes
    {
        $row = $this->place === null || $this->place->row === 0 ? null : Breakdown::of($this->sheet->plan)->rows[
            $this->place->row - 1
        ] ?? null;

        return $row?->left === null ? null : $row;
    }

    /** Grams of the rows still to be worked. */
    public function toCome(): float
    {
        $rows = array_slice(Breakdown::of($this->sheet->plan)->rows, $this->place->row ?? 0);

        return array_sum(array_map(fn(RowTakes $row): float => $row->grams, $rows));
    }

    /** Seconds a stitch, as her bags tell. */
    public static function secondsOf(BagPlan $plan, Bag $bag): float
    {
        $minutes = $bag->hands()->pace()->minutes(new Timed($plan), $bag->id ?? null)->likely;

        return 60 * $minutes / max(1, $plan->work->stitches()->total());
    }

    /** All that a device needs to go on alone. */
    public function json(): string
    {
        $kinds = $rows = [];
        foreach ($this->course->rows as $row) {
            // Like rows have the same words and steps: they are sent once.
            $kind = [
                'said' => $row->said,
                'groups' => array_map(
                    fn(Group $group): array => [$group->said, $group->stitches, $group->tops],
                    $row->groups,
                ),
            ];
            $at = array_search($kind, $kinds, true);
            if ($at === false) {
                $at = count($kinds);
                $kinds[] = $kind;
            }
            $rows[] = array_filter([
                'name' => $row->name,
                'called' => $row->called,
                'piece' => $row->piece,
                'part' => $row->part->value,
                'kind' => $at,
                'leaves' => $row->leaves,
                'counted' => $row->counted,
                'changes' => $row->changes,
                'taped' => $row->taped,
                'side' => $row->right === null ? '' : ($row->right ? 'right side' : 'wrong side'),
                'special' => $row->special,
                'heed' => $row->heed,
            ], fn(mixed $one): bool => $one !== '' && $one !== [] && $one !== false);
        }

        return json_encode([
            'bag' => $this->sheet->bag->id,
            'plan' => $this->course->fingerprint(),
            'place' => $this->place === null ? null : [$this->place->row, $this->place->stitch],
            'rows' => $rows,
            'kinds' => $kinds,
            'ends' => $this->ends(),
            'entries' => array_map(fn(Entry $entry): array => $entry->write(), array_slice($this->log->entries, -400)),
            'turn' => $this->log->turn(),
            'seen' => $this->seen,
            'sync' => route('bags.work.sync', $this->sheet->bag, false),
            'count' => route('bags.work.count', $this->sheet->bag, false),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP);
    }

    /** @return list<array{row: string, said: string}> where a strand or a ball comes to its end */
    private function ends(): array
    {
        $ends = [];
        $out = $this->sheet->estimate->runsOut();
        $noun = $this->sheet->plan->spec->strands->own->kind->noun();
        if ($out !== null) {
            $ends[] = [
                'row' => $out->earliest,
                'said' => "The {$noun} runs out near {$out->row}, stitch {$out->stitch}"
                    .($out->latest === null ? ', or not at all.' : ": between {$out->earliest} and {$out->latest}."),
            ];
        }
        foreach (Held::ends($this->sheet->bag, $this->sheet->plan) as $end) {
            $ends[] = [
                'row' => $end->earliest,
                'said' => "{$end->strand->name} ends near {$end->row}, stitch {$end->stitch}, by itself."
                    .($end->join === null ? '' : " Lay its next in at {$end->join}, and work over both tails."),
            ];
        }
        foreach (Balls::of($this->sheet->plan) as $ball) {
            $ends[] = [
                'row' => $ball->earliest,
                'said' => "This ball ends near {$ball->row}, stitch {$ball->stitch}."
                    .($ball->join === null ? '' : " Lay the next in at {$ball->join} rather than there."),
            ];
        }

        return $ends;
    }
}
