<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Material;
use App\Rules\Typed;
use App\Stash\Ledger;
use App\Stash\ScaleShelf;
use App\Stash\WeighingForm;
use App\Tongue\Tongues;
use Fescue\Core\Material\Property;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stock\Move;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The weighing desk: what the scale and the tape say of a strand, and where to keep it. */
final class WeighingController extends Controller
{
    public function show(Request $request): View
    {
        $maker = $this->maker($request);
        $form = new WeighingForm($request, $maker);

        return $this->withWrong(view('stash.weigh', [
            'form' => $form,
            'materials' => $maker->strands()->pluck('name', 'id')->all(),
            'scale' => ScaleShelf::shown(ScaleShelf::scale($maker)),
            'unit' => $maker->units,
        ]), $form->wrong);
    }

    public function keep(Request $request): RedirectResponse
    {
        $form = new WeighingForm($request, $this->maker($request));
        $material = $form->material;
        if ($material === null || $form->wrong !== []) {
            return redirect()->route('stash.weigh')->withInput()->withErrors(
                $form->wrong + ['material' => Tongues::tell('Choose what was weighed, then keep it.')],
            );
        }
        $kept = self::keepOne($form, $material, Typed::text($request, 'keep'));

        return redirect()->route('stash.weigh')->withInput()->with(
            'status',
            $kept === null ? Tongues::tell('There was nothing to keep there.') : "“{$material->name}”: {$kept}",
        );
    }

    /** @return ?string what was kept, in words */
    private static function keepOne(WeighingForm $form, Material $material, string $what): ?string
    {
        if ($what === 'density' && $form->density !== null && $form->pieceLength !== null && $form->piece !== null) {
            $material->update(
                ['sample_length' => $form->pieceLength, 'sample_mass' => Mass::grams($form->piece->mean)],
            );

            return LinearDensity::gramsPerMetre($form->density->likely)->print().'.';
        }
        if ($what === 'net' && $form->net !== null) {
            Ledger::enter(
                $material,
                Move::Weighed,
                round($form->net->likely, 3),
                note: 'at the weighing desk',
            );

            return Tongues::tell('{likely} g on hand.', ['likely' => Tongues::figure($form->net->likely)]);
        }
        if ($what === 'thickness' && $form->thickness !== null) {
            $material->update(['diameter' => Length::mm(round($form->thickness->likely, 2))]);

            return Tongues::tell(
                '{likely} mm thick.',
                ['likely' => Tongues::exact(round($form->thickness->likely, 2))],
            );
        }
        if ($what === 'stretch' && $form->stretch !== null) {
            $stretch = $form->stretch;
            $material->update([
                'stretch_load' => $stretch->load,
                'stretch' => $stretch->under,
                'stretch_rest' => $stretch->rested,
            ]
                // What jersey keeps after it rests is its pull.
                + ($material->kind->has(Property::Pull) && $stretch->rested !== null
                    ? ['pull' => max(1.0, $stretch->rested)]
                    : []));

            return Tongues::tell(
                'stretches by {under} % under {load}.',
                ['under' => Tongues::figure(($stretch->under - 1) * 100), 'load' => $stretch->load],
            );
        }

        return null;
    }
}
