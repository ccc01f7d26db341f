<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Chart\Hung;
use Fescue\Core\Chart\Opening;
use Fescue\Core\Chart\SideRow;
use Fescue\Core\Chart\SideStitch;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Stitch\Stitch;

/**
 * The front of the bag lying flat, stitch by stitch in its colour, its openings lifted as a hand lifts them. To scale.
 */
final class SideDrawing
{
    private const WIDEST = 360;

    private const HIGHEST = 430;

    /** Of one beside words, whose rows are told there. */
    private const WIDEST_SMALL = Canvas::SMALL - self::LEFT - 14;

    private const HIGHEST_SMALL = 220;

    private const LARGEST_SCALE = 3.0;

    /** Pixels from which a stitch is seen as one; in a small drawing it would only be dark. */
    private const SEEN = 2.2;

    private const SEEN_SMALL = 8.0;

    private const LEFT = Canvas::TAPE + 62;

    private const ABOVE = Canvas::TAPE + 22;

    private const BELOW = 52;

    /** Pixels that a letter of a label takes, on the average. */
    private const LETTER = 6.9;

    private readonly Canvas $canvas;

    private readonly SideView $view;

    private readonly Fabric $fabric;

    /** For the ids of this drawing, unlike any other's on a page. */
    private readonly string $mark;

    private readonly float $scale;

    /** @var list<?bool> as the plan has them */
    private readonly array $sides;

    /** @var array<string, string> ids of the courses that are drawn, by themselves and their material */
    private array $courses = [];

    /** Pixels of the middle and the foot of the bag. */
    private readonly float $middle;

    private readonly float $foot;

    /** @param non-empty-list<string> $colours of the bag's own material and its others */
    public static function of(
        BagPlan $plan,
        LengthUnit $unit,
        array $colours,
        Writer $writer,
        bool $small = false,
    ): Canvas {
        $drawing = new self($plan, $unit, $colours, $writer, $small);
        $drawing->draw();

        return $drawing->canvas;
    }

    /** @param non-empty-list<string> $colours */
    private function __construct(
        private readonly BagPlan $plan,
        private readonly LengthUnit $unit,
        private readonly array $colours,
        private readonly Writer $writer,
        private readonly bool $small,
    ) {
        $out = $plan->comesOut;
        $this->view = SideView::of($plan);
        $this->sides = $plan->sides();
        $of = implode('|', [...$colours, $plan->spec->choices->name, (int) $small]);
        $this->mark = 's'.substr(hash('crc32b', $of), 0, 4).'-';
        $this->fabric = new Fabric();
        $wide = max($out->flatWidth->mm, $this->view->width);
        $this->scale = min(
            self::LARGEST_SCALE,
            ($small ? self::WIDEST_SMALL : self::WIDEST) / $wide,
            ($small ? self::HIGHEST_SMALL : self::HIGHEST) / $this->view->height,
        );
        $this->middle = self::LEFT + $wide * $this->scale / 2;
        $this->foot = self::ABOVE + $this->view->height * $this->scale;
        $this->canvas = new Canvas(
            Tongues::tell('Side of the bag'),
            Tongues::tell('The front lying flat: {wide} wide and {high} high above the base.', [
                'wide' => Tongues::printed($out->flatWidth->print($unit)),
                'high' => Tongues::printed($out->height->print($unit)),
            ]),
            (int) ceil($this->foot + self::BELOW),
            $this->scale,
            $unit,
            $this->middle - $out->flatWidth->mm * $this->scale / 2,
            $this->foot,
            true,
            $small ? Canvas::SMALL : Canvas::WIDTH,
        );
    }

    private function draw(): void
    {
        $rows = implode('', array_map($this->row(...), $this->view->rows));
        array_map($this->hung(...), $this->view->hung);
        $n = $this->canvas->n(...);
        // What hangs goes down from where it begins: its rows stand on their heads.
        $over = "<g transform=\"translate(0 {$n(2 * $this->middleHeight())}) scale(1 -1)\">{$rows}</g>";
        $this->canvas->add($this->hangs() ? $over : $rows);
        array_map($this->opening(...), $this->view->openings);
        Fixtures::draw(
            $this->plan->fitted,
            $this->canvas,
            $this->middle,
            $this->foot - $this->plan->comesOut->height->mm * $this->scale,
            $this->scale,
            $this->colours[0],
        );
        $this->measures();
        if (! $this->small) {
            $this->labels();
        }
    }

