<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Body\Band;
use Fescue\Core\Body\Body;
use Fescue\Core\Handle\Slots;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Shape\Ellipse;
use Fescue\Core\Stitch\Loop;

/** The front of the bag lying flat, stitch by stitch in its colour, its slot lifted as a hand lifts it. To scale. */
final class SideDrawing
{
    private const WIDEST = 360;

    private const HIGHEST = 430;

    private const LARGEST_SCALE = 3.0;

    private const LEFT = Canvas::TAPE + 62;

    private const ABOVE = Canvas::TAPE + 22;

    private const BELOW = 52;

    /** Height of the chain over a slot, against a row of single crochet. From memory. */
    private const CHAIN_HEIGHT = 0.6;

    private readonly Canvas $canvas;

    private readonly float $scale;

    private readonly float $stitch;

    private readonly float $single;

    private readonly float $foot;

    private readonly ?Ellipse $hole;

    /** @param non-empty-list<string> $colours of the bag's own material and its others */
    public static function of(BagPlan $plan, LengthUnit $unit, array $colours, Writer $writer): Canvas
    {
        $drawing = new self($plan, $unit, $colours, $writer);
        $drawing->draw();

        return $drawing->canvas;
    }

    /** @param non-empty-list<string> $colours */
    private function __construct(
        private readonly BagPlan $plan,
        private readonly LengthUnit $unit,
        private readonly array $colours,
        private readonly Writer $writer,
    ) {
        $out = $plan->comesOut;
        $this->hole = $plan->slots?->opening($plan->gauge);
        $lift = $this->hole === null ? 0.0 : max(0.0, $plan->body->height()->mm + $this->hole->b + $this->bandMm() - $out->height->mm);
        $this->scale = min(self::LARGEST_SCALE, self::WIDEST / $out->flatWidth->mm, self::HIGHEST / ($out->height->mm + $lift));
        $this->stitch = $plan->gauge->singleWidth()->mm * $this->scale;
        $this->single = $plan->gauge->singleHeight()->mm * $this->scale;
        $this->foot = self::ABOVE + ($out->height->mm + $lift) * $this->scale;
        $this->canvas = new Canvas(
            'Side of the bag',
            "The front lying flat: {$out->flatWidth->print($unit)} wide and {$out->height->print($unit)} high above the base.",
            (int) ceil($this->foot + self::BELOW),
            $this->scale,
            $unit,
            self::LEFT,
            $this->foot,
            true,
        );
    }

    private function draw(): void
    {
        $out = $this->plan->comesOut;
        $width = $out->flatWidth->mm * $this->scale;
        $bodyTop = $this->foot - $this->plan->body->height()->mm * $this->scale;
        $this->wall($width);
        if ($this->plan->slots !== null && $this->hole !== null) {
            $this->top($this->plan->slots, $this->hole, $width, $bodyTop);
        }
        $this->measures($width);
        $this->labels($width);
    }

    private function wall(float $width): void
    {
        $n = $this->canvas->n(...);
        $body = $this->plan->body;
        $windows = '';
        /** @var array<string, string> $grounds by colour */
        $grounds = [];
        /** @var array<string, string> $threads by colour */
        $threads = $ribs = [];
        $y = $this->foot;
        $stitches = $this->plan->base->last()->half();
        foreach ($body->byRound() as $round => $band) {
            $colour = $this->colourOf(count($this->plan->base->rounds) + $round);
            $threads[$colour] ??= '';
            $ribs[$colour] ??= '';
            $height = $this->plan->gauge->heightOf($band->motif)->mm * $this->scale;
            $y -= $height;
            // Each row is as wide as its own stitches, in the middle of the bag.
            $stitch = $this->plan->gauge->widthOf($band->motif)->mm * $this->scale;
            [$left, $wide] = [self::LEFT + ($width - $stitches * $stitch) / 2, $stitches * $stitch];
            $grounds[$colour] = ($grounds[$colour] ?? '').($round === 0
                ? "M{$n($left)} {$n($y)}h{$n($wide)}V{$n($this->foot - 5)}q0 5 -5 5H{$n($left + 5)}q-5 0 -5 -5z"
                : "M{$n($left)} {$n($y)}h{$n($wide)}v{$n($height)}h-{$n($wide)}z");
            if ($band->motif->chains() > 0) {
                [$open, $thread] = StitchRows::mesh($left, $y, $stitches, $stitch, $height, 0.3 * min($stitch, $this->single), $band->motif);
                $windows .= $open;
                $threads[$colour] .= $thread;
            } else {
                $threads[$colour] .= StitchRows::plain($left, $y, $stitches, $stitch, $height, $band->motif);
            }
            // Worked through one loop, the other stands as a rib along the foot of the round.
            $ribs[$colour] .= $band->loop === Loop::Both ? '' : "M{$n($left)} {$n($y + $height - 0.5)}h{$n($wide)}";
        }
        foreach ($grounds as $fill => $path) {
            $this->canvas->add("<path d=\"{$path}\" fill=\"{$fill}\"/>");
        }
        $this->canvas->add($windows === '' ? '' : "<path d=\"{$windows}\" fill=\"".Ink::SHEET.'"/>');
        foreach ($threads as $colour => $path) {
            $this->canvas->add($this->threads($path, $colour).$this->threads($ribs[$colour], $colour, 0.45));
        }
    }

