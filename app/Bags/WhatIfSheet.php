<?php

declare(strict_types=1);

namespace App\Bags;

use App\Bags\Sheets\PlanSheet;
use App\Books\BagFacts;
use App\Books\MakerHistory;
use App\Books\Question;
use App\Models\Bag;
use App\Models\Material;
use App\Models\Swatch;
use App\Models\User;
use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Gauge\Swatch as Measured;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Material as Strand;
use Illuminate\Database\Eloquent\Collection;

/**
 * A bag on other hooks and of other materials. Twelve whole plans a material: the first is reckoned with the page, and
 * whatever is known; the others follow one by one.
 */
final readonly class WhatIfSheet
{
    private const HOOKS = 6;

    private const MATERIALS = 6;

    /**
     * @param Collection<int, Material> $strands all of hers
     * @param list<HookSize> $hooks
     * @param list<Material> $materials of these
     * @param array<int, list<WhatIfCell>> $rows of each hook, by the material; none of one that follows
     * @param string $from what they are learned from
     */
    private function __construct(
        public PlanSheet $sheet,
        public Collection $strands,
        public array $hooks,
        public array $materials,
        public array $rows,
        public string $from,
    ) {}

    /**
     * @param list<int> $chosen materials; none where the nearest to its own are meant
     * @param bool $whole whether all are reckoned at once
     *
     * @throws Refused where the bag makes no plan
     */
    public static function of(Bag $bag, User $maker, array $chosen, bool $whole): self
    {
        $sheet = PlanSheet::of($bag, $maker);
        $strands = $maker->strands()->get();
        $nearest = $strands->sortBy(
            fn(Material $one): float => abs(
                ($one->diameter->mm ?? 0.0) - $sheet->plan->spec->facts->strands->own->diameter->mm,
            ) + ($one->id === $bag->material_id ? -100 : 0),
        );
        $materials = array_values(
            ($chosen === [] ? $nearest : $strands->whereIn('id', $chosen))->take(self::MATERIALS)->all(),
        );
        $first = $sheet->plan->spec->facts->hands->hook->steps(-2);
        $hooks = array_map($first->steps(...), range(0, self::HOOKS - 1));
        $books = BagFacts::of($bag)->hands()->books();
        $asked = array_map(fn(Material $one): Question => Question::whatIf($bag, $maker, $one), $materials);
        $books->look([Question::hand(BagFacts::of($bag)->hands()), ...$asked]);
        $rows = [];
        $from = '';
        foreach ($materials as $place => $material) {
            if ($whole || $place === 0 || $books->knows($asked[$place])) {
                [$rows[$material->id], $from] = $books->known(
                    $asked[$place],
                    fn(): array => self::reckoned($sheet, $maker, $material, $hooks),
                );
            }
        }

        return new self($sheet, $strands, $hooks, $materials, $rows, $from);
    }

    /**
     * @param list<HookSize> $hooks
     *
     * @return array{list<WhatIfCell>, string} and what they are learned from
     */
    private static function reckoned(PlanSheet $sheet, User $maker, Material $material, array $hooks): array
    {
        $bag = $sheet->bag;
        $hand = BagFacts::of($bag)->hands()->learned()->among($sheet->plan->fabrics());
        $swatches = $maker->swatches()->whereBelongsTo($material)->get();
        $strand = self::strand($bag, $material);
        $measured = array_map(
            fn(HookSize $hook): ?Measured => self::swatch($bag, $sheet->plan, $swatches, $material, $hook)?->measured(),
            $hooks,
        );
        $now = $material->id === $bag->material_id ? $sheet->plan->spec->facts->hands->hook->exact() : null;
        $row = array_map(
            fn(WhatIf $one): WhatIfCell => WhatIfCell::of(
                $one,
                $one->hook->exact() === $now,
                BagFacts::of($bag)->hands()->pace(),
                $bag,
                fn(BagPlan $plan): string => $sheet->figure($plan->comesOut->flatWidth).' × '
                    .$sheet->say($plan->comesOut->height),
            ),
            WhatIf::across($sheet->plan, $hand, $strand, $hooks, $measured),
        );

        return [$row, Tongues::orNone($hand->from())];
    }

    /** With what is there of it for the bag, and in it. */
    public static function strand(Bag $bag, Material $material): Strand
    {
        return $material->material(BagFacts::of($bag)->onHandOf($material) ?? $material->freeFor($bag->id));
    }

    /**
     * A swatch of just this, the bag's own before others.
     *
     * @param Collection<int, Swatch> $swatches
     */
    public static function swatch(
        Bag $bag,
        BagPlan $plan,
        Collection $swatches,
        Material $material,
        HookSize $hook,
    ): ?Swatch {
        $own = $material->id === $bag->material_id && $hook->exact() === $plan->spec->facts->hands->hook->exact()
            ? $bag->swatch
            : null;

        return $own ?? MakerHistory::measured($swatches, $material->id, $hook, $plan->spec->motif());
    }
}
