<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Piece\Fold;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Piece\Seam;
use Fescue\Core\Piece\SewnEdge;

/** Every piece flat and to one scale: its rows, its folds, and its seams, lettered and counted on both edges. */
final class PiecesDrawing
{
    private const HIGHEST = 470.0;

    private const LARGEST_SCALE = 3.0;

    /** Pixels round a piece for its name, letters and counts. */
    private const AROUND = [64.0, 64.0, 44.0, 40.0];

    /** And above one that a ring stands out of. */
    private const RING = 16.0;

    private const FABRIC_SHARE = 0.55;

    public static function of(BagPlan $plan, LengthUnit $unit, Writer $writer, string $colour): Canvas
    {
        $assembly = $plan->assembly() ?? throw new \LogicException('A bag of one piece has none to lay out.');
        $room = Canvas::WIDTH - Canvas::TAPE - 8;
        // What stands beside a piece is as large at any scale: twice is near enough.
        $scale = 1.0;
        [$laid, $wide, $high] = [[], 1.0, 1.0];
        $marks = array_merge(...array_map(fn(Piece $piece): array => $piece->flat->marks ?? [], $assembly->pieces));
        $isRinged = array_filter($marks, fn(Mark $mark): bool => $mark->as === Marked::Ring) !== [];
        $pixels = self::AROUND;
        $pixels[2] += $isRinged ? self::RING : 0.0;
        for ($time = 0; $time < 4; $time++) {
            $around = array_map(fn(float $one): float => $one / $scale, $pixels);
            [$laid, $wide, $high] = Laid::out($assembly->pieces, $around, $room / self::HIGHEST);
            $scale = min(self::LARGEST_SCALE, $scale * min($room / ($wide * $scale), self::HIGHEST / ($high * $scale)));
        }
        $left = Canvas::TAPE + max(4.0, ($room - $wide * $scale) / 2);
        $top = Canvas::TAPE + 2.0;
        $canvas = new Canvas(
            Tongues::tell('The pieces, flat'),
            self::described($assembly, $writer),
            (int) ceil($top + $high * $scale + 4),
            $scale,
            $unit,
            $left + $laid[0]->x * $scale,
            $top + $laid[0]->y * $scale,
            false,
        );
        $drawing = new self($canvas, $scale, $left, $top, $writer, $colour);
        foreach ($laid as $one) {
            $drawing->piece($one, self::order($assembly, $one));
        }

        return $canvas;
    }

    private function __construct(
        private readonly Canvas $canvas,
        private readonly float $scale,
        private readonly float $x,
        private readonly float $y,
        private readonly Writer $writer,
        private readonly string $colour,
    ) {}

    /** In which place its pieces are made, from 1. */
    private static function order(Assembly $assembly, Laid $laid): int
    {
        return 1 + (int) array_search($laid->pieces[0], $assembly->pieces, true);
    }

    private static function described(Assembly $assembly, Writer $writer): string
    {
        $pieces = array_map(
            fn(Piece $piece): string => Tongues::tell('{piece}, {n, plural, one {# row} other {# rows}}', [
                'piece' => $writer->called($piece->called, $piece->nth), 'n' => count($piece->rows),
            ]),
            $assembly->pieces,
        );

        return implode('; ', $pieces).'. '.implode(' ', array_map(
            fn(Seam $seam): string => Tongues::tell(
                'Seam {letter}: {from} and {to}, {n, plural, one {# stitch} other {# stitches}}.',
                [
                    'letter' => $seam->letter, 'from' => $seam->from->named(), 'to' => $seam->to->named(),
                    'n' => $seam->stitches,
                ],
            ),
            $assembly->seams,
        ));
    }

    private function piece(Laid $laid, int $order): void
    {
        $fill = Ink::mix($this->colour, Ink::SHEET, self::FABRIC_SHARE);
        $line = Ink::mix($fill, Ink::INK, 0.22);
        foreach ($laid->pieces as $nth => $piece) {
            $flat = $piece->flat;
            if ($flat === null || ($nth > 0 && ! $laid->isNet)) {
                continue;
            }
            $outline = $this->way($laid, $flat->outline).'Z';
            $rows = implode('', array_map(
                fn(array $row): string => $this->way($laid, $row),
                $this->thinned($flat->rows),
            ));
            $this->canvas->add("<path d=\"{$outline}\" fill=\"{$fill}\" stroke=\"".Ink::INK
                .'" stroke-width="1.6" stroke-linejoin="round"/>'
                ."<path d=\"{$rows}\" fill=\"none\" stroke=\"{$line}\" stroke-width=\"0.8\"/>");
            if ($laid->isNet) {
                $corners = count($flat->outline);
                [$x, $y] = $this->pixels($laid, [
                    array_sum(array_column($flat->outline, 0)) / $corners,
                    array_sum(array_column($flat->outline, 1)) / $corners,
                ]);
                $this->canvas->text($x, $y + 5, (string) $piece->nth, Ink::INK, 'middle', 700);
            }
            foreach ($flat->folds as $fold) {
                $this->fold($laid, $fold);
            }
            foreach ($flat->edges as $edge) {
                $this->edge($laid, $edge);
            }
            foreach ($flat->marks as $mark) {
                $this->mark($laid, $mark);
            }
        }
        $this->name($laid, $order);
    }

