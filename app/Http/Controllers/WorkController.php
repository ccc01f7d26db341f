<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Bags\Mending;
use App\Bags\Sheets\PlanSheet;
use App\Bags\WorkFile;
use App\Bags\WorkLog;
use App\Bags\WorkSheet;
use App\Models\Bag;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Work\CountError;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Grain;
use Fescue\Core\Work\Marks;
use Fescue\Core\Work\NoEntry;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\Tape;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Making it: the place, step by step, on whatever device is in reach. */
final class WorkController extends Controller
{
    private const WIDEST_GAP = 40;

    public function show(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $sheet = PlanSheet::of($bag, $this->maker($request));

        return view('bags.work', [
            'bag' => $bag,
            'work' => WorkSheet::of($sheet->asWorked()),
            'choices' => $this->maker($request)->strands()->pluck('name', 'id')->all(),
        ]);
    }

    /** What a device did is kept, and what others did is told. */
    public function sync(Request $request, Bag $bag): JsonResponse
    {
        $this->authorize('own', $bag);
        $plan = $bag->plan();
        $course = Course::of($plan);
        $sent = $request->input('entries', []);
        $seen = $request->input('seen', 0);
        try {
            if (! is_array($sent) || ! array_is_list($sent) || count($sent) > WorkLog::A_SENDING) {
                throw new NoEntry(new Saying(
                    '“entries” is a list of at most {aSending} lines.',
                    ['aSending' => WorkLog::A_SENDING],
                ));
            }
            $entries = array_map(
                fn(mixed $one): Entry => Entry::read(is_array($one) ? $one : []),
                $sent,
            );
            WorkLog::take($bag, $entries, $course);
            WorkLog::hours($bag, $entries, $course);
        } catch (NoEntry $e) {
            return response()->json(['message' => Tongues::say($e->said)], 422);
        }
        [$others, $last] = WorkLog::since($bag, is_int($seen) && $seen >= 0 ? $seen : 0);
        $stands = WorkSheet::stands($bag, $plan);
        // What the page foretells is of another weigh-in or ball: it is told anew.
        $isStale = is_string($request->input('stands')) && $request->input('stands') !== $stands;

        return response()->json([
            'entries' => array_map(fn(Entry $entry): array => $entry->write(), $others),
            'same' => (object) WorkLog::same($bag, $course, $others),
            'seen' => $last,
            'plan' => $course->fingerprint(),
            'stands' => $stands,
        ] + ($isStale ? [
            'foretold' => WorkSheet::of(PlanSheet::of($bag, $this->maker($request)))->figures(),
        ] : []));
    }

    /** A row done, a row back, or “here I am”, by a plain form. */
    public function step(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $course = Course::of($bag->plan());
        $place = WorkLog::place($bag, $course);
        [$did, $to] = match (Typed::text($request, 'do')) {
            'done' => [Did::Step, $place === null ? null : $course->forward($place, Grain::Row)],
            'back' => [Did::Back, $place === null ? null : $course->back($place, Grain::Row)],
            'here' => [Did::Said, self::said($course, Typed::text($request, 'row'))],
            default => [Did::Said, null],
        };
        if ($to === null) {
            return back()->withErrors(['row' => Tongues::tell('Say first at which row you are.')]);
        }
        WorkLog::enter($bag, $course, $did, $to);

        return redirect()->route('bags.work', $bag);
    }

    private static function said(Course $course, string $row): ?Place
    {
        $id = RowId::read($row);
        $at = $id === null ? null : $course->row($id);

        return $at === null ? null : new Place($at);
    }

    /** A count that is not what it should be: where to look, and what either way out costs. */
    public function count(Request $request, Bag $bag): JsonResponse
    {
        $this->authorize('own', $bag);
        $plan = $bag->plan();
        $course = Course::of($plan);
        $id = RowId::read(Typed::text($request, 'row'));
        $row = $id === null ? null : $course->row($id);
        $counted = Typed::text($request, 'counted');
        if ($row === null || preg_match('/^\d{1,6}$/', $counted) !== 1) {
            return response()->json(['message' => Tongues::tell('Write what you counted, as a whole number.')], 422);
        }
        $slip = CountError::of($plan, $course, $row, (int) $counted, WorkSheet::secondsOf($plan, $bag));

        return response()->json($slip === null ? ['off' => 0] : [
            'off' => $slip->off,
            'usually' => array_map(Tongues::say(...), $slip->usually),
            'rip' => $slip->rip,
            'minutes' => (int) ceil($slip->minutes),
            'mend' => $slip->mend === null ? '' : Tongues::say($slip->mend),
        ]);
    }

