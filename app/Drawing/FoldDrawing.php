<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Face;

/** How the pieces go together, a picture a step: seen from the front, a little from above and from the right. */
final readonly class FoldDrawing
{
    /** Where a millimetre towards the eye goes on paper: left and down. */
    private const TOWARDS = [-0.45, 0.32];

    private function __construct(private Assembly $assembly, private string $colour) {}

    public static function of(BagPlan $plan, string $colour): ?self
    {
        $assembly = $plan->assembly();

        return $assembly === null ? null : new self($assembly, $colour);
    }

    /** @return list<string> what is done in each step */
    public function does(): array
    {
        return array_map(fn(AssemblyStep $step): string => Tongues::say($step->does), $this->assembly->steps);
    }

    /** One step in so many pixels. */
    public function step(int $nth, int $wide, int $high): string
    {
        $step = $this->assembly->steps[$nth] ?? $this->assembly->closed();
        $n = Canvas::number(...);
        $said = Canvas::escape(Tongues::tell('{nth} of {all}: {does}', [
            'nth' => $nth + 1, 'all' => count($this->assembly->steps), 'does' => $step->does,
        ]));

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$n($wide)} {$n($high)}\" role=\"img\" "
            ."font-size=\"13\"><title>{$said}</title>".$this->drawn($step, $wide, $high, 14.0).'</svg>';
    }

    /** The closed bag in a few strokes, standing on the middle of the foot, so many pixels a millimetre. */
    public function closed(float $scale, int $wide, int $high): string
    {
        $step = $this->assembly->closed();
        [$left, $right, , $foot] = self::box($step);

        return self::faces($step, fn(float $x, float $y): array => [
            $wide / 2 + ($x - ($left + $right) / 2) * $scale,
            $high - 8.0 + ($y - $foot) * $scale,
        ], $this->colour, 1.3);
    }

    /** @return array{float, float} how wide and high the closed bag is seen, mm */
    public function size(): array
    {
        [$left, $right, $top, $foot] = self::box($this->assembly->closed());

        return [$right - $left, $foot - $top];
    }

    private function drawn(AssemblyStep $step, int $wide, int $high, float $margin): string
    {
        [$left, $right, $top, $foot] = self::box($step);
        $scale = min(
            ($wide - 2 * $margin) / max(1.0, $right - $left),
            ($high - 2 * $margin) / max(1.0, $foot - $top),
        );
        $place = fn(float $x, float $y): array => [
            $wide / 2 + ($x - ($left + $right) / 2) * $scale,
            $high / 2 + ($y - ($top + $foot) / 2) * $scale,
        ];
        $n = Canvas::number(...);
        $drawn = self::faces($step, $place, $this->colour, 1.6);
        $letters = [];
        foreach ($step->seams as [$letter, $from, $to]) {
            [$x1, $y1] = $place(...self::seen($from));
            [$x2, $y2] = $place(...self::seen($to));
            $drawn .= "<path d=\"M{$n($x1)} {$n($y1)}L{$n($x2)} {$n($y2)}\" stroke=\"".Ink::WARM
                .'" stroke-width="3.4" stroke-linecap="round"/>';
            // Where two would stand on each other the words above name them both.
            $at = [($x1 + $x2) / 2, ($y1 + $y2) / 2];
            $near = array_filter($letters, fn(array $one): bool => hypot($one[0] - $at[0], $one[1] - $at[1]) < 19);
            if ($near === []) {
                $letters[$letter] ??= $at;
            }
        }
        foreach ($letters as $letter => [$x, $y]) {
            $drawn .= "<circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\"9\" fill=\"".Ink::WARM.'"/>'
                ."<text x=\"{$n($x)}\" y=\"{$n($y + 4.5)}\" fill=\"".Ink::SHEET
                ."\" text-anchor=\"middle\" font-weight=\"700\">{$letter}</text>";
        }
        foreach ($step->marks as [, $at, $wide, $high]) {
            [$x, $y] = $place(...self::seen($at));
            [$aside, $up] = [max(4.0, $wide * $scale / 2), max(3.0, $high * $scale / 2)];
            $drawn .= "<rect x=\"{$n($x - $aside)}\" y=\"{$n($y - $up)}\" width=\"{$n(2 * $aside)}\" height=\""
                ."{$n(2 * $up)}\" rx=\"2\" fill=\"".Ink::WARM.'"/>';
        }

        return $drawn;
    }

    /** @param \Closure(float, float): array{float, float} $place */
    private static function faces(AssemblyStep $step, \Closure $place, string $colour, float $stroke): string
    {
        $faces = $step->faces;
        usort($faces, fn(Face $a, Face $b): int => self::depth($a) <=> self::depth($b));
        $n = Canvas::number(...);
        $drawn = '';
        foreach ($faces as $face) {
            $points = array_map(function (array $at) use ($place, $n): string {
                [$x, $y] = $place(...self::seen($at));

                return "{$n($x)} {$n($y)}";
            }, $face->corners);
            $drawn .= '<path d="M'.implode('L', $points).'Z" fill="'.self::shade($face, $colour).'" stroke="'.Ink::INK
                ."\" stroke-width=\"{$n($stroke)}\" stroke-linejoin=\"round\"/>";
        }

        return $drawn;
    }

    /**
     * @param array{float, float, float} $at
     *
     * @return array{float, float} right and down on paper, mm
     */
    private static function seen(array $at): array
    {
        return [$at[0] + self::TOWARDS[0] * $at[2], -$at[1] + self::TOWARDS[1] * $at[2]];
    }

    /** How near its middle is to the eye. */
    private static function depth(Face $face): float
    {
        $mean = fn(int $axis): float => array_sum(array_column($face->corners, $axis)) / count($face->corners);

        return $mean(2) + 0.02 * ($mean(0) + $mean(1));
    }

    /** Lit from the front; what faces aside or up is darker, and darker still where the inside shows. */
    private static function shade(Face $face, string $colour): string
    {
        $dark = match (true) {
            $face->span(2) < 0.5 => 0.0,
            $face->span(0) < 0.5 * $face->span(2) => 0.2,
            default => 0.12,
        };

        return Ink::mix(Ink::mix($colour, Ink::SHEET, 0.5), Ink::INK, $dark + ($face->lies ? 0.0 : 0.1));
    }

    /** @return array{float, float, float, float} left, right, top and foot as it is seen, mm */
    private static function box(AssemblyStep $step): array
    {
        $x = $y = [];
        foreach ($step->faces as $face) {
            foreach ($face->corners as $corner) {
                [$x[], $y[]] = self::seen($corner);
            }
        }

        return [min($x), max($x), min($y), max($y)];
    }
}
