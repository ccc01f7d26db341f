<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Bags\Mending;
use App\Bags\Steps;
use App\Bags\WhatIfSheet;
use App\Books\BagFacts;
use App\Models\Bag;
use App\Models\Draft;
use App\Models\WeighIn;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One bag on other hooks and of other materials, by what the maker's hands have shown. */
final class WhatIfController extends Controller
{
    public function show(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $chosen = array_map(intval(...), array_filter(
            (array) $request->query('materials', []),
            fn(mixed $id): bool => is_string($id) && ctype_digit($id),
        ));

        return view('bags.what-if', [
            'bag' => $bag,
            'compared' => WhatIfSheet::of($bag, $maker, array_values($chosen), $request->boolean('whole')),
        ]);
    }

    /** One material on all hooks, as it follows on the page. */
    public function material(Request $request, Bag $bag, string $material): View
    {
        $this->authorize('own', $bag);
        $compared = WhatIfSheet::of($bag, $this->maker($request), [(int) $material], false);

        return view('bags.what-if-material', [
            'bag' => $bag,
            'material' => $compared->materials[0] ?? abort(404),
            'compared' => $compared,
        ]);
    }

    /**
     * The plan takes a cell: its material, its hook, the gauge that the maker's swatches teach, and either the counts
     * or the size that stays.
     */
    public function take(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $id = Typed::text($request, 'material_id');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        $keepsCounts = Typed::text($request, 'keep') === 'counts';
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            return back()->withErrors(['hook' => Tongues::say($e->said)]);
        }
        if ($material === null) {
            return back()->withErrors(['material_id' => Tongues::tell('Choose one of your own materials.')]);
        }
        try {
            $plan = $bag->plan();
            $swatch = WhatIfSheet::swatch($bag, $plan, $maker->swatches()->get(), $material, $hook);
            $cell = WhatIf::of(
                $plan,
                BagFacts::of($bag)->hands()->learned()->among($plan->fabrics()),
                WhatIfSheet::strand($bag, $material),
                $hook,
                $swatch?->measured(),
            );
            $taken = $keepsCounts ? $cell->counts : $cell->sized;
            if ($taken === null) {
                return back()->withErrors(
                    [
                        'hook' => $keepsCounts
                            ? Tongues::tell('These counts make no bag on that hook.')
                            : Tongues::tell('No counts come to that size on that hook.'),
                    ],
                );
            }
            $parts = $keepsCounts ? Mending::settled($taken) : Mending::sized($taken);
            Changing::held($bag, function (Bag $bag) use ($parts, $material, $swatch, $hook): void {
                $draft = Draft::of($bag)->inOne()->unmeasured();
                if ($bag->material_id !== $material->id) {
                    $draft = $draft->inAnother();
                }
                $draft = $swatch === null ? $draft->learned($hook->exact()) : $draft->measured();
                $draft->with(['material_id' => $material->id, 'swatch_id' => $swatch?->id] + $parts)->putOn($bag);
                // Begun anew: what was weighed is of another bag, until this is taken back.
                WeighIn::query()->where('bag_id', $bag->id)->whereNull('dropped_in')->update(
                    ['dropped_in' => $bag->revision + 1],
                );
                $bag->forgetStock();
                $bag->plan();
            });
        } catch (Refused $e) {
            return back()->withErrors(['hook' => Tongues::say($e->problems[0]->said)]);
        }
        $values = [
            'material' => $material->name, 'hook' => $hook->print(), 'swatch' => $swatch->name ?? '',
        ];
        $said = match (true) {
            $swatch !== null && $keepsCounts => Tongues::tell(
                'Taken: {material} on {hook}, its counts kept, by your swatch “{swatch}”.',
                $values,
            ),
            $swatch !== null => Tongues::tell(
                'Taken: {material} on {hook}, its size kept, by your swatch “{swatch}”.',
                $values,
            ),
            $keepsCounts => Tongues::tell('Taken: {material} on {hook}, its counts kept, as your swatches expect it. '
                .'Work a swatch of it before you trust it.', $values),
            default => Tongues::tell('Taken: {material} on {hook}, its size kept, as your swatches expect it. '
                .'Work a swatch of it before you trust it.', $values),
        };

        return Steps::offer(
            $bag,
            redirect()->route('bags.plan', $bag)->with(
                'status',
                $said,
            ),
        );
    }
}
