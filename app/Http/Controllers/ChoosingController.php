<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Stash\Choosing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The other way round: from the strand that is needed to the pieces to cut. Keeps nothing. */
final class ChoosingController extends Controller
{
    public function __invoke(Request $request): View
    {
        $maker = $this->maker($request);
        $choosing = new Choosing($request, $maker);

        return $this->withWrong(
            view('cutting.choose', ['choosing' => $choosing, 'unit' => $maker->units]),
            $choosing->wrong,
        );
    }
}
