<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Decimal;

/** What the whole bag takes, as it was known before any weigh-in and after each: a band that narrows. */
final class NarrowingBands
{
    private const WIDTH = 360;

    /** Room for half a number of the axis. */
    private const LEFT = 24;

    private const RIGHT = 66;

    private const ROW = 50;

    private const FIRST = 58;

    /** Grams between two numbers of its axis, and how many there are at the most. */
    private const FINEST = 5.0;

    private const MOST_TICKS = 8;

    /** Bands beside that before the first weigh-in. */
    private const MOST = 12;

    /** Room for what a band is said to be. */
    private const SAID = 130;

    public static function of(BagPlan $plan): string
    {
        $known = self::known($plan);
        $onHand = $plan->spec->facts->strands->own->onHand?->grams;
        $all = array_merge(
            ...array_map(fn(array $one): array => [$one[1]->grams->low(), $one[1]->grams->high()], $known),
            ...[$onHand === null ? [] : [$onHand]],
        );
        [$least, $most] = [0.94 * min($all), 1.04 * max($all)];
        $x = fn(float $grams): float => self::LEFT
            + ($grams - $least) / max(1e-9, $most - $least) * (self::WIDTH - self::LEFT - self::RIGHT);
        $n = fn(float $value): string => Canvas::number($value, 1);
        $height = self::FIRST + count($known) * self::ROW + 10;
        $marks = $texts = '';
        foreach ($known as $place => [$said, $estimate]) {
            $y = self::FIRST + $place * self::ROW;
            $grams = $estimate->grams;
            [$low, $high] = [$x($grams->low()), $x($grams->high())];
            // On paper of their own, so that the line of what is on hand does not strike them out.
            $texts .= "<text x=\"{$n(min($low, self::WIDTH - self::SAID))}\" y=\"{$n($y - 14)}\" fill=\""
                .Ink::INK
                .'" stroke="'
                .Ink::SHEET
                .'" stroke-width="5" paint-order="stroke">'
                .Canvas::escape($said)
                .'</text>';
            $marks .= "<path d=\"M{$n($low)} {$n($y)}H{$n($high)}\" stroke=\"#8aa588\" stroke-width=\"14\"/>"
                ."<path d=\"M{$n($x($grams->likely))} {$n($y - 10)}V{$n($y + 10)}\" stroke=\""
                .Ink::GRASS
                .'" stroke-width="3"/>'
                ."<text x=\"{$n($high + 6)}\" y=\"{$n($y + 5)}\" fill=\""
                .Ink::SOFT
                .'">'
                .Decimal::print($grams->likely)
                .' g</text>';
        }
        $foot = $height - 20;
        $axis = '';
        $step = Canvas::roundStep(max(self::FINEST, ($most - $least) / self::MOST_TICKS));
        for ($at = ceil($least / $step) * $step; $at <= $most; $at += $step) {
            $axis .= "<path d=\"M{$n($x($at))} {$n($foot - 8)}v6\" stroke=\""
                .Ink::INK
                ."\"/><text x=\"{$n($x($at))}\" y=\"{$n($foot + 12)}\" text-anchor=\"middle\" fill=\""
                .Ink::SOFT
                .'">'
                .Decimal::print($at)
                .'</text>';
        }
        $line = $onHand === null
            ? ''
            : "<path d=\"M{$n($x($onHand))} 24V{$n($foot - 8)}\" stroke=\""
            .Ink::WARM
            ."\" stroke-width=\"2.5\"/><text x=\"{$n($x($onHand))}\" y=\"16\" text-anchor=\""
            .($x($onHand) > self::WIDTH - 70 ? 'end' : ($x($onHand) < 70 ? 'start' : 'middle'))
            .'" fill="'
            .Ink::INK
            .'" font-weight="600">'
            .Canvas::escape(Tongues::tell('{mass} on hand', ['mass' => Decimal::print($onHand).' g'])).'</text>';

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '
            .self::WIDTH
            ." {$height}\" role=\"img\" font-size=\"15\"><title>"
            .Canvas::escape(Tongues::tell('What the bag takes, as each weigh-in narrows it'))
            ."</title>{$marks}{$line}{$texts}{$axis}</svg>";
    }

    /** @return non-empty-list<array{string, MaterialEstimate}> */
    private static function known(BagPlan $plan): array
    {
        $spec = $plan->spec;
        $all = count($spec->facts->weighIns);
        // Of many weigh-ins so many as can be told apart, from none to the last.
        $shown = $all <= self::MOST ? range(0, $all) : array_map(
            fn(int $step): int => (int) round($step * $all / self::MOST),
            range(0, self::MOST),
        );
        $known = [];
        foreach ($shown as $many) {
            $known[] = [
                $many < 1 ? Tongues::tell('before the first')
                    : Tongues::tell('after {row}', ['row' => $spec->facts->weighIns[$many - 1]->after]),
                MaterialEstimate::of(
                    $plan->weighed($spec->facts->strands->own->onHand, array_slice($spec->facts->weighIns, 0, $many)),
                ),
            ];
        }

        return $known;
    }
}
