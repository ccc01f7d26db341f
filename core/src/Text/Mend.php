<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** A row with one number of it changed. */
final class Mend
{
    /** By so much, the least first. */
    private const BY = [1, -1, 2, -2, 3, -3, 4, -4, 5, -5, 6, -6];

    /**
     * @param list<Step> $steps
     *
     * @return \Generator<array{list<Step>, string}> the row, and what is changed in words
     */
    public static function of(array $steps): \Generator
    {
        foreach (self::BY as $by) {
            foreach ($steps as $nth => $step) {
                foreach (self::changed($step, $by) as [$other, $said]) {
                    yield [[...array_slice($steps, 0, $nth), $other, ...array_slice($steps, $nth + 1)], $said];
                }
            }
        }
    }

    /** @return list<array{Step, string}> */
    private static function changed(Step $step, int $by): array
    {
        $at = "line {$step->at()->line}, column {$step->at()->column}";
        if ($step instanceof Again) {
            $all = [];
            if ($step->times !== null && $step->times + $by > 0) {
                $times = $step->times + $by;
                $all[] = [$step->times($times), "Repeat {$times} times, not {$step->times} ({$at})."];
            }
            foreach ($step->steps as $nth => $one) {
                foreach (self::changed($one, $by) as [$other, $said]) {
                    $inner = [...array_slice($step->steps, 0, $nth), $other, ...array_slice($step->steps, $nth + 1)];
                    $all[] = [
                        new Again($step->at(), $inner, $step->times, $step->but, $step->or, $step->isAcross),
                        $said,
                    ];
                }
            }

            return $all;
        }
        if ($step instanceof Skip && $step->places + $by > 0) {
            $places = $step->places + $by;

            return [[
                new Skip($step->at(), $places, $step->into),
                "Skip {$places}, not {$step->places} ({$at}).",
            ]];
        }
        if (! $step instanceof Work) {
            return [];
        }
        $all = [];
        if ($step->places !== null && $step->takes > 0 && $step->from === null && $step->places + $by > 0) {
            $places = $step->places + $by;
            $all[] = [$step->with($places), "Work in {$places}, not in {$step->places} ({$at})."];
        }
        if (count($step->in) === 1 && $step->in[0][1] + $by > 0 && abs($by) < 4) {
            $many = $step->in[0][1] + $by;
            $all[] = [
                $step->with($step->places, [[$step->in[0][0], $many]]),
                "Work {$many} in one, not {$step->in[0][1]} ({$at}).",
            ];
        }

        return $all;
    }
}
