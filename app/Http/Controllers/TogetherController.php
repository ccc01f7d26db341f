<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Models\Cord;
use Fescue\Core\Material\HeldTogether;
use Fescue\Core\Material\Strand;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;

/** Several cords of the stash held together: what they are as one, and which runs out first. Keeps nothing. */
final class TogetherController extends Controller
{
    private const MOST_ENDS = 12;

    public function __invoke(Request $request): View
    {
        $maker = $this->maker($request);
        $cords = $maker->cords()->get();
        [$strands, $wrong] = self::strands($request, $cords);
        $view = view('stash.together', [
            'cords' => $cords,
            'typed' => fn(Cord $cord): string => Typed::text($request, "ends.{$cord->id}"),
            'held' => $strands === [] || $wrong !== [] ? null : new HeldTogether($strands),
        ]);

        return $this->withWrong($view, $wrong);
    }

    /**
     * @param Collection<int, Cord> $cords
     *
     * @return array{list<Strand>, array<string, string>} what is held, and what was not understood by field
     */
    private static function strands(Request $request, Collection $cords): array
    {
        $strands = [];
        $wrong = [];
        foreach ($cords as $cord) {
            $text = Typed::text($request, "ends.{$cord->id}");
            if ($text === '' || $text === '0') {
                continue;
            }
            if (! ctype_digit($text) || (int) $text > self::MOST_ENDS) {
                $wrong["ends.{$cord->id}"] = 'Write how many ends, from 0 to '.self::MOST_ENDS.'.';
            } else {
                $strands[] = new Strand($cord->name, $cord->material(), (int) $text);
            }
        }

        return [$strands, $wrong];
    }
}