    private function hangs(): bool
    {
        return $this->plan->parts[0]->made->hangs;
    }

    /** Pixels of the middle between the foot and the top of what stands. */
    private function middleHeight(): float
    {
        return $this->foot - $this->plan->comesOut->height->mm * $this->scale / 2;
    }

    /** Where a height above the beginning is drawn. */
    private function at(float $y): float
    {
        return $this->hangs() ? 2 * $this->middleHeight() - $y : $y;
    }

    /** From the foot up, so that a row's legs cover the tops they stand in. Like rows are drawn once. */
    private function row(SideRow $row): string
    {
        $key = implode(' ', [
            spl_object_id($row->course),
            $this->plan->materials[$row->place],
            $this->isWrong($row) ? 'wrong' : 'right',
        ]);
        $y = $this->canvas->n($this->foot - $row->foot * $this->scale);
        if (isset($this->courses[$key])) {
            return "<use href=\"#{$this->courses[$key]}\" y=\"{$y}\"/>";
        }
        $this->courses[$key] = $this->mark.count($this->courses);

        return "<g transform=\"translate(0 {$y})\"><g id=\"{$this->courses[$key]}\">{$this->course($row)}</g></g>";
    }

    private function course(SideRow $row): string
    {
        $n = $this->canvas->n(...);
        $colour = $this->colours[$this->plan->materials[$row->place]] ?? $this->colours[0];
        [$wide, $high] = [$row->stitch * $this->scale, $row->height * $this->scale];
        $strand = $this->plan->spec->facts->strands->of($this->plan->materials[$row->place]);
        $thick = $strand->diameter->mm * $this->scale;
        if (min($wide, $high) < ($this->small ? self::SEEN_SMALL : self::SEEN)) {
            return $this->band($row, $wide, $high, $colour);
        }
        [$level, $lifted] = self::parted($row);
        $fanned = $wide * $this->fan($lifted, $row);
        $wrong = $this->isWrong($row);
        // What a stitch is drawn with is the same all along the row: its part by what it is; '' where it has none.
        $parts = [];
        $part = function (bool $top, SideStitch $one) use (
            &$parts,
            $wide,
            $fanned,
            $high,
            $thick,
            $colour,
            $wrong
        ): string {
            $lifted = $one->foot->lifted;
            $of = "{$one->placed->stitch->value} {$one->placed->loop->value} {$one->placed->standing} "
                .$one->placed->into->value;

            return $parts["{$of} {$top} {$lifted}"] ??= $this->fabric->part(
                $top,
                $one->placed,
                $lifted ? $fanned : $wide,
                $high,
                $thick,
                $colour,
                $wrong,
            );
        };
        $drawn = '';
        // Under the chains of an open fabric what lies behind shows.
        $open = $row->row->fabric->isOpen();
        $dense = array_values(
            array_filter($level, fn(SideStitch $one): bool => ! $open || ! $one->placed->isLyingChain()),
        );
        foreach ($this->runs($dense, $open ? $wide : 1.6 * $wide) as $run) {
            $drawn .= "<path d=\"{$this->outline($run, $wide, $high)}\" fill=\"".Fabric::ground($colour).'"/>';
        }
        $strokes = '';
        foreach ([false, true] as $top) {
            $stand = [];
            foreach ($row->course->stitches as $one) {
                $stand[$part($top, $one)][] = $this->stand($one, $top, $high);
            }
            $strokes .= $this->fabric->drawn($stand);
        }

        return $drawn.Fabric::strokes($strokes);
    }

    /**
     * As SVG's matrix has it: turned where it is lifted, and leaning where its top does not lie above its foot.
     *
     * @return array{float, float, float, float, float, float}
     */
    private function stand(SideStitch $one, bool $top, float $high): array
    {
        $lifted = $one->foot->lifted;
        $turn = $lifted ? deg2rad($one->foot->degrees) : 0.0;
        $lean = $lifted || $top ? 0.0 : -$one->slant * $this->scale / $high;
        $x = $top && ! $lifted ? $one->topX() : $one->foot->x;

        return [
            cos($turn), sin($turn), $lean - sin($turn), cos($turn),
            $this->middle + $x * $this->scale, $one->foot->y * $this->scale,
        ];
    }

