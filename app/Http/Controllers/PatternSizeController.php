<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Bags\Steps;
use App\Models\Bag;
use App\Models\Draft;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Bag\Refit;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Written\AsWritten;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A bag as it is written, written as large as she wishes. */
final class PatternSizeController extends Controller
{
    public function __invoke(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $wish = $wrong = [];
        foreach (['wide', 'high'] as $side) {
            try {
                $wish[$side] = Typed::length(Typed::text($request, $side), $maker->units);
            } catch (NotUnderstood $e) {
                $wrong[$side] = Tongues::say($e->said);
            }
        }
        $back = redirect()->route('bags.plan', $bag)->withInput();
        if ($wrong === [] && array_filter($wish, fn(?Length $one): bool => $one !== null) === []) {
            $wrong['wide'] = Tongues::tell('Say how wide, or how high.');
        }
        if ($wrong !== []) {
            return $back->withErrors($wrong);
        }
        try {
            $text = Refit::toward($bag->plan(), $wish['wide'] ?? null, $wish['high'] ?? null);
            if ($text === null) {
                return $back->withErrors(['wide' => Tongues::tell(
                    'Nothing in it stretches so. Change its text under Pattern: what each row says is drawn at once.',
                )]);
            }
            Changing::held($bag, function (Bag $bag) use ($text): void {
                $draft = Draft::of($bag);
                $build = $draft->all['build'] ?? [];
                $build = ['type' => AsWritten::key(), 'pattern' => $text] + (is_array($build) ? $build : []);
                $draft->with(['build' => $build])->putOn($bag);
                $bag->plan();
            });
        } catch (Refused $e) {
            return $back->withErrors(['wide' => Tongues::say($e->problems[0]->said)]);
        }

        return Steps::offer($bag, redirect()->route('bags.plan', $bag)->with(
            'status',
            Tongues::tell('Written anew: as near to that as whole stitches and rows come.'),
        ));
    }
}
