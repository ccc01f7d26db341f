<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Hands;
use App\Bags\PlanSheet;
use App\Bags\StepBack;
use App\Http\Typed;
use App\Models\Bag;
use App\Models\Material;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\WhatIf;
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
        $hand = (new Hands($maker->id))->learned();
        $first = $sheet->plan->spec->hook->steps(-2);
        $hooks = [];
        for ($step = 0; $step < self::HOOKS; $step++) {
            $hook = $first->steps($step);
            $hooks[$hook->exact()] = $hook;
        }
        $swatches = $maker->swatches()->get();
        $table = [];
        foreach ($materials as $material) {
            $strand = $material->material($material->freeFor($bag->id));
            foreach ($hooks as $hook) {
                $own = $material->id === $bag->material_id && $hook->exact() === $sheet->plan->spec->hook->exact() ? $bag->swatch : null;
                $swatch = $own ?? Hands::measured($swatches, $material->id, $hook, $sheet->plan->spec->body->motif());
                $table[$material->id][] = WhatIf::of($sheet->plan, $hand, $strand, $hook, $swatch?->measured());
            }
        }

        return view('bags.what-if', ['bag' => $bag, 'sheet' => $sheet, 'strands' => $strands, 'materials' => $materials, 'hooks' => array_values($hooks), 'table' => $table, 'from' => $hand->from()]);
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
        try {
            $motif = $bag->plan()->spec->body->motif();
            $swatch = Hands::measured($this->maker($request)->swatches()->get(), $material->id, $hook, $motif);
            $choices = array_diff_key($bag->choices, ['material' => 1, 'gauge' => 1, 'weigh_ins' => 1, 'swatch_counts' => 1, 'learned' => 1, 'hook' => 1, 'others' => 1, 'changes' => 1] + Bag::TAUGHT);
            $bag->material()->associate($material);
            $bag->swatch()->associate($swatch);
            $bag->choices = $swatch === null ? ['learned' => true, 'hook' => $hook->exact()] + $choices : $choices;
            $bag->plan();
        } catch (Refused $e) {
            return back()->withErrors(['hook' => $e->problems[0]->message]);
        }
        $said = $swatch === null ? 'as your swatches expect it. Work a swatch of it before you trust it.' : "by your swatch “{$swatch->name}”.";

        return StepBack::from($request, $bag, redirect()->route('bags.plan', $bag)->with('status', "Taken: {$material->name} on {$hook->print()}, {$said}"));
    }
}
