<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Beginning;
use App\Bags\BeginningSheet;
use App\Bags\CarriedPattern;
use App\Bags\Sheets\PlanSheet;
use App\Drawing\SolidDrawing;
use App\Models\Swatch;
use App\Models\User;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What she holds, every kind of bag it makes, and the answer; without an account too, and nothing is kept. */
final class BeginController extends Controller
{
    public function show(Request $request): View|JsonResponse
    {
        $sheet = new BeginningSheet($this->beginning($request));
        if ($request->expectsJson()) {
            return $this->drawn($sheet, Typed::text($request, 'part'));
        }
        $maker = $request->user();

        return view('begin.show', [
            'sheet' => $sheet,
            'brought' => CarriedPattern::now(),
            'materials' => $maker instanceof User ? $maker->strands()->pluck('name', 'id')->all() : [],
            'swatches' => $maker instanceof User
                ? Swatch::toPlanFrom($maker->swatches()->with('material')->get())
                : [],
        ]);
    }

    /** @param string $part "answer", and "kinds" which follow it; both to a page that asks for neither */
    private function drawn(BeginningSheet $sheet, string $part): JsonResponse
    {
        $regions = $part === 'kinds' ? [] : $sheet->answer();
        foreach ($part === 'answer' ? [] : $sheet->kinds() as $key => $drawn) {
            $regions["way-{$key}"] = $drawn;
        }

        return new JsonResponse(
            [
                'regions' => $regions,
                'errors' => (object) $sheet->begun->wrong,
                // What a touch of one says of another.
                'kind' => $sheet->begun->kind->value,
                'thick' => $sheet->begun->shown('thick'),
                'hook' => $sheet->begun->hook->exact(),
            ],
            options: JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    /** The whole plan, for whoever has no account: to read, and to keep by registering. */
    public function plan(Request $request): View|RedirectResponse
    {
        $begun = $this->beginning($request);
        try {
            $sheet = $this->sheet($request, $begun);
        } catch (Refused) {
            return redirect('/begin?'.$begun->query());
        }

        return view('begin.plan', ['sheet' => $sheet, 'begun' => $begun, 'answer' => new BeginningSheet($begun)]);
    }

    /** The same bag as it stands. */
    public function solid(Request $request): Response
    {
        try {
            $sheet = $this->sheet($request, $this->beginning($request));
        } catch (Refused $e) {
            abort(422, Tongues::say($e->problems[0]->said));
        }

        return new Response(
            SolidDrawing::gltf(
                $sheet->solid(Typed::text($request, 'carried') === '1'),
                $sheet->bag->name(),
                $sheet->colours(),
            ),
            200,
            ['Content-Type' => 'model/gltf-binary'],
        );
    }

    public function keep(Request $request): RedirectResponse
    {
        $begun = new Beginning($request, $this->maker($request));
        try {
            $bag = $begun->bag();
        } catch (Refused $e) {
            return redirect('/begin?'.$begun->query())->withErrors(['bag' => Tongues::say($e->problems[0]->said)]);
        }
        $bag->save();

        return redirect()->route('bags.plan', $bag)->with(
            'status',
            Tongues::tell('Kept. Change anything at the left and the drawing follows.'),
        );
    }

    /** @throws Refused where what was begun makes no bag */
    private function sheet(Request $request, Beginning $begun): PlanSheet
    {
        return PlanSheet::of($begun->bag(), $request->user() ?? new User(['units' => 'cm', 'terms' => 'us']));
    }

    private function beginning(Request $request): Beginning
    {
        $maker = $request->user();

        return new Beginning($request, $maker instanceof User ? $maker : null);
    }
}
