<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Shape\Outline;
use Fescue\Core\Shape\Stand;
use Fescue\Core\Stitch\Stitch;

/** The chart of the base, to scale, in the trade's standard symbols. */
final class BaseDrawing
{
    private const LARGEST_SCALE = 3.4;

    private const HIGHEST = 460;

    /** Millimetres of the table for what is no wider than a chain. */
    private const LEAST_WIDE = 16.0;

    /** Slashes across the post of a symbol. */
    private const YARN_OVERS = ['hdc' => 0, 'dc' => 1, 'tr' => 2];

    /** Share of the length within which a start lies on a side, not beside a corner. */
    private const NEAR_MIDDLE = 0.25;

    private const ABOVE = 34;

    private const BELOW = 62;

    /** Pixels before what lies there, and for where it starts behind it; of a small drawing. */
    private const BESIDE = [[30, 82], [4, 62]];

    /** Pixels from stitch to stitch from which their symbols are read. */
    private const READ = 6.0;

    /** Pixels that a symbol reaches to either side of its middle, and up and down from it. */
    private readonly float $wide;

    private readonly float $high;

    /** Symbols are drawn in hundredths of a pixel: whole numbers are written faster, and shorter. */
    private const FINE = 100;

    /** @var array<string, array<int, string>> of symbols that are drawn alike, from their middle on, by their turn */
    private array $shapes = [];

    /** Whether its stitches are read in a drawing beside words. */
    public static function isReadSmall(BagPlan $plan): bool
    {
        return self::scale($plan, true) * $plan->gauge->singleWidth()->mm >= self::READ;
    }

    /** Pixels to the millimetre. */
    private static function scale(BagPlan $plan, bool $small): float
    {
        $outline = $plan->parts[0]->made->outline ?? throw new \LogicException('Nothing of this bag lies flat.');

        return min(
            self::LARGEST_SCALE,
            (self::room($small) - Canvas::TAPE - array_sum(self::BESIDE[(int) $small]))
                / ($outline->length() + 2 * self::beside($plan)),
            self::HIGHEST / max($outline->width(), self::LEAST_WIDE),
        );
    }

    private static function room(bool $small): int
    {
        return $small ? Canvas::SMALL : Canvas::WIDTH;
    }

    /** Millimetres of a round that stands outside of what lies flat, around a chain. */
    private static function beside(BagPlan $plan): float
    {
        $lie = array_values(array_filter($plan->work->rows, fn(Row $row): bool => $row->path !== null));
        $stands = $lie !== [] && $lie[count($lie) - 1]->stands;

        return $stands && $plan->work->start->isChain() ? $plan->gauge->singleHeight()->mm : 0.0;
    }

    public static function of(BagPlan $plan, LengthUnit $unit, bool $small = false): Canvas
    {
        $outline = $plan->parts[0]->made->outline ?? throw new \LogicException('Nothing of this bag lies flat.');
        // A bag that is folded has a line for a bottom: its chain is drawn.
        $wide = max($outline->width(), self::LEAST_WIDE);
        $lie = array_values(array_filter($plan->work->rows, fn(Row $row): bool => $row->path !== null));
        $start = $plan->work->start;
        // A round that stands outside of what lies flat, and where it starts, want room of their own.
        $beside = self::beside($plan);
        $scale = self::scale($plan, $small);
        $high = $wide * $scale;
        $left = (int) ceil(Canvas::TAPE + self::BESIDE[(int) $small][0] + $beside * $scale);
        $outside = ($start->isChain() ? $beside : 1.6 * $plan->gauge->singleHeight()->mm) * $scale;
        $top = Canvas::TAPE + self::ABOVE + $outside;
        $canvas = new Canvas(
            Tongues::tell('Chart of the base'),
            Tongues::tell(
                $start->isChain()
                    ? '{base} on a chain of {chain}, {around} stitches around, {long} by {wide}.'
                    : '{base} with {chain} holes, {around} stitches around, {long} by {wide}.',
                [
                    'base' => Tongues::tell($plan->parts[0]->maker::called()[0]), 'chain' => $start->chain,
                    'around' => $plan->parts[0]->made->open->anchors,
                    'long' => Tongues::printed($plan->comesOut->baseLength->print($unit)),
                    'wide' => Tongues::printed($plan->comesOut->baseWidth->print($unit)),
                ],
            ),
            (int) ceil($top + $high + $outside + self::BELOW),
            $scale,
            $unit,
            $left,
            $top,
            false,
            self::room($small),
        );
        (new self(
            $plan,
            $outline,
            $lie,
            $canvas,
            $scale,
            $left + $outline->length() * $scale / 2,
            $top + $high / 2,
            $outside,
            $small,
        ))->draw();

        return $canvas;
    }

