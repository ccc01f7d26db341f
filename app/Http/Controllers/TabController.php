<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Listed;
use App\Bags\Sheets\PlanSheet;
use App\Models\Bag;
use App\Rules\Typed;
use App\Stash\TabShelf;
use App\Tongue\Tongues;
use Fescue\Core\Piece\TabStep;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Tabs to collect, sort, wash and bend, bag by bag. */
final class TabController extends Controller
{
    /** Bags that are looked through, those changed last first. */
    private const BAGS = 60;

    public function index(Request $request): View
    {
        $maker = $this->maker($request);
        $bags = Listed::query($maker);
        $bags->whereNotNull('choices->build->tab')->latest('updated_at')->limit(self::BAGS);
        $sheets = array_values(array_filter(
            PlanSheet::all($maker, $bags->get()->all()),
            fn(array $one): bool => $one['sheet']?->plan->assembly()?->tabs !== null,
        ));

        return view('stash.prepare', [
            'sheets' => $sheets,
            'done' => TabShelf::done(array_map(fn(array $one): int => $one['bag']->id, $sheets)),
        ]);
    }

    public function add(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $step = TabStep::tryFrom(Typed::text($request, 'step')) ?? abort(422);
        $text = str_replace('−', '-', Typed::text($request, 'more'));
        if (preg_match('/^[+-]?\d{1,6}$/', $text) !== 1) {
            return back()->withInput()->withErrors([
                "more-{$bag->id}-{$step->value}" => Tongues::tell(
                    'Write how many more are done, like 40; −40 takes them back.',
                ),
            ]);
        }
        TabShelf::add($bag, $step, (int) $text);

        return back();
    }
}
