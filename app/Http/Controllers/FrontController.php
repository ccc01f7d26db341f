<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\PlanSheet;
use App\Drawing\SideDrawing;
use App\Models\User;
use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class FrontController extends Controller
{
    public function __invoke(Request $request): View
    {
        $maker = $request->user();
        if (! $maker instanceof User) {
            $plan = Planner::plan(BagDocument::fromJson((string) file_get_contents(resource_path('example.json'))));

            return view(
                'front.guest',
                [
                    'example' => SideDrawing::of(
                        $plan,
                        LengthUnit::Centimetre,
                        ['#7d9a8c'],
                        new Writer(Terms::US),
                    )->inline(),
                ],
            );
        }
        $sheets = PlanSheet::all($maker);

        return view('front.maker', [
            'sheets' => $sheets,
            'materials' => $maker->strands()->count(),
            'swatches' => $maker->swatches()->count(),
        ]);
    }
}