    /** @return array{list<SideStitch>, list<SideStitch>} those that lie level, and those lifted around an arch */
    private static function parted(SideRow $row): array
    {
        $of = fn(bool $lifted): array => array_values(array_filter(
            $row->course->stitches,
            fn(SideStitch $one): bool => $one->foot->lifted === $lifted,
        ));

        return [$of(false), $of(true)];
    }

    /** A row whose stitches are too small to be seen, as a band: the drawing grows with rows, and not with stitches. */
    private function band(SideRow $row, float $wide, float $high, string $colour): string
    {
        $n = $this->canvas->n(...);
        $drawn = '';
        [$level, $lifted] = self::parted($row);
        $fanned = 1.05 * $wide * $this->fan($lifted, $row);
        foreach ($lifted as $one) {
            $drawn .= "<path d=\"M{$n(-$fanned / 2)} {$n(-$high)}h{$n($fanned)}L{$n($wide / 2)} 0H{$n(-$wide / 2)}z\" "
                ."fill=\"{$colour}\" transform=\"translate({$n($this->middle + $one->foot->x * $this->scale)} "
                ."{$n($one->foot->y * $this->scale)}) rotate({$n($one->foot->degrees)})\"/>";
        }
        foreach ($this->runs($level, 1.6 * $wide) as $run) {
            $drawn .= "<path d=\"{$this->outline($run, $wide, $high, $run[0]->foot->y)}\" fill=\"{$colour}\" "
                // What lies behind an open fabric shows.
                .($row->row->fabric->isOpen() ? 'fill-opacity="0.5" ' : '')
                .'stroke="'.Fabric::ground($colour)."\" stroke-width=\"{$n(min(0.4, 0.3 * $high))}\"/>";
        }

        return $drawn;
    }

    /**
     * Around stitches side by side, from the foot of the last to that of the first.
     *
     * @param non-empty-list<SideStitch> $run
     */
    private function outline(array $run, float $wide, float $high, float $foot = 0.0): string
    {
        $n = $this->canvas->n(...);
        [$first, $last] = [$run[0], $run[count($run) - 1]];
        $right = fn(float $x): string => $n($this->middle + $x * $this->scale + $wide / 2);
        $left = fn(float $x): string => $n($this->middle + $x * $this->scale - $wide / 2);
        $y = fn(float $up): string => $n($foot * $this->scale - $up);

        return "M{$left($last->topX())} {$y($high)}H{$right($first->topX())}L{$right($first->foot->x)} {$y(0)}"
            ."H{$left($last->foot->x)}z";
    }

    /** Whether the row was worked with its wrong side to the maker, so that the front of the bag shows that. */
    private function isWrong(SideRow $row): bool
    {
        return $this->sides[$row->place] === false;
    }

    /**
     * How much wider their tops stand than a stitch, around an arch.
     *
     * @param list<SideStitch> $lifted
     */
    private function fan(array $lifted, SideRow $row): float
    {
        $tops = [];
        foreach (array_slice($lifted, intdiv(count($lifted), 2) - 1, 2) as $one) {
            $turn = deg2rad($one->foot->degrees);
            $tops[] = [$one->foot->x + $row->height * sin($turn), $one->foot->y - $row->height * cos($turn)];
        }

        return count($tops) < 2 ? 1.0 : max(
            1.0,
            hypot($tops[0][0] - $tops[1][0], $tops[0][1] - $tops[1][1]) / $row->stitch,
        );
    }

    /**
     * Stitches side by side, no wider apart.
     *
     * @param list<SideStitch> $stitches
     *
     * @return list<non-empty-list<SideStitch>>
     */
    private function runs(array $stitches, float $wide): array
    {
        $runs = [];
        foreach ($stitches as $one) {
            $last = array_key_last($runs);
            $before = $last === null ? null : $runs[$last][count($runs[$last]) - 1];
            $apart = $before === null ? INF : ($before->topX() - $one->topX()) * $this->scale;
            if ($before !== null && $apart < 1.02 * $wide) {
                $runs[$last][] = $one;
            } else {
                $runs[] = [$one];
            }
        }

        return $runs;
    }

