<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bags\Changing;
use App\Drawing\Ink;
use App\Models\Bag;
use App\Models\Material;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Scraps;
use Fescue\Core\Estimate\StrandEnd;
use Fescue\Core\Estimate\StrandEnds;
use Fescue\Core\Material\HeldTogether;
use Fescue\Core\Material\Strand;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * Several strands of the stash held together: what they are as one, and which runs out first; or worked one after
 * another.
 */
final class TogetherController extends Controller
{
    public const MOST_ENDS = 12;

    /** Orders of scraps worked one after another, the first at the bottom. */
    public const ORDERS = [
        'dark' => 'the dark low, the light high',
        'light' => 'the light low, the dark high',
        'mine' => 'in my own order',
    ];

    public function show(Request $request): View
    {
        $maker = $this->maker($request);
        $materials = $maker->strands()->get();
        $id = Typed::text($request, 'bag');
        $bag = ctype_digit($id) ? $maker->bags()->find($id) : null;
        $kept = $bag?->choices['together'] ?? null;
        if (is_array($kept) && ! $request->has('ends')) {
            // What was kept with the bag stands here again.
            $request->merge($kept);
        }
        [$strands, $wrong] = self::strands($request, $materials);
        $held = $strands === [] || $wrong !== [] ? null : new HeldTogether(array_values($strands));
        $order = array_key_exists(
            Typed::text($request, 'order'),
            self::ORDERS,
        ) ? Typed::text($request, 'order') : 'dark';
        $view = view('stash.together', [
            'materials' => $materials,
            'typed' => fn(Material $material, string $field = 'ends'): string => Typed::text(
                $request,
                "{$field}.{$material->id}",
            ),
            'held' => $held,
            'bags' => $maker->bags()->get(),
            'bag' => $bag,
            'isKept' => is_array($kept),
            'order' => $order,
            'query' => [
                'ends' => self::filled($request, 'ends'),
                'order' => $order,
                'place' => self::filled($request, 'place'),
            ],
            'ends' => $held === null || $bag === null ? null : self::ends($bag, $held),
            'scraps' => $held === null || $bag === null || count($strands) < 2 ? null : self::scraps(
                $bag,
                self::inOrder($request, $materials, $strands, $order),
            ),
        ]);

        return $this->withWrong($view, $wrong);
    }

    /** Keeps the strands and their order with a bag. */
    public function keep(Request $request): RedirectResponse
    {
        $maker = $this->maker($request);
        $id = Typed::text($request, 'bag');
        $bag = ctype_digit($id) ? $maker->bags()->find($id) : null;
        [$strands, $wrong] = self::strands($request, $maker->strands()->get());
        if ($bag === null || $wrong !== [] || $strands === []) {
            return back()->withErrors(
                $wrong === [] ? ['bag' => Tongues::tell(
                    'Choose one of your own bags, and say how many ends.',
                )] : $wrong,
            );
        }
        $ends = array_map(fn(Strand $strand): string => (string) $strand->ends, $strands);
        $places = [];
        foreach (array_keys($strands) as $material) {
            $place = Typed::text($request, "place.{$material}");
            if (ctype_digit($place)) {
                $places[$material] = $place;
            }
        }
        $order = Typed::text($request, 'order');
        $together = [
            'ends' => $ends,
            'order' => array_key_exists($order, self::ORDERS) ? $order : 'dark',
            'place' => $places,
        ];
        Changing::held($bag, function (Bag $bag) use ($together): void {
            $bag->choices = ['together' => $together] + $bag->choices;
        });

        return redirect()->route('stash.together', ['bag' => $bag->id])->with('status', Tongues::tell(
            'Kept with “{name}”.',
            ['name' => $bag->name()],
        ));
    }

    /**
     * @param Collection<int, Material> $materials
     * @param array<int, Strand> $strands
     *
     * @return list<Strand> the first at the bottom
     */
    private static function inOrder(Request $request, Collection $materials, array $strands, string $order): array
    {
        $rank = [];
        foreach ($materials as $material) {
            $place = Typed::text($request, "place.{$material->id}");
            $light = Ink::lightness($material->colour);
            $rank[$material->id] = match ($order) {
                'light' => -$light,
                // Those she gave no place come last.
                'mine' => ctype_digit($place) ? (float) $place : INF,
                default => $light,
            };
        }
        uksort($strands, fn(int $a, int $b): int => $rank[$a] <=> $rank[$b]);

        return array_values($strands);
    }

    /**
     * @param list<Strand> $strands
     *
     * @return ?Scraps null where the bag makes no plan
     */
    private static function scraps(Bag $bag, array $strands): ?Scraps
    {
        try {
            return Scraps::of($bag->plan(), $strands);
        } catch (Refused) {
            return null;
        }
    }

    /** @return ?list<StrandEnd> in that bag, of these strands; null where it makes no plan */
    private static function ends(Bag $bag, HeldTogether $held): ?array
    {
        try {
            return StrandEnds::of($bag->plan(), $held->strands);
        } catch (Refused) {
            return null;
        }
    }

    /**
     * @param Collection<int, Material> $materials
     *
     * @return array{array<int, Strand>, array<string, string>} what is held, by the material's number, and what was not
     *         understood by field
     */
    private static function strands(Request $request, Collection $materials): array
    {
        $strands = [];
        $wrong = [];
        foreach ($materials as $material) {
            $text = Typed::text($request, "ends.{$material->id}");
            if ($text === '' || $text === '0') {
                continue;
            }
            if (! ctype_digit($text) || (int) $text > self::MOST_ENDS) {
                $wrong["ends.{$material->id}"] = Tongues::tell(
                    'Write how many ends, from 0 to {most}.',
                    ['most' => self::MOST_ENDS],
                );
            } else {
                $strands[$material->id] = new Strand($material->name, $material->material(), (int) $text);
            }
        }

        return [$strands, $wrong];
    }

    /** @return array<mixed> of the fields of that name those with something in them */
    private static function filled(Request $request, string $name): array
    {
        return array_filter(
            (array) $request->input($name, []),
            fn(mixed $one): bool => ! in_array($one, [null, '', '0'], true),
        );
    }
}
