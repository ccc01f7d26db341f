<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Fixture;
use Fescue\Core\Finish\Shape;

/** What a bag is finished with, on the drawing of its front, to the drawing's scale. */
final readonly class Fixtures
{
    private const METAL = '#C9C6BC';

    /** Links and teeth are drawn so far apart, pixels. */
    private const APART = 7.0;

    /**
     * @param float $x pixels of the middle of the front
     * @param float $top so of its edge
     */
    private function __construct(
        private Canvas $canvas,
        private float $x,
        private float $top,
        private float $scale,
        private string $colour,
    ) {}

    /** @param list<Fitted> $fitted */
    public static function draw(
        array $fitted,
        Canvas $canvas,
        float $x,
        float $top,
        float $scale,
        string $colour,
    ): void {
        $drawing = new self($canvas, $x, $top, $scale, $colour);
        $all = array_merge(...array_map(fn(Fitted $one): array => $one->fixtures, $fitted));
        // A flap covers what stands under it; what closes it stands on it.
        usort($all, fn(Fixture $a, Fixture $b): int => ($b->shape === Shape::Cloth) <=> ($a->shape === Shape::Cloth));
        foreach ($all as $one) {
            $canvas->add($drawing->one($one));
        }
    }

    private function one(Fixture $one): string
    {
        $n = $this->canvas->n(...);
        [$x, $y] = [$this->x + $one->x * $this->scale, $this->top + $one->y * $this->scale];
        [$wide, $high] = [max(6.0, $one->wide * $this->scale), max(4.0, $one->high * $this->scale)];
        $ink = Ink::INK;

        return match ($one->shape) {
            Shape::Disc => "<circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\"{$n($wide / 2)}\" fill=\"".self::METAL
                ."\" stroke=\"{$ink}\" stroke-width=\"1.6\"/><circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\""
                .$n($wide / 5)."\" fill=\"none\" stroke=\"{$ink}\"/>",
            Shape::Plate => "<rect x=\"{$n($x - $wide / 2)}\" y=\"{$n($y - $high / 2)}\" width=\"{$n($wide)}\" "
                ."height=\"{$n($high)}\" rx=\"3\" fill=\"".self::METAL."\" stroke=\"{$ink}\" stroke-width=\"1.6\"/>",
            Shape::Line => self::twice("M{$n($x - $wide / 2)} {$n($y)}h{$n($wide)}", 7.0, self::METAL, 4.0, '3 1.6'),
            Shape::Cord => $this->cord($x, $y, $wide, max(1, (int) round($one->high / 2))),
            Shape::Tassel => $this->tassel($x, $y, $wide, $high),
            Shape::Chain => "<path d=\"M{$n($x - $wide / 2)} {$n($y)}C{$n($x - $wide / 3)} {$n($y + 1.33 * $high)} "
                ."{$n($x + $wide / 3)} {$n($y + 1.33 * $high)} {$n($x + $wide / 2)} {$n($y)}\" fill=\"none\" "
                ."stroke=\"{$ink}\" stroke-width=\"5\" stroke-linecap=\"round\" stroke-dasharray=\"4 ".self::APART
                .'"/><path d="M'.$n($x - $wide / 2).' '.$n($y).'C'.$n($x - $wide / 3).' '.$n($y + 1.33 * $high).' '
                .$n($x + $wide / 3).' '.$n($y + 1.33 * $high).' '.$n($x + $wide / 2).' '.$n($y)
                .'" fill="none" stroke="'.$ink.'" stroke-width="1.4"/>',
            Shape::Cloth => "<path d=\"M{$n($x - $wide / 2)} {$n($y - $high / 2)}h{$n($wide)}v{$n($high - 8)}"
                ."q0 8 -8 8h-{$n($wide - 16)}q-8 0 -8 -8z\" fill=\"".Ink::mix($this->colour, Ink::SHEET, 0.35)
                ."\" stroke=\"{$ink}\" stroke-width=\"1.6\"/>",
        };
    }

    /** In and out along a round, its ends hanging from the middle of the front. */
    private function cord(float $x, float $y, float $wide, int $gaps): string
    {
        $n = $this->canvas->n(...);
        $step = $wide / (2 * $gaps);
        $way = "M{$n($x - $wide / 2)} {$n($y)}";
        for ($nth = 0; $nth < $gaps; $nth++) {
            $way .= "m{$n($step / 2)} 0h{$n($step)}m{$n($step / 2)} 0";
        }
        $out = min(3 * $step, $wide / 6);
        $ends = "M{$n($x - $out)} {$n($y)}q-3 14 2 30M{$n($x + $out)} {$n($y)}q3 14 -2 30";
        $knots = "<circle cx=\"{$n($x - $out + 2)}\" cy=\"{$n($y + 32)}\" r=\"4\"/><circle cx=\"{$n($x + $out - 2)}\" "
            ."cy=\"{$n($y + 32)}\" r=\"4\"/>";
        $thread = Ink::mix($this->colour, Ink::SHEET, 0.45);

        return self::twice($way.$ends, 6.0, $thread, 3.6)
            .'<g fill="'.$thread.'" stroke="'.Ink::INK."\">{$knots}</g>";
    }

    private function tassel(float $x, float $y, float $wide, float $high): string
    {
        $n = $this->canvas->n(...);
        $neck = 0.25 * $high;
        $threads = '';
        foreach ([-0.5, -0.25, 0.0, 0.25, 0.5] as $aside) {
            $threads .= "M{$n($x + $aside * $wide * 0.3)} {$n($y + $neck)}L{$n($x + $aside * $wide)} {$n($y + $high)}";
        }

        return "<circle cx=\"{$n($x)}\" cy=\"{$n($y + $neck / 2)}\" r=\"{$n(max(2.5, $neck / 2))}\" "
            ."fill=\"{$this->colour}\" stroke=\"".Ink::INK.'"/>'.self::twice($threads, 3.0, $this->colour, 1.8);
    }

    /** A line in ink, and its colour on it a little narrower. */
    private static function twice(string $way, float $broad, string $colour, float $narrow, string $dashes = ''): string
    {
        return "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK."\" stroke-width=\"{$broad}\" "
            ."stroke-linecap=\"round\"/><path d=\"{$way}\" fill=\"none\" stroke=\"{$colour}\" "
            ."stroke-width=\"{$narrow}\""
            .($dashes === '' ? ' stroke-linecap="round"' : " stroke-dasharray=\"{$dashes}\"").'/>';
    }
}
