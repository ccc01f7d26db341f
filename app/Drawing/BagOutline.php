<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Piece\Attached;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Shape\Arch;

/**
 * A bag in a few strokes, from its rows alone: its width row by row, its openings and what is fastened to it; green
 * where work begins. Millimetres, x from its middle and y up from its lowest.
 */
final readonly class BagOutline
{
    public const FABRIC = '#E7DCC3';

    /**
     * @param non-empty-list<array{float, float, float, bool}> $rows foot, height and half width of each, and whether it
     *         is open
     * @param list<array{float, float, float, Arch, bool}> $arches x, y, thickness, the arch, and whether it is a handle
     * @param list<array{float, float}> $rings
     */
    private function __construct(
        private array $rows,
        private array $arches,
        private array $rings,
        private bool $hangs,
        private ?FoldDrawing $closed = null,
        private string $fabric = self::FABRIC,
    ) {}

    /** @param string $fabric its colour, as #rrggbb */
    public static function of(BagPlan $plan, string $fabric = self::FABRIC): self
    {
        $closed = FoldDrawing::of($plan, $fabric);
        if ($closed !== null) {
            return new self([[0.0, 1.0, 1.0, false]], [], [], false, $closed);
        }
        $rows = $arches = $rings = [];
        $foot = $half = 0.0;
        foreach ($plan->work->rows as $row) {
            if (! $row->stands) {
                continue;
            }
            $high = $plan->gauge->heightOf($row->fabric)->mm;
            $wide = $plan->gauge->widthOf($row->fabric)->mm;
            $opening = $row->opening();
            if ($opening !== null) {
                $arches[] = [0.0, $foot, $high, Arch::of($opening[1] * $wide, $opening[0] * $wide), false];
            }
            // Chains over an opening are its arch, and make no row wider.
            $half = $row->part === Part::Body || $row->part === Part::Base
                ? $row->count->leaves * $wide / 4
                : $half;
            $rows[] = [$foot, $high, $half, $row->fabric->isOpen()];
            $foot += $high;
        }
        foreach ($plan->parts as $part) {
            foreach ($part->made->attached as $one) {
                $arch = $one->arch();
                if ($arch === null) {
                    $rings[] = [$one->from, $foot];
                } else {
                    $arches[] = [$one->middle(), $foot, self::thick($one), $arch, true];
                }
            }
        }

        return new self(
            $rows === [] ? [[0.0, 1.0, 1.0, false]] : $rows,
            $arches,
            $rings,
            $plan->parts[0]->made->hangs,
            fabric: $fabric,
        );
    }

    private static function thick(Attached $one): float
    {
        return $one->as === Fastened::Strap ? $one->broad->mm : min(10.0, $one->broad->mm);
    }

    public function width(): float
    {
        if ($this->closed !== null) {
            return $this->closed->size()[0];
        }
        $arches = array_map(fn(array $one): float => 2 * (abs($one[0]) + $one[3]->over->a) + $one[2], $this->arches);

        return max([...array_map(fn(array $row): float => 2 * $row[2], $this->rows), ...$arches]);
    }

    public function height(): float
    {
        if ($this->closed !== null) {
            return $this->closed->size()[1];
        }
        $arches = array_map(fn(array $one): float => $one[1] + $one[3]->height() + $one[2], $this->arches);

        return max([$this->top(), ...$arches]);
    }

    /** Of what stands, without its handles. */
    private function top(): float
    {
        [$foot, $high] = $this->rows[count($this->rows) - 1];

        return $foot + $high;
    }

    /** Standing on the middle of the foot of a canvas of that size, so many pixels a millimetre. */
    public function svg(float $scale, int $wide, int $high): string
    {
        $n = Canvas::number(...);
        [$x, $y] = [$wide / 2, $high - 8.0];
        if ($this->closed !== null) {
            return self::standing($this->closed->closed($scale, $wide, $high), $wide, $high);
        }
        $top = $this->top();
        $at = fn(float $mm): float => $y - ($this->hangs ? $top - $mm : $mm) * $scale;
        $drawn = '';
        foreach ($this->arches as [$middle, $foot, $thick, $arch, $handle]) {
            [$a, $b, $legs] = [$arch->over->a * $scale, max(1.0, $arch->over->b * $scale), $arch->legs * $scale];
            $from = $this->hangs ? $y - $top * $scale : $y - $foot * $scale;
            $path = "M{$n($x + $middle * $scale - $a)} {$n($from)}V{$n($from - $legs)}A{$n($a)} {$n($b)} 0 0 1 "
                ."{$n($x + $middle * $scale + $a)} {$n($from - $legs)}V{$n($from)}";
            $broad = max(1.5, $thick * $scale);
            $drawn .= "<path d=\"{$path}\" fill=\"none\" stroke=\"".Ink::INK
                ."\" stroke-width=\"{$n($broad + 1.6)}\"/>"
                ."<path d=\"{$path}\" fill=\"none\" stroke=\"".($handle ? Ink::LINE : $this->fabric)
                ."\" stroke-width=\"{$n($broad)}\"/>";
        }
        $right = $left = '';
        foreach ($this->rows as [$foot, $tall, $half]) {
            $right .= "L{$n($x + $half * $scale)} {$n($at($foot))}L{$n($x + $half * $scale)} {$n($at($foot + $tall))}";
            $left = "L{$n($x - $half * $scale)} {$n($at($foot + $tall))}L{$n($x - $half * $scale)} {$n($at($foot))}"
                .$left;
        }
        $body = 'M'.substr($right, 1).$left.'z';
        $lines = '';
        foreach ($this->rows as [$foot, $tall, $half, $open]) {
            if ($tall * $scale >= 1.8) {
                $lines .= "M{$n($x - $half * $scale)} {$n($at($foot))}h{$n(2 * $half * $scale)}";
            }
            for ($post = -$half; $open && $post < $half; $post += max(12.0, 4 / $scale)) {
                $lines .= "M{$n($x + $post * $scale)} {$n($at($foot))}V{$n($at($foot + $tall))}";
            }
        }
        foreach ($this->arches as [$middle, $foot, $thick, $arch, $handle]) {
            // What a hand goes through shows what is behind.
            if (! $handle) {
                $a = $arch->over->a * $scale;
                $lines .= "M{$n($x - $a)} {$n($at($foot))}h{$n(2 * $a)}";
            }
        }
        $drawn .= "<path d=\"{$body}\" fill=\"".$this->fabric.'" stroke="'.Ink::INK.'" stroke-width="1.3"/>'
            ."<path d=\"{$lines}\" fill=\"none\" stroke=\"".Ink::mix($this->fabric, Ink::INK, 0.18)
            .'" stroke-width="0.7"/>';
        $begins = $this->rows[0][2] * $scale;
        $drawn .= "<path d=\"M{$n($x - $begins)} {$n($at(0.0))}h{$n(2 * $begins)}\" stroke=\"".Ink::GRASS
            .'" stroke-width="2.4"/>';
        foreach ($this->rings as [$place, $foot]) {
            $drawn .= "<circle cx=\"{$n($x + $place * $scale)}\" cy=\"{$n($at($foot) - 4)}\" r=\"4\" "
                .'fill="none" stroke="'.Ink::INK.'" stroke-width="1.6"/>';
        }

        return self::standing($drawn, $wide, $high);
    }

    private static function standing(string $drawn, int $wide, int $high): string
    {
        $foot = Canvas::number($high - 7.3);

        return "<svg viewBox=\"0 0 {$wide} {$high}\" width=\"{$wide}\" height=\"{$high}\" aria-hidden=\"true\">"
            .$drawn
            ."<path d=\"M14 {$foot}H".($wide - 14).'" stroke="'.Ink::INK.'" stroke-width="1.2"/></svg>';
    }
}
