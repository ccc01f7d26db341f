<?php

declare(strict_types=1);

namespace Fescue\Core\Material;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Saying\Figure;
use Fescue\Core\Saying\Saying;

/**
 * Where to start trying hooks. For a firm bag fabric about twice the cord's diameter, less for what is soft and flat;
 * one size up for a tight hand or a drapey sack, one down for straps; cord has no give (Handbook 2). Common practice,
 * no source.
 */
final readonly class HookAdvice
{
    /**
     * @param array{HookSize, HookSize} $range smallest and largest worth a try
     * @param array{HookSize, HookSize} $first the two to try first, in order
     * @param list<Saying> $reasons
     */
    private function __construct(public array $range, public array $first, public array $reasons) {}

    public static function of(Length $diameter, Kind $kind, Hand $hand, Fabric $fabric): self
    {
        $range = HookRange::of($kind);
        $start = HookSize::nearest($diameter->times($range->start));
        $reasons = [
            new Saying('For a firm bag fabric of {thick} start with {hook}: {reason}', [
                'thick' => new Figure($diameter->print(LengthUnit::Millimetre)), 'hook' => new Figure($start->exact()),
                'reason' => new Saying($range->reason),
            ]),
        ];
        $steps = 0;
        if ($hand === Hand::Tight) {
            $steps++;
            $reasons[] = new Saying('A tight hand: one size up.');
        } elseif ($hand === Hand::Loose) {
            $steps--;
            $reasons[] = new Saying('A loose hand: one size down.');
        }
        if ($fabric === Fabric::Drape) {
            $steps++;
            $reasons[] = new Saying('A fabric that drapes: one size up.');
        } elseif ($fabric === Fabric::Even) {
            $reasons[] = new Saying('Neither firm nor loose: the start, or one up.');
        }
        $reasons[] = new Saying(match ($kind) {
            Kind::TShirt => 'Jersey gives: if the fabric is stiff as a board, go up before you slacken your hand.',
            Kind::Plarn => 'Plarn slides badly: draw every loop up to the thick of the hook.',
            Kind::Cord => 'Cord has no give: work the starting chain loosely or one size up.',
            Kind::Ribbon => 'Ribbon folds as it goes through: a hook with a deep throat splits it less.',
            Kind::Raffia => 'Raffia splits and is stiff: a smooth hook, and never so tight that it creaks.',
            Kind::Strand => 'Strands held together glide better over a metal hook.',
            Kind::Hardware, Kind::Cloth => 'It is sewn, not worked.',
            Kind::Tabs => 'The hook must pass the tab’s hole with the cord on it: try that first.',
        });
        $reasons[] = new Saying('Straps: one size down.');
        $centre = $start->steps($steps);
        // What gives is tried looser next; what does not, firmer.
        $next = $fabric === Fabric::Firm && $range->up === 1 ? -1 : 1;
        $other = $centre->steps($next);
        // Where the sizes end, the one before.
        $other = $other->diameter->mm === $centre->diameter->mm ? $centre->steps(-$next) : $other;

        return new self(
            [$centre->steps(-1), $centre->steps($range->up + ($fabric === Fabric::Drape ? 1 : 0))],
            [$centre, $other],
            $reasons,
        );
    }
}
