<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;

/**
 * Crochet, strand over strand: each strand a darker stroke with its colour on it and a light along it. A stitch stands
 * with its foot at the origin; its legs are drawn apart from its top, so that a row's legs cover the tops they stand
 * in. Each stitch is drawn once and used wherever it stands again.
 *
 * A stroke is lines, "L", or one curve, "Q", and its places in pixels, x to the right and y down.
 *
 * @phpstan-type Stroke array{string, list<array{float, float}>}
 */
final class Fabric
{
    /** A stitch narrower than that, in pixels, shows its legs alone. */
    private const LEAST = 5.0;

    /** A strand is drawn no thicker than that share of its stitch. */
    private const THICKEST = 0.5;

    /** @var array<string, array{list<Stroke>, float, string, bool}> strokes, thickness, colour, light, by its key */
    private array $parts = [];

    /** @var array<string, array{float, float, string}> a part turned as it stands, by its key and how */
    private array $turned = [];

    /** Strand in the shade of strand: between the legs of a firm fabric nothing else is seen. */
    public static function ground(string $colour): string
    {
        return Ink::mix($colour, Ink::INK, 0.24);
    }

    /**
     * One part of a stitch: the key to draw it by; '' where it has none.
     *
     * @param bool $top its top, or its legs
     * @param bool $wrong whether its wrong side is seen
     */
    public function part(
        bool $top,
        Placed $of,
        float $wide,
        float $high,
        float $thick,
        string $colour,
        bool $wrong = false,
    ): string {
        $thick = max(0.8, min($thick, self::THICKEST * $wide));
        $sizes = [round($wide, 2), round($high, 2), round($thick, 2)];
        $key = implode(
            '|',
            [$top, $of->stitch->value, $of->loop->value, $of->standing, $of->into->value, ...$sizes, $colour, $wrong],
        );
        if (isset($this->parts[$key])) {
            return $key;
        }
        $strokes = $wide < self::LEAST
            ? ($top ? [] : self::legs(Stitch::Single, Loop::Both, $wide, $high, $thick))
            : match (true) {
                // A chain that stands ends in a top as a stitch does.
                $top => self::top($of->standing > 0 ? Stitch::Single : $of->stitch, $wide, $high, $thick),
                $of->standing > 0 => self::column($of->standing, $wide, $high),
                self::isRound($of) => self::roundPost(
                    $of->into === ($wrong ? Into::BackPost : Into::FrontPost),
                    $wide,
                    $high,
                ),
                default => self::legs($of->stitch, $of->loop, $wide, $high, $thick, $wrong, $of->into === Into::Space),
            };
        if ($strokes === []) {
            return '';
        }
        $this->parts[$key] = [$strokes, $thick, $colour, $wide >= self::LEAST];

        return $key;
    }

    /**
     * All parts of a row, by their keys, each put where it stands by a matrix as SVG has it; to stand among strokes.
     *
     * @param array<string, list<array{float, float, float, float, float, float}>> $parts
     */
    public function drawn(array $parts): string
    {
        unset($parts['']);

        return implode('', array_map($this->alike(...), array_keys($parts), $parts));
    }

    /** What strokes of strands stand in. */
    public static function strokes(string $drawn): string
    {
        return "<g fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\">{$drawn}</g>";
    }

    /**
     * One way for all that are alike, and for each stroke of the strand one path along it.
     *
     * @param list<array{float, float, float, float, float, float}> $stand
     */
    private function alike(string $part, array $stand): string
    {
        [$strokes, $thick, $colour, $light] = $this->parts[$part];
        $way = '';
        foreach ($stand as [$a, $b, $c, $d, $x, $y]) {
            [$right, $under, $rest] = $this->turned["{$part} {$a} {$b} {$c} {$d}"]
                ??= self::turned($strokes, $a, $b, $c, $d);
            $way .= 'M'.round($x + $right, 1).' '.round($y + $under, 1).$rest;
        }

        return self::strand($way, $thick, $colour, $light);
    }

    /**
     * Where its way begins, and how the pen goes on from there.
     *
     * @param list<Stroke> $strokes
     *
     * @return array{float, float, string}
     */
    private static function turned(array $strokes, float $a, float $b, float $c, float $d): array
    {
        $rest = '';
        $begins = null;
        // Where the pen is, what was rounded with it.
        $x = $y = 0.0;
        foreach ($strokes as [$way, $places]) {
            // A curve's places are all told from where it begins.
            $from = [$x, $y];
            foreach ($places as $nth => [$across, $down]) {
                $to = [$a * $across + $c * $down, $b * $across + $d * $down];
                if ($begins === null) {
                    $begins = $from = [$x, $y] = $to;

                    continue;
                }
                [$right, $under] = [round($to[0] - $from[0], 1), round($to[1] - $from[1], 1)];
                $rest .= match (true) {
                    $nth === 0 => 'm',
                    $way === 'L' => 'l',
                    default => $nth === 1 ? 'q' : ' ',
                }."{$right} {$under}";
                [$x, $y] = [$from[0] + $right, $from[1] + $under];
                $from = $nth === 0 || $way === 'L' ? [$x, $y] : $from;
            }
        }

        return [$begins[0] ?? 0.0, $begins[1] ?? 0.0, $rest];
    }

