<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\StockEntry;
use App\Stash\Ledger;
use Fescue\Core\Stock\NotEnough;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One step back from a change that replaced several choices of a bag at once. */
final class StepBack
{
    /**
     * Keeps the bag as it now is chosen, and offers the step back from what it was.
     *
     * @param ?StockEntry $struck a line of the ledger that the change struck out
     */
    public static function from(
        Request $request,
        Bag $bag,
        RedirectResponse $to,
        ?StockEntry $struck = null,
    ): RedirectResponse {
        $request->session()->put(self::key($bag), [
            'was' => [
                'material_id' => $bag->getOriginal('material_id'),
                'swatch_id' => $bag->getOriginal('swatch_id'),
                'choices' => $bag->getOriginal('choices'),
            ],
            'struck' => $struck?->id,
        ]);
        $bag->save();

        return $to->with('undo', route('bags.undo', $bag));
    }

    /** Whether there was one to take. */
    public static function take(Request $request, Bag $bag): bool
    {
        $kept = $request->session()->pull(self::key($bag));
        if (! is_array($kept) || ! is_array($kept['was'] ?? null)) {
            return false;
        }
        $bag->forceFill($kept['was'])->save();
        $struck = is_int($kept['struck'] ?? null) ? StockEntry::query()->find($kept['struck']) : null;
        try {
            if ($struck !== null) {
                Ledger::strike($struck, false);
            }
        } catch (NotEnough) {
            // It was used elsewhere in the meantime: the ledger says so, and the bag is as it was all the same.
            return true;
        }

        return true;
    }

    private static function key(Bag $bag): string
    {
        return "bag-was.{$bag->id}";
    }
}
