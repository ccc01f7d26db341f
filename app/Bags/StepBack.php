<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** One step back from a change that replaced several choices of a bag at once. */
final class StepBack
{
    /** Keeps the bag as it now is chosen, and offers the step back from what it was. */
    public static function from(Request $request, Bag $bag, RedirectResponse $to): RedirectResponse
    {
        $request->session()->put(self::key($bag), [
            'material_id' => $bag->getOriginal('material_id'),
            'swatch_id' => $bag->getOriginal('swatch_id'),
            'choices' => $bag->getOriginal('choices'),
        ]);
        $bag->save();

        return $to->with('undo', route('bags.undo', $bag));
    }

    /** Whether there was one to take. */
    public static function take(Request $request, Bag $bag): bool
    {
        $was = $request->session()->pull(self::key($bag));
        if (! is_array($was)) {
            return false;
        }
        $bag->forceFill($was)->save();

        return true;
    }

    private static function key(Bag $bag): string
    {
        return "bag-was.{$bag->id}";
    }
}
