<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\HookTrial;
use App\Bags\SwatchText;
use App\Books\MakerHistory;
use App\Casts\Cell;
use App\Models\Material;
use App\Models\Swatch;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Gauge\QuickMeasure;
use Fescue\Core\Gauge\State;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Saying\Saying;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * A hook trial: one material on several hooks, side by side, and what the maker's hands would make on those not tried.
 */
final class HookTrialController extends Controller
{
    /** Swatches of one material that are looked at, the last ones. */
    private const TRIED = 60;

    /** g; a stitch of the thickest strand there is. */
    private const HEAVIEST_STITCH = 100;

    public function show(Request $request): View
    {
        $maker = $this->maker($request);
        $strands = $maker->strands()->get();
        $id = Typed::text($request, 'material');
        // Unasked, the one she tried the most.
        $tried = $maker->swatches()->reorder()->groupBy('material_id')->selectRaw('material_id, count(*) as many')
            ->pluck('many', 'material_id');
        $material = $strands->firstWhere('id', (int) $id) ?? $strands->sortByDesc(
            fn(Material $one): int => Cell::int($tried->get($one->id, 0)),
        )->first();
        $all = $maker->swatches();
        $all->where('material_id', $material?->id)->latest('id')->limit(self::TRIED);
        $motif = Motif::find(Typed::text($request, 'stitch'));
        $hands = new MakerHistory($maker->id);
        $trial = $material === null ? null : new HookTrial($material, $all->get(), $motif, $hands->learned());

        return view(
            'swatches.trial',
            [
                'strands' => $strands,
                'material' => $material,
                'trial' => $trial,
                'motif' => $motif,
                'from' => Tongues::orNone($hands->learned()->from()),
                'doubts' => $hands->doubts(),
                'unit' => $maker->units,
            ],
        );
    }

    /** Takes a quick measure as one more swatch of the trial. */
    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $id = Typed::text($request, 'material');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        if ($material === null) {
            return back()->withInput()->withErrors(['material' => Tongues::tell('Choose one of your own materials.')]);
        }
        $wrong = [];
        $hook = $measured = $mass = null;
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            $wrong['hook'] = Tongues::say($e->said);
        }
        try {
            $mass = Typed::text($request, 'stitch_mass') === '' ? null : Mass::parse(
                Typed::text($request, 'stitch_mass'),
                MassUnit::Gram,
            );
            if ($mass !== null && ($mass->grams <= 0 || $mass->grams > self::HEAVIEST_STITCH)) {
                throw new NotUnderstood(
                    new Saying(
                        'One stitch weighs above 0 and at most {heaviestStitch} g. Is it the weight of all ten?',
                        ['heaviestStitch' => self::HEAVIEST_STITCH],
                    ),
                );
            }
        } catch (NotUnderstood $e) {
            $wrong['stitch_mass'] = Tongues::say($e->said);
        }
        try {
            $measured = QuickMeasure::parse(Typed::text($request, 'quick'), $maker->units)->swatch(
                Motif::find(Typed::text($request, 'stitch')) ?? Motif::single(),
                $mass,
            );
        } catch (NotUnderstood $e) {
            $wrong['quick'] = Tongues::say($e->said);
        }
        $state = State::tryFrom(Typed::text($request, 'state')) ?? State::Relaxed;
        $load = null;
        try {
            $load = $state === State::Hung ? Mass::parse(Typed::text($request, 'hung_load'), MassUnit::Gram) : null;
            if (
                $load !== null
                && ($load->grams < SwatchText::LIGHTEST_LOAD || $load->grams > SwatchText::HEAVIEST_LOAD)
            ) {
                throw new NotUnderstood(new Saying('A swatch hangs under 10 g to 30 kg.'));
            }
        } catch (NotUnderstood $e) {
            $wrong['hung_load'] = Tongues::say($e->said);
        }
        if ($hook !== null && $measured !== null && $wrong === []) {
            $note = Typed::text($request, 'note');
            $doubt = $measured->doubt();
            if ($doubt === null) {
                $maker->swatches()->create(Swatch::columns($measured) + [
                    'material_id' => $material->id, 'name' => mb_substr(
                        Tongues::tell(
                            '{name}, {key} on {hook}',
                            [
                                'name' => $material->name,
                                'key' => $measured->motif->key,
                                'hook' => Tongues::printed($hook->exact()),
                            ],
                        ),
                        0,
                        80,
                    ), 'hook' => $hook->diameter,
                    'state' => $state,
                    'hung_load' => $load,
                    'drape' => Fabric::tryFrom(Typed::text($request, 'drape')),
                    'note' => $note === ''
                        ? null
                        : mb_substr($note, 0, 200),
                ]);

                return redirect()->route(
                    'swatches.trial',
                    ['material' => $material->id],
                )->with('status', Tongues::tell('Tried on {hook}.', ['hook' => $hook]));
            }
            $wrong['quick'] = Tongues::say($doubt->said);
        }

        return redirect()->route('swatches.trial', ['material' => $material->id])->withInput()->withErrors($wrong);
    }

    /** The hook of this trial that is taken. */
    public function choose(Swatch $swatch): RedirectResponse
    {
        $this->authorize('own', $swatch);
        Swatch::query()->where('user_id', $swatch->user_id)->where(
            'material_id',
            $swatch->material_id,
        )->update(['chosen' => false]);
        $swatch->update(['chosen' => true]);

        return redirect()->route(
            'swatches.trial',
            ['material' => $swatch->material_id],
        )->with('status', Tongues::tell('“{name}” is chosen.', ['name' => $swatch->name]));
    }
}
