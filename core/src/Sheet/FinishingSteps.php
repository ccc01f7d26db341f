<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Material\EndCare;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Washing;
use Fescue\Core\Piece\AfterRounds;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\Note;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Tongue\Tongue;

/** What is done when the last row is worked, each step with its caution. */
final class FinishingSteps
{
    /**
     * @param list<Note> $notes of the plan
     *
     * @return list<array{string, string}> each with its name
     */
    public static function of(BagPlan $plan, array $notes, Tongue $tongue): array
    {
        $steps = [
            ...self::fastened($plan, $notes, $tongue),
            ...self::ends($plan, $tongue, self::finished($plan, $tongue)),
        ];

        return array_map(fn(string $name, string $text): array => [$name, $text], array_keys($steps), $steps);
    }

    /**
     * @param list<Note> $notes
     *
     * @return array<string, string> what is sewn on or closed
     */
    private static function fastened(BagPlan $plan, array $notes, Tongue $tongue): array
    {
        $steps = [];
        foreach ($plan->parts as $part) {
            $isAfter = $part->maker instanceof AfterRounds || $part->made->hangs || $part->made->assembly !== null;
            foreach ($isAfter ? $part->made->remarks : [] as $remark) {
                if ($remark->row === null && $remark->tone === Tone::Better && $remark->works) {
                    $at = $tongue->tell(match (true) {
                        $part->made->assembly !== null => 'Trimmings',
                        $part->made->hangs => 'Close',
                        default => 'Handles',
                    });
                    foreach ($notes as $note) {
                        if ($note->code === $remark->code) {
                            $steps[$at] = trim(
                                ($steps[$at] ?? '')." {$tongue->say($note->text())}",
                            );
                        }
                    }
                }
            }
        }

        return $steps;
    }

    /** @return array<string, string> step by step, by what it is finished with */
    private static function finished(BagPlan $plan, Tongue $tongue): array
    {
        $said = [];
        foreach ($plan->fitted as $place => $fitted) {
            $called = $tongue->tell($plan->spec->choices->finish[$place]::called()[0]);
            $said[$called] = trim(($said[$called] ?? '').' '.implode(' ', array_map(
                fn(Saying $step): string => ucfirst($tongue->say($step)),
                [$fitted->figures, ...$fitted->steps],
            )));
        }

        return $said;
    }

    /**
     * The ends, and washing.
     *
     * @param array<string, string> $between what comes before it is washed
     *
     * @return array<string, string>
     */
    public static function ends(BagPlan $plan, Tongue $tongue, array $between = []): array
    {
        $material = $plan->spec->facts->strands->own;
        $ends = array_map(
            fn(EndCare $care): string => "{$tongue->tell($care->do)}: {$tongue->tell($care->why)}"
                .($care->caution === '' ? '' : " {$tongue->tell($care->caution)}"),
            EndCare::of($material->kind, $material->make, $material->fibre),
        );

        return [
            $tongue->tell('Ends') => implode(' ', $ends),
            ...$between,
            $tongue->tell('Wash and block') => $tongue->tell(Washing::of($material->kind, $material->fibre)->value)
                // Cut from shirts, whatever they were dyed with.
                .($material->kind === Kind::TShirt ? ' '.$tongue->tell('Dark jersey may run: wash it alone.') : ''),
        ];
    }
}
