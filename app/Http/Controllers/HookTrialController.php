<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Hands;
use App\Drawing\HandCurve;
use App\Http\Typed;
use App\Models\Material;
use App\Models\Swatch;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\QuickMeasure;
use Fescue\Core\Gauge\State;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Stitch\Motif;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** A hook trial: one material on several hooks, side by side, and what the maker's hands would make on those not tried. */
final class HookTrialController extends Controller
{
    /** Hooks a curve is drawn through, beside its first. */
    private const POINTS = 16;

    /** g; a stitch of the thickest strand there is. */
    private const HEAVIEST_STITCH = 100;

    public function show(Request $request): View
    {
        $maker = $this->maker($request);
        $strands = $maker->strands()->get();
        $id = Typed::text($request, 'material');
        $all = $maker->swatches()->get();
        // Unasked, the one she tried the most.
        $tried = $all->countBy('material_id');
        $material = $strands->firstWhere('id', (int) $id) ?? $strands->sortByDesc(fn(Material $one): int => $tried->get($one->id, 0))->first();
        $motif = Motif::tryFrom(Typed::text($request, 'stitch'));
        $swatches = $material === null ? [] : array_values($all->where('material_id', $material->id)->filter(fn(Swatch $one): bool => $motif === null || $one->stitch === $motif)->sortBy(fn(Swatch $one): array => [$one->hook->mm, $one->id])->all());
        $hands = new Hands($maker->id);
        $hand = $hands->learned();
        $expected = $material === null ? [] : self::expected($material, $swatches, $hand, $motif ?? Motif::Single);

        return view('swatches.trial', [
            'strands' => $strands, 'material' => $material, 'diameter' => $material?->diameter, 'swatches' => $swatches, 'expected' => $expected, 'motif' => $motif,
            'from' => $hand->from(), 'doubts' => $hands->doubts(), 'unit' => $maker->units, 'curves' => $material === null ? [] : self::curves($material, $swatches, $expected, $hand, $motif ?? Motif::Single),
        ]);
    }

    /**
     * A stitch's width, a row's height and a stitch's strand over the hooks that were tried or are worth a try.
     *
     * @param list<Swatch> $swatches
     * @param list<array{HookSize, Predicted}> $expected
     *
     * @return list<string> drawings
     */
    private static function curves(Material $material, array $swatches, array $expected, LearnedHand $hand, Motif $motif): array
    {
        $diameter = $material->diameter ?? Length::mm(4);
        $lay = array_values(array_filter($swatches, fn(Swatch $one): bool => $one->stitch === $motif && $one->state !== State::Hung));
        $hooks = [...array_map(fn(Swatch $one): float => $one->hook->mm, $lay), ...array_map(fn(array $one): float => $one[0]->diameter->mm, $expected)];
        if ($hooks === []) {
            return [];
        }
        [$first, $last] = [min($hooks), max(max($hooks), min($hooks) + 1)];
        $predicted = ['hand' => [], 'common' => []];
        for ($step = 0; $step <= self::POINTS; $step++) {
            $hook = HookSize::mm($first + ($last - $first) * $step / self::POINTS);
            $predicted['hand'][(string) $hook->diameter->mm] = $hand->predict($hook, $diameter, $material->kind, $motif);
            $predicted['common'][(string) $hook->diameter->mm] = LearnedHand::of([])->predict($hook, $diameter, $material->kind, $motif);
        }
        $drawings = [];
        foreach (['width' => ['A stitch is wide, mm', 1.0], 'height' => ['A row is high, mm', 1.0], 'strand' => ['A stitch takes, cm of strand', 0.1]] as $measure => [$title, $unit]) {
            $made = [];
            foreach ($lay as $one) {
                $gauge = $one->measured()->gauge();
                $value = match ($measure) {
                    'width' => $gauge->width->mm,
                    'height' => $gauge->height->mm,
                    default => $gauge->mass === null ? null : $material->density()->lengthOf($gauge->mass)->mm,
                };
                if ($value !== null) {
                    $made[] = [$one->hook->mm, $unit * $value, $one->chosen];
                }
            }
            $of = fn(array $all): array => array_map(fn(Predicted $one): Spread => $one->{$measure}->times($unit), $all);
            $drawings[] = HandCurve::of($title, $of($predicted['hand']), $of($predicted['common']), $made);
        }

        return $drawings;
    }