    private function opening(Opening $one): void
    {
        $n = $this->canvas->n(...);
        [$x, $y] = [$this->middle + $one->x * $this->scale, $this->foot + $one->y * $this->scale];
        [$a, $b, $legs] = [
            $one->arch->over->a * $this->scale,
            $one->arch->over->b * $this->scale,
            $one->arch->legs * $this->scale,
        ];
        $this->canvas->add(
            "<path d=\"M{$n($x - $a)} {$n($y)}V{$n($y - $legs)}A{$n($a)} {$n(max($b, 2))} 0 0 1 {$n($x + $a)} "
                ."{$n($y - $legs)}V{$n($y)}z\" fill=\""
                .Ink::SHEET
                .'" stroke="'
                .Ink::WARM
                .'" stroke-width="2"/>',
        );
        if ($legs + $b > 22 && 2 * $a > 70) {
            $this->canvas->text(
                $x,
                $y - min(8, $b * 0.4),
                Tongues::printed(Length::mm(2 * $one->arch->over->a)->print($this->unit)),
                Ink::WARM,
                'middle',
                600,
            );
        }
    }

    /** A strap or a handle over its feet, to scale; a ring where it is held. */
    private function hung(Hung $one): void
    {
        $n = $this->canvas->n(...);
        [$x, $y] = [$this->middle + $one->x * $this->scale, $this->foot + $one->y * $this->scale];
        $colour = $one->as === Fastened::Strap
            ? $this->colours[$this->plan->materials[count($this->plan->materials) - 1]] ?? $this->colours[0]
            : Ink::LINE;
        if ($one->arch === null) {
            $r = max(4.0, 7.0 * $this->scale);
            $this->canvas->add(
                "<circle cx=\"{$n($x)}\" cy=\"{$n($y - 0.7 * $r)}\" r=\"{$n($r)}\" fill=\"none\" stroke=\"".Ink::INK
                    .'" stroke-width="2.5"/>',
            );

            return;
        }
        [$a, $b, $legs] = [
            $one->arch->over->a * $this->scale,
            $one->arch->over->b * $this->scale,
            $one->arch->legs * $this->scale,
        ];
        $broad = max(3.0, $one->broad * $this->scale);
        $way = "M{$n($x - $a)} {$n($y + 4)}V{$n($y - $legs)}A{$n($a)} {$n(max($b, 2))} 0 0 1 {$n($x + $a)} "
            ."{$n($y - $legs)}V{$n($y + 4)}";
        $this->canvas->add(
            "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK."\" stroke-width=\"{$n($broad + 2)}\"/>"
                ."<path d=\"{$way}\" fill=\"none\" stroke=\"{$colour}\" stroke-width=\"{$n($broad)}\"/>"
                // Rows across it, as close as they are.
                .($one->as === Fastened::Strap ? "<path d=\"{$way}\" fill=\"none\" stroke=\"".Fabric::ground($colour)
                    ."\" stroke-width=\"{$n(0.86 * $broad)}\" stroke-dasharray=\"1 "
                    .$n(max(2.0, $this->plan->gauge->singleHeight()->mm * $this->scale - 1)).'"/>' : ''),
        );
    }

    private function measures(): void
    {
        $out = $this->plan->comesOut;
        $width = $out->flatWidth->mm * $this->scale;
        $left = $this->middle - $width / 2;
        $x = $left - 16;
        $top = $this->foot - $out->height->mm * $this->scale;
        $n = $this->canvas->n(...);
        $this->canvas->add(
            "<path d=\"M{$n($x - 5)} {$n($top)}h10m-5 0V{$n($this->foot)}m-5 0h10\" stroke=\""
                .Ink::INK
                .'" fill="none"/>',
        );
        $middle = ($top + $this->foot) / 2;
        $this->canvas->upright($x - 9, $middle, Tongues::printed($out->height->print($this->unit)));
        $y = $this->foot + 16;
        $this->canvas->add(
            "<path d=\"M{$n($left)} {$n($y - 5)}v10m0 -5h{$n($width)}m0 -5v10\" stroke=\"".Ink::INK.'" fill="none"/>',
        );
        $this->canvas->text(
            $this->middle,
            $y + 18,
            Tongues::tell('{much} lying flat', ['much' => Tongues::printed($out->flatWidth->print($this->unit))]),
            Ink::INK,
            'middle',
            600,
        );
    }

