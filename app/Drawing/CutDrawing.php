<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\Cutting;
use Fescue\Core\Strip\Tube;

/**
 * The piece lying flat with every cut numbered in order, to scale; what is thrown away is hatched, the way the strand
 * runs is a faint line. A tube's spine is drawn again beside it, opened.
 */
final class CutDrawing
{
    private const LARGEST_SCALE = 2.0;

    private const HIGHEST = 520;

    private const LEFT = Canvas::TAPE + 44;

    private const ABOVE = Canvas::TAPE + 30;

    /** Between the piece and its opened spine. */
    private const GAP = 70.0;

    /** Pixels a number needs, or it is left to its neighbours. */
    private const ROOM = 15.0;

    /** A ribbon longer than so many times its width is shown by its end. */
    private const LONGEST = 14.0;

    /** Round a drawing on paper, mm. */
    private const PAPER_MARGIN = 15.0;

    private string $marks = '';

    /** mm of the piece left of what is shown. */
    private readonly float $from;

    private readonly string $hatch;

    /** @param float $scale pixels to the millimetre */
    private function __construct(
        private readonly Cutting $cutting,
        private readonly float $scale,
        private readonly float $left,
        private readonly float $above,
    ) {
        $this->from = self::hidden($cutting);
        $this->hatch = 'hatch-'.$cutting->school->value;
        $this->draw();
    }

    public static function of(Cutting $cutting, LengthUnit $unit): Canvas
    {
        [$width, $gap] = self::reach($cutting);
        $scale = min(
            self::LARGEST_SCALE,
            (Canvas::WIDTH - self::LEFT - 60 - $gap) / $width,
            self::HIGHEST / $cutting->piece->height->mm,
        );
        $piece = $cutting->piece;
        $canvas = new Canvas(
            Tongues::tell('Cuts: {way}', ['way' => Tongues::tell($cutting->school->name())]),
            Tongues::tell(
                '{n, plural, one {One cut} other {# cuts in order}} on a piece {wide} wide and {high} high, giving '
                    .'{strips, plural, one {one strip} other {# strips}}.',
                [
                    'n' => count($cutting->cuts), 'strips' => $cutting->strips(),
                    'wide' => Tongues::printed($piece->width->print($unit)),
                    'high' => Tongues::printed($piece->height->print($unit)),
                ],
            ),
            (int) ceil(self::ABOVE + $piece->height->mm * $scale + 44),
            $scale,
            $unit,
            self::LEFT,
            self::ABOVE,
            false,
        );
        $canvas->add((new self($cutting, $scale, self::LEFT, self::ABOVE))->marks);

        return $canvas;
    }

    /**
     * Bare, for paper: at true size, or smaller so that all of it fits.
     *
     * @param ?array{float, float} $room mm across and down that it must fit, null at true size
     *
     * @return array{float, float, float, string} width and height in mm, mm on paper to the mm, and the marks in mm
     */
    public static function onPaper(Cutting $cutting, ?array $room = null): array
    {
        [$width, $gap] = self::reach($cutting);
        $height = $cutting->piece->height->mm;
        $pixel = 96 / 25.4;
        $aside = 2 * self::PAPER_MARGIN + $gap / $pixel;
        $scale = $room === null ? 1.0 : min(
            1.0,
            ($room[0] - $aside) / $width,
            ($room[1] - 2 * self::PAPER_MARGIN) / $height,
        );
        $drawing = new self($cutting, $scale * $pixel, self::PAPER_MARGIN * $pixel, self::PAPER_MARGIN * $pixel);

        return [
            $width * $scale + $aside,
            $height * $scale + 2 * self::PAPER_MARGIN,
            $scale,
            '<g transform="scale('.Canvas::number(1 / $pixel, 6).")\">{$drawing->marks}</g>",
        ];
    }