    private function __construct(
        private readonly BagPlan $plan,
        private readonly Outline $outline,
        /** @var list<Row> */
        private readonly array $lie,
        private readonly Canvas $canvas,
        private readonly float $scale,
        private readonly float $x,
        private readonly float $y,
        private readonly float $outside,
        private readonly bool $small,
    ) {
        $this->wide = 0.34 * $plan->gauge->singleWidth()->mm * $scale;
        $this->high = min($this->wide, 0.36 * $plan->gauge->singleHeight()->mm * $scale);
    }

    private function draw(): void
    {
        $last = count($this->lie);
        $this->rings();
        $strokes = [];
        foreach (BaseChart::of($this->plan) as $symbol) {
            $colour = match (true) {
                $symbol->increase => Ink::WARM,
                $symbol->round === $last => Ink::GRASS,
                default => Ink::INK,
            };
            $strokes[$colour] ??= '';
            $strokes[$colour] .= $this->symbol($symbol);
        }
        $width = self::fine(max(0.8, min(1.8, 0.13 * $this->scale * $this->plan->gauge->singleWidth()->mm)));
        $this->canvas->add("<g transform=\"scale({$this->canvas->n(1 / self::FINE)})\" "
            ."stroke-width=\"{$width}\" stroke-linecap=\"round\">");
        foreach ($strokes as $colour => $path) {
            $this->canvas->add("<path d=\"{$path}\" fill=\"none\" stroke=\"{$colour}\"/>");
        }
        $this->canvas->add('</g>');
        $this->start();
        $this->legend();
    }

    private function symbol(Symbol $symbol): string
    {
        $stand = $symbol->stand;
        // Of a turn of a tenth of a degree nothing is seen.
        $turn = (int) round(10 * $stand->degrees) % self::comesRound($symbol);
        $isBegun = $symbol->round === 0 && ! $this->isPlainChain();
        $of = $isBegun ? 'begun' : "{$symbol->stitch->value} {$symbol->standing}";
        $this->shapes[$of][$turn] ??= match (true) {
            $isBegun => $this->hole(),
            $symbol->standing > 0 => $this->column($symbol, $turn / 10),
            default => $this->shape($symbol->stitch, deg2rad($turn / 10)),
        };

        $x = (int) round(self::FINE * ($this->x + $stand->x * $this->scale));
        $y = (int) round(self::FINE * ($this->y + $stand->y * $this->scale));

        return "M{$x} {$y}{$this->shapes[$of][$turn]}";
    }

    private static function fine(float $pixels): int
    {
        return (int) round(self::FINE * $pixels);
    }

    /** Tenths of a degree after which a symbol looks as it did: a chain lies along the sheet, a cross has four arms. */
    private static function comesRound(Symbol $symbol): int
    {
        return match (true) {
            $symbol->standing > 0 => 1800,
            $symbol->stitch === Stitch::Chain => 1,
            isset(self::YARN_OVERS[$symbol->stitch->value]) => 3600,
            default => 900,
        };
    }

    /** Whether it begins on a chain whose stitches are each worked into. */
    private function isPlainChain(): bool
    {
        $start = $this->plan->work->start;

        return $start->isChain() && $start->chain !== 1;
    }

    /** From its middle: a hole, or the one chain that all of the first round goes into. */
    private function hole(): string
    {
        $n = self::fine(...);
        $round = ($this->plan->work->start->isChain() ? 0.35 : 0.6) * $this->wide;

        return "m-{$n($round)} 0a{$n($round)} {$n($round)} 0 1 0 {$n(2 * $round)} 0"
            ."a{$n($round)} {$n($round)} 0 1 0 -{$n(2 * $round)} 0";
    }

