<?php

declare(strict_types=1);

namespace App\Bags;

use App\Drawing\HandCurve;
use App\Models\Material;
use App\Models\Swatch;
use App\Tongue\Tongues;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\State;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Fabric;
use Fescue\Core\Material\Hand;
use Fescue\Core\Material\HookAdvice;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Spread;
use Illuminate\Database\Eloquent\Collection;

/** One material on several hooks: what was tried, and what the maker's hands would make on those that were not. */
final readonly class HookTrial
{
    /** Hooks not tried that are told of. */
    private const MOST_EXPECTED = 8;

    /** Hooks a curve is drawn through, beside its first. */
    private const POINTS = 16;

    public Length $diameter;

    /** @var list<Swatch> from the smallest hook up */
    public array $swatches;

    /** @var list<array{HookSize, Predicted}> hooks worth a try, with what to expect */
    public array $expected;

    private Motif $motif;

    /**
     * @param Collection<int, Swatch> $all of the maker
     * @param ?Motif $only the stitch alone that is looked at; null for all that were tried
     */
    public function __construct(private Material $material, Collection $all, ?Motif $only, private LearnedHand $hand)
    {
        $this->diameter = $material->diameter ?? Length::mm(4);
        $this->motif = $only ?? Motif::single();
        $of = $all->where('material_id', $material->id)->filter(
            fn(Swatch $one): bool => $only === null || $one->stitch === $only,
        );
        $this->swatches = array_values($of->sortBy(fn(Swatch $one): array => [$one->hook->mm, $one->id])->all());
        $this->expected = $this->expected();
    }

    /**
     * A stitch's width, a row's height and a stitch's strand over the hooks that were tried or are worth a try.
     *
     * @return list<string> drawings
     */
    public function curves(): array
    {
        $lay = array_values(
            array_filter(
                $this->swatches,
                fn(Swatch $one): bool => $one->stitch === $this->motif && $one->state !== State::Hung,
            ),
        );
        $hooks = [
            ...array_map(fn(Swatch $one): float => $one->hook->mm, $lay),
            ...array_map(fn(array $one): float => $one[0]->diameter->mm, $this->expected),
        ];
        if ($hooks === []) {
            return [];
        }
        [$first, $last] = [min($hooks), max(max($hooks), min($hooks) + 1)];
        $hers = $anybodys = [];
        $common = LearnedHand::of([]);
        for ($step = 0; $step <= self::POINTS; $step++) {
            $hook = HookSize::mm($first + ($last - $first) * $step / self::POINTS);
            $hers[(string) $hook->diameter->mm] = $this->predict($this->hand, $hook);
            $anybodys[(string) $hook->diameter->mm] = $this->predict($common, $hook);
        }

        return [
            $this->curve(
                Tongues::tell('A stitch is wide, mm'),
                $hers,
                $anybodys,
                $lay,
                fn(Predicted $one): Spread => $one->width,
                fn(Swatch $one): float => $one->measured()->gauge()->width->mm,
            ),
            $this->curve(
                Tongues::tell('A row is high, mm'),
                $hers,
                $anybodys,
                $lay,
                fn(Predicted $one): Spread => $one->height,
                fn(Swatch $one): float => $one->measured()->gauge()->height->mm,
            ),
            $this->curve(
                Tongues::tell('A stitch takes, cm of strand'),
                $hers,
                $anybodys,
                $lay,
                fn(Predicted $one): Spread => $one->strand->times(0.1),
                $this->strand(...),
            ),
        ];
    }

    /**
     * @param array<Predicted> $hers by the hook's millimetres
     * @param array<Predicted> $anybodys
     * @param list<Swatch> $made
     * @param \Closure(Predicted): Spread $expected
     * @param \Closure(Swatch): ?float $measured
     */
    private function curve(
        string $title,
        array $hers,
        array $anybodys,
        array $made,
        \Closure $expected,
        \Closure $measured,
    ): string {
        $dots = [];
        foreach ($made as $one) {
            $value = $measured($one);
            if ($value !== null) {
                $dots[] = [$one->hook->mm, $value, $one->chosen];
            }
        }

        return HandCurve::of($title, array_map($expected, $hers), array_map($expected, $anybodys), $dots);
    }

    /** Centimetres in one stitch; null where it was not weighed. */
    private function strand(Swatch $swatch): ?float
    {
        $mass = $swatch->measured()->gauge()->mass;

        return $mass === null ? null : 0.1 * $this->material->density()->lengthOf($mass)->mm;
    }

    /** @return list<array{HookSize, Predicted}> */
    private function expected(): array
    {
        $advice = HookAdvice::of($this->diameter, $this->material->kind, Hand::Even, Fabric::Drape);
        $tried = array_map(fn(Swatch $one): string => $one->hookSize()->exact(), $this->swatches);
        $expected = [];
        $hook = $advice->range[0]->steps(-1);
        while ($hook->diameter->mm <= $advice->range[1]->diameter->mm && count($expected) < self::MOST_EXPECTED) {
            if (! in_array($hook->exact(), $tried, true)) {
                $expected[] = [$hook, $this->predict($this->hand, $hook)];
            }
            $next = $hook->steps(1);
            if ($next->diameter->mm <= $hook->diameter->mm) {
                break;
            }
            $hook = $next;
        }

        return $expected;
    }

    private function predict(LearnedHand $hand, HookSize $hook): Predicted
    {
        return $hand->predict(
            $hook,
            $this->diameter,
            $this->material->kind,
            $this->motif,
            $this->material->density(),
        );
    }
}