    /** @return array{float, float} mm across all that is drawn, and the pixels between its parts */
    private static function reach(Cutting $cutting): array
    {
        $piece = $cutting->piece;
        $across = max($piece->width->mm, $piece->foot->mm) - self::hidden($cutting);

        return $piece instanceof Tube && $cutting->school === CutMethod::OneStrand ? [
            $across + 2 * $piece->spine->mm,
            self::GAP,
        ] : [$across, 0.0];
    }

    private static function hidden(Cutting $cutting): float
    {
        $piece = $cutting->piece;

        return $piece->layers === 1 ? max(0.0, $piece->width->mm - self::LONGEST * $piece->height->mm) : 0.0;
    }

    private function draw(): void
    {
        $piece = $this->cutting->piece;
        $this->marks .= "<defs><pattern id=\"{$this->hatch}\" width=\"7\" height=\"7\" "
            .'patternUnits="userSpaceOnUse" patternTransform="rotate(45)"><rect width="7" height="7" fill="'
            .Ink::SHEET
            .'"/><path d="M0 0V7" stroke="'
            .Ink::WARM
            .'" stroke-width="1.4" opacity=".6"/></pattern></defs>';
        $outline = [
            [$this->from, 0.0],
            [$piece->width->mm, 0.0],
            [$piece->foot->mm, $piece->height->mm],
            [$this->from, $piece->height->mm],
        ];
        $this->area($outline, Ink::PALE_GRASS, Ink::INK);
        $this->waste();
        $this->course();
        foreach ($this->cutting->cuts as $cut) {
            $this->cut($cut);
        }
        $this->numbers();
        if ($this->from > 0) {
            $this->text($this->x($this->from), $this->above - 9, Tongues::tell('… the end of the ribbon'), Ink::SOFT);
        } else {
            $this->text($this->left, $this->above - 9, Tongues::tell(
                $piece->layers === 2 ? 'folded edge' : 'edge',
            ), Ink::SOFT);
        }
        if ($this->hasSpine()) {
            $this->spine();
        }
        $this->legend();
    }

    /** Cuts that begin at one place share it; one without room is left to its neighbours. */
    private function numbers(): void
    {
        /** @var array<string, array{string, float, float, string, list<int>}> $labels */
        $labels = [];
        foreach ($this->cutting->cuts as $place => $cut) {
            [$side, $x, $y] = $this->numberOf($cut);
            $at = $side.round($y);
            $labels[$at] ??= [$side, $x, $y, $this->ink($cut), []];
            $labels[$at][4][] = $place + 1;
        }
        $taken = ['left' => [], 'right' => [], 'spine' => []];
        foreach ($labels as [$side, $x, $y, $ink, $numbers]) {
            if (array_filter($taken[$side], fn(float $other): bool => abs($other - $y) < self::ROOM) === []) {
                $taken[$side][] = $y;
                $this->text($x, $y + 4, implode(', ', $numbers), $ink, $side === 'left' ? 'end' : 'start');
            }
        }
    }

    private function hasSpine(): bool
    {
        return $this->cutting->piece instanceof Tube && $this->cutting->school === CutMethod::OneStrand;
    }

    private function cut(Cut $cut): void
    {
        $width = $this->cutting->piece->width->mm;
        if ($cut->kind !== CutKind::Diagonal) {
            $this->line(
                [[$cut->x1, $cut->y1], [$cut->x2, $cut->y2]],
                $this->ink($cut),
                1.8,
                $cut->kind === CutKind::Trim ? '6 3' : '',
            );
        } elseif (! $this->hasSpine()) {
            // Round a bag: what is on the back shows through, dashed.
            $back = $cut->x1 >= $width;
            $fold = fn(float $x): float => $back ? 2 * $width - $x : $x;
            $this->line(
                [[$fold($cut->x1), $cut->y1], [$fold($cut->x2), $cut->y2]],
                $this->ink($cut),
                $back ? 1.2 : 1.8,
                $back ? '3 4' : '',
            );
        }
    }

