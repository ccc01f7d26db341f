<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Material\Kind;

/**
 * A strand as it stands on a shelf: a cone, ball, roll or hank as large as so much of it wound up, its turns as thick
 * as it is; what bags reserve of it hatched, from the foot up. All of a shelf are at one scale.
 */
final readonly class StashShape
{
    public const WIDE = 150;

    public const HIGH = 150;

    /** Pixels a millimetre. */
    private const SCALE = 0.52;

    /** Share of a ball's room that is strand. From memory. */
    private const WOUND = 0.62;

    /** Nothing is drawn larger or smaller than that across, pixels. */
    private const ACROSS = [14.0, 138.0];

    /** Turns nearer than that run together, pixels. */
    private const APART = 2.6;

    private function __construct(private string $colour, private float $turn, private string $id) {}

    /**
     * @param float $metres of it
     * @param float $mm how thick it is
     * @param float $reserved share of it, 0 to 1
     * @param string $id none other on the page has
     */
    public static function of(
        Kind $kind,
        string $colour,
        float $metres,
        float $mm,
        float $reserved,
        string $id,
    ): string {
        $room = max(1.0, $metres * 1000 * M_PI / 4 * $mm ** 2 / self::WOUND);
        // A ball of that room: 4/3·π·r³ (geometry).
        $across = 2 * (3 * $room / (4 * M_PI)) ** (1 / 3) * self::SCALE;
        $across = min(self::ACROSS[1], max(self::ACROSS[0], $across));
        $shape = new self($colour, max(self::APART, $mm * self::SCALE), $id);
        [$way, $turns, $high] = match ($kind) {
            Kind::Cord, Kind::Strand => $shape->cone($across),
            Kind::Ribbon => $shape->roll($across),
            Kind::Raffia => $shape->hank($across),
            default => $shape->ball($across),
        };

        return $shape->drawn($way, $turns, $high, $reserved);
    }

    /** Tabs in a jar, as full as so many make it. */
    public static function jar(string $colour, float $many, float $reserved, string $id): string
    {
        $across = min(self::ACROSS[1], max(30.0, 12 * max(1.0, $many) ** (1 / 3)));
        [$x, $y] = [self::WIDE / 2, self::HIGH - 2.0];
        [$half, $tall] = [round(0.38 * $across, 1), round(0.95 * $across, 1)];
        $way = 'M'.($x - $half)." {$y}v-".round(0.8 * $tall, 1).'h'.(2 * $half).'V'.$y.'z';
        $turns = '';
        for ($nth = 0; $nth < 14; $nth++) {
            // Strewn, the same on every visit.
            [$atX, $atY] = [$x + $half * sin(2.4 * $nth) * 0.72, $y - 6 - ($nth % 7) * 0.1 * $tall];
            $turns .= 'M'.round($atX - 3.5, 1).' '.round($atY, 1).'a3.5 2.4 0 1 0 7 0a3.5 2.4 0 1 0 -7 0';
        }
        $lid = '<path d="M'.($x - $half + 3).' '.round($y - 0.8 * $tall - 4, 1).'h'.(2 * $half - 6)
            .'" stroke="'.Ink::INK.'" stroke-width="5"/>';

        return (new self($colour, self::APART, $id))->drawn($way, $turns, 0.8 * $tall, $reserved, $lid);
    }

    /** @return array{string, string, float} around it, its turns, and how high it stands, pixels */
    private function ball(float $across): array
    {
        [$x, $r] = [self::WIDE / 2, $across / 2];
        $y = self::HIGH - 2 - $r;
        $turns = '';
        // Wound one way, and over that another.
        for ($off = -0.7 * $r; $off < 2 * $r; $off += $this->turn) {
            $bow = round($r * (1 - $off / (2 * $r)), 1);
            [$at, $through] = [$this->n($x - $r + $off), $this->n($x + $bow - $r + $off)];
            $turns .= "M{$at} {$this->n($y - $r)}Q{$through} {$this->n($y)} {$at} {$this->n($y + $r)}";
        }

        return [
            'M'.round($x - $r, 1).' '.round($y, 1)."a{$this->n($r)} {$this->n($r)} 0 1 0 {$this->n(2 * $r)} 0"
                ."a{$this->n($r)} {$this->n($r)} 0 1 0 {$this->n(-2 * $r)} 0z",
            $turns,
            2 * $r,
        ];
    }

    /** @return array{string, string, float} */
    private function cone(float $across): array
    {
        // Of a ball's room: as high as 1.35 times a ball, its foot as wide as 0.95, its top as 0.5.
        [$x, $y, $high] = [self::WIDE / 2, self::HIGH - 2.0, min(self::HIGH - 16.0, 1.35 * $across)];
        [$foot, $top] = [0.475 * $across, 0.25 * $across];
        $turns = '';
        for ($up = $this->turn; $up < $high; $up += $this->turn) {
            $half = $foot + ($top - $foot) * $up / $high;
            $turns .= "M{$this->n($x - $half)} {$this->n($y - $up + 2)}"
                ."L{$this->n($x + $half)} {$this->n($y - $up - 2)}";
        }

        return [
            "M{$this->n($x - $foot)} {$this->n($y)}L{$this->n($x - $top)} {$this->n($y - $high)}"
                ."L{$this->n($x + $top)} {$this->n($y - $high)}L{$this->n($x + $foot)} {$this->n($y)}z",
            $turns,
            $high,
        ];
    }

    /** @return array{string, string, float} */
    private function roll(float $across): array
    {
        [$x, $r] = [self::WIDE / 2, 0.55 * $across];
        $y = self::HIGH - 2 - $r;
        $ring = fn(float $of): string => "M{$this->n($x - $of)} {$this->n($y)}a{$this->n($of)} {$this->n($of)} 0 1 0 "
            ."{$this->n(2 * $of)} 0a{$this->n($of)} {$this->n($of)} 0 1 0 {$this->n(-2 * $of)} 0z";
        $turns = '';
        for ($of = $r - $this->turn; $of > 0.3 * $r; $of -= $this->turn) {
            $turns .= $ring($of);
        }

        return [$ring($r).$ring(0.24 * $r), $turns, 2 * $r];
    }

    /** @return array{string, string, float} */
    private function hank(float $across): array
    {
        [$x, $y, $high, $half] = [self::WIDE / 2, self::HIGH - 2.0, 1.15 * $across, 0.42 * $across];
        $turns = '';
        for ($off = -$half + $this->turn; $off < $half; $off += $this->turn) {
            $turns .= "M{$this->n($x + $off)} {$this->n($y)}Q{$this->n($x + 0.3 * $off)} {$this->n($y - 0.62 * $high)} "
                ."{$this->n($x + 0.8 * $off)} {$this->n($y - $high)}";
        }
        // Bound where it is narrow.
        $turns .= "M{$this->n($x - 0.5 * $half)} {$this->n($y - 0.6 * $high)}h{$this->n($half)}"
            ."M{$this->n($x - 0.5 * $half)} {$this->n($y - 0.6 * $high + 3)}h{$this->n($half)}";

        return [
            "M{$this->n($x - $half)} {$this->n($y)}Q{$this->n($x - 0.2 * $half)} {$this->n($y - 0.62 * $high)} "
                ."{$this->n($x - 0.8 * $half)} {$this->n($y - $high)}h{$this->n(1.6 * $half)}"
                ."Q{$this->n($x + 0.2 * $half)} {$this->n($y - 0.62 * $high)} {$this->n($x + $half)} {$this->n($y)}z",
            $turns,
            $high,
        ];
    }

    private function n(float $value): string
    {
        return Canvas::number($value, 1);
    }

    private function drawn(string $way, string $turns, float $high, float $reserved, string $beside = ''): string
    {
        $thread = Ink::mix($this->colour, Ink::INK, 0.22);
        $taken = round(min(1.0, $reserved) * $high, 1);
        $top = round(self::HIGH - 2 - $taken, 1);
        $hatch = '';
        for ($at = -self::HIGH; $at < self::WIDE; $at += 6) {
            $hatch .= "M{$at} ".self::HIGH.'l'.self::HIGH.' -'.self::HIGH;
        }

        return '<svg viewBox="0 0 '.self::WIDE.' '.self::HIGH.'" width="'.self::WIDE.'" height="'.self::HIGH
            .'" aria-hidden="true">'
            ."<clipPath id=\"{$this->id}\"><path d=\"{$way}\" clip-rule=\"evenodd\"/></clipPath>"
            ."<path d=\"{$way}\" fill=\"{$this->colour}\" fill-rule=\"evenodd\"/>"
            ."<g clip-path=\"url(#{$this->id})\"><path d=\"{$turns}\" fill=\"none\" stroke=\"{$thread}\" "
            .'stroke-width="1.1"/>'.($taken <= 0.0 ? '' : "<svg y=\"{$top}\" height=\"{$taken}\" width=\"".self::WIDE
                ."\" viewBox=\"0 {$top} ".self::WIDE." {$taken}\"><path d=\"{$hatch}\" stroke=\"".Ink::SHEET
                .'" stroke-width="2.6"/></svg>')
            ."</g><path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK."\" stroke-width=\"1.6\"/>{$beside}</svg>";
    }
}
