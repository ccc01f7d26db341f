<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;

/** How the pieces of a lining lie on the cloth, to scale: cut on the whole line, sewn on the broken one. */
final class LayDrawing
{
    /** A letter's width, pixels, about. */
    private const LETTER = 7.5;

    private const HIGHEST = 420.0;

    /** Null where a piece is wider than the cloth. */
    public static function of(Lining $lining, Length $cloth, LengthUnit $unit): ?Canvas
    {
        $laid = $lining->lay($cloth->mm);
        if ($laid === null) {
            return null;
        }
        [$lay, $long] = $laid;
        $scale = min((Canvas::WIDTH - Canvas::TAPE - 12) / $cloth->mm, self::HIGHEST / max(1.0, $long), 2.0);
        [$x0, $y0] = [Canvas::TAPE + 4.0, Canvas::TAPE + 4.0];
        $canvas = new Canvas(
            Tongues::tell('The lay of the lining'),
            Tongues::tell('{way}: {long} of cloth {wide} wide.', [
                'way' => $lining->as, 'long' => Tongues::printed(Length::mm($long)->print($unit)),
                'wide' => Tongues::printed($cloth->print($unit)),
            ]),
            (int) ceil($y0 + $long * $scale + 8),
            $scale,
            $unit,
            $x0,
            $y0,
            false,
        );
        $n = $canvas->n(...);
        $canvas->add("<rect x=\"{$n($x0)}\" y=\"{$n($y0)}\" width=\"{$n($cloth->mm * $scale)}\" height=\""
            ."{$n($long * $scale)}\" fill=\"".Ink::PALE_GRASS.'"/>');
        foreach ($lay as [$place, $x, $y]) {
            $piece = $lining->pieces[$place];
            [$cut, $sewn] = [
                Canvas::ring($piece->cut, $x0 + $x * $scale, $y0 + $y * $scale, $scale),
                Canvas::ring($piece->sewn, $x0 + $x * $scale, $y0 + $y * $scale, $scale),
            ];
            $canvas->add("<path d=\"{$cut}\" fill=\"".Ink::SHEET.'" stroke="'.Ink::INK
                ."\" stroke-width=\"1.4\"/><path d=\"{$sewn}\" fill=\"none\" stroke=\"".Ink::WARM
                .'" stroke-width="1.2" stroke-dasharray="5 4"/>');
            [$middle, $below] = [
                $x0 + ($x + $piece->width() / 2) * $scale, $y0 + ($y + $piece->height() / 2) * $scale,
            ];
            $name = Tongues::tell($piece->name);
            // Upright where it is wider than its piece.
            if (self::LETTER * mb_strlen($name) > $piece->width() * $scale) {
                $canvas->upright($middle + 4, $below, $name);
            } else {
                $canvas->text($middle, $below + 4, $name, anchor: 'middle', weight: 600);
            }
        }

        return $canvas;
    }
}