    /** The opened spine beside the piece, both halves of it, with the ends of the slits on either side. */
    private function spine(): void
    {
        $piece = $this->cutting->piece;
        if (! $piece instanceof Tube) {
            return;
        }
        $m = $piece->spine->mm;
        $shift = $this->spineAt($piece) - $this->left;
        $at = fn(float $x, float $y): array => [$x - $piece->widthAt($y) + $m + $shift / $this->scale, $y];
        $this->area(array_map(fn(array $point): array => $at(...$point), [
            [$piece->width->mm - $m, 0.0], [$piece->width->mm + $m, 0.0],
            [$piece->foot->mm + $m, $piece->height->mm], [$piece->foot->mm - $m, $piece->height->mm],
        ]), Ink::PALE_GRASS, Ink::INK);
        $diagonals = array_values(
            array_filter($this->cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Diagonal),
        );
        [$first, $last] = [$diagonals[0], $diagonals[count($diagonals) - 1]];
        $this->area(
            [$at($first->x1, $first->y1), $at($first->x2 + 1e-9, $first->y1), $at($first->x2, $first->y2)],
            "url(#{$this->hatch})",
        );
        $this->area(
            [$at($last->x1, $last->y1), $at($last->x1, $last->y2), $at($last->x2, $last->y2)],
            "url(#{$this->hatch})",
        );
        foreach ($this->thrownAway() as [$from, $to]) {
            $this->area(
                array_map(
                    fn(array $point): array => $at(...$point),
                    [
                        [$piece->widthAt($from) - $m, $from],
                        [$piece->widthAt($from) + $m, $from],
                        [$piece->widthAt($to) + $m, $to],
                        [$piece->widthAt($to) - $m, $to],
                    ],
                ),
                "url(#{$this->hatch})",
            );
        }
        foreach ($diagonals as $cut) {
            $this->line([$at($cut->x1, $cut->y1), $at($cut->x2, $cut->y2)], Ink::GRASS, 1.8);
        }
        $this->text($this->spineAt($piece), $this->above - 9, Tongues::tell('spine, opened'), Ink::SOFT);
        $this->line([[$piece->width->mm - $m, 0.0], [$piece->foot->mm - $m, $piece->height->mm]], Ink::SOFT, 1, '2 4');
    }

    private function spineAt(Tube $piece): float
    {
        return $this->left + max($piece->width->mm, $piece->foot->mm) * $this->scale + self::GAP;
    }

    /** @return list<array{float, float}> from a trim to the edge it frees, mm down the piece */
    private function thrownAway(): array
    {
        $piece = $this->cutting->piece;
        $trims = array_values(array_filter($this->cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Trim));

        return array_map(
            fn(Cut $cut): array => [$cut->y1, $cut->y1 <= $piece->trimTop->mm ? 0.0 : $piece->height->mm],
            $trims,
        );
    }

    /** Hatches what is thrown away: above and below, and the thin halves of a spiral's first and last turn. */
    private function waste(): void
    {
        $piece = $this->cutting->piece;
        foreach ($this->thrownAway() as [$from, $to]) {
            $this->area(
                [
                    [$this->from, $from],
                    [$piece->widthAt($from), $from],
                    [$piece->widthAt($to), $to],
                    [$this->from, $to],
                ],
                "url(#{$this->hatch})",
            );
        }
        $diagonals = array_values(
            array_filter($this->cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Diagonal),
        );
        if ($diagonals !== [] && ! $this->hasSpine()) {
            $width = $piece->width->mm;
            [$first, $last] = [$diagonals[0], $diagonals[count($diagonals) - 1]];
            $this->area([[0.0, $first->y1], [$width, $first->y1], [$width, $first->y2]], "url(#{$this->hatch})");
            $this->area([[0.0, $last->y2], [$width, $last->y2], [$width, $last->y1]], "url(#{$this->hatch})");
        }
    }

    /** Where the strand runs, folded as the piece lies: as long on the sheet as the strand is, to scale. */
    private function course(): void
    {
        if ($this->cutting->school !== CutMethod::OneStrand) {
            return;
        }
        $d = $this->path($this->cutting->course[0]);
        $this->marks .= "<path data-course=\"{$this->n($this->scale)}\" d=\"{$d}\" fill=\"none\" stroke=\""
            .Ink::GRASS
            .'" stroke-width="1" opacity=".35"/>';
    }

