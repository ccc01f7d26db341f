<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Beginning;
use App\Bags\BeginningSheet;
use App\Bags\CarriedPattern;
use App\Bags\Listed;
use App\Bags\WorkLog;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class FrontController extends Controller
{
    /** Bags on the worktable: those that were in hand last. */
    private const SHOWN = 12;

    public function __invoke(Request $request): View
    {
        $maker = $request->user();
        if (! $maker instanceof User) {
            // A stranger begins at once: the page that plans from what is in the hand.
            return view('begin.show', [
                'sheet' => new BeginningSheet(new Beginning($request, null)),
                'brought' => CarriedPattern::now(),
                'materials' => [],
                'swatches' => [],
            ]);
        }
        $listed = Listed::all($maker, Listed::query($maker)->limit(self::SHOWN)->get()->all());

        return view('front.maker', [
            'inHand' => WorkLog::inHand($maker),
            'listed' => $listed,
            'more' => max(0, $maker->bags()->count() - count($listed)),
            'materials' => $maker->strands()->count(),
            'swatches' => $maker->swatches()->count(),
        ]);
    }
}
