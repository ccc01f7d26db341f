<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Solid\Gltf;
use Fescue\Core\Solid\Skin;
use Fescue\Core\Solid\SkinOf;
use Fescue\Core\Solid\Solid;

/** A bag as it stands on a floor of squares, to scale, beside it a sheet of A4 and a litre. */
final readonly class SolidDrawing
{
    private const WIDE = 656;

    private const HIGH = 560;

    /** Room about it, pixels; under it what is said of it. */
    private const MARGIN = 26;

    private const FOOT = 34;

    /** A square of the floor, and on a floor in inches; mm. */
    private const SQUARES = ['cm' => 100.0, 'in' => 101.6];

    /** A sheet of A4 (ISO 216), and a litre in a glass so wide: πr²h (geometry). */
    private const A4 = [210.0, 297.0];

    private const GLASS = 46.0;

    /** A glass goes on so far above its litre, mm. */
    private const EMPTY = 12.0;

    /** Beside what is lower than that a sheet of A4 is left out, mm. */
    private const SMALL = 200.0;

    /** @param non-empty-list<Skin> $beside a litre, and a sheet of A4 where there is one */
    private function __construct(
        private Solid $solid,
        private LengthUnit $unit,
        public string $said,
        public string $scale,
        private array $beside,
        private SolidPaint $paint,
    ) {}

    /** @param non-empty-list<string> $colours of its strands, as #rrggbb */
    public static function of(Solid $solid, LengthUnit $unit, array $colours): self
    {
        $print = fn(float $mm): string => Tongues::bare(Length::mm($mm), $unit);
        [$left, $right, $foot, $top, $back, $front] = $solid->body();
        $scale = Tongues::tell('Squares of {square}.', [
            'square' => $unit === LengthUnit::Inch ? Tongues::exact(4).' in' : Tongues::exact(10).' cm',
        ]);
        $said = Tongues::tell($solid->litres < 0.05
            ? '{wide} × {deep} × {high} {unit}.'
            : '{wide} × {deep} × {high} {unit}, holds about {litres} litres.', [
                'wide' => $print($right - $left), 'deep' => $print($front - $back),
                'high' => $print($top - $foot), 'unit' => $unit->value, 'litres' => round($solid->litres, 1),
            ]).' '.$scale;
        $beside = self::beside($solid);

        return new self($solid, $unit, $said, $scale, $beside, SolidPaint::filling(
            $colours,
            // What stands beside it is as large as it is.
            SolidPaint::reach([...$solid->skins, ...$beside]),
            self::WIDE,
            self::HIGH - self::FOOT,
            self::MARGIN,
        ));
    }

    /**
     * As a file that shows it as large as it is.
     *
     * @param list<string> $colours of its strands, as #rrggbb
     */
    public static function gltf(Solid $solid, string $name, array $colours): string
    {
        return Gltf::of(
            $solid,
            $name,
            array_map(self::light(...), $colours),
            self::light(SolidPaint::METAL),
            self::light(Ink::INK),
        );
    }

    /** @return array{float, float, float} */
    private static function light(string $colour): array
    {
        return [
            hexdec(substr($colour, 1, 2)) / 255, hexdec(substr($colour, 3, 2)) / 255,
            hexdec(substr($colour, 5, 2)) / 255,
        ];
    }

    /** Whether a sheet of A4 stands beside it. */
    public function hasSheet(): bool
    {
        return count($this->beside) > 1;
    }

    /** For a page, which says itself what is said of it. */
    public function inline(): string
    {
        return $this->svg(self::HIGH - self::FOOT, '', '');
    }

    /** For a file. */
    public function alone(): string
    {
        $said = '<text x="'.self::MARGIN.'" y="'.(self::HIGH - 14).'" fill="'.Ink::INK.'">'
            .Canvas::escape($this->said).'</text>';

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            .$this->svg(self::HIGH, ' width="'.self::WIDE.'" height="'.self::HIGH.'"', $said);
    }

    private function svg(int $high, string $size, string $said): string
    {
        $title = Canvas::escape(Tongues::tell('The bag as it stands'));
        $described = Canvas::escape($this->said);

        return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.self::WIDE." {$high}\"{$size} role=\"img\" "
            ."font-size=\"13\" font-family=\"'Atkinson Hyperlegible Next Variable',Verdana,sans-serif\"><title>{$title}"
            ."</title><desc>{$described}</desc>".$this->floor().$this->things().$this->paint->bag($this->solid).$said
            .'</svg>';
    }

    private function floor(): string
    {
        $step = self::SQUARES[$this->unit->value] ?? self::SQUARES['cm'];
        [$left, $right, , , $back, $front] = $this->solid->box();
        $many = (int) ceil(max($right, -$left, $front, -$back) / $step) + 8;
        $drawn = '';
        for ($nth = -$many; $nth <= $many; $nth++) {
            $drawn .= 'M'.$this->paint->point([$nth * $step, 0.0, -$many * $step])
                .'L'.$this->paint->point([$nth * $step, 0.0, $many * $step])
                .'M'.$this->paint->point([-$many * $step, 0.0, $nth * $step])
                .'L'.$this->paint->point([$many * $step, 0.0, $nth * $step]);
        }
        // To where the floor ends behind.
        [, $far] = $this->paint->place(0.0, -SolidPaint::ABOVE[0] * ($many - 4) * $step);
        $far = max(0.0, min($far, self::HIGH * 0.55));

        return '<clipPath id="solid-floor"><path d="M0 '.round($far, 1).'H'.self::WIDE.'V'.(self::HIGH - self::FOOT)
            ."H0z\"/></clipPath><path clip-path=\"url(#solid-floor)\" d=\"{$drawn}\" fill=\"none\" stroke=\"".Ink::LINE
            .'" stroke-width="1"/>';
    }

    /**
     * A litre at its right, and behind that a sheet of A4 where the bag is not small beside it.
     *
     * @return non-empty-list<Skin>
     */
    private static function beside(Solid $solid): array
    {
        [, $right, , $top, $back, $front] = $solid->body();
        [$wide, $high] = self::A4;
        $x = $right + 60.0;
        $z = min($back, -40.0);
        $glass = [];
        foreach ([0.0, 1e6 / (M_PI * self::GLASS ** 2)] as $up) {
            $line = [];
            for ($nth = 0; $nth < 32; $nth++) {
                $way = 2 * M_PI * $nth / 32;
                $line[] = [
                    $x + self::GLASS + self::GLASS * cos($way), $up,
                    max($front - 40.0, 40.0) + self::GLASS * sin($way),
                ];
            }
            $glass[] = $line;
        }

        return [
            new Skin(SkinOf::Hardware, $glass, [0], true),
            ...($top < self::SMALL ? [] : [Skin::flat(SkinOf::Hardware, [
                [$x, 0.0, $z], [$x + $wide, 0.0, $z], [$x + $wide, $high, $z], [$x, $high, $z],
            ], 0)]),
        ];
    }

    private function things(): string
    {
        $beside = $this->beside;
        $drawn = '';
        foreach (array_slice($beside, 1) as $sheet) {
            [$x, $y] = SolidPaint::seen($sheet->lines[0][3] ?? [0.0, 0.0, 0.0]);
            [$x, $y] = $this->paint->place($x, $y);
            $drawn .= "<path d=\"{$this->paint->ring($sheet->lines[0] ?? [])}\" fill=\"#fff\" stroke=\"".Ink::LINE
                .'" stroke-width="1.4"/><text x="'.round($x + 7, 1).'" y="'.round($y + 20, 1).'" fill="'.Ink::SOFT
                .'">A4</text>';
        }
        [$foot, $full] = [$beside[0]->lines[0] ?? [], $beside[0]->lines[1] ?? []];
        $raised = $beside[0]->moved(0.0, self::EMPTY, 0.0)->lines[1] ?? [];
        [$lowX, $lowY] = [INF, -INF];
        $sides = [[INF, '', ''], [-INF, '', '']];
        foreach ($foot as $nth => $at) {
            [$x, $y] = SolidPaint::seen($at);
            [$x, $y] = $this->paint->place($x, $y);
            $lowY = max($lowY, $y);
            $lowX = min($lowX, $x);
            if ($x < $sides[0][0]) {
                $sides[0] = [$x, $this->paint->point($at), $this->paint->point($raised[$nth])];
            }
            if ($x > $sides[1][0]) {
                $sides[1] = [$x, $this->paint->point($at), $this->paint->point($raised[$nth])];
            }
        }

        return $drawn.'<path d="'.$this->paint->ring($full).'" fill="#D5E3E2" stroke="'.Ink::SOFT
            .'" stroke-width="0.8"/><path d="'.$this->paint->ring($foot).$this->paint->ring($raised)
            ."M{$sides[0][1]}L{$sides[0][2]}M{$sides[1][1]}L{$sides[1][2]}"
            .'" fill="none" stroke="'.Ink::SOFT.'" stroke-width="1.2"/><text x="'.round($lowX, 1).'" y="'
            .round($lowY + 17, 1).'" fill="'.Ink::SOFT.'">'.Canvas::escape(Tongues::tell('1 litre')).'</text>';
    }
}
