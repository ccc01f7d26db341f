<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Hands;
use App\Bags\PlanSheet;
use App\Http\Typed;
use App\Models\Bag;
use App\Models\Material;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One bag on other hooks and of other materials, by what the maker's hands have shown. */
final class WhatIfController extends Controller
{
    private const HOOKS = 6;

    private const MATERIALS = 6;

    public function show(Request $request, Bag $bag): View|RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        try {
            $sheet = PlanSheet::of($bag, $maker);
        } catch (Refused) {
            return redirect()->route('bags.plan', $bag);
        }
        $strands = $maker->strands()->with('reservations.bag')->get();
        $chosen = array_filter((array) $request->query('materials', []), fn(mixed $id): bool => is_string($id) && ctype_digit($id));
        $nearest = $strands->sortBy(fn(Material $one): float => abs(($one->diameter->mm ?? 0.0) - $sheet->plan->spec->material->diameter->mm) + ($one->id === $bag->material_id ? -100 : 0));
        $materials = ($chosen === [] ? $nearest : $strands->whereIn('id', $chosen))->take(self::MATERIALS)->values();
        $trials = array_values(Hands::trials($maker->id));
        $hand = LearnedHand::of($trials);
        $first = $sheet->plan->spec->hook->steps(-2);
        $hooks = [];
        for ($step = 0; $step < self::HOOKS; $step++) {
            $hook = $first->steps($step);
            $hooks[$hook->exact()] = $hook;
        }
        $table = [];
        foreach ($materials as $material) {
            $strand = $material->material($material->freeFor($bag->id));
            foreach ($hooks as $hook) {
                $table[$material->id][] = WhatIf::of($sheet->plan, $hand, $strand, $hook);
            }
        }

        return view('bags.what-if', ['bag' => $bag, 'sheet' => $sheet, 'strands' => $strands, 'materials' => $materials, 'hooks' => array_values($hooks), 'table' => $table, 'from' => count($trials)]);
    }

    /** The plan takes a cell: its material, its hook, and the gauge that the maker's swatches teach. */
    public function take(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $id = Typed::text($request, 'material_id');
        $material = ctype_digit($id) ? $this->maker($request)->strands()->find($id) : null;
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            return back()->withErrors(['hook' => $e->getMessage()]);
        }
        if ($material === null) {
            return back()->withErrors(['material_id' => 'Choose one of your own materials.']);
        }
        $was = ['material_id' => $bag->material_id, 'swatch_id' => $bag->swatch_id, 'choices' => $bag->choices];
        $bag->material()->associate($material);
        $bag->swatch()->dissociate();
        $bag->choices = ['learned' => true, 'hook' => $hook->exact()] + array_diff_key($bag->choices, ['material' => 1, 'gauge' => 1, 'weigh_ins' => 1]);
        try {
            $bag->plan();
        } catch (Refused $e) {
            $bag->fill($was);

            return back()->withErrors(['hook' => $e->problems[0]->message]);
        }
        $bag->save();

        return redirect()->route('bags.plan', $bag)->with('status', "Taken: {$material->name} on {$hook->print()}, as your swatches expect it. Work a swatch of it before you trust it.");
    }
}
