<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\LengthUnit;

/** A batch of pieces alike, step by step: lay, trim, slit, open, join, pull, wind, weigh. */
final class Checklist
{
    /** Stacks a list still can be worked by. */
    public const MOST_STACKS = 60;

    /** Pieces cut through at once. */
    public const TALLEST = 50;

    private const BLADE = 'Cut away from you, on a mat, with the guard closed whenever the blade lies down.';

    /**
     * @param int $stack pieces cut through at once, from 1 to TALLEST
     * @param bool $ahead join when all are cut, rather than after each stack
     *
     * @return list<CuttingStep>
     */
    public static function of(StripSpec $spec, int $stack, bool $ahead, LengthUnit $unit): array
    {
        $plan = StripPlan::of($spec);
        $numbers = self::numbers($plan->cutting);
        $bag = $spec->source->isBag();
        $steps = [];
        $stacks = (int) ceil($spec->pieces / $stack);
        for ($one = 1; $one <= $stacks; $one++) {
            $pieces = min($stack, $spec->pieces - ($one - 1) * $stack);
            $named = $stacks === 1 ? '' : ($stack === 1 ? " {$one} of {$stacks}" : ", stack {$one} of {$stacks}");
            array_push($steps, ...self::stack($spec, $plan->cutting, $numbers, "s{$one}", $named, $pieces, $unit));
            if (! $ahead && self::hasJoins($plan)) {
                $steps[] = self::join(
                    "s{$one}-join",
                    $plan,
                    $one === 1 ? 'Join them strip to strip' : 'Join them to what is there',
                );
            }
        }
        if ($ahead && self::hasJoins($plan)) {
            $steps[] = self::join('join', $plan, 'Join them all');
        }
        if ($spec->pull > 1) {
            $steps[] = new CuttingStep(
                'pull',
                'Pull',
                'Draw the strand through your hands until its edges roll in: it grows to about '
                    .Decimal::print($spec->pull * 100)
                    .' % of its length.',
                'It sheds: shake it outdoors and air the room.',
            );
        }
        $steps[] = new CuttingStep('wind', 'Wind', 'Into a ball, not tight; thin spots show now, cut them out.');
        $steps[] = new CuttingStep(
            'weigh',
            'Weigh',
            'The ball on the scale, without its core: about '
                .($plan->mass === null
                    ? Decimal::print($plan->pulled->mm / 1000).' m are expected.'
                    : "{$plan->mass->print()} and ".Decimal::print($plan->pulled->mm / 1000).' m are expected.'),
            $bag ? 'Gather the scraps: plastic suffocates, and wind carries it. Keep it from children.' : '',
        );

        return $steps;
    }

    /**
     * @param array<string, string> $numbers
     *
     * @return list<CuttingStep>
     */
    private static function stack(
        StripSpec $spec,
        Cutting $cutting,
        array $numbers,
        string $key,
        string $named,
        int $pieces,
        LengthUnit $unit,
    ): array {
        $many = $pieces > 1 ? "{$pieces} over each other, edges true" : 'flat';
        $steps = [new CuttingStep("{$key}-lay", "Lay{$named}", match (true) {
            $spec->source->isBag() => "{$many}, side folds out.",
            $spec->source === Source::RibbonHalf => "{$many}, pinned or weighted at both ends.",
            $spec->source === Source::Tube => "{$many}, the fold at your left.",
            default => "{$many}.",
        })];
        if (isset($numbers['trim'])) {
            $steps[] = new CuttingStep(
                "{$key}-trim",
                "Trim{$named}",
                "Cut off what is hatched: {$numbers['trim']}.",
                self::BLADE,
            );
        }
        if (isset($numbers['slit'])) {
            $slits = array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Slit);
            $where = $spec->piece->strip->print($unit).(count($slits) === 1 ? ' from the edge' : ' apart');
            $steps[] = new CuttingStep("{$key}-slit", "Slit{$named}", "{$numbers['slit']}, {$where}".match (true) {
                $spec->source === Source::RibbonHalf
                    && $cutting->school === CutMethod::OneStrand => ', down the middle, and stop a strip’s width '
                        .'short of the end',
                $spec->source === Source::Tube
                    && $cutting->school === CutMethod::OneStrand => ', from the fold to the spine, both layers',
                $cutting->school === CutMethod::OneStrand => ', from alternate sides, a strip’s width short each time',
                default => ', right across',
            }.'.', self::BLADE);
        }
        if (isset($numbers['diagonal'])) {
            $steps[] = $spec->source->isBag()
                ? new CuttingStep(
                    "{$key}-spiral",
                    "Cut round{$named}",
                    ''.($pieces > 1 ? 'One bag at a time: ' : '')
                        ."{$numbers['diagonal']}, turning it all the while, half a strip down on the front and "
                        .'half on the back. Cut off the thin half of the first and the last turn.',
                    self::BLADE,
                )
                : new CuttingStep(
                    "{$key}-spine",
                    "Open the spine{$named}",
                    ($pieces > 1 ? 'One piece at a time: ' : '')
                        ."{$numbers['diagonal']}, aslant from each slit to the next one over; the first and the "
                        .'last run out to the edge.',
                    self::BLADE,
                );
        }

        return $steps;
    }

    private static function hasJoins(StripPlan $plan): bool
    {
        return $plan->joins > 0;
    }

    private static function join(string $key, StripPlan $plan, string $lead): CuttingStep
    {
        $join = $plan->cutting->join;

        return new CuttingStep($key, $lead, ucfirst($join->name()).": {$join->how()} {$join->avoid()}");
    }

    /** @return array<string, string> "cut 3" or "cuts 3 to 17" by kind */
    private static function numbers(Cutting $cutting): array
    {
        $by = [];
        foreach ($cutting->cuts as $place => $cut) {
            $by[$cut->kind->value][] = $place + 1;
        }

        return array_map(fn(array $numbers): string => match (count($numbers)) {
            1 => "cut {$numbers[0]}",
            2 => "cuts {$numbers[0]} and {$numbers[1]}",
            default => 'cuts '.min($numbers).' to '.max($numbers),
        }, $by);
    }
}
