<?php

declare(strict_types=1);

namespace App\Bags;

use App\Books\BagFacts;
use App\Models\Bag;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Gauge\State;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\Note;
use Fescue\Core\Report\Notes;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Work\CountError;

/** What to watch out for with a bag: the core's notes on its plan, and those of what is kept of it. */
final class BagNotes
{
    /** What is said to whoever planned it, of her own swatches and scale. */
    private const HERS = ['weigh-in-odd', 'swatch-disagrees', 'swatch-weight-odd', 'swatch-small', 'on-hand-unknown'];

    /**
     * @param bool $isGiven whether another maker gave the bag: then those that concern her alone are left out
     *
     * @return list<Note>
     */
    public static function on(
        Bag $bag,
        BagPlan $plan,
        MaterialEstimate $estimate,
        bool $isGiven,
    ): array {
        $swatches = $isGiven || $plan->spec->facts->hands->doubts === [] || $bag->swatch !== null
            ? []
            : BagFacts::of($bag)->hands()->names();
        $notes = [...self::mismatches($bag), ...Notes::on($plan, $estimate, $swatches)];
        $concerns = fn(Note $note): bool => ! $isGiven || ! in_array($note->code, self::HERS, true);

        return array_values(array_filter($notes, $concerns));
    }

    /** @return list<Note> how she mends wrong counts of it, as she chose at Work */
    public static function mended(Bag $bag, BagPlan $plan): array
    {
        $notes = [];
        foreach (WorkLog::mends($bag, $plan) as $place => $more) {
            $next = $plan->work->rows[$place + 1] ?? null;
            if ($next !== null) {
                $with = ['row' => $plan->work->rows[$place]->id, 'n' => abs($more)];
                $notes[] = new Note(
                    'mended',
                    Tone::Trouble,
                    $next->id,
                    $more < 0
                        ? new Saying('{row} was {n} too many.', $with)
                        : new Saying('{row} was {n} too few.', $with),
                    new Saying('{Does}', ['does' => CountError::told($more, $plan->work->rows[$place]->count->leaves)]),
                    true,
                );
            }
        }

        return $notes;
    }

    /** @return list<Note> where the swatch is not of what the bag is worked in */
    private static function mismatches(Bag $bag): array
    {
        $swatch = $bag->swatch;
        $notes = [];
        if (
            $bag->material !== null && $swatch !== null && $swatch->material_id !== $bag->material_id
            && $swatch->material !== null
        ) {
            $notes[] = new Note(
                'swatch-of-another',
                Tone::Trouble,
                null,
                new Saying('The swatch is of {one}, the bag of {other}.', [
                    'one' => $swatch->material->name, 'other' => $bag->material->name,
                ]),
                new Saying('Another strand makes other stitches. Choose a swatch of it, or what all your swatches '
                    .'teach, at Material and hook.'),
            );
        }
        if ($swatch?->state === State::Hung) {
            $notes[] = new Note(
                'swatch-hung',
                Tone::Trouble,
                null,
                new Saying('The swatch was measured as it hung.'),
                new Saying('The bag lying flat comes out shorter than this says. Choose one that was measured as it '
                    .'lay.'),
            );
        }

        return $notes;
    }
}
