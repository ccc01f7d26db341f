<?php

declare(strict_types=1);

namespace App\Bags;

use App\Models\Bag;
use App\Models\Draft;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Change;
use Fescue\Core\Bag\PartsWriter;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Wish;

/** A changed plan taken: what it changes of the bag is given from now on, what it leaves stays as open as it was. */
final class Mending
{
    /** @param ?int $other number of the material it goes on in; null where it takes no other */
    public static function take(Bag $bag, BagPlan $was, BagPlan $mended, ?int $other = null): void
    {
        $draft = Draft::of($bag);
        $hook = $mended->spec->facts->hands->hook->exact();
        $otherHook = $hook !== $was->spec->facts->hands->hook->exact();
        $before = self::settled($was);
        $follows = self::follows($mended);
        foreach (self::settled($mended) as $part => $counts) {
            if ($otherHook || $counts !== $before[$part]) {
                // On the same gauge what follows from the counts goes on following them.
                $draft = $draft->with([
                    $part => $otherHook ? $counts : array_diff_key($counts, $follows[$part] ?? []),
                ]);
            }
        }
        $taped = $mended->spec->facts->hands->taped;
        if ($taped !== $was->spec->facts->hands->taped) {
            // Of stitches of another size what is left open would be solved anew: what is worked stays as it is.
            $draft = $draft->with(self::settled($mended))->with([
                'tape' => ['width' => round($taped[0], 4), 'height' => round($taped[1], 4)],
            ]);
        }
        if ($otherHook) {
            $draft = $draft->without('swatch_id')->unmeasured()->learned($hook);
        }
        if ($other !== null) {
            $others = $draft->all['others'] ?? [];
            $draft = $draft->with([
                'others' => [...(is_array($others) ? array_values($others) : []), ['material_id' => $other]],
            ]);
        }
        $changes = self::changes($mended);
        if ($changes !== self::changes($was)) {
            $draft = $draft->with(['changes' => $changes]);
        }
        $draft->putOn($bag);
    }

    /** @return array<array{from: string, to: int}> */
    private static function changes(BagPlan $plan): array
    {
        return array_map(
            fn(Change $change): array => ['from' => $change->from->written(), 'to' => $change->to],
            $plan->spec->choices->changes,
        );
    }

    /** @return array<string, array<string, true>> by part, what was settled, not told, and does not follow the size */
    private static function follows(BagPlan $plan): array
    {
        $follows = [];
        foreach ($plan->parts as $place => $part) {
            $told = $plan->spec->choices->parts[$place]->maker->write();
            $settings = $part->maker->settings();
            $sized = array_column(Setting::serving($settings), 'name');
            foreach (array_diff(array_column($settings, 'name'), array_keys($told), $sized) as $name) {
                $follows[$part->chosen()->part()][$name] = true;
            }
        }

        return $follows;
    }

    /**
     * @return array<string, array<string, mixed>> the parts of a plan as a bag's choices have them, every count given
     */
    public static function settled(BagPlan $plan): array
    {
        return PartsWriter::write($plan->settled()->choices->parts);
    }

    /**
     * The size alone, which every count that may follow it follows from now on.
     *
     * @return array<string, array<string, mixed>>
     */
    public static function sized(BagPlan $plan): array
    {
        $choices = $plan->spec->choices;

        return ['size' => self::size($choices->wish)] + PartsWriter::write($choices->opened()->parts);
    }

    /** @return array<string, string> */
    private static function size(Wish $wish): array
    {
        $sides = ['length' => $wish->length, 'width' => $wish->width, 'height' => $wish->height];

        return array_map(
            fn(Length $side): string => $side->exact(),
            array_filter($sides, fn(?Length $side): bool => $side !== null),
        );
    }
}
