<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\WeighIn;
use Illuminate\Http\RedirectResponse;

/** One step back from a change that replaced several choices of a bag at once. */
final class StepBack
{
    /** Offers the step back from the change that the bag was just kept with. */
    public static function from(Bag $bag, RedirectResponse $to): RedirectResponse
    {
        return $to->with('undo', route('bags.undo', ['bag' => $bag, 'revision' => $bag->revision]));
    }

    /**
     * Takes back what one revision did, and nothing that came after it: fields changed since stay as they are, and what
     * was entered since stays entered. Whether there was something to take back.
     */
    public static function take(Bag $bag, int $revision): bool
    {
        return Changing::held($bag, function (Bag $bag) use ($revision): bool {
            $before = Changing::was($bag, $revision - 1);
            if ($before === null) {
                return false;
            }
            $after = $revision === $bag->revision ? $bag : Changing::was($bag, $revision);
            if ($after === null) {
                return false;
            }
            $stood = $bag->choices;
            $bag->choices = Merge::of($after->choices, $before->choices, $stood)->choices;
            foreach (['material_id', 'swatch_id'] as $link) {
                if ($bag->{$link} === $after->{$link}) {
                    $bag->{$link} = $before->{$link};
                }
            }
            $back = WeighIn::query()->where(['bag_id' => $bag->id, 'dropped_in' => $revision])->update(
                ['dropped_in' => null],
            );
            $bag->forgetStock();

            return $back > 0 || $bag->isDirty(['material_id', 'swatch_id']) || ! Merge::same($stood, $bag->choices);
        });
    }
}