    /** What the tape says: a proposal, taken or left. */
    public function tape(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $plan = $bag->plan();
        $place = WorkLog::place($bag, Course::of($plan));
        [$high, $wide] = [$this->measured($request, 'high'), $this->measured($request, 'wide')];
        if ($high === null) {
            throw ValidationException::withMessages(
                ['high' => Tongues::tell('Write how high it stands, like 14.2 cm.')],
            );
        }
        $tape = Tape::of($plan, $place->row ?? 0, $high, $wide);
        if ($tape === null) {
            return back()->withInput()->withErrors(['high' => Tongues::tell(
                'Nothing of it stands yet: measure from the first round of the body on, from its foot.',
            )]);
        }
        if (Typed::text($request, 'take') !== 'yes' || $tape->plan === null) {
            $units = $this->maker($request)->units;

            return redirect()->route('bags.work', $bag)->withInput()->with('tape', [
                'across' => $wide === null ? null : Tape::across($plan, $place->row ?? 0, $wide)?->print($units),
                'planned' => $plan->comesOut->flatWidth->print($units),
                'off' => round(100 * ($tape->ratio - 1), 1),
                'comes' => $tape->height->print($units),
                'was' => $tape->was,
                'rows' => $tape->rows,
                'high' => $high->exact(),
                'wide' => $wide?->exact() ?? '',
                'changes' => $tape->plan !== null && $tape->rows !== $tape->was,
                'taken' => $tape->plan !== null,
                'grams' => $tape->plan === null ? 0.0 : round(
                    MaterialEstimate::of($tape->plan)->grams->likely - MaterialEstimate::of($plan)->grams->likely,
                ),
            ]);
        }
        try {
            Changing::held($bag, function (Bag $bag) use ($plan, $tape): void {
                Mending::take($bag, $plan, $tape->plan ?? $plan);
                $bag->plan();
            });
        } catch (Refused $e) {
            return back()->withErrors(['high' => Tongues::say($e->problems[0]->said)]);
        }

        return redirect()->route('bags.work', $bag)->with(
            'status',
            $tape->rows === $tape->was
                ? Tongues::tell('The gauge of this work is taken: what is left is planned anew.')
                : Tongues::tell('{rows} rows instead of {was}: what is left is planned anew.', [
                    'rows' => $tape->rows, 'was' => $tape->was,
                ]),
        );
    }

    /** @return ?Length null where nothing is typed */
    private function measured(Request $request, string $field): ?Length
    {
        try {
            return Typed::length(Typed::text($request, $field), $this->maker($request)->units);
        } catch (NotUnderstood $e) {
            throw ValidationException::withMessages([$field => Tongues::say($e->said)]);
        }
    }

    /** A strand is used up where she is; another goes on from the next row that is begun. */
    public function usedUp(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $id = Typed::text($request, 'material_id');
        $next = ctype_digit($id) ? $this->maker($request)->strands()->find((int) $id) : null;
        try {
            $plan = $bag->plan();
            $course = Course::of($plan);
            $place = WorkLog::place($bag, $course);
            if ($place === null) {
                return back()->withErrors(['material_id' => Tongues::tell('Say first at which row you are.')]);
            }
            WorkLog::enter($bag, $course, Did::UsedUp, $place);
            if ($next === null) {
                return redirect()->route('bags.work', $bag)->with(
                    'status',
                    Tongues::tell('Written down: used up there.'),
                );
            }
            $row = $plan->work->rows[$place->row + (int) ($place->stitch > 0)] ?? null;
            if ($row === null || $place->row === 0) {
                throw Refused::at(
                    '/changes',
                    new Saying('Another strand goes on from a row behind the first, and before the last.'),
                );
            }
            Changing::held($bag, function (Bag $bag) use ($plan, $next, $row): void {
                $which = null;
                foreach ([$bag->material, ...$bag->others()] as $place => $one) {
                    $which = $one?->id === $next->id ? $place : $which;
                }
                $on = Planner::plan($plan->settled()->continued(
                    $next->material($next->freeFor($bag->id)),
                    $row->id,
                    $plan->work,
                    $which,
                ));
                Mending::take($bag, $plan, $on, $which === null ? $next->id : null);
                $bag->forgetStock();
                $bag->plan();
            });
        } catch (Refused $e) {
            return back()->withInput()->withErrors(['material_id' => Tongues::say($e->problems[0]->said)]);
        }

        return redirect()->route('bags.work', $bag)->with('status', Tongues::tell(
            '{strand} goes on from {row}.',
            ['strand' => $next->name, 'row' => $row->id],
        ));
    }

    /** The gap that she sees, front against back: how far all four marks move, and the lean that made it. */
    public function marks(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $plan = $bag->plan();
        $place = WorkLog::place($bag, Course::of($plan));
        $gap = str_replace([',', '−'], ['.', '-'], Typed::text($request, 'gap'));
        $marks = is_numeric($gap) && abs((float) $gap) <= self::WIDEST_GAP
            ? Marks::of($plan, $place->row ?? 0, (float) $gap)
            : null;
        if ($marks === null) {
            return back()->withInput()->withErrors(['gap' => is_numeric($gap)
                ? Tongues::tell(
                    'Work a round of the body first, and count a gap of at most {most} stitches.',
                    ['most' => self::WIDEST_GAP],
                )
                : Tongues::tell('Write the gap in stitches, like 2 or −1.5.')]);
        }
        if (Typed::text($request, 'take') !== 'yes') {
            return redirect()->route('bags.work', $bag)->withInput()->with('marks', [
                'gap' => $gap, 'move' => $marks->move, 'lean' => round($marks->lean, 3), 'rounds' => $marks->rounds,
            ]);
        }
        try {
            Changing::held($bag, function (Bag $bag) use ($marks): void {
                $bag->choices = ['lean' => round($marks->lean, 3)] + $bag->choices;
                $bag->plan();
            });
        } catch (Refused $e) {
            return back()->withErrors(['gap' => Tongues::say($e->problems[0]->said)]);
        }

        return redirect()->route('bags.work', $bag)->with(
            'status',
            Tongues::tell(
                'Your rounds lean {lean} stitches: the tops are placed with it.',
                ['lean' => Tongues::exact(round($marks->lean, 3))],
            ),
        );
    }

    /** The log as a table. */
    public function csv(Bag $bag): Response
    {
        $this->authorize('own', $bag);

        return $this->file(WorkFile::write($bag), self::CSV, "work-{$bag->id}.csv");
    }
}