    private function legend(): void
    {
        $after = $this->left;
        $spiral = ! $this->hasSpine();
        foreach ([
            [CutKind::Slit, Tongues::tell(
                $this->cutting->piece->layers === 2 ? 'slit, both layers' : 'slit',
            ), Ink::INK],
            [
                CutKind::Diagonal,
                Tongues::tell($spiral ? 'round and round, dashed on the back' : 'aslant, one layer'),
                Ink::GRASS,
            ],
            [CutKind::Trim, Tongues::tell('thrown away'), Ink::WARM],
        ] as [$kind, $said, $colour]) {
            if (array_filter($this->cutting->cuts, fn(Cut $cut): bool => $cut->kind === $kind) !== []) {
                $this->text(
                    $after,
                    $this->y($this->cutting->piece->height->mm) + 24,
                    $said,
                    $colour,
                );
                // About as wide as it is set, and a gap.
                $after += 18 + 7.2 * mb_strlen($said);
            }
        }
    }

    /** @return array{'left'|'right'|'spine', float, float} the side a cut's number stands on, and where */
    private function numberOf(Cut $cut): array
    {
        $piece = $this->cutting->piece;
        if ($cut->kind === CutKind::Diagonal && $piece instanceof Tube) {
            return ['spine', $this->spineAt($piece) + 2 * $piece->spine->mm * $this->scale + 5, $this->y($cut->y2)];
        }
        if ($cut->kind === CutKind::Diagonal) {
            $back = $cut->x1 >= $piece->width->mm;

            return $back ? [
                'right',
                $this->x($piece->width->mm) + 5,
                $this->y($cut->y1),
            ] : ['left', $this->left - 5, $this->y($cut->y1)];
        }

        return $cut->x1 > $this->from
            ? ['right', $this->x($cut->x1) + 5, $this->y($cut->y1)]
            : ['left', $this->left - 5, $this->y($cut->y1)];
    }

    private function ink(Cut $cut): string
    {
        return match ($cut->kind) {
            CutKind::Slit => Ink::INK,
            CutKind::Diagonal => Ink::GRASS,
            CutKind::Trim => Ink::WARM,
        };
    }

    /** @param list<array{float, float}> $points */
    private function area(array $points, string $fill, string $stroke = 'none'): void
    {
        $this->marks .= "<path d=\"{$this->path($points)}Z\" fill=\"{$fill}\" stroke=\"{$stroke}\" "
            .'stroke-width="1.5"/>';
    }

    /** @param list<array{float, float}> $points */
    private function line(array $points, string $stroke, float $width, string $dash = ''): void
    {
        $this->marks .= "<path d=\"{$this->path($points)}\" fill=\"none\" stroke=\"{$stroke}\" "
            ."stroke-width=\"{$this->n($width)}\""
            .($dash === '' ? '' : " stroke-dasharray=\"{$dash}\"")
            .'/>';
    }

    private function text(float $x, float $y, string $said, string $fill, string $anchor = 'start'): void
    {
        $this->marks .= "<text x=\"{$this->n($x)}\" y=\"{$this->n($y)}\" fill=\"{$fill}\" "
            ."text-anchor=\"{$anchor}\" font-weight=\"600\" font-size=\"13\">"
            .Canvas::escape($said)
            .'</text>';
    }

    /** @param list<array{float, float}> $points */
    private function path(array $points): string
    {
        return 'M'.implode(
            'L',
            array_map(
                fn(array $point): string => $this->n($this->x($point[0])).' '.$this->n($this->y($point[1])),
                $points,
            ),
        );
    }

    private function x(float $mm): float
    {
        return $this->left + max(0.0, $mm - $this->from) * $this->scale;
    }

    private function y(float $mm): float
    {
        return $this->above + $mm * $this->scale;
    }

    private function n(float $value): string
    {
        return Canvas::number($value);
    }
}
