<?php

declare(strict_types=1);

namespace Fescue\Core\Strip;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Saying\Saying;

/** A batch of pieces alike, step by step: lay, trim, slit, open, join, pull, wind, weigh. */
final class Checklist
{
    /** Stacks a list still can be worked by. */
    public const MOST_STACKS = 60;

    /** Pieces cut through at once. */
    public const TALLEST = 50;

    private const BLADE = 'Cut away from you, on a mat, with the guard closed whenever the blade lies down.';

    private const SHEDS = 'It sheds: shake it outdoors and air the room.';

    private const SUFFOCATES = 'Gather the scraps: plastic suffocates, and wind carries it. Keep it from children.';

    /**
     * @param int $stack pieces cut through at once, from 1 to TALLEST
     * @param bool $ahead join when all are cut, rather than after each stack
     *
     * @return list<CuttingStep>
     */
    public static function of(StripSpec $spec, int $stack, bool $ahead): array
    {
        $plan = StripPlan::of($spec);
        $numbers = self::numbers($plan->cutting);
        $steps = [];
        $stacks = (int) ceil($spec->pieces / $stack);
        for ($one = 1; $one <= $stacks; $one++) {
            $pieces = min($stack, $spec->pieces - ($one - 1) * $stack);
            $lead = fn(string $do): Saying => match (true) {
                $stacks === 1 => new Saying($do),
                $stack === 1 => new Saying('{do} {nth} of {all}', [
                    'do' => new Saying($do), 'nth' => $one, 'all' => $stacks,
                ]),
                default => new Saying('{do}, stack {nth} of {all}', [
                    'do' => new Saying($do), 'nth' => $one, 'all' => $stacks,
                ]),
            };
            array_push($steps, ...self::stack($spec, $plan->cutting, $numbers, "s{$one}", $lead, $pieces));
            if (! $ahead && self::hasJoins($plan)) {
                $steps[] = self::join("s{$one}-join", $plan, new Saying(
                    $one === 1 ? 'Join them strip to strip' : 'Join them to what is there',
                ));
            }
        }
        if ($ahead && self::hasJoins($plan)) {
            $steps[] = self::join('join', $plan, new Saying('Join them all'));
        }
        if ($spec->pull > 1) {
            $steps[] = new CuttingStep('pull', new Saying('Pull the strand'), new Saying(
                'Draw the strand through your hands until its edges roll in: it grows to about {percent} % of its '
                    .'length.',
                ['percent' => Decimal::print($spec->pull * 100)],
            ), new Saying(self::SHEDS));
        }
        $steps[] = new CuttingStep('wind', new Saying('Wind'), new Saying(
            'Into a ball, not tight; thin spots show now, cut them out.',
        ));
        $metres = Decimal::print($plan->pulled->mm / 1000);
        $steps[] = new CuttingStep(
            'weigh',
            new Saying('Weigh'),
            $plan->mass === null
                ? new Saying('The ball on the scale, without its core: {m} m are expected.', ['m' => $metres])
                : new Saying(
                    'The ball on the scale, without its core: about {mass} and {m} m are expected.',
                    ['mass' => $plan->mass, 'm' => $metres],
                ),
            $spec->source->isBag() ? new Saying(self::SUFFOCATES) : null,
        );

        return $steps;
    }

    /**
     * @param array<string, Saying> $numbers
     * @param \Closure(string): Saying $lead what is done, and to which stack
     *
     * @return list<CuttingStep>
     */
    private static function stack(
        StripSpec $spec,
        Cutting $cutting,
        array $numbers,
        string $key,
        \Closure $lead,
        int $pieces,
    ): array {
        $blade = new Saying(self::BLADE);
        $isOne = $cutting->school === CutMethod::OneStrand;
        $lies = new Saying('{n, plural, one {Flat} other {# over each other, edges true}}', ['n' => $pieces]);
        $steps = [new CuttingStep("{$key}-lay", $lead('Lay'), new Saying(match (true) {
            $spec->source->isBag() => '{lies}, side folds out.',
            $spec->source === Source::RibbonHalf => '{lies}, pinned or weighted at both ends.',
            $spec->source === Source::Tube => '{lies}, the fold at your left.',
            default => '{lies}.',
        }, ['lies' => $lies]))];
        if (isset($numbers['trim'])) {
            $steps[] = new CuttingStep("{$key}-trim", $lead('Trim'), new Saying(
                'Cut off what is hatched: {cuts}.',
                ['cuts' => $numbers['trim']],
            ), $blade);
        }
        if (isset($numbers['slit'])) {
            $slits = count(array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Slit));
            $where = new Saying(
                $slits === 1 ? '{strip} from the edge' : '{strip} apart',
                ['strip' => $spec->piece->strip],
            );
            $steps[] = new CuttingStep("{$key}-slit", $lead('Slit'), new Saying(match (true) {
                $spec->source === Source::RibbonHalf && $isOne
                    => '{Cuts}, {where}, down the middle, and stop a strip’s width short of the end.',
                $spec->source === Source::Tube && $isOne
                    => '{Cuts}, {where}, from the fold to the spine, both layers.',
                $isOne => '{Cuts}, {where}, from alternate sides, a strip’s width short each time.',
                default => '{Cuts}, {where}, right across.',
            }, ['cuts' => $numbers['slit'], 'where' => $where]), $blade);
        }
        if (isset($numbers['diagonal'])) {
            $steps[] = $spec->source->isBag()
                ? new CuttingStep("{$key}-spiral", $lead('Cut round'), new Saying(
                    $pieces > 1
                        ? 'One bag at a time: {cuts}, turning it all the while, half a strip down on the front and '
                            .'half on the back. Cut off the thin half of the first and the last turn.'
                        : '{Cuts}, turning it all the while, half a strip down on the front and half on the back. '
                            .'Cut off the thin half of the first and the last turn.',
                    ['cuts' => $numbers['diagonal']],
                ), $blade)
                : new CuttingStep("{$key}-spine", $lead('Open the spine'), new Saying(
                    $pieces > 1
                        ? 'One piece at a time: {cuts}, aslant from each slit to the next one over; the first and '
                            .'the last run out to the edge.'
                        : '{Cuts}, aslant from each slit to the next one over; the first and the last run out to '
                            .'the edge.',
                    ['cuts' => $numbers['diagonal']],
                ), $blade);
        }

        return $steps;
    }

    private static function hasJoins(StripPlan $plan): bool
    {
        return $plan->joins > 0;
    }

    private static function join(string $key, StripPlan $plan, Saying $lead): CuttingStep
    {
        $join = $plan->cutting->join;

        return new CuttingStep($key, $lead, new Saying('{Name}: {how} {avoid}', [
            'name' => new Saying($join->name()), 'how' => new Saying($join->how()),
            'avoid' => new Saying($join->avoid()),
        ]));
    }

    /** @return array<string, Saying> "cut 3" or "cuts 3 to 17" by kind */
    private static function numbers(Cutting $cutting): array
    {
        $by = [];
        foreach ($cutting->cuts as $place => $cut) {
            $by[$cut->kind->value][] = $place + 1;
        }

        return array_map(fn(array $numbers): Saying => new Saying(match (count($numbers)) {
            1 => 'cut {first}',
            2 => 'cuts {first} and {last}',
            default => 'cuts {first} to {last}',
        }, ['first' => min($numbers), 'last' => max($numbers)]), $by);
    }
}
