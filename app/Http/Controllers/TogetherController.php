<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawing\Ink;
use App\Http\Typed;
use App\Models\Bag;
use App\Models\Material;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\StrandEnd;
use Fescue\Core\Estimate\StrandEnds;
use Fescue\Core\Material\HeldTogether;
use Fescue\Core\Material\Strand;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

/** Several strands of the stash held together: what they are as one, and which runs out first. Keeps nothing. */
final class TogetherController extends Controller
{
    private const MOST_ENDS = 12;

    public function __invoke(Request $request): View
    {
        $maker = $this->maker($request);
        $materials = $maker->strands()->get();
        [$strands, $wrong] = self::strands($request, $materials);
        $held = $strands === [] || $wrong !== [] ? null : new HeldTogether($strands);
        $id = Typed::text($request, 'bag');
        $bag = ctype_digit($id) ? $maker->bags()->find($id) : null;
        $view = view('stash.together', [
            'materials' => $materials,
            'typed' => fn(Material $material): string => Typed::text($request, "ends.{$material->id}"),
            'held' => $held,
            'bags' => $maker->bags()->get(),
            'bag' => $bag,
            'byShade' => self::byShade($materials, $strands),
            'ends' => $held === null || $bag === null ? null : self::ends($bag, $held),
        ]);

        return $this->withWrong($view, $wrong);
    }

    /**
     * Names from the darkest to the lightest.
     *
     * @param Collection<int, Material> $materials
     * @param list<Strand> $strands
     *
     * @return list<string>
     */
    private static function byShade(Collection $materials, array $strands): array
    {
        $names = array_map(fn(Strand $strand): string => $strand->name, $strands);

        return array_values($materials->whereIn('name', $names)->sortBy(fn(Material $one): float => Ink::lightness($one->colour))->pluck('name')->map(fn(mixed $name): string => is_string($name) ? $name : '')->all());
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
     * @return array{list<Strand>, array<string, string>} what is held, and what was not understood by field
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
                $wrong["ends.{$material->id}"] = 'Write how many ends, from 0 to '.self::MOST_ENDS.'.';
            } else {
                $strands[] = new Strand($material->name, $material->material(), (int) $text);
            }
        }

        return [$strands, $wrong];
    }
}
