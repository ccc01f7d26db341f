<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Mass;

/** What a bag takes, low to high, and what is on hand, on one line. */
final class EnoughBand
{
    private const WIDTH = 264;

    public static function of(MaterialEstimate $estimate, ?Mass $onHand): string
    {
        $grams = $estimate->grams;
        $most = max($grams->high(), $onHand->grams ?? 0.0) * 1.08;
        $least = min($grams->low(), $onHand->grams ?? $grams->low()) * 0.7;
        $at = fn(float $mass): float => round(($mass - $least) / max(1e-9, $most - $least) * self::WIDTH, 1);
        [$low, $likely, $high] = [$at($grams->low()), $at($grams->likely), $at($grams->high())];
        $said = Tongues::tell('{low} to {high} g, likely {likely}', [
            'low' => Decimal::print($grams->low()), 'high' => Decimal::print($grams->high()),
            'likely' => Decimal::print($grams->likely),
        ]);
        // The two figures lean apart where the band is narrow.
        [$leftAnchor, $rightAnchor] = $high - $low < 60 ? ['end', 'start'] : ['middle', 'middle'];
        $mark = '';
        if ($onHand !== null) {
            $x = $at($onHand->grams);
            $said .= '; '.Tongues::tell('{mass} on hand', ['mass' => $onHand]);
            [$anchor, $place] = $x > self::WIDTH / 2 ? ['end', $x - 5] : ['start', $x + 5];
            $mark = "<path d=\"M{$x} 4V30\" stroke=\""
                .Ink::WARM
                ."\" stroke-width=\"2.5\"/><text x=\"{$place}\" y=\"13\" text-anchor=\"{$anchor}\" fill=\""
                .Ink::INK
                .'" font-weight="600">'
                .Canvas::escape(Tongues::tell('{mass} on hand', ['mass' => Decimal::print($onHand->grams)]))
                .'</text>';
        }

        return '<svg class="band" viewBox="0 0 '
            .self::WIDTH
            .' 48" role="img" font-size="13"><title>'
            .Canvas::escape($said)
            .'</title>'
            .'<path d="M0 23H'.self::WIDTH.'" stroke="'.Ink::LINE.'" stroke-width="8"/>'
            ."<path d=\"M{$low} 23H{$high}\" stroke=\"#8aa588\" stroke-width=\"8\"/>"
            ."<path d=\"M{$likely} 16V30\" stroke=\"".Ink::GRASS.'" stroke-width="3"/>'
            ."<text x=\"{$low}\" y=\"45\" text-anchor=\"{$leftAnchor}\" fill=\""
            .Ink::SOFT
            .'">'
            .Decimal::print($grams->low())
            .'</text>'
            ."<text x=\"{$high}\" y=\"45\" text-anchor=\"{$rightAnchor}\" fill=\""
            .Ink::SOFT
            .'">'
            .Decimal::print($grams->high())
            .'</text>'
            .$mark.'</svg>';
    }
}
