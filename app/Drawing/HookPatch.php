<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;

/**
 * A piece of fabric as one hook makes it, at its true size with the tape laid along: strand and stitch as thick and
 * wide as they are.
 */
final class HookPatch
{
    public const WIDE_MM = 45;

    private const HIGH_MM = 32;

    private const TAPE = 16;

    /** CSS pixels to the millimetre, 96 to the inch. */
    private const SCALE = 96 / 25.4;

    /**
     * @param Length $width of one stitch
     * @param Length $height of its row
     * @param Length $strand its diameter
     */
    public static function of(
        string $colour,
        Length $width,
        Length $height,
        Length $strand,
        Motif $motif,
        LengthUnit $unit,
    ): string {
        $n = Canvas::number(...);
        [$w, $h, $thick] = array_map(fn(Length $one): float => $one->mm * self::SCALE, [$width, $height, $strand]);
        [$wide, $high] = [self::WIDE_MM * self::SCALE, self::HIGH_MM * self::SCALE];
        $count = (int) ceil($wide / $w);
        $count += $motif->lacks($count, false);
        $rows = 1 + (int) ceil($high / $h);
        $foot = $n(self::TAPE + $high);

        return "<svg class=\"patch\" xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$n($wide)} {$foot}\" "
            ."width=\"{$n($wide)}\" height=\"{$foot}\" aria-hidden=\"true\">"
            .'<rect width="100%" height="100%" fill="'.Ink::SHEET.'"/>'
            ."<g transform=\"translate(0 {$foot})\">"
            .Fabric::rows($motif, $count, $rows, $w, $h, $thick, $colour).'</g>'
            .self::tape($wide, $unit).'</svg>';
    }

    private static function tape(float $wide, LengthUnit $unit): string
    {
        $n = Canvas::number(...);
        $inches = $unit === LengthUnit::Inch;
        [$step, $long] = $inches ? [25.4 / 4, 4] : [5.0, 2];
        $ticks = $numbers = '';
        foreach (range(1, (int) floor(self::WIDE_MM / $step)) as $tick) {
            $x = $tick * $step * self::SCALE;
            $ticks .= "M{$n($x)} ".self::TAPE.'v-'.($tick % $long === 0 ? 8 : 5);
            $numbers .= $tick % $long === 0
                ? "<text x=\"{$n($x - 3)}\" y=\"12\" text-anchor=\"end\">".intdiv($tick, $long).'</text>'
                : '';
        }

        return '<rect width="'
            .$n($wide)
            .'" height="'
            .self::TAPE
            .'" fill="'
            .Ink::TAPE
            ."\"/><path d=\"{$ticks}\" stroke=\""
            .Ink::INK
            .'" opacity=".75"/><g font-size="13" font-weight="600" fill="'
            .Ink::INK
            ."\">{$numbers}</g>";
    }
}
