<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Measure\LengthUnit;

/**
 * A drawing table: a sheet in CSS pixels with a tape along its top and left edges, so that what lies on it is to scale.
 */
final class Canvas
{
    public const WIDTH = 656;

    public const TAPE = 22;

    /** Of one that lies beside words on paper: 76 mm. */
    public const SMALL = 288;

    /** A CSS pixel in millimetres: 1/96 inch. */
    private const PIXEL_MM = 25.4 / 96;

    private const FONT = "'Atkinson Hyperlegible Next Variable','Atkinson Hyperlegible Next',Verdana,sans-serif";

    /** @var list<string> */
    private array $marks = [];

    /**
     * @param float $scale pixels to the millimetre
     * @param float $x0 pixel at which the tape's zero stands, along the top
     * @param float $y0 pixel at which the left tape's zero stands
     * @param int $width pixels
     */
    public function __construct(
        private readonly string $title,
        private readonly string $description,
        private readonly int $height,
        private readonly float $scale,
        private readonly LengthUnit $unit,
        private readonly float $x0,
        private readonly float $y0,
        private readonly bool $upward,
        private readonly int $width = self::WIDTH,
    ) {}

    public function add(string $markup): void
    {
        $this->marks[] = $markup;
    }

    public function text(
        float $x,
        float $y,
        string $text,
        string $fill = Ink::INK,
        string $anchor = 'start',
        int $weight = 400,
        int $size = 13,
    ): void {
        $this->add(
            "<text x=\"{$this->n($x)}\" y=\"{$this->n($y)}\" fill=\"{$fill}\" text-anchor=\"{$anchor}\" "
                ."font-weight=\"{$weight}\" font-size=\"{$size}\">"
                .self::escape($text)
                .'</text>',
        );
    }

    /** Read from below upward, its middle at a place. */
    public function upright(float $x, float $y, string $text): void
    {
        $this->add("<g transform=\"rotate(-90 {$this->n($x)} {$this->n($y)})\">");
        $this->text($x, $y, $text, anchor: 'middle', weight: 600);
        $this->add('</g>');
    }

    public function line(float $x1, float $y1, float $x2, float $y2, string $stroke = Ink::INK, float $width = 1): void
    {
        $this->add(
            "<path d=\"M{$this->n($x1)} {$this->n($y1)}L{$this->n($x2)} {$this->n($y2)}\" stroke=\"{$stroke}\" "
                ."stroke-width=\"{$this->n($width)}\" fill=\"none\"/>",
        );
    }

    public function n(float $value): string
    {
        return self::number($value);
    }

    /** Strand along a way: a darker stroke with its colour on it. */
    public static function strand(string $way, string $colour, float $broad): string
    {
        return '<g fill="none" stroke-linecap="round" stroke-linejoin="round"><path d="'.$way.'" stroke="'
            .Ink::mix($colour, Ink::INK, 0.6).'" stroke-width="'.($broad + 2).'"/><path d="'.$way.'" stroke="'.$colour
            ."\" stroke-width=\"{$broad}\"/></g>";
    }

    public static function number(float $value, int $decimals = 2): string
    {
        return (string) round($value, $decimals);
    }

    /** The least round step along an axis that is not below so much: 1, 2 or 5 times a power of ten. */
    public static function roundStep(float $least): float
    {
        $ten = 10 ** floor(log10(max(1e-6, $least)));
        foreach ([1, 2, 5] as $times) {
            if ($times * $ten >= $least) {
                return $times * $ten;
            }
        }

        return 10 * $ten;
    }

    /** "1 : 2.1", the drawing against the thing at the browser's own size. */
    public function ratio(): string
    {
        $ratio = 1 / ($this->scale * self::PIXEL_MM);

        return $ratio >= 1
            ? '1 : '.Tongues::exact(round($ratio, 1))
            : Tongues::exact(round(1 / $ratio, 1)).' : 1';
    }

    /** For a page, which has the fonts. */
    public function inline(): string
    {
        return $this->svg('');
    }

