<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Casts\Cell;
use App\Tongue\Tongues;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Spread;

/**
 * What a hand makes of one material over the hooks: the band her next swatch lies in, the common one, and the swatches
 * she made.
 */
final class HandCurve
{
    private const WIDTH = 400;

    private const HEIGHT = 250;

    private const LEFT = 34;

    private const RIGHT = 8;

    private const TOP = 30;

    private const BOTTOM = 44;

    /** Least pixels between two numbers along an axis. */
    private const APART = 30;

    /**
     * @param string $title what is measured, with its unit
     * @param array<Spread> $hand by the hook's millimetres, the smallest first
     * @param array<Spread> $common so, before any swatch
     * @param list<array{float, float, bool}> $made hook in mm, what was measured, and whether it is the chosen one
     */
    public static function of(string $title, array $hand, array $common, array $made): string
    {
        $hooks = array_map(floatval(...), array_keys($hand));
        [$first, $last] = [min([INF, ...$hooks]), max([0.0, ...$hooks])];
        $values = array_merge(
            ...array_map(
                fn(Spread $one): array => [$one->low(), $one->high()],
                [...array_values($hand), ...array_values($common)],
            ),
            ...array_map(fn(array $one): array => [$one[1]], $made),
        );
        [$least, $most] = [0.95 * min([INF, ...$values]), 1.03 * max([0.0, ...$values])];
        $foot = self::HEIGHT - self::BOTTOM;
        $x = fn(float $hook): float => self::LEFT + 12
            + ($hook - $first) / max(1e-9, $last - $first) * (self::WIDTH - self::LEFT - self::RIGHT - 24);
        $y = fn(float $value): float => $foot - ($value - $least) / max(1e-9, $most - $least) * ($foot - self::TOP);
        $n = Canvas::number(...);
        $line = fn(array $spreads, \Closure $of): string => implode('L', array_map(
            fn(int|string $hook): string => isset($spreads[$hook]) && $spreads[$hook] instanceof Spread
                ? "{$n($x((float) $hook))} {$n($y(Cell::number($of($spreads[$hook]))))}"
                : '',
            array_keys($spreads),
        ));
        $low = fn(Spread $one): float => $one->low();
        $high = fn(Spread $one): float => $one->high();
        $axis = '';
        $step = Canvas::roundStep(($most - $least) * self::APART / ($foot - self::TOP));
        for ($at = ceil($least / $step) * $step; $at <= $most; $at += $step) {
            $axis .= '<path d="M'
                .self::LEFT
                ." {$n($y($at))}H"
                .(self::WIDTH - self::RIGHT)
                .'" stroke="'
                .Ink::LINE
                .'"/><text x="'
                .(self::LEFT - 6)
                ."\" y=\"{$n($y($at) + 5)}\" text-anchor=\"end\" fill=\""
                .Ink::SOFT
                .'">'
                .Decimal::exact(round($at, 2))
                .'</text>';
        }
        $step = Canvas::roundStep(($last - $first) * self::APART / (self::WIDTH - self::LEFT - self::RIGHT));
        for ($at = ceil($first / $step) * $step; $at <= $last + 1e-9; $at += $step) {
            $axis .= "<path d=\"M{$n($x($at))} {$foot}v5\" stroke=\""
                .Ink::INK
                ."\"/><text x=\"{$n($x($at))}\" y=\""
                .($foot + 19)
                .'" text-anchor="middle" fill="'
                .Ink::SOFT
                .'">'
                .Decimal::exact(round($at, 2))
                .'</text>';
        }
        $dots = '';
        foreach ($made as [$hook, $value, $chosen]) {
            $dots .= "<circle cx=\"{$n($x($hook))}\" cy=\"{$n($y($value))}\" r=\"5\" fill=\""
                .($chosen ? Ink::WARM : Ink::INK)
                .'" stroke="'
                .Ink::SHEET
                .'" stroke-width="1.5"/>';
        }
        $dashed = fn(\Closure $of): string => "<path d=\"M{$line($common, $of)}\" fill=\"none\" stroke=\""
            .Ink::SOFT
            .'" stroke-dasharray="4 4"/>';

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '
            .self::WIDTH
            .' '
            .self::HEIGHT
            .'" role="img" font-size="15"><title>'
            .Canvas::escape(Tongues::tell('{title}, over the hooks', ['title' => $title])).'</title>'
            .'<text x="'
            .self::LEFT
            .'" y="16" font-weight="600" fill="'
            .Ink::INK
            .'">'
            .Canvas::escape($title)
            .'</text>'
            .$axis
            ."<path d=\"M{$line($hand, $high)}L{$line(array_reverse($hand, true), $low)}Z\" fill=\""
            .Ink::GRASS
            .'" fill-opacity=".28"/>'
            .$dashed($low).$dashed($high)
            ."<path d=\"M{$line($hand, fn(Spread $one): float => $one->likely)}\" fill=\"none\" stroke=\""
            .Ink::GRASS
            .'" stroke-width="2.5"/>'
            .$dots
            .'<path d="M'
            .self::LEFT
            ." {$foot}H"
            .(self::WIDTH - self::RIGHT)
            .'" stroke="'
            .Ink::INK
            .'"/><text x="'
            .(self::WIDTH - self::RIGHT)
            .'" y="'
            .(self::HEIGHT - 6)
            .'" text-anchor="end" fill="'
            .Ink::SOFT
            .'">'.Canvas::escape(Tongues::tell('hook, mm')).'</text></svg>';
    }
}
