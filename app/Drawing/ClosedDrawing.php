<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Face;

/** The front of the closed bag, to scale, with what is fastened to its opening. */
final readonly class ClosedDrawing
{
    private const HIGHEST = 300.0;

    private const LARGEST_SCALE = 3.0;

    /** Pixels of a stitch that is drawn. */
    private const LEAST = 8.0;

    public static function of(BagPlan $plan, LengthUnit $unit, string $colour): Canvas
    {
        $assembly = $plan->assembly() ?? throw new \LogicException('A bag of one piece is drawn off its rows.');
        $faces = array_values(array_filter(
            $assembly->closed()->faces,
            fn(Face $face): bool => $face->span(0) > 0.5 && $face->span(1) > 0.5,
        ));
        usort($faces, fn(Face $a, Face $b): int => $a->corners[0][2] <=> $b->corners[0][2]);
        [$left, $right] = self::reach($faces, 0);
        [$foot, $top] = self::reach($faces, 1);
        $arches = [];
        foreach ($plan->parts as $part) {
            foreach ($part->made->attached as $one) {
                $arches[] = $one;
            }
        }
        $rise = max([0.0, ...array_map(
            fn(Attached $one): float => ($one->arch()?->height() ?? 0.0) + $one->broad->mm,
            $arches,
        )]);
        $high = $top - $foot + $rise;
        $scale = min(
            self::LARGEST_SCALE,
            (Canvas::WIDTH - Canvas::TAPE - 190) / ($right - $left),
            self::HIGHEST / max(1.0, $high),
        );
        $x0 = Canvas::TAPE + (Canvas::WIDTH - Canvas::TAPE - ($right - $left) * $scale) / 2;
        $y0 = Canvas::TAPE + 24 + $high * $scale;
        $out = $plan->comesOut;
        $canvas = new Canvas(
            Tongues::tell('The bag closed'),
            Tongues::tell(
                $out->baseWidth->mm > 0 ? '{wide} wide, {high} high, {deep} deep.' : '{wide} wide, {high} high, flat.',
                [
                    'wide' => Tongues::printed($out->baseLength->print($unit)),
                    'high' => Tongues::printed($out->height->print($unit)),
                    'deep' => Tongues::printed($out->baseWidth->print($unit)),
                ],
            ),
            (int) ceil($y0 + 34),
            $scale,
            $unit,
            $x0,
            $y0,
            true,
        );
        $n = $canvas->n(...);
        $px = fn(float $mm): float => $x0 + ($mm - $left) * $scale;
        $py = fn(float $mm): float => $y0 - ($mm - $foot) * $scale;
        foreach ($arches as $one) {
            $arch = $one->arch();
            $at = $px(($left + $right) / 2 + $one->middle());
            if ($arch === null) {
                $canvas->add("<circle cx=\"{$n($at)}\" cy=\"{$n($py($top) - 5)}\" r=\"6\" fill=\"none\" "
                    .'stroke="'.Ink::SOFT.'" stroke-width="3"/>');

                continue;
            }
            [$a, $b, $legs] = [$arch->over->a * $scale, max(1.0, $arch->over->b * $scale), $arch->legs * $scale];
            $way = "M{$n($at - $a)} {$n($py($top))}v{$n(-$legs)}A{$n($a)} {$n($b)} 0 0 1 {$n($at + $a)} "
                ."{$n($py($top) - $legs)}V{$n($py($top))}";
            $broad = max(3.0, $one->broad->mm * $scale);
            $canvas->add("<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK."\" stroke-width=\"{$n($broad + 2)}\"/>"
                ."<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::mix($colour, Ink::SHEET, 0.35)
                ."\" stroke-width=\"{$n($broad)}\"/>");
        }
        [$worked, $net] = self::fabrics($plan, $scale, $colour, $canvas);
        foreach ($faces as $face) {
            $points = array_map(fn(array $at): string => "{$n($px($at[0]))} {$n($py($at[1]))}", $face->corners);
            $way = 'M'.implode('L', $points).'Z';
            $fill = $face->open ? $net : $worked;
            // Between strands it is dark; through a net one sees the sheet.
            $ground = match (true) {
                $fill === '' => Ink::mix($colour, Ink::SHEET, 0.4),
                $face->open => Ink::SHEET,
                default => Fabric::ground($colour),
            };
            $canvas->add("<path d=\"{$way}\" fill=\"{$ground}\"/>");
            if ($fill !== '') {
                $canvas->add("<path d=\"{$way}\" fill=\"url(#{$fill})\"/>");
            }
            $canvas->add("<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK
                .'" stroke-width="1.4" stroke-linejoin="round"/>');
        }
        foreach ($assembly->closed()->marks as [, $at, $wide, $high]) {
            $canvas->add('<rect x="'.$n($px($at[0] - $wide / 2)).'" y="'.$n($py($at[1] + $high / 2))
                ."\" width=\"{$n($wide * $scale)}\" height=\"{$n($high * $scale)}\" rx=\"2\" fill=\"".Ink::WARM.'"/>');
        }
        Fixtures::draw($plan->fitted, $canvas, $px(($left + $right) / 2), $py($top), $scale, $colour);
        $canvas->line($px($left), $y0 + 12, $px($right), $y0 + 12, Ink::SOFT);
        $canvas->text(
            ($px($left) + $px($right)) / 2,
            $y0 + 28,
            Tongues::tell('{much} wide', [
                'much' => Tongues::printed(Length::mm($right - $left)->print($unit)),
            ]),
            anchor: 'middle',
        );
        $canvas->line($px($right) + 12, $py($foot), $px($right) + 12, $py($top), Ink::SOFT);
        $canvas->text(
            $px($right) + 18,
            ($py($foot) + $py($top)) / 2 + 4,
            Tongues::printed(Length::mm($top - $foot)->print($unit)),
        );

        return $canvas;
    }

    /** @return array{string, string} ids of what its pieces are worked in, and of its net; '' where it is of tabs */
    private static function fabrics(BagPlan $plan, float $scale, string $colour, Canvas $canvas): array
    {
        $row = $plan->work->rows[1] ?? $plan->work->rows[0];
        $wide = $plan->gauge->widthOf($row->fabric)->mm * $scale;
        // Too small to be told, its stitches would be a hatching.
        if ($plan->assembly()?->tabs !== null || $wide < self::LEAST) {
            return ['', ''];
        }
        $thick = min(0.4 * $wide, $plan->spec->facts->strands->own->diameter->mm * $scale);
        [$worked, $pattern] = Fabric::pattern(
            $row->fabric->post(),
            $wide,
            $plan->gauge->heightOf($row->fabric)->mm * $scale,
            $thick,
            $colour,
        );
        $canvas->add($pattern);
        [$net, $pattern] = Fabric::net(2 * $wide, 4 * $wide, $thick, $colour);
        $canvas->add($pattern);

        return [$worked, $net];
    }

    /**
     * @param list<Face> $faces
     * @param int<0, 2> $axis
     *
     * @return array{float, float} least and greatest, mm
     */
    private static function reach(array $faces, int $axis): array
    {
        [$least, $greatest] = [INF, -INF];
        foreach ($faces as $face) {
            [$least, $greatest] = [min($least, $face->least($axis)), max($greatest, $face->greatest($axis))];
        }

        return $faces === [] ? [0.0, 1.0] : [$least, $greatest];
    }
}