    /** For a file: true to the ratio in print and anywhere else. */
    public function alone(): string
    {
        $mm = fn(float $pixels): string => $this->n($pixels * self::PIXEL_MM);

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".$this->svg(
            " width=\"{$mm($this->width)}mm\" height=\"{$mm($this->height)}mm\"",
        );
    }

    public static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }

    private function svg(string $size): string
    {
        $width = $this->width;
        $height = $this->height;

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$width} {$height}\"{$size} role=\"img\" "
            .'font-family="'
            .self::FONT
            .'">'
            .'<title>'.self::escape($this->title).'</title><desc>'.self::escape($this->description).'</desc>'
            ."<rect width=\"{$width}\" height=\"{$height}\" fill=\"".Ink::SHEET.'"/>'
            .implode('', $this->marks)
            .$this->tapes()
            .'</svg>';
    }

    private function tapes(): string
    {
        $tape = self::TAPE;
        $height = $this->height;
        $width = $this->width;
        [$step, $middle, $long] = $this->steps();
        $ticks = $numbers = '';
        foreach ([
            [$this->x0, 1, $width, false],
            [$this->y0, $this->upward ? -1 : 1, $height, true],
        ] as [$zero, $way, $end, $down]) {
            // Ticks are the dashes of a line along the tape, as broad as they reach.
            $from = $this->n($zero - 0.5 * $way);
            $to = $way > 0 ? $end : $tape;
            foreach ([4 => 1, 6 => $middle, 9 => $long] as $reach => $every) {
                $at = $this->n($tape - $reach / 2);
                $ticks .= '<path d="'.($down ? "M{$at} {$from}V{$to}" : "M{$from} {$at}H{$to}")
                    ."\" stroke-width=\"{$reach}\" "
                    .'stroke-dasharray="1 '.self::number($every * $step * $this->scale - 1, 4).'"/>';
            }
            for ($tick = $long; ; $tick += $long) {
                $at = $zero + $way * $tick * $step * $this->scale;
                if ($at > $end || $at < $tape) {
                    break;
                }
                // No number where it would stand on the unit's name in the corner.
                if ($at < $end - 10 && $at > $tape + 14) {
                    $number = (int) round($tick * $step / $this->unit->millimetres());
                    $numbers .= $down
                        ? '<text x="2" y="'.$this->n($at - 3)."\">{$number}</text>"
                        : '<text x="'.$this->n($at - 3)."\" y=\"13\" text-anchor=\"end\">{$number}</text>";
                }
            }
        }

        return "<path d=\"M0 0H{$width}V{$tape}H{$tape}V{$height}H0Z\" fill=\"".Ink::TAPE.'"/>'
            .'<g fill="none" stroke="'.Ink::INK."\" opacity=\".75\">{$ticks}</g>"
            .'<g font-size="13" font-weight="600" fill="'.Ink::INK."\">{$numbers}</g>"
            .'<text x="3" y="15" font-size="13" fill="'.Ink::INK."\">{$this->unit->value}</text>";
    }

    /** @return array{float, int, int} smallest step in mm, steps to a middle tick, steps to a numbered one */
    private function steps(): array
    {
        $room = fn(float $mm): bool => $mm * $this->scale >= 5;
        if ($this->unit === LengthUnit::Inch) {
            return match (true) {
                $room(3.175) => [3.175, 4, 8],
                $room(6.35) => [6.35, 2, 8],
                $room(12.7) => [12.7, 2, 4],
                $room(25.4) => [25.4, 2, 10],
                default => [127.0, 2, 4],
            };
        }

        return match (true) {
            $room(1) => [1.0, 5, 10],
            $room(5) => [5.0, 2, 10],
            $room(10) => [10.0, 5, 10],
            $room(50) => [50.0, 2, 4],
            default => [100.0, 5, 10],
        };
    }

    /**
     * A closed way over points, moved and to a scale, as a path has it.
     *
     * @param list<array{float, float}> $points
     */
    public static function ring(array $points, float $x, float $y, float $scale = 1.0): string
    {
        $way = [];
        foreach ($points as [$across, $down]) {
            $way[] = self::number($x + $across * $scale).' '.self::number($y + $down * $scale);
        }

        return 'M'.implode('L', $way).'Z';
    }
}
