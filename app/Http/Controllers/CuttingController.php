<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Rules\Typed;
use App\Stash\CutFile;
use App\Stash\CutPrint;
use App\Stash\CuttingForm;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\StripPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The cutting table: a piece, both schools of making strand of it, side by side. Keeps nothing until a batch is begun.
 */
final class CuttingController extends Controller
{
    public function index(Request $request): View|JsonResponse
    {
        $unit = $this->maker($request)->units;
        $form = new CuttingForm($request, $unit, isTable: true);
        $shown = ['form' => $form, 'unit' => $unit];

        return $request->expectsJson()
            ? new JsonResponse(['errors' => $form->wrong, 'cuts' => view('cutting.cuts', $shown)->render()])
            : $this->withWrong(view('cutting.index', $shown), $form->wrong);
    }

    /** The drawing of one school on paper. */
    public function paper(Request $request): View|RedirectResponse
    {
        $unit = $this->maker($request)->units;
        $form = new CuttingForm($request, $unit);
        $plan = self::inSchool($form, $request);
        if ($plan === null) {
            return redirect()->route('cutting.index', $form->again());
        }

        return view(
            'cutting.print',
            [
                'print' => CutPrint::of($plan, $request, $unit),
                'name' => CuttingForm::KINDS[$form->kind],
                'back' => route('cutting.index', $form->again()),
            ],
        );
    }

    /** The cuts of one school in their order, as a table. */
    public function cuts(Request $request): Response|RedirectResponse
    {
        $form = new CuttingForm($request, $this->maker($request)->units);
        $plan = self::inSchool($form, $request);

        return $plan === null ? redirect()->route(
            'cutting.index',
            $form->again(),
        ) : $this->file(CutFile::write($plan->cutting), self::CSV, 'cuts.csv');
    }

    private static function inSchool(CuttingForm $form, Request $request): ?StripPlan
    {
        $school = CutMethod::tryFrom(Typed::text($request, 'school')) ?? CutMethod::OneStrand;

        return array_values(
            array_filter($form->plans(), fn(StripPlan $plan): bool => $plan->spec->school === $school),
        )[0] ?? null;
    }
}