    /** Of a row by its place. */
    private function colourOf(int $row): string
    {
        return $this->colours[$this->plan->materials[$row]] ?? $this->colours[0];
    }

    /** A path of thread, as thick as this fabric's or a share of it. */
    private function threads(string $path, string $colour, float $share = 1): string
    {
        $thread = Ink::thread($colour);

        return $path === '' ? '' : "<path d=\"{$path}\" fill=\"none\" stroke=\"{$thread}\" stroke-width=\"{$this->canvas->n($share * $this->threadWidth())}\" stroke-linecap=\"round\" stroke-linejoin=\"round\"/>";
    }

    private function top(Slots $slots, Ellipse $hole, float $width, float $bodyTop): void
    {
        $n = $this->canvas->n(...);
        $rows = 1 + $slots->edgeRounds;
        $first = count($this->plan->base->rounds) + $this->plan->body->rounds;
        $arch = $this->colourOf($first + min(1, $slots->edgeRounds));
        $half = intdiv($slots->around, 2);
        $left = self::LEFT + ($width - $half * $this->stitch) / 2;
        // Rounds start at the right fold and go to the left, as a right hand works them.
        $right = $slots->before;
        $leftCount = $half - $slots->skip - $right;
        $a = $hole->a * $this->scale;
        $b = $hole->b * $this->scale;
        $band = $this->bandMm() * $this->scale;
        $middle = $left + ($leftCount + $slots->skip / 2) * $this->stitch;
        $outer = "M{$n($middle - $a - $band)} {$n($bodyTop)}A{$n($a + $band)} {$n($b + $band)} 0 0 1 {$n($middle + $a + $band)} {$n($bodyTop)}";
        for ($row = 1; $row <= $rows; $row++) {
            $y = $bodyTop - $row * $this->single;
            $colour = $this->colourOf($first + $row - 1);
            foreach ([[$left, $leftCount], [$middle + $a, $right]] as [$x, $count]) {
                $wide = $count * $this->stitch;
                $this->canvas->add("<path d=\"M{$n($x)} {$n($y)}h{$n($wide)}v{$n($this->single)}h-{$n($wide)}z\" fill=\"{$colour}\"/>");
                $this->canvas->add($this->threads(StitchRows::plain($x, $y, $count, $this->stitch, $this->single, Motif::single()), $colour));
            }
        }
        $this->canvas->add("<path d=\"{$outer}z\" fill=\"{$arch}\" stroke=\"".Ink::SHEET.'" stroke-width="1.5"/>');
        $this->canvas->add($this->threads($this->bandStitches($slots, $middle, $bodyTop), $arch));
        $this->canvas->add("<path d=\"M{$n($middle - $a)} {$n($bodyTop)}A{$n($a)} {$n(max($b, 2))} 0 0 1 {$n($middle + $a)} {$n($bodyTop)}z\" fill=\"".Ink::SHEET.'" stroke="'.Ink::WARM.'" stroke-width="2"/>');
        $this->centre($hole, $middle, $bodyTop);
    }

    private function bandStitches(Slots $slots, float $middle, float $bodyTop): string
    {
        $n = $this->canvas->n(...);
        $threads = '';
        $inner = $this->hole ?? new Ellipse(0, 0);
        $low = self::CHAIN_HEIGHT * $this->single;
        for ($row = 1; $row <= $slots->edgeRounds; $row++) {
            $out = ($low + ($row - 0.5) * $this->single) / $this->scale;
            $arc = new Ellipse($inner->a + $out, $inner->b + $out);
            foreach ($arc->alongUpperHalf($slots->chain) as $stand) {
                $x = $middle + $stand->x * $this->scale;
                $y = $bodyTop + $stand->y * $this->scale;
                $turn = deg2rad($stand->degrees);
                $wide = 0.38 * $this->stitch;
                $tall = 0.34 * $this->single;
                $at = fn(float $across, float $up): string => $n($x + $across * cos($turn) + $up * sin($turn)).' '.$n($y + $across * sin($turn) - $up * cos($turn));
                $threads .= "M{$at(-$wide, $tall)}L{$at(0, -$tall)}L{$at($wide, $tall)}";
            }
        }

        return $threads;
    }

