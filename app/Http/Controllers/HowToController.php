<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Glossary\HowTo;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** How each stitch is worked; for anybody, by the hand that holds her hook. */
final class HowToController extends Controller
{
    private const HAND = 'hand';

    public function __invoke(Request $request): View
    {
        $hand = Typed::text($request, self::HAND);
        if (in_array($hand, ['left', 'right'], true)) {
            $request->session()->put(self::HAND, $hand);
        }

        return view('how-to', [
            'all' => HowTo::all(Tongues::here()->terms),
            'isLeft' => $request->session()->get(self::HAND) === 'left',
        ]);
    }
}