    /**
     * Rows that lie closer than the eye parts them are drawn every so manieth.
     *
     * @param list<list<array{float, float}>> $rows
     *
     * @return list<list<array{float, float}>>
     */
    private function thinned(array $rows): array
    {
        if (count($rows) < 2) {
            return $rows;
        }
        $gap = abs(($rows[1][0][1] ?? 0.0) - $rows[0][0][1]) * $this->scale;
        $every = $gap <= 0.0 ? 1 : max(1, (int) ceil(3.5 / $gap));

        return array_values(array_filter(
            $rows,
            fn(int $nth): bool => $nth % $every === 0,
            ARRAY_FILTER_USE_KEY,
        ));
    }

    private function name(Laid $laid, int $order): void
    {
        [$left, $right, $top] = $laid->spread();
        $piece = $laid->pieces[0];
        $many = count($laid->pieces);
        $stitches = $piece->start === null ? 0 : $piece->start->chain;
        $rows = count(array_filter($piece->rows, fn(Row $row): bool => $row->kind === RowKind::Row));
        $said = match (true) {
            $piece->called === '' => Tongues::tell('the piece'),
            $laid->isNet => Tongues::tell('{n, plural, one {# square} other {# squares}}', ['n' => $many]),
            $many > 1 => Tongues::tell('{piece} · make {n}', [
                'piece' => $this->writer->called($piece->called), 'n' => $many,
            ]),
            default => $this->writer->called($piece->called),
        };
        $counts = $laid->isNet ? '' : ', '.Tongues::tell('{stitches} × {rows} rows', [
            'stitches' => $stitches, 'rows' => $rows,
        ]);
        // In a narrow place the counts go below the name.
        $x = $this->x + ($left + $right) / 2 * $this->scale;
        // Above what stands out of it: a ring.
        $above = min([0.0, ...array_map(
            fn(Mark $mark): float => $laid->at([0.0, $mark->y - $mark->high / 2])[1] - $top,
            $piece->flat->marks ?? [],
        )]);
        $y = $this->y + ($top + $above) * $this->scale;
        $wide = ($right - $left) * $this->scale + 100;
        if ($counts !== '' && 7.2 * mb_strlen($said.$counts) > $wide) {
            $this->canvas->text($x, $y - 24, ucfirst("{$order} · {$said}"), anchor: 'middle', weight: 700);
            $this->canvas->text($x, $y - 9, ltrim($counts, ', '), Ink::SOFT, 'middle');

            return;
        }
        $this->canvas->text($x, $y - 12, "{$order} · ".ucfirst($said).$counts, anchor: 'middle', weight: 700);
    }

    private function fold(Laid $laid, Fold $fold): void
    {
        [$x1, $y1] = $this->pixels($laid, $fold->from);
        [$x2, $y2] = $this->pixels($laid, $fold->to);
        $n = $this->canvas->n(...);
        $this->canvas->add("<path d=\"M{$n($x1 - 8)} {$n($y1)}L{$n($x2 + 8)} {$n($y2)}\" stroke=\"".Ink::INK
            .'" stroke-width="1.5" stroke-dasharray="7 5" fill="none"/>');
        if ($fold->above !== null) {
            $this->said(($x1 + $x2) / 2, $y1 - 5, Tongues::say($fold->above), Ink::INK);
        }
    }

    private function edge(Laid $laid, SewnEdge $edge): void
    {
        $points = array_map(fn(array $at): array => $this->pixels($laid, $at), $edge->points);
        $n = $this->canvas->n(...);
        $path = 'M'.implode('L', array_map(fn(array $at): string => "{$n($at[0])} {$n($at[1])}", $points));
        $this->canvas->add("<path d=\"{$path}\" stroke=\"".Ink::WARM
            .'" stroke-width="3.4" fill="none" stroke-linejoin="round"/>');
        [$x, $y] = self::middle($points);
        [$left, $right, $top, $foot] = $laid->spread();
        $away = [
            'left' => abs($x - $this->x - $left * $this->scale),
            'right' => abs($x - $this->x - $right * $this->scale),
            'top' => abs($y - $this->y - $top * $this->scale),
            'foot' => abs($y - $this->y - $foot * $this->scale),
        ];
        asort($away);
        $side = $laid->isNet ? 'on' : array_key_first($away);
        [$dx, $dy, $anchor, $tx, $ty] = match ($side) {
            'left' => [-18, 0, 'end', -32, 4],
            'right' => [18, 0, 'start', 32, 4],
            'top' => [0, -18, 'start', 14, -14],
            'foot' => [0, 18, 'start', 14, 22],
            default => [0, 0, 'middle', 0, 0],
        };
        $wide = strlen($edge->letter) > 1 ? 13 : 10;
        $this->canvas->add("<circle cx=\"{$n($x + $dx)}\" cy=\"{$n($y + $dy)}\" r=\"{$wide}\" fill=\"".Ink::WARM.'"/>');
        $this->canvas->text($x + $dx, $y + $dy + 4.5, $edge->letter, Ink::SHEET, 'middle', 700);
        if ($side !== 'on') {
            $this->canvas->text($x + $tx, $y + $ty, (string) $edge->stitches, Ink::WARM, $anchor);
        }
    }

