<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Stash\CutPrint;
use App\Stash\CuttingForm;
use Fescue\Core\Strip\School;
use Fescue\Core\Strip\StripPlan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The cutting table: a piece, both schools of making strand of it, side by side. Keeps nothing until a batch is begun. */
final class CuttingController extends Controller
{
    public function index(Request $request): View
    {
        $unit = $this->maker($request)->units;
        $form = new CuttingForm($request, $unit);

        return $this->withWrong(view('cutting.index', ['form' => $form, 'unit' => $unit]), $form->wrong);
    }

    /** The drawing of one school on paper. */
    public function paper(Request $request): View|RedirectResponse
    {
        $unit = $this->maker($request)->units;
        $form = new CuttingForm($request, $unit);
        if ($form->spec === null) {
            return redirect()->route('cutting.index', $form->again());
        }
        $school = School::tryFrom(Typed::text($request, 'school')) ?? School::OneStrand;

        return view('cutting.print', ['print' => CutPrint::of(StripPlan::of($form->spec->in($school)), $request, $unit), 'name' => CuttingForm::KINDS[$form->kind], 'back' => route('cutting.index', $form->again())]);
    }
}
