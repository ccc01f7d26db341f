<?php

declare(strict_types=1);

namespace App\Stash;

use App\Drawing\Canvas;
use App\Drawing\CutDrawing;
use App\Drawing\Ink;
use App\Rules\Typed;
use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Strip\StripPlan;
use Illuminate\Http\Request;

/**
 * A cutting drawing on paper: made to fit one sheet, or at true size over as many as it takes. Every sheet carries a
 * bar to be checked with a ruler.
 */
final readonly class CutPrint
{
    /** Printable width and height, mm, with a margin that any printer keeps. */
    private const PAPERS = ['a4' => [180.0, 257.0], 'letter' => [186.0, 239.0]];

    /** What neighbouring sheets share, to be glued. */
    private const OVERLAP = 10.0;

    private const FOOT = 16.0;

    private const MOST_SHEETS = 80;

    /**
     * @param list<string> $sheets SVG, each its own sheet
     */
    private function __construct(
        public StripPlan $plan,
        public string $paper,
        public bool $true,
        public array $sheets,
        public string $said,
    ) {}

    public static function of(StripPlan $plan, Request $request, LengthUnit $unit): self
    {
        $paper = isset(self::PAPERS[Typed::text($request, 'paper')])
            ? Typed::text($request, 'paper')
            : ($unit === LengthUnit::Inch ? 'letter' : 'a4');
        [$width, $height] = self::PAPERS[$paper];
        $room = $height - self::FOOT;
        [$across, $down, , $marks] = CutDrawing::onPaper($plan->cutting);
        $columns = max(1, (int) ceil(($across - self::OVERLAP) / ($width - self::OVERLAP)));
        $rows = max(1, (int) ceil(($down - self::OVERLAP) / ($room - self::OVERLAP)));
        $true = Typed::text($request, 'size') === 'true' && $columns * $rows <= self::MOST_SHEETS;
        if (! $true) {
            [, , $scale, $marks] = CutDrawing::onPaper($plan->cutting, [$width, $room]);
            $ratio = $scale === 1.0 ? Tongues::tell('true size') : '1 : '.Canvas::number(1 / $scale, 1);

            return new self(
                $plan,
                $paper,
                false,
                [self::sheet($width, $height, 0, 0, $marks, $ratio, $unit)],
                Tongues::tell('on one sheet, {ratio}; at true size it takes {n} sheets', [
                    'ratio' => $ratio, 'n' => $columns * $rows,
                ]),
            );
        }
        $sheets = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $named = $columns * $rows === 1
                    ? Tongues::tell('true size')
                    : Tongues::tell('true size, row {row} of {rows}, sheet {sheet} of {sheets}', [
                        'row' => $row + 1, 'rows' => $rows, 'sheet' => $column + 1, 'sheets' => $columns,
                    ]);
                $sheets[] = self::sheet(
                    $width,
                    $height,
                    $column * ($width - self::OVERLAP),
                    $row * ($room - self::OVERLAP),
                    $marks,
                    $named,
                    $unit,
                );
            }
        }

        return new self(
            $plan,
            $paper,
            true,
            $sheets,
            Tongues::tell(
                'at true size on {n, plural, one {one sheet} other {# sheets, each lapping its neighbour by 1 cm}}',
                ['n' => count($sheets)],
            ),
        );
    }

    /** One sheet in mm: a window on the drawing from x, y, and the bar below it. */
    private static function sheet(
        float $width,
        float $height,
        float $x,
        float $y,
        string $marks,
        string $named,
        LengthUnit $unit,
    ): string {
        $n = fn(float $mm): string => Canvas::number($mm, 4);
        $named = e($named);
        $room = $height - self::FOOT;
        // The bar is as long on paper as it says, whatever the drawing's own scale.
        [$bar, $said] = $unit === LengthUnit::Inch ? [101.6, '4 in'] : [100.0, '10 cm'];
        $ticks = '';
        for ($tick = 0; $tick <= ($unit === LengthUnit::Inch ? 4 : 10); $tick++) {
            $at = 2 + $tick * $bar / ($unit === LengthUnit::Inch ? 4 : 10);
            $ticks .= "M{$n($at)} {$n($room + 5)}v-2.5";
        }

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$n($width)}mm\" height=\"{$n($height)}mm\" "
            ."viewBox=\"0 0 {$n($width)} {$n($height)}\" role=\"img\" aria-label=\"{$named}\" "
            .'font-family="sans-serif">'
            ."<svg x=\"0\" y=\"0\" width=\"{$n($width)}\" height=\"{$n($room)}\" viewBox=\"{$n($x)} {$n($y)} "
            ."{$n($width)} {$n($room)}\" preserveAspectRatio=\"xMinYMin meet\">{$marks}</svg>"
            ."<rect x=\"0\" y=\"0\" width=\"{$n($width)}\" height=\"{$n($room)}\" fill=\"none\" stroke=\""
            .Ink::LINE
            .'" stroke-width="0.3" stroke-dasharray="2 1.5"/>'
            ."<path data-bar=\"{$n($bar)}\" d=\"M2 {$n($room + 5)}h{$n($bar)}{$ticks}\" fill=\"none\" stroke=\""
            .Ink::INK
            .'" stroke-width="0.4"/>'
            ."<text x=\"2\" y=\"{$n($room + 10)}\" font-size=\"3.6\" fill=\""
            .Ink::INK
            .'">'.e(Tongues::tell('This bar is {long}: lay a ruler on it before you cut.', ['long' => $said])).'</text>'
            ."<text x=\"{$n($width)}\" y=\"{$n($room + 10)}\" font-size=\"3.6\" text-anchor=\"end\" fill=\""
            .Ink::INK
            ."\">{$named}</text></svg>";
    }
}
