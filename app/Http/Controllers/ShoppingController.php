<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Listed;
use App\Bags\Sheets\PlanSheet;
use App\Bags\Shopping;
use App\Rules\Typed;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What to get for the bags she is about to make: on a page that prints. */
final class ShoppingController extends Controller
{
    /** Bags in hand that are offered; each is planned. */
    private const MOST = 40;

    public function __invoke(Request $request): View
    {
        $maker = $this->maker($request);
        $asked = array_filter(explode(',', mb_substr(Typed::text($request, 'bags'), 0, 400)), ctype_digit(...));
        $ticked = $request->input('for');
        $asked = is_array($ticked) ? array_filter(
            $ticked,
            fn(mixed $one): bool => is_string($one) && ctype_digit($one),
        ) : $asked;
        $all = Listed::query($maker);
        $all->limit(self::MOST);
        $sheets = PlanSheet::all($maker, $all->get()->all());
        $planned = array_values(array_filter(array_column($sheets, 'sheet')));
        $chosen = array_map(intval(...), $asked);
        $taken = $chosen === [] ? $planned : array_values(array_filter(
            $planned,
            fn(PlanSheet $sheet): bool => in_array($sheet->bag->id, $chosen, true),
        ));

        return view('bags.shopping', [
            'all' => $planned,
            'taken' => array_map(fn(PlanSheet $sheet): int => $sheet->bag->id, $taken),
            'shopping' => Shopping::of($maker, $taken),
        ]);
    }
}
