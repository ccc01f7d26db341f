<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\BagEdit;
use App\Bags\BagForm;
use App\Bags\Changing;
use App\Bags\Finished;
use App\Bags\FinishSheet;
use App\Bags\MadeAgain;
use App\Bags\Sheets\PlanSheet;
use App\Casts\Cell;
use App\Drawing\ClothDrawing;
use App\Files\Paper;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Models\Draft;
use App\Papers\Recipe;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\Finishes;
use Fescue\Core\Document\Refused;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as SymfonyResponse;

/** Everything between the last stitch and the shoulder, and what the bag really was. */
final class FinishController extends Controller
{
    public function show(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $wrong = [];
        try {
            $sheet = PlanSheet::of($bag, $maker);
        } catch (Refused $e) {
            // A closure that the bag no longer bears is mended here; all else at Plan.
            $wrong = BagForm::errors($e);
            $bare = $bag->replicate()->forceFill(['choices' => Draft::of($bag)->finished([])->choices()]);
            $bare->id = $bag->id;
            $sheet = PlanSheet::of($bare, $maker);
        }

        return $this->withWrong(view('bags.finish', [
            'bag' => $bag,
            'sheet' => $sheet,
            'finish' => FinishSheet::of($sheet, $maker),
        ]), $request->session()->has('errors') ? [] : $wrong);
    }

    /** The choices of all that it is finished with. */
    public function keep(Request $request, Bag $bag): RedirectResponse|JsonResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $finish = BagForm::finish($request, $maker);
        try {
            $kept = BagEdit::of($bag, $request, $maker, fn(Bag $bag) => self::put($bag, $finish));
        } catch (Refused $e) {
            $errors = BagForm::errors($e);

            return $request->expectsJson()
                ? response()->json(['errors' => $errors, 'ways' => []], 422)
                : back()->withInput()->withErrors($errors);
        }
        if (! $request->expectsJson()) {
            $to = redirect()->route('bags.finish', $bag)->with('status', Tongues::tell('Kept and drawn anew.'));

            return $kept->met === [] ? $to : $to->with('met', $kept->met);
        }
        $sheet = FinishSheet::of($kept->sheet, $maker);

