<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Solid\Gltf;
use Fescue\Core\Solid\Skin;
use Fescue\Core\Solid\SkinOf;
use Fescue\Core\Solid\Solid;

/**
 * How a standing bag is seen, a little from above and from the right, and painted: what is farther is painted first.
 * What is not worked yet is lines alone, and where the work is it is warm.
 */
final readonly class SolidPaint
{
    public const METAL = '#C9C6BC';

    /** Sine and cosine of how far the eye is to the right of the front, 0.5 radians, and above it, 0.36. */
    private const ASIDE = [0.479425538604203, 0.87758256189037276];

    public const ABOVE = [0.35227423327508994, 0.93589682367793481];

    /** Where the light comes from: the left, above, in front. */
    private const LIGHT = [-0.55, 0.55, 0.63];

    /** So much nearer than it lies an arch is drawn that goes over into a wall, mm. */
    private const OVER = 12.0;

    /** And so much what is nearer than all else, or farther. */
    private const APART_FROM_ALL = 1e4;

    /** Cosine of the least turn that is a corner. */
    private const SHARP = 0.8;

    /** Rows nearer than so many pixels are left out by turns, where nothing else is said. */
    private const APART = 3.2;

    /** What is not worked yet is so pale that what lies behind shows. */
    private const PALE = 0.28;

    /**
     * @param list<string> $colours of each strand, as #rrggbb
     * @param float $scale pixels a millimetre
     * @param float $x pixels of what is in the middle and on the floor; $y so
     */
    private function __construct(
        private array $colours,
        public float $scale,
        private float $x,
        private float $y,
        private float $apart,
    ) {}

    /**
     * What reaches so far, standing on the middle of the foot of a picture of that size.
     *
     * @param list<string> $colours of each strand, as #rrggbb
     * @param array{float, float, float, float} $reach left, right, lowest and highest as they are seen, mm
     * @param float $scale pixels a millimetre, where others beside it ask for one; all of it is seen whatever that is
     * @param float $apart rows nearer than so many pixels are left out by turns
     */
    public static function filling(
        array $colours,
        array $reach,
        int $wide,
        int $high,
        float $margin,
        float $scale = INF,
        float $apart = self::APART,
    ): self {
        [$left, $right, $foot, $top] = $reach;
        $scale = min(
            $scale,
            ($wide - 2 * $margin) / max(1.0, $right - $left),
            ($high - 2 * $margin) / max(1.0, $foot - $top),
        );

        return new self(
            $colours,
            $scale,
            $wide / 2 - ($left + $right) / 2 * $scale,
            $high - $margin - $foot * $scale,
            $apart,
        );
    }

    /**
     * Right and down as it is seen, and how near.
     *
     * @param array{float, float, float} $at
     *
     * @return array{float, float, float}
     */
    public static function seen(array $at): array
    {
        [$x, $y, $z] = $at;
        $near = $x * self::ASIDE[0] + $z * self::ASIDE[1];

        return [
            $x * self::ASIDE[1] - $z * self::ASIDE[0],
            $near * self::ABOVE[0] - $y * self::ABOVE[1],
            $near,
        ];
    }

    /**
     * How near its middle is.
     *
     * @param non-empty-list<array{float, float, float}> $corners
     */
    public static function near(array $corners): float
    {
        return array_sum(array_map(fn(array $at): float => self::seen($at)[2], $corners)) / count($corners);
    }

    /**
     * @param array<Skin> $skins
     *
     * @return array{float, float, float, float} left, right, lowest and highest as they are seen, mm
     */
    public static function reach(array $skins): array
    {
        return self::reached(array_merge(...array_map(fn(Skin $skin): array => $skin->lines, array_values($skins))));
    }

    /**
     * @param list<list<array{float, float, float}>> $lines
     *
     * @return array{float, float, float, float} the same
     */
    public static function reached(array $lines): array
    {
        [$left, $right, $foot, $top] = [INF, -INF, -INF, INF];
        foreach ($lines as $line) {
            foreach ($line as $at) {
                [$x, $y] = self::seen($at);
                [$left, $right] = [min($left, $x), max($right, $x)];
                [$top, $foot] = [min($top, $y), max($foot, $y)];
            }
        }

        return $left === INF ? [0.0, 1.0, 1.0, 0.0] : [$left, $right, $foot, $top];
    }

    /** @return array{float, float} pixels */
    public function place(float $x, float $y): array
    {
        return [$this->x + $x * $this->scale, $this->y + $y * $this->scale];
    }

    /** @param array{float, float, float} $at */
    public function point(array $at): string
    {
        [$x, $y] = self::seen($at);
        [$x, $y] = $this->place($x, $y);

        return round($x, 1).' '.round($y, 1);
    }

    /** @param list<array{float, float, float}> $line */
    public function ring(array $line): string
    {
        return 'M'.implode('L', array_map($this->point(...), $line)).'z';
    }

    /**
     * What is farther first; each line of ink right after the nearest face that it borders. What is drawn alike one
     * after another is one path: of a page's time most goes by how many there are.
     */
    public function bag(Solid $solid): string
    {
        $drawn = [];
        foreach ($solid->skins as $skin) {
            array_push($drawn, ...($skin->isFlat() || $skin->of === SkinOf::Base
                ? $this->flat($skin)
                : [...$this->faces($skin), ...$this->rows($skin)]));
        }
        usort($drawn, fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $paths = $way = $how = '';
        foreach ([...$drawn, [0.0, '', null]] as [, $next, $like]) {
            if ($like !== $how) {
                $paths .= $way === '' ? '' : "<path d=\"{$way}\"{$how}/>";
                [$way, $how] = ['', $like];
            }
            $way .= $next;
        }

        // What is said of all is not said again: most of it is ink.
        return '<g stroke="'.Ink::INK.'" stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round" fill="none">'
            ."{$paths}</g>";
    }

    /**
     * A face that lies flat: what is fastened on lies on its wall, and a base under all.
     *
     * @return list<array{float, string, string}> how near each is, its way, and how it is drawn
     */
    private function flat(Skin $skin): array
    {
        $corners = $skin->lines[count($skin->lines) - 1] ?? [];
        $normal = $corners === [] ? null : Gltf::normal($corners);
        if ($normal === null) {
            return [];
        }
        $faces = self::facing($normal);
        if (! $skin->of->isBody() && $faces <= 0.0) {
            return [];
        }
        // A piece that lies on others shows its outside, whichever way it was told.
        $isOut = $faces > 0.0 || $skin->of === SkinOf::Piece || $skin->of === SkinOf::Net;
        $near = self::near($corners) + match (true) {
            $skin->of === SkinOf::Base => -self::APART_FROM_ALL,
            $skin->of->isBody() => 0.0,
            default => self::APART_FROM_ALL,
        };

        [$strand, $way] = [$skin->strands[0] ?? 0, $this->ring($faces > 0.0 ? $corners : array_reverse($corners))];

        return [
            ...$this->filled($near, $skin, $strand, $normal, $isOut, $way),
            [$near, $way, self::inked($strand < 0)],
        ];
    }

    /** @return list<array{float, string, string}> how near each is, its way, and how it is drawn */
    private function faces(Skin $skin): array
    {
        $at = array_map(fn(array $line): array => array_map(function (array $at): array {
            [$x, $y, $near] = self::seen($at);
            [$x, $y] = $this->place($x, $y);

            return [round($x, 1).' '.round($y, 1), $near];
        }, $line), $skin->lines);
        $many = count($at[0] ?? []);
        $faces = $drawn = [];
        $isTube = $skin->closed && ! $skin->of->isBody();
        $over = $skin->of === SkinOf::Handle && ! $skin->closed ? self::OVER : 0.0;
        foreach ($skin->faces() as [$strand, $corners, $band, $nth]) {
            $normal = Gltf::normal($corners);
            if ($normal === null) {
                continue;
            }
            $next = ($nth + 1) % $many;
            $isOut = self::facing($normal) > 0.0;
            $corners = [$at[$band][$nth], $at[$band][$next], $at[$band + 1][$next], $at[$band + 1][$nth]];
            $near = array_sum(array_column($corners, 1)) / 4 + $over;
            $faces[$band][$nth] = [$near, $isOut, $normal, $strand];
            // Of what is closed all around nobody sees the inside.
            if ($isOut || ! $isTube) {
                // All go around one way as they are seen, so that none cuts a hole into another of its path.
                $way = 'M'.implode('L', array_column($isOut ? $corners : array_reverse($corners), 0)).'z';
                array_push($drawn, ...$this->filled($near, $skin, $strand, $normal, $isOut, $way));
            }
        }
        for ($band = 0; $band < count($at); $band++) {
            for ($nth = 0; $nth < $many; $nth++) {
                $next = ($nth + 1) % $many;
                // Along a line, and from it to the next.
                array_push($drawn, ...$this->edge(
                    [$faces[$band - 1][$nth] ?? null, $faces[$band][$nth] ?? null],
                    "M{$at[$band][$nth][0]}L{$at[$band][$next][0]}",
                    $isTube,
                ));
                $isEnd = $over > 0.0 && ($nth === 0 || $nth === $many - 1);
                array_push($drawn, ...($isEnd || ! isset($at[$band + 1]) ? [] : $this->edge(
                    [$faces[$band][($nth + $many - 1) % $many] ?? null, $faces[$band][$nth] ?? null],
                    "M{$at[$band][$nth][0]}L{$at[$band + 1][$nth][0]}",
                    $isTube,
                )));
            }
        }

        return $drawn;
    }

    /**
     * Ink where a surface ends, turns away or has a corner; the row in hand where what is worked ends.
     *
     * @param list<?array{float, bool, array{float, float, float}, int}> $sides how near each of the two is, whether it
     *        is seen from outside, which way it faces, its strand
     *
     * @return list<array{float, string, string}>
     */
    private function edge(array $sides, string $way, bool $isTube): array
    {
        $there = array_values(array_filter($sides));
        if ($there === [] || ($isTube && array_filter(array_column($there, 1)) === [])) {
            return [];
        }
        $near = max(array_column($there, 0)) + 0.01;
        if (count($there) === 2) {
            [[, $one, $a, $below], [, $other, $b, $above]] = $there;
            if ($below < 0 xor $above < 0) {
                return [[$near, $way, ' stroke="'.Ink::WARM.'" stroke-width="3"']];
            }
            if ($one === $other && $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2] >= self::SHARP) {
                return [];
            }
        }

        return [[$near, $way, self::inked(max(array_column($there, 3)) < 0)]];
    }

    /** @param bool $isToCome whether it is not worked yet */
    private static function inked(bool $isToCome): string
    {
        return $isToCome ? ' stroke="'.Ink::SOFT.'" stroke-width="1" stroke-dasharray="1 3"' : '';
    }

    /** Of a strand, worked or not. */
    private function colour(int $strand): string
    {
        return $this->colours[$strand < 0 ? -1 - $strand : $strand] ?? self::METAL;
    }

    /**
     * A face in its colour, pale where it is not worked yet; of that no inside.
     *
     * @param array{float, float, float} $normal
     *
     * @return list<array{float, string, string}>
     */
    private function filled(float $near, Skin $skin, int $strand, array $normal, bool $isOut, string $way): array
    {
        if ($strand < 0 && ! $isOut) {
            return [];
        }
        $colour = $skin->of === SkinOf::Hardware ? self::METAL : $this->colour($strand);
        $fill = self::shade($colour, $normal, $isOut, $skin->of);
        if ($strand < 0) {
            return [[$near, $way, " fill=\"{$fill}\" fill-opacity=\"".self::PALE.'" stroke="none"']];
        }

        return [[$near, $way, " fill=\"{$fill}\" stroke=\"{$fill}\""]];
    }

    /**
     * How far something faces the eye, −1 to 1.
     *
     * @param array{float, float, float} $normal
     */
    private static function facing(array $normal): float
    {
        return $normal[0] * self::ASIDE[0] * self::ABOVE[1] + $normal[1] * self::ABOVE[0]
            + $normal[2] * self::ASIDE[1] * self::ABOVE[1];
    }

    /**
     * Lit from one side; the inside is darker.
     *
     * @param array{float, float, float} $normal
     */
    private static function shade(string $colour, array $normal, bool $outside, SkinOf $of): string
    {
        if (! $outside && $of->isBody()) {
            return Ink::mix($colour, Ink::INK, 0.42);
        }
        $turn = $outside ? 1 : -1;
        $lit = $turn * array_sum(array_map(fn(float $a, float $b): float => $a * $b, $normal, self::LIGHT));
        $base = $of === SkinOf::Flap ? Ink::mix($colour, Ink::SHEET, 0.3) : $colour;

        return Ink::mix($base, Ink::INK, 0.3 * (1 - max(0.0, $lit)));
    }

    /** @return list<array{float, string, string}> rows as lines, where they are seen from outside */
    private function rows(Skin $skin): array
    {
        if ($skin->of === SkinOf::Base || $skin->of === SkinOf::Handle || $skin->of === SkinOf::Hardware) {
            return [];
        }
        $face = $skin->faces()[0][1] ?? null;
        $flat = $skin->closed || $face === null ? null : Gltf::normal($face);
        $drawn = [];
        $last = null;
        foreach ($skin->rows as $line) {
            [, $y] = self::seen($line[0] ?? [0.0, 0.0, 0.0]);
            if ($last !== null && abs($y - $last) * $this->scale < $this->apart) {
                continue;
            }
            $last = $y;
            $strand = self::strand($skin, $line[0][1] ?? 0.0);
            $colour = $strand < 0 ? Ink::LINE : Ink::mix($this->colour($strand), Ink::INK, 0.5);
            $runs = [];
            $isOpen = false;
            $near = -INF;
            foreach (array_slice($line, 1) as $nth => $at) {
                $from = $line[$nth];
                // Outward of a line to the right, with up: to the eye.
                $normal = $flat ?? [$from[2] - $at[2], 0.0, $at[0] - $from[0]];
                if (self::facing($normal) > 0.0) {
                    $runs[] = ($isOpen ? 'L' : 'M'.$this->point($from).'L').$this->point($at);
                    $near = max($near, self::seen($at)[2]);
                    $isOpen = true;
                } else {
                    $isOpen = false;
                }
            }
            if ($runs !== []) {
                $drawn[] = [$near + 0.02, implode('', $runs), " stroke=\"{$colour}\" stroke-width=\".7\""];
            }
        }

        return $drawn;
    }

    /** Of what lies so high on a skin; of a flat one its own. */
    private static function strand(Skin $skin, float $up): int
    {
        $strand = $skin->strands[0] ?? 0;
        foreach ($skin->strands as $nth => $one) {
            $strand = ($skin->lines[$nth][0][1] ?? 0.0) < $up ? $one : $strand;
        }

        return $strand;
    }
}