    private function centre(Ellipse $hole, float $middle, float $bodyTop): void
    {
        $y = $bodyTop - min(8, $hole->b * $this->scale * 0.4);
        $wide = Length::mm(2 * $hole->a)->print($this->unit);
        if ($hole->b * $this->scale > 22 && 2 * $hole->a * $this->scale > 70) {
            $this->canvas->text($middle, $y, $wide, Ink::WARM, 'middle', 600);
        }
    }

    private function measures(float $width): void
    {
        $out = $this->plan->comesOut;
        $x = self::LEFT - 16;
        $top = $this->foot - $out->height->mm * $this->scale;
        $n = $this->canvas->n(...);
        $this->canvas->add('<path d="M'.($x - 5)." {$n($top)}h10m-5 0V{$n($this->foot)}m-5 0h10\" stroke=\"".Ink::INK.'" fill="none"/>');
        $middle = ($top + $this->foot) / 2;
        $this->canvas->add('<g transform="rotate(-90 '.($x - 9)." {$n($middle)})\">");
        $this->canvas->text($x - 9, $middle, $out->height->print($this->unit), Ink::INK, 'middle', 600);
        $this->canvas->add('</g>');
        $y = $this->foot + 16;
        $left = self::LEFT;
        $this->canvas->add("<path d=\"M{$left} {$n($y - 5)}v10m0 -5h{$n($width)}m0 -5v10\" stroke=\"".Ink::INK.'" fill="none"/>');
        $this->canvas->text($left + $width / 2, $y + 18, $out->flatWidth->print($this->unit).' lying flat', Ink::INK, 'middle', 600);
    }

    /** What each run of rounds is, beside it, never over another. */
    private function labels(float $width): void
    {
        $x = self::LEFT + $width + 14;
        $lowest = $this->foot + 8;
        foreach ($this->runs() as [$middle, $edge, $text, $colour]) {
            $y = min($middle + 4, $lowest);
            $this->canvas->line($x - 10, $edge, $x - 3, $y - 4, Ink::SOFT);
            $this->canvas->text($x, $y, $text, $colour, weight: $colour === Ink::WARM ? 600 : 400);
            $lowest = $y - 18;
        }
    }

    /** @return list<array{float, float, string, string}> from the foot up: middle of the run and of its edge in pixels, text, colour */
    private function runs(): array
    {
        $plan = $this->plan;
        $counts = array_map(fn($round): int => $round->stitches(), $plan->base->rounds);
        $shown = count($counts) > 3 ? "{$counts[0]} to {$plan->base->last()->stitches()}" : implode(', ', $counts);
        $runs = [[$this->foot + 4, $this->foot, (count($counts) === 1 ? 'round 1' : 'rounds 1–'.count($counts)).", base: {$shown}", Ink::INK]];
        $y = $this->foot;
        $place = 0;
        $banded = count($plan->body->bands) > 1;
        foreach ($this->writer->runs($plan->piece, $plan->changes()) as [$first, $last]) {
            $many = (int) substr($last->name, 6) - (int) substr($first->name, 6) + 1;
            $leaves = $plan->piece->counts[$place + $many - 1]->leaves;
            $place += $many;
            if ($first->part === Part::Base) {
                continue;
            }
            $height = $first->part === Part::Body ? Body::heightOf([$this->bandOf($first, $many)], $plan->gauge)->mm * $this->scale : $many * $this->single;
            $name = $many === 1 ? lcfirst($first->name) : 'rounds '.substr($first->name, 6).'–'.substr($last->name, 6);
            $text = match ($first->part) {
                Part::Handles => "{$name}, slots: ch ".($plan->slots->chain ?? 0).' over '.($plan->slots->skip ?? 0),
                Part::Edge => "{$name}, edge: {$leaves}",
                default => "{$name}".($banded ? ', '.$this->bandOf($first, $many)->motif->abbreviation($this->writer->terms) : '').": {$leaves}".($many > 1 ? ' each' : ''),
            };
            $runs[] = [$y - $height / 2, $y - $height / 2, $text, $first->part === Part::Handles ? Ink::WARM : Ink::INK];
            $y -= $height;
        }

        return $runs;
    }

    /** So many rounds from that row on, all of one band as their words are one. */
    private function bandOf(Row $first, int $many): Band
    {
        $body = $this->plan->body;
        $band = $body->byRound()[(int) substr($first->name, 6) - count($this->plan->base->rounds) - 1];

        return new Band($band->motif, $band->loop, $many);
    }

    private function bandMm(): float
    {
        return ($this->plan->slots->edgeRounds ?? 0) * $this->plan->gauge->singleHeight()->mm
            + self::CHAIN_HEIGHT * $this->plan->gauge->singleHeight()->mm;
    }

    private function threadWidth(): float
    {
        return max(0.6, 0.26 * min($this->stitch, $this->single));
    }
}
