<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\BagEdit;
use App\Bags\BagForm;
use App\Bags\Changing;
use App\Bags\Listed;
use App\Bags\Sheets\PlanSheet;
use App\Bags\Steps;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\Swatch;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class BagController extends Controller
{
    /** No more than are planned at once, where all of what is known of them is old. */
    private const A_PAGE = 12;

    public function index(Request $request): View
    {
        $maker = $this->maker($request);
        $q = Typed::search($request);
        $bags = Listed::query($maker);
        if ($q !== '') {
            $bags->where('choices->name', 'like', Typed::like($q));
        }
        $found = $bags->paginate(self::A_PAGE)->withQueryString();

        return view(
            'bags.index',
            [
                'listed' => Listed::all($maker, $found->items()),
                'found' => $found,
                'q' => $q,
                'ready' => $maker->swatches()->exists() && $maker->strands()->exists(),
            ],
        );
    }

    public function create(Request $request): View
    {
        $maker = $this->maker($request);
        $swatches = $maker->swatches()->with('material')->get();
        // The one that was asked for, or the one she chose last.
        $swatch = $swatches->firstWhere(
            'id',
            (int) Typed::text($request, 'swatch'),
        ) ?? $swatches->where('chosen', true)->sortByDesc('updated_at')->first();

        return view(
            'bags.create',
            ['materials' => $maker->strands()->get(), 'swatches' => Swatch::toPlanFrom($swatches), 'swatch' => $swatch],
        );
    }

    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $bag = $maker->bags()->make(['choices' => []]);
        try {
            BagForm::putOn($bag, $request, $maker);
            $bag->plan();
        } catch (Refused $e) {
            return back()->withInput()->withErrors(BagForm::errors($e));
        }
        $bag->save();

        return redirect()->route('bags.plan', $bag)->with(
            'status',
            Tongues::tell('Planned. Change anything at the left and the drawing follows.'),
        );
    }

    public function plan(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $errors = [];
        try {
            $sheet = PlanSheet::of($bag, $maker);
        } catch (Refused $e) {
            // What the bag stands on has changed under it: its choices are still here to be mended.
            $sheet = null;
            $errors = BagForm::errors($e);
        }
        $view = view(
            'bags.plan',
            [
                'bag' => $bag,
                'sheet' => $sheet,
                'materials' => $maker->strands()->get(),
                'swatches' => Swatch::toPlanFrom($maker->swatches()->with('material')->get()),
            ],
        );

        return $this->withWrong($view, $errors);
    }

    /** Read once, under its lock: an answer to every touch is not kept waiting. */
    public function update(Request $request, string $bag): RedirectResponse|JsonResponse
    {
        $maker = $this->maker($request);
        try {
            if (Typed::text($request, 'copy') === 'yes') {
                return $this->copied($request, $maker->bags()->findOrFail($bag));
            }
            $bag = Bag::unread($maker, (int) $bag);
            $kept = BagEdit::of($bag, $request, $maker);
        } catch (Refused $e) {
            $errors = BagForm::errors($e);

            return $request->expectsJson()
                ? response()->json(['errors' => $errors, 'ways' => BagForm::ways($e)], 422)
                : back()->withInput()->withErrors($errors)->with('ways', BagForm::ways($e));
        }
        $sheet = $kept->sheet;
        Listed::foresee($sheet, $maker);
        if (! $request->expectsJson()) {
            $to = redirect()->route('bags.plan', $bag);

            return $kept->met === []
                ? $to->with('status', Tongues::tell('Saved and drawn anew.'))
                : $to->with('met', $kept->met)->with('status', Tongues::tell('Saved, but for what is marked.'));
        }

        return new JsonResponse([
            'regions' => [
                'name' => e($bag->name()),
                'chip' => $bag->chip($sheet->plan->spec->facts->strands->own),
                'steps' => view('bags.steps', ['bag' => $bag])->render(),
                'standing' => view('bags.solid', ['sheet' => $sheet])->render(),
                'bar' => view('bags.bar', ['sheet' => $sheet])->render(),
                'drawing' => view('bags.drawing', ['sheet' => $sheet, 'apart' => true])->render(),
                'tally' => view('bags.tally', ['sheet' => $sheet])->render(),
                ...array_map(e(...), $sheet->stations()->values()),
            ],
            'solved' => $sheet->stations()->solved(),
            'revision' => $bag->revision,
            'elsewhere' => $kept->fields(),
            'met' => $kept->met === [] ? '' : view('bags.met', ['bag' => $bag, 'met' => $kept->met])->render(),
            // Drawings are full of signs that would each be written as six.
        ], options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** The bag as the page has it, beside the one that is worked. @throws Refused */
    private function copied(Request $request, Bag $bag): RedirectResponse|JsonResponse
    {
        $copy = $this->maker($request)->bags()->make(['choices' => $bag->choices]);
        BagForm::putOn($copy, $request, $this->maker($request));
        $copy->choices = ['name' => Tongues::tell(
            '{name}, copy',
            ['name' => mb_substr($bag->name(), 0, 110)],
        )] + $copy->choices;
        $copy->plan();
        $copy->save();
        $to = route('bags.plan', $copy);
        session()->flash('status', Tongues::tell(
            'A copy of “{name}”, changed so. The one in work is as it was.',
            ['name' => $bag->name()],
        ));

        return $request->expectsJson() ? response()->json(['go' => $to]) : redirect()->to($to);
    }

    public function destroy(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $bag->delete();

        return redirect()->route('bags.index')->with(
            'status',
            Tongues::tell('“{name}” is put away.', ['name' => $bag->name()]),
        )->with('undo', route('bags.restore', $bag));
    }

    /** A field that was changed on another page meanwhile, as this one wanted it. */
    public function keepMine(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $value = json_decode(mb_substr(Typed::text($request, 'value'), 0, 4000), true);
        // A number beyond all numbers is none.
        $value = json_encode($value) === false ? null : $value;
        $field = Typed::text($request, 'field');
        try {
            Changing::held($bag, function (Bag $bag) use ($field, $value): void {
                Draft::of($bag)->field($field, $value)->putOn($bag);
                BagForm::owned($bag);
                $bag->plan();
            });
        } catch (Refused $e) {
            return redirect()->route('bags.plan', $bag)->withErrors(BagForm::errors($e));
        }

        return redirect()->route('bags.plan', $bag)->with('status', Tongues::tell('Yours is kept.'));
    }

    /** The last change taken back; or one that is named, from a mend or a cell of What if, and that one alone. */
    public function undo(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $step = Typed::text($request, 'step');

        return $this->stepped($bag, function () use ($bag, $step): string {
            if (ctype_digit($step)) {
                return Steps::takeBack($bag, (int) $step)
                    ? Tongues::tell('It is as it was.')
                    : Tongues::tell('There is nothing to undo.');
            }
            $what = Steps::undo($bag);

            return $what === null ? Tongues::tell('There is nothing to undo.') : Tongues::tell(
                'Undone: {what}.',
                ['what' => $what],
            );
        });
    }

    /** What was taken back last, done again. */
    public function redo(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);

        return $this->stepped($bag, function () use ($bag): string {
            $what = Steps::redo($bag);

            return $what === null ? Tongues::tell('There is nothing to do again.') : Tongues::tell(
                'Done again: {what}.',
                ['what' => $what],
            );
        });
    }

    /** @param \Closure(): string $step */
    private function stepped(Bag $bag, \Closure $step): RedirectResponse
    {
        $to = back(fallback: route('bags.plan', $bag));
        try {
            return $to->with('status', $step());
        } catch (Refused $e) {
            // What is worked stays as it is worked.
            return $to->with('status', Tongues::say($e->problems[0]->said));
        }
    }

    public function restore(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $bag->restore();

        return redirect()->route('bags.index')->with(
            'status',
            Tongues::tell('“{name}” is back.', ['name' => $bag->name()]),
        );
    }
}