    /** From its middle: chains one upon another, as high together as the stitches of the round. */
    private function column(Symbol $symbol, float $degrees): string
    {
        $n = self::fine(...);
        $fabric = $this->lie[$symbol->round - 1]->fabric;
        $half = 0.4 * $this->plan->gauge->heightOf($fabric)->mm * $this->scale;
        $long = $half / $symbol->standing;
        // So far outward from where the pen is.
        $to = fn(float $out): string => $n($out * sin(deg2rad($degrees))).' '.$n(-$out * cos(deg2rad($degrees)));
        $arc = "a{$n(min(0.6 * $this->wide, $long))} {$n($long)} {$degrees} 1 0 ";

        return "m{$to(-$half)}".str_repeat(
            "{$arc}{$to(2 * $long)}{$arc}{$to(-2 * $long)}m{$to(2 * $long)}",
            $symbol->standing,
        );
    }

    /** From its middle: an oval, a cross, or a T with a slash for each yarn over of a taller post. */
    private function shape(Stitch $stitch, float $turn): string
    {
        $n = self::fine(...);
        $wide = $this->wide;
        if ($stitch === Stitch::Chain) {
            $flat = "{$n($wide)} {$n($wide * 0.5)} 0 1 0";

            return "m-{$n($wide)} 0a{$flat} {$n(2 * $wide)} 0a{$flat} -{$n(2 * $wide)} 0";
        }
        $overs = self::YARN_OVERS[$stitch->value] ?? null;
        if ($overs === null) {
            $strokes = [[-$this->high, 0.0, $this->high, 0.0], [0.0, $this->high, 0.0, -$this->high]];
        } else {
            $half = 0.4 * $this->plan->gauge->heightOf(Motif::named($stitch->value))->mm * $this->scale;
            $strokes = [[0.0, -$half, 0.0, $half], [-0.8 * $wide, $half, 0.8 * $wide, $half]];
            for ($over = 1; $over <= $overs; $over++) {
                $up = $half * (0.55 - 0.45 * $over);
                $strokes[] = [-0.5 * $wide, $up - 0.25 * $wide, 0.5 * $wide, $up + 0.25 * $wide];
            }
        }
        // So far across and so far up from where the pen is.
        [$cos, $sin] = [cos($turn), sin($turn)];
        $to = fn(float $across, float $up): string => $n($across * $cos + $up * $sin)
            .' '.$n($across * $sin - $up * $cos);
        $path = '';
        [$x, $y] = [0.0, 0.0];
        foreach ($strokes as [$x1, $y1, $x2, $y2]) {
            $path .= "m{$to($x1 - $x, $y1 - $y)}l{$to($x2 - $x1, $y2 - $y1)}";
            [$x, $y] = [$x2, $y2];
        }

        return $path;
    }

    /** Every other round lit, from the outermost in. */
    private function rings(): void
    {
        if ($this->outline->width() <= 0.0) {
            return;
        }
        $row = $this->plan->gauge->heightOf($this->lie[0]->fabric ?? Motif::single())->mm;
        $rounds = count(array_filter($this->lie, fn(Row $row): bool => $row->kind === RowKind::Round));
        for ($in = 0; $in < max(1, $rounds); $in++) {
            $fill = $in % 2 === 0 ? Ink::PALE_GRASS : Ink::SHEET;
            $this->canvas->add("<path d=\"{$this->ring($in * $row)}\" fill=\"{$fill}\"/>");
        }
    }

    /** The outline, so many millimetres in. */
    private function ring(float $in): string
    {
        $n = $this->canvas->n(...);
        $path = '';
        foreach ($this->outline->inset($in)->legs() as $nth => $leg) {
            $points = [];
            foreach ($leg as [$x, $y]) {
                $points[] = "{$n($this->x + $x * $this->scale)} {$n($this->y + $y * $this->scale)}";
            }
            $path .= ($nth === 0 ? 'M' : (count($leg) === 1 ? 'L' : 'C')).implode(' ', $points);
        }

        return "{$path}z";
    }