    /** What each run of rows is, beside it, never over another. */
    private function labels(): void
    {
        $reach = array_map(
            fn(Hung $one): float => 2 * ($one->x + ($one->arch->over->a ?? 0.0)) + $one->broad,
            $this->view->hung,
        );
        $wide = max([$this->plan->comesOut->flatWidth->mm, $this->view->width, ...$reach]);
        $x = $this->middle + $wide * $this->scale / 2 + 14;
        $lowest = $this->foot + 8;
        $told = array_map(
            fn(array $one): array => [$this->at($one[0]), $this->at($one[1]), $one[2], $one[3]],
            $this->told(),
        );
        foreach ($this->hangs() ? array_reverse($told) : $told as [$middle, $edge, $text, $colour]) {
            $y = min($middle + 4, $lowest);
            $this->canvas->line($x - 10, $edge, $x - 3, $y - 4, Ink::SOFT);
            $lines = mb_strlen($text) * self::LETTER > Canvas::WIDTH - $x
                ? explode("\n", (string) preg_replace('/(?<=,) /', "\n", $text, 1))
                : [$text];
            foreach (array_reverse($lines) as $line) {
                $this->canvas->text($x, $y, $line, $colour, weight: $colour === Ink::WARM ? 600 : 400);
                $y -= 18;
            }
            $lowest = $y;
        }
    }

    /**
     * @return list<array{float, float, string, string}> from the foot up: middle of the run and of its edge in pixels,
     *         text, colour
     */
    private function told(): array
    {
        $lie = array_values(array_filter(
            $this->plan->work->rows,
            fn(Row $row): bool => ! $row->stands && $row->part === Part::Base,
        ));
        $told = [];
        if ($lie !== []) {
            $leaves = array_map(fn(Row $row): int => $row->count->leaves, $lie);
            $shown = count(array_unique($leaves)) === 1
                ? (string) $leaves[0]
                : (count($leaves) > 3
                    ? Tongues::tell('{from} to {to}', ['from' => $leaves[0], 'to' => $leaves[count($leaves) - 1]])
                    : implode(', ', $leaves));
            $told[] = [
                $this->foot + 4,
                $this->foot,
                Tongues::tell('{rows}, base: {n}', [
                    'rows' => lcfirst($this->writer->names($lie[0], $lie[count($lie) - 1])), 'n' => $shown,
                ]),
                Ink::INK,
            ];
        }
        $banded = count(
            array_unique(
                array_map(
                    fn(SideRow $row): string => $row->row->fabric->key,
                    array_filter($this->view->rows, fn(SideRow $row): bool => $row->row->part === Part::Body),
                ),
            ),
        ) > 1;
        foreach ($this->alike() as $run) {
            [$first, $last] = [$run[0], $run[count($run) - 1]];
            $middle = $this->foot - ($first->foot + $last->foot + $last->height) * $this->scale / 2;
            $leaves = $last->row->count->leaves;
            $over = $first->row->opening();
            $name = lcfirst($this->writer->names($first->row, $last->row));
            $told[] = [$middle, $middle, match (true) {
                $over !== null => Tongues::tell('{rows}: {ch} {n} over {over}', [
                    'rows' => $name, 'ch' => Stitch::Chain, 'n' => $over[0], 'over' => $over[1],
                ]),
                $first->row->part === Part::Edge => Tongues::tell('{rows}, edge: {n}', [
                    'rows' => $name, 'n' => $leaves,
                ]),
                default => Tongues::tell(count($run) > 1 ? '{rows}: {n} each' : '{rows}: {n}', [
                    'rows' => $name
                        .($banded ? ', '.$first->row->fabric->abbreviation($this->writer->terms) : ''),
                    'n' => $leaves,
                ]),
            }, $over !== null ? Ink::WARM : Ink::INK];
        }

        return $told;
    }

    /** @return list<non-empty-list<SideRow>> rows one upon another of one part, fabric, colour and count */
    private function alike(): array
    {
        $of = fn(SideRow $row): array => [
            $row->row->part,
            $row->row->fabric,
            $this->plan->materials[$row->place],
            $row->row->count->leaves,
            $row->row->bearsJoin,
            $row->row->kind,
        ];
        $runs = [];
        foreach ($this->view->rows as $row) {
            $last = array_key_last($runs);
            if ($last !== null && $of($runs[$last][0]) === $of($row)) {
                $runs[$last][] = $row;
            } else {
                $runs[] = [$row];
            }
        }

        return $runs;
    }
}