        return response()->json([
            'regions' => [
                'drawing' => view('bags.finish-drawing', ['finish' => $sheet, 'sheet' => $sheet->sheet])->render(),
                'tally' => view('bags.finish-needs', ['finish' => $sheet, 'sheet' => $sheet->sheet])->render(),
            ],
            'solved' => array_merge(...array_map($sheet->settled(...), array_keys($sheet->parts()))),
            'revision' => $bag->revision,
            'elsewhere' => [],
            'met' => $kept->met === [] ? '' : view('bags.met', ['bag' => $bag, 'met' => $kept->met])->render(),
        ]);
    }

    /** One more thing, as a form begins. */
    public function add(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $way = Finishings::byKey()[Typed::text($request, 'type')] ?? abort(404);
        try {
            Changing::held($bag, function (Bag $bag) use ($way): void {
                $finish = self::finish($bag);
                if (count($finish) >= Finishes::MOST) {
                    throw Refused::at(
                        '/finish',
                        new Saying(
                            'A bag is finished with at most {most} things; take one out.',
                            ['most' => Finishes::MOST],
                        ),
                    );
                }
                self::put($bag, [...$finish, ['type' => $way::key()] + $way::open()->write()]);
                $bag->plan();
            });
        } catch (Refused $e) {
            return redirect()->route('bags.finish', $bag)->withErrors(['add' => Tongues::say($e->problems[0]->said)]);
        }

        return redirect()->route('bags.finish', $bag)->with(
            'status',
            Tongues::tell('{called}: as it mostly is. Change it at the left.', ['called' => $way::called()[0]]),
        )
            ->with('opened', count(self::finish($bag)) - 1);
    }

    /** One thing less, where it is still that thing. */
    public function takeOut(Request $request, Bag $bag, string $place): RedirectResponse
    {
        $this->authorize('own', $bag);
        $place = (int) $place;
        $to = redirect()->route('bags.finish', $bag);
        $taken = Changing::held($bag, function (Bag $bag) use ($request, $place): ?string {
            $finish = self::finish($bag);
            $type = $finish[$place]['type'] ?? null;
            if (! is_string($type) || $type !== Typed::text($request, 'type')) {
                return null;
            }
            array_splice($finish, $place, 1);
            self::put($bag, $finish);

            return isset(Finishings::byKey()[$type]) ? Finishings::byKey()[$type]::called()[0] : $type;
        });

        return $taken === null
            ? $to->withErrors(['add' => Tongues::tell(
                'What was to be taken out is no longer there; it was changed on another page.',
            )])
            : $to->with('status', Tongues::tell('{taken}: taken out.', ['taken' => $taken]));
    }

    /** Hardware and cloth that it takes, out of the stash: what it took already is not taken twice. */
    public function take(Request $request, Bag $bag): RedirectResponse
    {
        $finish = $this->sheet($request, $bag);
        try {
            $taken = $finish === null ? [] : Finished::take($bag, $finish->shopping());
        } catch (NotEnough $e) {
            return redirect()->route('bags.finish', $bag)->withErrors(['take' => Tongues::say($e->said)]);
        }

        return redirect()->route('bags.finish', $bag)->with('status', $taken === []
            ? Tongues::tell('There is nothing more to take.')
            : Tongues::tell('Taken out of the stash: {taken}.', ['taken' => implode(', ', $taken)]));
    }

    /** The lining's pieces at true size, to print and to cut by. */
    public function pdf(Request $request, Bag $bag): SymfonyResponse
    {
        $finish = $this->sheet($request, $bag);
        $maker = $this->maker($request);
        $paper = Typed::text($request, 'paper');

        return ($finish?->linings() ?? []) === [] ? redirect()->route('bags.finish', $bag) : $this->printed(
            $request,
            new Recipe('lining', $bag, $maker->units, $maker->terms, isset(Paper::SIZES[$paper]) ? $paper : 'A4'),
            "lining-{$bag->id}.pdf",
            route('bags.finish', $bag),
        );
    }

    /** Its pieces side by side at true size. */
    public function svg(Request $request, Bag $bag): Response|RedirectResponse
    {
        $finish = $this->sheet($request, $bag);
        $lining = $finish?->linings()[0][0] ?? null;

        return $lining === null ? redirect()->route('bags.finish', $bag) : $this->file(
            ClothDrawing::of($lining->pieces, $bag->name()),
            'image/svg+xml',
            "lining-{$bag->id}.svg",
        );
    }

    /** It is done: what it measures, took and held, what she would do otherwise. */
    public function store(Request $request, Bag $bag): RedirectResponse
    {
        $sheet = $this->sheet($request, $bag);
        if ($sheet === null) {
            return redirect()->route('bags.plan', $bag);
        }
        $read = Finished::read($request, $this->maker($request));
        if ($read->wrong === []) {
            try {
                $read->keep($sheet->sheet);
            } catch (NotEnough $e) {
                $read->wrong['left_over'] = Tongues::say($e->said);
            }
        }

        return $read->wrong === []
            ? redirect()->route('bags.finish', $bag)->with('status', Tongues::tell('It is done, and written down.'))
            : back()->withInput()->withErrors($read->wrong);
    }

    /** Taken back: it is not done. */
    public function undo(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);

        return redirect()->route('bags.finish', $bag)->with('status', Finished::undo($bag)
            ? Tongues::tell('It is in hand again, and its line is out of the stash.')
            : Tongues::tell(
                'It is in hand again. Its line stays in the stash, for what was taken since stands on it.',
            ));
    }

    /** The same bag of another size, with what she would do otherwise in sight. */
    public function again(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $larger = str_replace(',', '.', Typed::text($request, 'larger'));
        $factor = is_numeric($larger) ? 1 + (float) $larger / 100 : 1.0;
        $of = Typed::text($request, 'material_id');
        $material = ctype_digit($of) ? $maker->strands()->find($of) : null;
        try {
            [$copy, $said] = MadeAgain::of($bag, $maker, $material, $factor);
        } catch (Refused $e) {
            return back()->withInput()->withErrors(['larger' => Tongues::say($e->problems[0]->said)]);
        }
        $copy->save();
        $note = BagFinish::query()->find($bag->id)->otherwise ?? '';

        return redirect()->route('bags.plan', $copy)->with(
            'status',
            implode(' ', [Tongues::tell('Made again.'), ...$said, ...($note === '' ? [] : [Tongues::tell(
                'You wrote: “{note}”',
                ['note' => $note],
            )])]),
        );
    }

    private function sheet(Request $request, Bag $bag): ?FinishSheet
    {
        $this->authorize('own', $bag);
        try {
            return FinishSheet::of(PlanSheet::of($bag, $this->maker($request)), $this->maker($request));
        } catch (Refused) {
            return null;
        }
    }

    /** @return list<array<string, mixed>> */
    private static function finish(Bag $bag): array
    {
        return Cell::maps($bag->choices['finish'] ?? null);
    }

    /** @param list<array<string, mixed>> $finish */
    private static function put(Bag $bag, array $finish): void
    {
        $bag->choices = Draft::of($bag)->finished($finish)->choices();
    }
}