    /** @param list<Stroke> $strokes */
    private static function path(array $strokes): string
    {
        $path = '';
        foreach ($strokes as [$way, $places]) {
            foreach ($places as $nth => [$x, $y]) {
                $path .= match ($nth) {
                    0 => 'M',
                    1 => $way,
                    default => ' ',
                }.Canvas::number($x).' '.Canvas::number($y);
            }
        }

        return $path;
    }

    /**
     * Rows of like stitches over an area: one stitch, repeated. Its id is of what it looks like, so that two may be on
     * a page.
     */
    public static function piece(
        Stitch $stitch,
        float $across,
        float $up,
        float $wide,
        float $high,
        float $thick,
        string $colour,
    ): string {
        $n = Canvas::number(...);
        [$id, $pattern] = self::pattern($stitch, $wide, $high, $thick, $colour);

        return "{$pattern}<rect width=\"{$n($across)}\" height=\"{$n($up)}\" fill=\"url(#{$id})\"/>";
    }

    /** @return array{string, string} its id, and the pattern to stand before what it fills */
    public static function pattern(Stitch $stitch, float $wide, float $high, float $thick, string $colour): array
    {
        $n = Canvas::number(...);
        $legs = self::path(self::legs($stitch, Loop::Both, $wide, $high, $thick));
        $top = self::path(self::top($stitch, $wide, $high, $thick));
        $id = 'p'.hash('crc32b', implode('|', [$stitch->value, $wide, $high, $thick, $colour]));
        // The row above stands in the tops of this one.
        $stand = fn(string $path, float $y): string => "<g transform=\"translate({$n($wide / 2)} {$n($y)})\">"
            .self::strand($path, $thick, $colour, true).'</g>';
        $one = $stand($legs, $high).$stand($top, $high).$stand($legs, 0);

        return [
            $id,
            "<pattern id=\"{$id}\" width=\"{$n($wide)}\" height=\"{$n($high)}\" "
                .'patternUnits="userSpaceOnUse"><g fill="none" stroke-linecap="round" '
                ."stroke-linejoin=\"round\">{$one}</g></pattern>",
        ];
    }

    /**
     * Rows of a fabric, stitch upon stitch, from a lower edge up: the first foot stands half a stitch from the origin.
     *
     * @param int $anchors stitches across, a multiple of its repeat
     */
    public static function rows(
        Motif $motif,
        int $anchors,
        int $rows,
        float $wide,
        float $high,
        float $thick,
        string $colour,
    ): string {
        $n = Canvas::number(...);
        $fabric = new self();
        $ground = $motif->isOpen() ? '' : "<rect y=\"{$n(-$rows * $high)}\" width=\"{$n($anchors * $wide)}\" "
            ."height=\"{$n($rows * $high)}\" fill=\"".self::ground($colour).'"/>';
        $drawn = '';
        for ($row = 0; $row < $rows; $row++) {
            $placed = Placement::of($motif->over($row, $anchors));
            $step = $anchors * $wide / count($placed);
            $y = -$row * $high;
            $legs = $tops = [];
            foreach ($placed as $nth => $one) {
                $top = ($nth + 0.5) * $step;
                $foot = $one->anchors > 0 ? ($one->first + $one->anchors / 2) * $wide : $top;
                $legs[$fabric->part(false, $one, $wide, $high, $thick, $colour)][]
                    = [1.0, 0.0, ($foot - $top) / $high, 1.0, $foot, $y];
                $tops[$fabric->part(true, $one, $wide, $high, $thick, $colour)][] = [1.0, 0.0, 0.0, 1.0, $top, $y];
            }
            $drawn .= $fabric->drawn($legs).$fabric->drawn($tops);
        }

        return $ground.self::strokes($drawn);
    }

    /**
     * A net of chain loops, one rhombus repeated.
     *
     * @return array{string, string} as pattern() has it
     */
    public static function net(float $wide, float $high, float $thick, string $colour): array
    {
        $n = Canvas::number(...);
        $id = 'n'.hash('crc32b', implode('|', [$wide, $high, $thick, $colour]));
        $way = "M0 0Q{$n($wide * 0.1)} {$n($high * 0.4)} {$n($wide / 2)} {$n($high / 2)}T{$n($wide)} {$n($high)}"
            ."M{$n($wide)} 0Q{$n($wide * 0.9)} {$n($high * 0.4)} {$n($wide / 2)} {$n($high / 2)}T0 {$n($high)}";

        return [
            $id,
            "<pattern id=\"{$id}\" width=\"{$n($wide)}\" height=\"{$n($high)}\" patternUnits=\"userSpaceOnUse\">"
                .'<g fill="none" stroke-linecap="round">'
                .self::strand($way, $thick, $colour, true).'</g></pattern>',
        ];
    }

