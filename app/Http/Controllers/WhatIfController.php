<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Bags\Mending;
use App\Bags\PlanSheet;
use App\Bags\StepBack;
use App\Bags\WhatIfCell;
use App\Models\Bag;
use App\Models\Hands;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use App\Models\WeighIn;
use App\Rules\Typed;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material as Strand;
use Fescue\Core\Measure\NotUnderstood;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One bag on other hooks and of other materials, by what the maker's hands have shown. */
final class WhatIfController extends Controller
{
    /** What another hook or material makes another of. */
    private const ANEW = [
        'material' => 1,
        'gauge' => 1,
        'swatch_counts' => 1,
        'learned' => 1,
        'hook' => 1,
        'others' => 1,
        'changes' => 1,
    ];

    private const HOOKS = 6;

    private const MATERIALS = 6;

    public function show(Request $request, Bag $bag): View
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $sheet = PlanSheet::of($bag, $maker);
        $strands = $maker->strands()->get();
        $chosen = array_filter(
            (array) $request->query('materials', []),
            fn(mixed $id): bool => is_string($id) && ctype_digit($id),
        );
        $nearest = $strands->sortBy(
            fn(Material $one): float => abs(
                ($one->diameter->mm ?? 0.0) - $sheet->plan->spec->strands->own->diameter->mm,
            ) + ($one->id === $bag->material_id ? -100 : 0),
        );
        $materials = ($chosen === [] ? $nearest : $strands->whereIn('id', $chosen))->take(self::MATERIALS)->values();
        $first = $sheet->plan->spec->hands->hook->steps(-2);
        $hooks = array_map($first->steps(...), range(0, self::HOOKS - 1));
        $ids = $materials->modelKeys();
        [$table, $from] = $bag->hands()->books()->known(
            "what-if {$bag->id}",
            json_encode([
                $bag->getAttributes(), $maker->units, $ids, $bag->hands()->marks(), $bag->hands()->marks(Hands::TIMED),
            ], JSON_THROW_ON_ERROR),
            fn(): array => $this->table($sheet, $maker, $ids, $hooks),
        );

        return view(
            'bags.what-if',
            [
                'bag' => $bag,
                'sheet' => $sheet,
                'strands' => $strands,
                'materials' => $materials,
                'hooks' => $hooks,
                'table' => $table,
                'from' => $from,
            ],
        );
    }

    /**
     * @param array<int> $ids of her materials
     * @param array<HookSize> $hooks
     *
     * @return array{array<int, list<WhatIfCell>>, string} cells by material, and what they are learned from
     */
    private function table(PlanSheet $sheet, User $maker, array $ids, array $hooks): array
    {
        $bag = $sheet->bag;
        $hand = $bag->hands()->learned()->among($sheet->plan->fabrics());
        $swatches = $maker->swatches()->get();
        $pace = $bag->hands()->pace();
        $table = [];
        foreach ($maker->strands()->with('reservations.bag')->whereKey($ids)->get() as $material) {
            $strand = self::strand($bag, $material);
            foreach ($hooks as $hook) {
                $measured = self::swatch($bag, $sheet->plan, $swatches, $material, $hook)?->measured();
                $table[$material->id][] = WhatIfCell::of(
                    WhatIf::of($sheet->plan, $hand, $strand, $hook, $measured),
                    $material->id === $bag->material_id
                        && $hook->exact() === $sheet->plan->spec->hands->hook->exact(),
                    $pace,
                    fn(BagPlan $plan): string => $sheet->figure($plan->comesOut->flatWidth).' × '
                        .$sheet->say($plan->comesOut->height),
                );
            }
        }

        return [$table, $hand->from()];
    }

    /**
     * The plan takes a cell: its material, its hook, the gauge that the maker's swatches teach, and either the counts
     * or the size that stays.
     */
    public function take(Request $request, Bag $bag): RedirectResponse
    {
        $this->authorize('own', $bag);
        $maker = $this->maker($request);
        $id = Typed::text($request, 'material_id');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        $keepsCounts = Typed::text($request, 'keep') === 'counts';
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            return back()->withErrors(['hook' => $e->getMessage()]);
        }
        if ($material === null) {
            return back()->withErrors(['material_id' => 'Choose one of your own materials.']);
        }
        try {
            $plan = $bag->plan();
            $swatch = self::swatch($bag, $plan, $maker->swatches()->get(), $material, $hook);
            $cell = WhatIf::of(
                $plan,
                (new Hands($maker->id))->learned()->among($plan->fabrics()),
                self::strand($bag, $material),
                $hook,
                $swatch?->measured(),
            );
            $taken = $keepsCounts ? $cell->counts : $cell->sized;
            if ($taken === null) {
                return back()->withErrors(
                    [
                        'hook' => $keepsCounts
                            ? 'These counts make no bag on that hook.'
                            : 'No counts come to that size on that hook.',
                    ],
                );
            }
            $parts = $keepsCounts ? Mending::settled($taken) : Mending::sized($taken);
            Changing::held($bag, function (Bag $bag) use ($parts, $material, $swatch, $hook): void {
                $choices = $parts + array_diff_key($bag->choices, self::ANEW + Bag::TAUGHT);
                $bag->material()->associate($material);
                $bag->swatch()->associate($swatch);
                $bag->choices = $swatch === null ? ['learned' => true, 'hook' => $hook->exact()] + $choices : $choices;
                // Begun anew: what was weighed is of another bag, until this is taken back.
                WeighIn::query()->where('bag_id', $bag->id)->whereNull('dropped_in')->update(
                    ['dropped_in' => $bag->revision + 1],
                );
                $bag->forgetStock();
                $bag->plan();
            });
        } catch (Refused $e) {
            return back()->withErrors(['hook' => $e->problems[0]->message]);
        }
        $said = ($keepsCounts ? 'its counts kept, ' : 'its size kept, ')
            .($swatch === null ? 'as your swatches expect it. Work a swatch of it before you '
            .'trust it.' : "by your swatch “{$swatch->name}”.");

        return StepBack::from(
            $bag,
            redirect()->route('bags.plan', $bag)->with(
                'status',
                "Taken: {$material->name} on {$hook->print()}, {$said}",
            ),
        );
    }

    /** With what is there of it for the bag, and in it. */
    private static function strand(Bag $bag, Material $material): Strand
    {
        return $material->material($bag->onHandOf($material) ?? $material->freeFor($bag->id));
    }

    /**
     * A swatch of just this, the bag's own before others.
     *
     * @param Collection<int, Swatch> $swatches
     */
    private static function swatch(
        Bag $bag,
        BagPlan $plan,
        Collection $swatches,
        Material $material,
        HookSize $hook,
    ): ?Swatch {
        $own = $material->id === $bag->material_id && $hook->exact() === $plan->spec->hands->hook->exact()
            ? $bag->swatch
            : null;

        return $own ?? Hands::measured($swatches, $material->id, $hook, $plan->spec->motif());
    }
}
