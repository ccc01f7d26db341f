<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Stash\CuttingForm;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The cutting table: a piece, both schools of making strand of it, side by side. Keeps nothing. */
final class CuttingController extends Controller
{
    public function __invoke(Request $request): View
    {
        $unit = $this->maker($request)->units;
        $form = new CuttingForm($request, $unit);

        return $this->withWrong(view('cutting.index', ['form' => $form, 'unit' => $unit]), $form->wrong);
    }
}
