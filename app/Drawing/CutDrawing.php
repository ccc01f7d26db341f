<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\Cutting;
use Fescue\Core\Strip\Piece;

/** The piece lying flat with every cut numbered in order, to scale; what is thrown away is hatched. */
final class CutDrawing
{
    private const LARGEST_SCALE = 2.0;

    private const HIGHEST = 520;

    private const LEFT = Canvas::TAPE + 44;

    private const ABOVE = Canvas::TAPE + 30;

    /** Pixels a number needs, or it is left to its neighbours. */
    private const ROOM = 15.0;

    public static function of(Piece $piece, Cutting $cutting, LengthUnit $unit): Canvas
    {
        $scale = min(self::LARGEST_SCALE, (Canvas::WIDTH - self::LEFT - 130) / $piece->width->mm, self::HIGHEST / $piece->height->mm);
        $canvas = new Canvas(
            "Cuts, {$cutting->school}",
            count($cutting->cuts)." cuts in order on a piece {$piece->width->print($unit)} wide and {$piece->height->print($unit)} high, giving {$cutting->strips} strips.",
            (int) ceil(self::ABOVE + $piece->height->mm * $scale + 44),
            $scale,
            $unit,
            self::LEFT,
            self::ABOVE,
            false,
        );
        self::draw($canvas, $piece, $cutting, $scale);

        return $canvas;
    }

    private static function draw(Canvas $canvas, Piece $piece, Cutting $cutting, float $scale): void
    {
        $n = $canvas->n(...);
        $x = fn(float $mm): float => self::LEFT + $mm * $scale;
        $y = fn(float $mm): float => self::ABOVE + $mm * $scale;
        [$width, $height] = [$piece->width->mm * $scale, $piece->height->mm * $scale];
        $canvas->add('<rect x="'.self::LEFT.'" y="'.self::ABOVE."\" width=\"{$n($width)}\" height=\"{$n($height)}\" fill=\"".Ink::PALE_GRASS.'" stroke="'.Ink::INK.'" stroke-width="1.5"/>');
        $off = array_values(array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Off));
        // Two take off both ends; a single one frees what is left below the last strip.
        $bands = match (count($off)) {
            0 => [],
            1 => [[$off[0]->y1, $piece->height->mm]],
            default => [[0.0, $off[0]->y1], [$off[1]->y1, $piece->height->mm]],
        };
        foreach ($bands as [$from, $to]) {
            self::waste($canvas, self::LEFT, $y($from), $width, ($to - $from) * $scale);
        }
        $taken = ['left' => [], 'right' => []];
        foreach ($cutting->cuts as $place => $cut) {
            [$colour, $dash] = match ($cut->kind) {
                CutKind::Across => [Ink::INK, ''],
                CutKind::Diagonal => [Ink::GRASS, ''],
                CutKind::Off => [Ink::WARM, ' stroke-dasharray="6 3"'],
            };
            $canvas->add("<path d=\"M{$n($x($cut->x1))} {$n($y($cut->y1))}L{$n($x($cut->x2))} {$n($y($cut->y2))}\" fill=\"none\" stroke=\"{$colour}\" stroke-width=\"1.8\"{$dash}/>");
            $side = $cut->kind === CutKind::Diagonal || $cut->x1 > 0 ? 'right' : 'left';
            $at = $y($side === 'left' ? $cut->y1 : ($cut->kind === CutKind::Diagonal ? $cut->y2 : $cut->y1)) + 4;
            if (array_filter($taken[$side], fn(float $y): bool => abs($y - $at) < self::ROOM) === []) {
                $taken[$side][] = $at;
                $canvas->text($side === 'left' ? self::LEFT - 5 : self::LEFT + $width + 5, $at, (string) ($place + 1), $colour, $side === 'left' ? 'end' : 'start', 600);
            }
        }
        $canvas->text(self::LEFT, self::ABOVE - 9, $piece->layers === 2 ? 'folded edge' : 'edge', Ink::SOFT);
        $after = self::LEFT;
        foreach ([[CutKind::Across, 'across', Ink::INK, 58], [CutKind::Diagonal, 'slanting', Ink::GRASS, 68], [CutKind::Off, 'thrown away', Ink::WARM, 90]] as [$kind, $said, $colour, $room]) {
            if (array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === $kind) !== []) {
                $canvas->text($after, self::ABOVE + $height + 22, $said, $colour, weight: 600);
                $after += $room;
            }
        }
    }

    private static function waste(Canvas $canvas, float $x, float $y, float $width, float $height): void
    {
        $n = $canvas->n(...);
        $lines = '';
        for ($at = 0.0; $at < $width + $height; $at += 9) {
            $x1 = $x + min($at, $width);
            $y1 = $y + max(0.0, $at - $width);
            $x2 = $x + max(0.0, $at - $height);
            $y2 = $y + min($at, $height);
            $lines .= "M{$n($x1)} {$n($y1)}L{$n($x2)} {$n($y2)}";
        }
        $canvas->add("<rect x=\"{$n($x)}\" y=\"{$n($y)}\" width=\"{$n($width)}\" height=\"{$n($height)}\" fill=\"".Ink::SHEET.'" stroke="none"/><path d="'.$lines.'" stroke="'.Ink::WARM.'" stroke-width="1" fill="none" opacity=".55"/>');
    }
}
