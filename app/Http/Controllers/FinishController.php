<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\FinishSheet;
use App\Bags\PlanSheet;
use App\Files\TiledPdf;
use App\Models\Bag;
use App\Models\BagFinish;
use App\Rules\Typed;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Document\Refused;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Everything between the last stitch and the shoulder, and what the bag really was. */
final class FinishController extends Controller
{
    private const SIDES = ['length', 'width', 'height'];

    public function show(Request $request, Bag $bag): View|RedirectResponse
    {
        $sheet = $this->sheet($request, $bag);
        if ($sheet === null) {
            return redirect()->route('bags.plan', $bag);
        }
        $finish = FinishSheet::of($sheet, $request);

        return $this->withWrong(
            view('bags.finish', ['bag' => $bag, 'sheet' => $sheet, 'finish' => $finish]),
            $finish->wrong,
        );
    }

    /** The lining's pieces at true size, to print and to cut by. */
    public function pdf(Request $request, Bag $bag): Response|RedirectResponse
    {
        $sheet = $this->sheet($request, $bag);
        if ($sheet === null) {
            return redirect()->route('bags.plan', $bag);
        }
        $finish = FinishSheet::of($sheet, $request);

        return $this->file(
            TiledPdf::of($finish->lining->pieces, $bag->name(), Typed::text($request, 'paper')),
            'application/pdf',
            "lining-{$bag->id}.pdf",
        );
    }

    /** It is done: what it measures, what it held, what she would do otherwise. */
    public function store(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $kept = $wrong = [];
        foreach (['wide', 'high'] as $side) {
            try {
                $kept[$side] = Typed::length(Typed::text($request, $side), $this->maker($request)->units)?->exact();
            } catch (NotUnderstood $e) {
                $wrong[$side] = $e->getMessage();
            }
        }
        try {
            $text = Typed::text($request, 'load');
            $kept['load'] = $text === '' ? null : Mass::parse($text, MassUnit::Kilogram)->exact();
        } catch (NotUnderstood $e) {
            $wrong['load'] = $e->getMessage();
        }
        $otherwise = Typed::text($request, 'otherwise');
        if (mb_strlen($otherwise) > 600) {
            $wrong['otherwise'] = 'At most 600 letters; these are '.mb_strlen($otherwise).'.';
        }
        foreach ($kept as $field => $said) {
            if ($said !== null && strlen($said) > 20) {
                $wrong[$field] = 'Write it shorter.';
            }
        }
        if ($wrong !== []) {
            return back()->withInput()->withErrors($wrong);
        }
        BagFinish::query()->updateOrCreate(['bag_id' => $bag->id], $kept + ['otherwise' => $otherwise]);

        return redirect()->route('bags.finish', $bag)->with('status', 'It is done, and written down.');
    }

    /** Taken back: it is not done. */
    public function undo(Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        BagFinish::query()->where('bag_id', $bag->id)->delete();

        return redirect()->route('bags.finish', $bag)->with('status', 'It is in hand again.');
    }

    /** The same bag of another size, with what she would do otherwise in sight. */
    public function again(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $larger = str_replace(',', '.', Typed::text($request, 'larger'));
        $factor = is_numeric($larger) ? 1 + (float) $larger / 100 : 1.0;
        try {
            if ($factor < 0.2 || $factor > 5.0) {
                throw Refused::at('/size', 'From 80 % smaller to 400 % larger.');
            }
            $out = $bag->plan()->comesOut;
            $copy = $bag->replicate(['revision']);
            $choices = $bag->choices;
            $size = array_combine(self::SIDES, [$out->baseLength, $out->baseWidth, $out->height]);
            if ($factor !== 1.0) {
                // Every count that follows the size is open again.
                $opened = $bag->plan()->spec->opened();
                $choices = PartsWriter::write($opened->parts) + $choices;
                $choices['size'] = array_map(
                    fn(Length $side): string => $side->times($factor)->exact(),
                    array_filter($size, fn(Length $side): bool => $side->mm > 5.0),
                );
            }
            $copy->choices = ['name' => mb_substr($bag->name(), 0, 110).', again'] + $choices;
            $copy->plan();
        } catch (Refused $e) {
            return back()->withInput()->withErrors(['larger' => $e->problems[0]->message]);
        }
        $copy->save();
        $note = BagFinish::query()->find($bag->id)->otherwise ?? '';

        return redirect()->route('bags.plan', $copy)->with(
            'status',
            'Made again'.($note === '' ? '.' : ". You wrote: “{$note}”"),
        );
    }

    private function sheet(Request $request, Bag $bag): ?PlanSheet
    {
        $this->authorize('own', $bag);
        try {
            return PlanSheet::of($bag, $this->maker($request));
        } catch (Refused) {
            return null;
        }
    }
}
