<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Stitch\Stitch;

/** The chart of the base, to scale, in the trade's standard symbols. */
final class BaseDrawing
{
    private const LARGEST_SCALE = 3.4;

    private const HIGHEST = 460;

    private const ABOVE = 34;

    private const BELOW = 62;

    public static function of(BagPlan $plan, LengthUnit $unit): Canvas
    {
        $outline = $plan->base->finished();
        $scale = min(
            self::LARGEST_SCALE,
            (Canvas::WIDTH - Canvas::TAPE - 112) / $outline->length(),
            self::HIGHEST / $outline->width(),
        );
        $high = $outline->width() * $scale;
        $left = Canvas::TAPE + 30;
        $top = Canvas::TAPE + self::ABOVE;
        $rounds = count($plan->base->rounds);
        $count = $plan->base->last()->stitches();
        $canvas = new Canvas(
            'Chart of the base',
            "An oval of {$rounds} rounds on a chain of {$plan->base->chain}, {$count} stitches around, {$plan->comesOut->baseLength->print($unit)} by {$plan->comesOut->baseWidth->print($unit)}.",
            (int) ceil($top + $high + self::BELOW),
            $scale,
            $unit,
            $left,
            $top,
            false,
        );
        (new self($plan, $canvas, $scale, $left + $outline->length() * $scale / 2, $top + $high / 2))->draw();

        return $canvas;
    }

    private function __construct(
        private readonly BagPlan $plan,
        private readonly Canvas $canvas,
        private readonly float $scale,
        private readonly float $x,
        private readonly float $y,
    ) {}

    private function draw(): void
    {
        $base = $this->plan->base;
        $last = count($base->rounds);
        for ($round = $last; $round >= 1; $round--) {
            $fill = ($last - $round) % 2 === 0 ? Ink::PALE_GRASS : Ink::SHEET;
            $this->canvas->add("<path d=\"{$this->stadium($base->outline($round))}\" fill=\"{$fill}\"/>");
        }
        $strokes = [];
        foreach (BaseChart::of($base) as $symbol) {
            $colour = match (true) {
                $symbol->increase => Ink::WARM,
                $symbol->round === $last => Ink::GRASS,
                default => Ink::INK,
            };
            $strokes[$colour] = ($strokes[$colour] ?? '').$this->symbol($symbol);
        }
        $width = $this->canvas->n(max(0.8, min(1.8, 0.13 * $this->scale * $base->gauge->singleWidth()->mm)));
        foreach ($strokes as $colour => $path) {
            $this->canvas->add("<path d=\"{$path}\" fill=\"none\" stroke=\"{$colour}\" stroke-width=\"{$width}\" stroke-linecap=\"round\"/>");
        }
        $this->start();
        $this->legend();
    }

    private function symbol(Symbol $symbol): string
    {
        $n = $this->canvas->n(...);
        $x = $this->x + $symbol->stand->x * $this->scale;
        $y = $this->y + $symbol->stand->y * $this->scale;
        $gauge = $this->plan->gauge;
        $wide = 0.34 * $gauge->singleWidth()->mm * $this->scale;
        if ($symbol->stitch === Stitch::Chain) {
            $flat = $n($wide * 0.5);
            $half = $n($wide);
            $whole = $n(2 * $wide);

            return "M{$n($x - $wide)} {$n($y)}a{$half} {$flat} 0 1 0 {$whole} 0a{$half} {$flat} 0 1 0 -{$whole} 0";
        }
        $tall = min($wide, 0.36 * $gauge->singleHeight()->mm * $this->scale);
        $turn = deg2rad($symbol->stand->degrees);
        [$cos, $sin] = [cos($turn) * $tall, sin($turn) * $tall];

        return "M{$n($x - $cos)} {$n($y - $sin)}L{$n($x + $cos)} {$n($y + $sin)}M{$n($x + $sin)} {$n($y - $cos)}L{$n($x - $sin)} {$n($y + $cos)}";
    }

    private function stadium(Stadium $shape): string
    {
        $n = $this->canvas->n(...);
        $radius = $shape->radius * $this->scale;
        $straight = $shape->straight * $this->scale;
        $left = $this->x - $straight / 2;
        $top = $this->y - $radius;
        $across = $n(2 * $radius);

        return "M{$n($left)} {$n($top)}h{$n($straight)}a{$n($radius)} {$n($radius)} 0 0 1 0 {$across}h-{$n($straight)}a{$n($radius)} {$n($radius)} 0 0 1 0 -{$across}z";
    }

    /** Where rounds start, and which way they go. */
    private function start(): void
    {
        $tip = $this->x + $this->plan->base->finished()->length() * $this->scale / 2;
        $n = $this->canvas->n(...);
        $this->canvas->add("<path d=\"M{$n($tip + 4)} {$n($this->y)}l9 -5v10z\" fill=\"".Ink::WARM.'"/>');
        $this->canvas->text($tip + 17, $this->y + 4, 'start', Ink::WARM, weight: 600);
        $this->canvas->add('<path d="M'.$n($tip + 12).' '.$n($this->y - 10).'q2 -13 -9 -20m-1 6l1 -6l6 1" fill="none" stroke="'.Ink::WARM.'" stroke-width="1.5"/>');
    }

    private function legend(): void
    {
        $base = $this->plan->base;
        $y = $this->y + $base->finished()->width() * $this->scale / 2 + 34;
        $said = [];
        foreach ($base->rounds as $index => $round) {
            $said[] = 'round '.($index + 1).": {$round->stitches()}";
        }
        if (count($said) > 4) {
            $said = [$said[0], $said[1], '…', $said[count($said) - 1]];
        }
        $left = Canvas::TAPE + 30;
        $this->canvas->text($left, $y, "chain: {$base->chain}  ·  ".implode('  ·  ', $said), Ink::INK, weight: 600);
        $this->canvas->add('<g fill="none" stroke-width="1.8" stroke-linecap="round">'
            .'<path stroke="'.Ink::INK."\" d=\"M{$left} {$this->canvas->n($y + 16)}a8 4 0 1 0 16 0a8 4 0 1 0 -16 0\"/>"
            .'<path stroke="'.Ink::INK.'" d="M'.($left + 82).' '.$this->canvas->n($y + 16).'h12m-6 -6v12"/>'
            .'<path stroke="'.Ink::WARM.'" d="M'.($left + 216).' '.$this->canvas->n($y + 16).'h12m-6 -6v12"/></g>');
        $this->canvas->text($left + 22, $y + 20, 'chain', Ink::SOFT);
        $this->canvas->text($left + 100, $y + 20, 'one stitch in one', Ink::SOFT);
        $this->canvas->text($left + 234, $y + 20, 'more in one', Ink::SOFT);
    }
}