    /** A strand along a way: a path for each of its strokes. */
    private static function strand(string $way, float $thick, string $colour, bool $light): string
    {
        $n = Canvas::number(...);
        $stroke = fn(string $colour, float $broad, string $moved = ''): string => "<path d=\"{$way}\" "
            ."stroke=\"{$colour}\" stroke-width=\"{$n($broad)}\"{$moved}/>";

        return $stroke(Ink::mix($colour, Ink::INK, 0.6), $thick)
            .$stroke($colour, max(0.5, $thick - max(0.8, 0.22 * $thick)))
            .($light && $thick > 2 ? $stroke(
                Ink::mix($colour, '#ffffff', 0.35),
                0.16 * $thick,
                " transform=\"translate({$n(-0.14 * $thick)} {$n(-0.1 * $thick)})\"",
            ) : '');
    }

    /**
     * Two legs out of one hole; a post where it is taller, with a wrap for each yarn over.
     *
     * @return list<Stroke>
     */
    private static function legs(
        Stitch $stitch,
        Loop $loop,
        float $w,
        float $h,
        float $thick,
        bool $wrong = false,
        bool $around = false,
    ): array {
        $line = fn(float ...$of): array => ['L', array_map(
            fn(array $at): array => [$at[0] * $w, $at[1] * $h],
            array_chunk($of, 2),
        )];
        $post = fn(float $low, float $high): array => [
            $line(-$high, -0.86, -$low, 0.1), $line($high, -0.86, $low, 0.1),
        ];
        $wrap = fn(float $y): array => $line(-0.26, $y + 0.06, 0.26, $y - 0.06);
        // From behind a short stitch is a bar over two short feet: what it was drawn up from lies before its legs.
        $bar = fn(float $y): array => $line(-0.42, $y - 0.02, 0.42, $y + 0.02);
        $legs = match ($stitch) {
            Stitch::Chain, Stitch::Slip, Stitch::Whip => [],
            Stitch::Single, Stitch::Crab => $wrong
                ? [$line(-0.16, -0.4, -0.06, 0.12), $line(0.16, -0.4, 0.06, 0.12), $bar(-0.56)]
                // Around a chain it goes down over it, to what that lies upon.
                : [$line(-0.32, -0.8, 0, $around ? 0.86 : 0.14, 0.32, -0.8)],
            // Its bar is seen from the right side, a lower one from behind.
            Stitch::HalfDouble => [...$post(0.08, 0.26), $bar($wrong ? -0.4 : -0.66)],
            Stitch::Double => [...$post(0.1, 0.14), $wrap($wrong ? -0.6 : -0.42)],
            Stitch::Treble => [...$post(0.1, 0.14), $wrap(-0.3), $wrap(-0.58)],
        };

        // Worked through the back loop, the front one lies across the foot as a ridge.
        return $loop === Loop::Back && $legs !== []
            ? [...$legs, ['Q', [[-0.5 * $w, 0.0], [0.0, 0.08 * $h], [0.5 * $w, 0.0]]]]
            : $legs;
    }

    private static function isRound(Placed $of): bool
    {
        return $of->into === Into::FrontPost || $of->into === Into::BackPost;
    }

    /**
     * A post around the one below it: raised before it, over the top that it passes; or sunk behind, with that top
     * lying across before its foot.
     *
     * @return list<Stroke>
     */
    private static function roundPost(bool $raised, float $w, float $h): array
    {
        $line = fn(float ...$of): array => ['L', array_map(
            fn(array $at): array => [$at[0] * $w, $at[1] * $h],
            array_chunk($of, 2),
        )];
        $across = fn(float $y): array => ['Q', [[-0.5 * $w, $y * $h], [0.0, ($y + 0.07) * $h], [0.5 * $w, $y * $h]]];

        return $raised
            ? [$line(-0.2, -0.9, -0.16, 0.5), $line(0.2, -0.9, 0.16, 0.5), $line(-0.24, 0.56, 0.24, 0.44)]
            : [$line(-0.12, -0.9, -0.12, -0.2), $line(0.12, -0.9, 0.12, -0.2), $across(-0.22), $across(0.02)];
    }

    /**
     * Chains one upon another, link in link.
     *
     * @return list<Stroke>
     */
    private static function column(int $chains, float $w, float $h): array
    {
        $link = 0.94 * $h / $chains;

        return array_map(fn(int $nth): array => ['L', [
            [-0.2 * $w, -($nth + 0.9) * $link], [0.0, -($nth - 0.15) * $link], [0.2 * $w, -($nth + 0.9) * $link],
        ]], range(0, $chains - 1));
    }

    /**
     * The link that the next row stands in.
     *
     * @return list<Stroke>
     */
    private static function top(Stitch $stitch, float $w, float $h, float $thick): array
    {
        [$y, $bow] = $stitch === Stitch::Chain || $stitch === Stitch::Slip ? [0.0, 1.0] : [-0.92 * $h, 0.55];
        $link = fn(float $way): array => ['Q', [
            [-0.5 * $w, $y + 0.1 * $way * $thick],
            [0.0, $y + $way * $bow * $thick],
            [0.5 * $w, $y + 0.1 * $way * $thick],
        ]];

        return [$link(-1), $link(1)];
    }
}