    /** Where rounds start, and which way they go. */
    private function start(): void
    {
        $last = count($this->lie) - 1;
        // A strip alone has no round that starts on it.
        if ($last < 0 || $this->lie[$last]->kind === RowKind::Row) {
            return;
        }
        $row = $this->lie[$last];
        $stand = $row->path?->stand(0, $row->count->leaves);
        if ($stand !== null && abs($stand->x) < self::NEAR_MIDDLE * $this->outline->length()) {
            $this->startAbove($stand);

            return;
        }
        // A round of an oval starts at the tip; what has corners starts beside one.
        [$out, $y] = $stand === null || $this->outline->sides() === 0
            ? [$this->outline->length() / 2, $this->y]
            : [$stand->x + $this->plan->gauge->widthOf($row->fabric)->mm, $this->y + $stand->y * $this->scale];
        $tip = $this->x + $out * $this->scale;
        $n = $this->canvas->n(...);
        $this->canvas->add("<path d=\"M{$n($tip + 4)} {$n($y)}l9 -5v10z\" fill=\"".Ink::WARM.'"/>');
        $this->canvas->text($tip + 17, $y + 4, Tongues::tell('start'), Ink::WARM, weight: 600);
        if ($this->outline->sides() === 0) {
            $this->canvas->add(
                '<path d="M'
                    .$n($tip + 12)
                    .' '
                    .$n($y - 10)
                    .'q2 -13 -9 -20m-1 6l1 -6l6 1" fill="none" stroke="'
                    .Ink::WARM
                    .'" stroke-width="1.5"/>',
            );
        }
    }

    /** Of a round that starts in the middle of a side. */
    private function startAbove(Stand $stand): void
    {
        $n = $this->canvas->n(...);
        $x = $this->x + $stand->x * $this->scale;
        $y = $this->y + ($stand->y - 0.8 * $this->plan->gauge->singleHeight()->mm) * $this->scale;
        $this->canvas->add("<path d=\"M{$n($x)} {$n($y + 2)}l-5 -9h10z\" fill=\"".Ink::WARM.'"/>');
        $this->canvas->text($x + 10, $y - 2, Tongues::tell('start'), Ink::WARM, weight: 600);
    }

    private function legend(): void
    {
        $y = $this->y + max($this->outline->width(), self::LEAST_WIDE) * $this->scale / 2 + $this->outside + 34;
        $said = array_map(
            fn(Row $row): string => lcfirst(Tongues::here()->row($row->id)).": {$row->count->leaves}",
            $this->lie,
        );
        $most = $this->small ? 2 : 4;
        if (count($said) > $most) {
            $said = [...array_slice($said, 0, $most - 2), '…', $said[count($said) - 1]];
        }
        $left = Canvas::TAPE + self::BESIDE[(int) $this->small][0];
        [$one, $more, $size] = $this->small ? [56, 172, 12] : [82, 216, 13];
        $this->canvas->text(
            $left,
            $y,
            implode('  ·  ', [
                Tongues::tell($this->plan->work->start->isChain() ? 'chain: {n}' : 'holes: {n}', [
                    'n' => $this->plan->work->start->chain,
                ]),
                ...$said,
            ]),
            Ink::INK,
            weight: 600,
        );
        $chain = $this->plan->work->start->isChain();
        $begun = $chain
            ? "M{$left} {$this->canvas->n($y + 16)}a8 4 0 1 0 16 0a8 4 0 1 0 -16 0"
            : 'M'.($left + 3)." {$this->canvas->n($y + 16)}a5 5 0 1 0 10 0a5 5 0 1 0 -10 0";
        $this->canvas->add('<g fill="none" stroke-width="1.8" stroke-linecap="round">'
            .'<path stroke="'.Ink::INK."\" d=\"{$begun}\"/>"
            .'<path stroke="'.Ink::INK.'" d="M'.($left + $one).' '.$this->canvas->n($y + 16).'h12m-6 -6v12"/>'
            .'<path stroke="'.Ink::WARM.'" d="M'.($left + $more).' '.$this->canvas->n($y + 16).'h12m-6 -6v12"/></g>');
        $this->canvas->text($left + 22, $y + 20, Tongues::tell($chain ? 'chain' : 'hole'), Ink::SOFT, size: $size);
        $this->canvas->text($left + $one + 18, $y + 20, Tongues::tell('one stitch in one'), Ink::SOFT, size: $size);
        $this->canvas->text($left + $more + 18, $y + 20, Tongues::tell('more in one'), Ink::SOFT, size: $size);
    }
}
