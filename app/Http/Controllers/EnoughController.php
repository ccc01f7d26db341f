<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Bags\Costs;
use App\Bags\Listed;
use App\Bags\Mending;
use App\Bags\MendSheet;
use App\Bags\Sheets\PlanSheet;
use App\Bags\Steps;
use App\Bags\WeighIns;
use App\Drawing\NarrowingBands;
use App\Models\Bag;
use App\Models\BagMinutes;
use App\Models\Material;
use App\Models\Supply;
use App\Models\WeighIn;
use App\Rules\Really;
use App\Rules\Typed;
use App\Stash\ScaleShelf;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Estimate\Implausible;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Rest;
use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Will this be enough? What each part takes, what the weigh-ins say, and what can be done about it. */
final class EnoughController extends Controller
{
    /** Other bags of the same material that a rest is tried on. */
    private const ALSO = 10;

    public function show(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $sheet = PlanSheet::of($bag, $this->maker($request));

        return view('bags.enough', [
            'alsoMade' => $this->alsoMade($request, $sheet),
            'rests' => Rest::of($sheet->plan, self::surelyLeft($sheet)),
            'bag' => $bag,
            'sheet' => $sheet,
            'mends' => MendSheet::of($sheet, $this->maker($request), $request->boolean('whole')),
            'lesson' => Lesson::of($sheet->plan),
            'weighIns' => WeighIns::of($bag)->kept,
            'breakdown' => Breakdown::of($sheet->plan),
            'foretold' => Foretold::of($sheet->plan, $sheet->estimate),
            'done' => $sheet->done(),
            'balls' => $sheet->needs()->balls(),
            'supplies' => array_map(
                fn(?Material $one): ?Supply => $one === null ? null : Supply::of($one),
                [$bag->material, ...$bag->others()],
            ),
            'bands' => NarrowingBands::of($sheet->plan),
            'scale' => ScaleShelf::shown(ScaleShelf::scale($this->maker($request))),
            'costs' => Costs::of($sheet, $this->maker($request)->wage),
        ]);
    }

    /** What makes it fit, as it follows on the page. */
    public function mends(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $sheet = PlanSheet::of($bag, $this->maker($request));

        return view('bags.mends', [
            'bag' => $bag, 'sheet' => $sheet, 'mends' => MendSheet::of($sheet, $this->maker($request), true),
        ]);
    }

    /** The plan takes a mend, named by what it does: between two looks it may have become another. */
    public function mend(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $sheet = PlanSheet::of($bag, $this->maker($request));
        $do = Typed::text($request, 'do');
        foreach (MendSheet::all($sheet, $this->maker($request)) as $mend) {
            if ($mend->do->english() === $do && $mend->plan !== null) {
                $mended = $mend->plan;
                Changing::held(
                    $bag,
                    fn(Bag $bag) => Mending::take($bag, $sheet->plan, $mended, $mend->spare),
                );

                return Steps::offer(
                    $bag,
                    redirect()->route('bags.enough', $bag)->with('status', "Taken: {$do}."),
                );
            }
        }

        return redirect()->route('bags.enough', $bag)->withErrors(
            ['do' => Tongues::tell('That mend no longer stands; choose among those that are here now.')],
        );
    }

    /** Whether the swatch came out of what is on hand since that was weighed. */
    public function swatchCounts(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $counts = $request->boolean('counts');
        Changing::held($bag, function (Bag $bag) use ($counts): void {
            $bag->choices = ['swatch_counts' => $counts] + $bag->choices;
        });

        return redirect()->route('bags.enough', $bag)->with(
            'status',
            $counts ? Tongues::tell('The swatch counts.') : Tongues::tell('The swatch does not count.'),
        );
    }

    /** What she asks for the bag: hers to set. */
    public function price(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $text = str_replace(',', '.', Typed::text($request, 'price_tag'));
        $wrong = $text !== '' && (preg_match('/^\d{1,8}(\.\d{1,2})?$/', $text) !== 1)
            ? ['price_tag' => Tongues::tell('Write the price as an amount, like 45 or 39.50; empty takes it off.')]
            : Really::ask($request, ['price_tag' => Implausible::price((float) $text)]);
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        // A column of its own: nothing else that is kept of the bag is written with it.
        Bag::query()->whereKey($bag->id)->update(['price_tag' => $text === '' ? null : $text]);

        return redirect()->route('bags.enough', $bag)->with(
            'status',
            $text === '' ? Tongues::tell('The price tag is off.') : Tongues::tell('The price tag is kept.'),
        );
    }