    /**
     * The middle of a way, along it.
     *
     * @param non-empty-list<array{float, float}> $points
     *
     * @return array{float, float}
     */
    private static function middle(array $points): array
    {
        $legs = [];
        foreach (array_slice($points, 1) as $nth => [$x, $y]) {
            $legs[] = hypot($x - $points[$nth][0], $y - $points[$nth][1]);
        }
        $half = array_sum($legs) / 2;
        foreach ($legs as $nth => $leg) {
            if ($half <= $leg && $leg > 0) {
                $share = $half / $leg;

                return [
                    $points[$nth][0] + $share * ($points[$nth + 1][0] - $points[$nth][0]),
                    $points[$nth][1] + $share * ($points[$nth + 1][1] - $points[$nth][1]),
                ];
            }
            $half -= $leg;
        }

        return $points[0];
    }

    private function mark(Laid $laid, Mark $mark): void
    {
        [$x, $y] = $this->pixels($laid, [$mark->x, $mark->y]);
        [$wide, $high] = [max(6.0, $mark->wide * $this->scale), max(5.0, $mark->high * $this->scale)];
        $n = $this->canvas->n(...);
        $box = "x=\"{$n($x - $wide / 2)}\" y=\"{$n($y - $high / 2)}\" width=\"{$n($wide)}\" height=\"{$n($high)}\"";
        $this->canvas->add(match ($mark->as) {
            Marked::Ring => "<circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\"{$n(max(5.0, $wide / 2))}\" fill=\"none\" "
                .'stroke="'.Ink::SOFT.'" stroke-width="3"/>',
            Marked::Hole => "<rect {$box} fill=\"".Ink::SHEET.'" stroke="'.Ink::WARM.'" stroke-width="1.8"/>',
            Marked::Clasp => "<rect {$box} rx=\"3\" fill=\"none\" stroke=\"".Ink::WARM
                .'" stroke-width="1.6" stroke-dasharray="4 3"/>',
            Marked::Bar => "<rect {$box} rx=\"2\" fill=\"".Ink::SOFT.'"/>',
            Marked::Tassel => "<circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\"4\" fill=\"".Ink::GRASS.'"/>',
            Marked::Said => '',
        });
        if ($mark->says === null) {
            return;
        }
        if ($mark->as !== Marked::Said) {
            $this->said($x, $y + $high / 2 + 15, Tongues::say($mark->says), Ink::WARM);

            return;
        }
        // Beside the piece, on the side it stands at.
        [$left, $right] = $laid->spread();
        $atLeft = $x < $this->x + ($left + $right) / 2 * $this->scale;
        foreach (explode(' ', Tongues::say($mark->says), 2) as $nth => $line) {
            $this->canvas->text(
                $x + ($atLeft ? -8 : 8),
                $y + 4 + 15 * $nth,
                $line,
                Ink::GRASS,
                $atLeft ? 'end' : 'start',
                $nth === 0 ? 700 : 400,
            );
        }
    }

    /** On the fabric, in the middle of a plate of its own so that no row runs through it. */
    private function said(float $x, float $y, string $text, string $colour): void
    {
        $wide = 6.6 * mb_strlen($text) + 8;
        $fill = Ink::mix($this->colour, Ink::SHEET, self::FABRIC_SHARE);
        $this->canvas->add("<rect x=\"{$this->canvas->n($x - $wide / 2)}\" y=\"{$this->canvas->n($y - 11)}\" width=\""
            ."{$this->canvas->n($wide)}\" height=\"14\" rx=\"2\" fill=\"{$fill}\"/>");
        $this->canvas->text($x, $y, $text, $colour, 'middle');
    }

    /**
     * @param array{float, float} $at
     *
     * @return array{float, float}
     */
    private function pixels(Laid $laid, array $at): array
    {
        [$x, $y] = $laid->at($at);

        return [$this->x + $x * $this->scale, $this->y + $y * $this->scale];
    }

    /** @param list<array{float, float}> $points */
    private function way(Laid $laid, array $points): string
    {
        return 'M'.implode('L', array_map(function (array $at) use ($laid): string {
            [$x, $y] = $this->pixels($laid, $at);

            return "{$this->canvas->n($x)} {$this->canvas->n($y)}";
        }, $points));
    }
}