    /** Takes a quick measure as one more swatch of the trial. */
    public function store(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $id = Typed::text($request, 'material');
        $material = ctype_digit($id) ? $maker->strands()->find($id) : null;
        if ($material === null) {
            return back()->withInput()->withErrors(['material' => 'Choose one of your own materials.']);
        }
        $wrong = [];
        $hook = $measured = $mass = null;
        try {
            $hook = HookSize::parse(Typed::text($request, 'hook'));
        } catch (NotUnderstood $e) {
            $wrong['hook'] = $e->getMessage();
        }
        try {
            $mass = Typed::text($request, 'stitch_mass') === '' ? null : Mass::parse(Typed::text($request, 'stitch_mass'), MassUnit::Gram);
            if ($mass !== null && ($mass->grams <= 0 || $mass->grams > self::HEAVIEST_STITCH)) {
                throw new NotUnderstood('One stitch weighs above 0 and at most '.self::HEAVIEST_STITCH.' g. Is it the weight of all ten?');
            }
        } catch (NotUnderstood $e) {
            $wrong['stitch_mass'] = $e->getMessage();
        }
        try {
            $measured = QuickMeasure::parse(Typed::text($request, 'quick'), $maker->units)->swatch(Motif::tryFrom(Typed::text($request, 'stitch')) ?? Motif::Single, $mass);
        } catch (NotUnderstood $e) {
            $wrong['quick'] = $e->getMessage();
        }
        $state = State::tryFrom(Typed::text($request, 'state')) ?? State::Relaxed;
        $load = null;
        try {
            $load = $state === State::Hung ? Mass::parse(Typed::text($request, 'hung_load'), MassUnit::Gram) : null;
            if ($load !== null && ($load->grams < 10 || $load->grams > 30_000)) {
                throw new NotUnderstood('A swatch hangs under 10 g to 30 kg.');
            }
        } catch (NotUnderstood $e) {
            $wrong['hung_load'] = $e->getMessage();
        }
        if ($hook !== null && $measured !== null && $wrong === []) {
            $note = Typed::text($request, 'note');
            $doubt = $measured->doubt();
            if ($doubt === null) {
                $maker->swatches()->create(Swatch::columns($measured) + [
                    'material_id' => $material->id, 'name' => mb_substr("{$material->name}, {$measured->motif->value} on {$hook->exact()}", 0, 80), 'hook' => $hook->diameter,
                    'state' => $state, 'hung_load' => $load, 'drape' => Fabric::tryFrom(Typed::text($request, 'drape')), 'note' => $note === '' ? null : mb_substr($note, 0, 200),
                ]);

                return redirect()->route('swatches.trial', ['material' => $material->id])->with('status', "Tried on {$hook->print()}.");
            }
            $wrong['quick'] = $doubt->message;
        }

        return redirect()->route('swatches.trial', ['material' => $material->id])->withInput()->withErrors($wrong);
    }

    /** The hook of this trial that is taken. */
    public function choose(Swatch $swatch): RedirectResponse
    {
        $this->authorize('own', $swatch);
        Swatch::query()->where('user_id', $swatch->user_id)->where('material_id', $swatch->material_id)->update(['chosen' => false]);
        $swatch->update(['chosen' => true]);

        return redirect()->route('swatches.trial', ['material' => $swatch->material_id])->with('status', "“{$swatch->name}” is chosen.");
    }

    /**
     * Hooks worth a try that were not tried, with what to expect.
     *
     * @param list<Swatch> $swatches
     *
     * @return list<array{HookSize, Predicted}>
     */
    private static function expected(Material $material, array $swatches, LearnedHand $hand, Motif $motif): array
    {
        $diameter = $material->diameter ?? Length::mm(4);
        $advice = HookAdvice::of($diameter, $material->kind, Hand::Even, Fabric::Drape);
        $tried = array_map(fn(Swatch $swatch): string => $swatch->hookSize()->exact(), $swatches);
        $expected = [];
        $hook = $advice->range[0]->steps(-1);
        while ($hook->diameter->mm <= $advice->range[1]->diameter->mm && count($expected) < 8) {
            if (! in_array($hook->exact(), $tried, true)) {
                $expected[] = [$hook, $hand->predict($hook, $diameter, $material->kind, $motif)];
            }
            $next = $hook->steps(1);
            if ($next->diameter->mm <= $hook->diameter->mm) {
                break;
            }
            $hook = $next;
        }

        return $expected;
    }
}