    /**
     * Other bags of the same material that what is left over would do for, nine times in ten.
     *
     * @return list<string>
     */
    private function alsoMade(Request $request, PlanSheet $sheet): array
    {
        $rest = self::surelyLeft($sheet);
        if ($rest <= 0) {
            return [];
        }
        $names = [];
        $maker = $this->maker($request);
        // Of as many as are read.
        $like = Listed::query($maker)->where('material_id', $sheet->bag->material_id);
        $like->whereKeyNot($sheet->bag->id)->limit(self::ALSO);
        foreach (Listed::all($maker, $like->get()->all()) as $other) {
            if ($other->plan !== null && $other->plan->sureGrams <= $rest) {
                $names[] = $other->name;
            }
        }

        return $names;
    }

    /** Grams: the bag itself may take more than is likely. None where it is not enough for it, or not known. */
    private static function surelyLeft(PlanSheet $sheet): float
    {
        $onHand = $sheet->plan->spec->facts->strands->own->onHand;

        return $onHand === null || $sheet->estimate->isSure() !== true ? 0.0 : max(
            0.0,
            $onHand->grams - $sheet->estimate->grams->at(MaterialEstimate::SURE),
        );
    }

    /** Enters what is left after a round. */
    public function store(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $after = RowId::read(Typed::text($request, 'after'));
        if ($after === null) {
            return back()->withInput()->withErrors([
                'after' => Tongues::tell('That is no row of this bag: choose the one after which you weighed.'),
            ]);
        }
        try {
            $left = Mass::parse(Typed::text($request, 'left'), MassUnit::Gram);
            $asked = Really::ask($request, ['left' => WeighIns::of($bag)->implausible($after, $left)]);
            if ($asked !== []) {
                return back()->withInput()->withErrors($asked);
            }
            WeighIns::of($bag)->enter($after, $left);
        } catch (NotUnderstood $e) {
            return back()->withInput()->withErrors(['left' => Tongues::say($e->said)]);
        } catch (Refused $e) {
            return back()->withInput()->withErrors(
                [str_ends_with(
                    $e->problems[0]->path,
                    '/after',
                ) ? 'after' : 'left' => Tongues::say($e->problems[0]->said)],
            );
        }

        return redirect()->route(Typed::text($request, 'from') === 'work' ? 'bags.work' : 'bags.enough', $bag)->with(
            'status',
            Tongues::tell(
                '{left} left after {after}: the estimate follows, and so does the stash.',
                ['left' => $left, 'after' => $after],
            ),
        );
    }

    public function destroy(Bag $bag, WeighIn $weighIn): RedirectResponse
    {
        $this->authorize('own', $bag);
        $borne = WeighIns::takeOut($bag, self::ofBag($bag, $weighIn));

        return redirect()->route('bags.enough', $bag)->with(
            'status',
            $borne ? Tongues::tell('That weigh-in is taken out, and its line in the stash with it.') : Tongues::tell(
                'That weigh-in is taken out. Its line stays in the stash, for what was taken since stands on it.',
            ),
        )->with('undo', route('bags.enough.restore', [$bag, $weighIn]));
    }

    /** A weigh-in that was taken out, back again. */
    public function restore(Bag $bag, WeighIn $weighIn): RedirectResponse
    {
        $this->authorize('own', $bag);
        try {
            WeighIns::putBack($bag, self::ofBag($bag, $weighIn));
        } catch (Refused $e) {
            return redirect()->route('bags.enough', $bag)->withErrors(['after' => Tongues::say($e->problems[0]->said)]);
        }

        return redirect()->route('bags.enough', $bag)->with('status', Tongues::tell('It is as it was.'));
    }

    private static function ofBag(Bag $bag, WeighIn $weighIn): WeighIn
    {
        return $weighIn->bag_id === $bag->id ? $weighIn : abort(404);
    }

    /** Enters how long a part took; nothing takes it out. */
    public function log(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $part = Part::tryFrom(Typed::text($request, 'part'));
        if ($part === null) {
            return back()->withInput()->withErrors(['minutes' => Tongues::tell('Say which part it was.')]);
        }
        try {
            $minutes = Duration::parse(Typed::text($request, 'minutes'));
        } catch (NotUnderstood $e) {
            return back()->withInput()->withErrors(['minutes' => Tongues::say($e->said)]);
        }
        $of = ['bag_id' => $bag->id, 'part' => $part->value];
        $minutes > 0
            ? BagMinutes::query()->upsert([$of + ['minutes' => $minutes]], ['bag_id', 'part'], ['minutes'])
            : BagMinutes::query()->where($of)->delete();

        return redirect()->route(Typed::text($request, 'from') === 'work' ? 'bags.work' : 'bags.enough', $bag)->with(
            'status',
            Tongues::tell(
                $minutes > 0
                    ? '{Part}: it took {n, plural, one {# minute} other {# minutes}}.'
                    : '{Part}: its time is taken out.',
                ['part' => Tongues::tell($part->value), 'n' => $minutes],
            ),
        );
    }
}
