<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Instruction\Motif;

/** Small pictures of words, all of one size: strand in one colour, what is meant in another. */
final class TermDrawing
{
    private const WIDE = 120;

    private const HIGH = 84;

    /** Stitches and rows of a fabric at least and at most, and pixels that it is drawn wide. */
    private const FEW = 8;

    private const BROAD = 220;

    private const STRAND = '#C9B994';

    /** Of a stitch and its row, pixels; a strand is a third of it, as firm as bags are. */
    private const STITCH = 20.0;

    public static function of(string $key): string
    {
        return self::svg(match ($key) {
            'gauge' => self::tape(0, 12).self::patch(0, 16, 120, 68),
            'chain' => self::links([[12, 42], [30, 42], [48, 42], [66, 42], [84, 42], [102, 42]]),
            'starting chain' => self::patch(34, 44, 86, 40).self::links([[22, 36], [22, 22], [22, 8]], true, Ink::WARM),
            'spiral' => self::way(
                'M60 42q6-4 8 2q2 12-10 12q-16-2-14-18q4-18 22-16q24 4 20 28q-6 24-32 22q-30-6-26-34q6-28 36-26',
            ),
            'joined rounds' => self::ring(12).self::ring(24).self::ring(36).self::dot(72, 42).self::dot(84, 42)
                .self::dot(96, 42),
            'increase' => self::tees([[40, 12], [80, 12]], [60, 74]),
            'decrease' => self::tees([[60, 12]], [40, 74], [80, 74]),
            'back loop' => self::way('M14 36Q60 8 106 36', Ink::WARM).self::way('M14 44Q60 72 106 44'),
            'post stitch' => self::way('M60 82V8').self::way('M36 54Q34 40 60 40T84 54', Ink::WARM)
                .self::way('M84 54V80', Ink::WARM),
            'slip stitch' => self::links([[12, 42], [30, 42], [48, 42], [66, 42], [84, 42], [102, 42]])
                .self::dot(57, 42).self::dot(75, 42),
            'hand hole' => self::bag('M38 26q22-26 44 0z'),
            'whip stitch' => self::patch(0, 4, 54, 76).self::patch(66, 4, 54, 76).implode('', array_map(
                fn(int $y): string => self::way("M46 {$y}L74 ".($y - 8), Ink::WARM, 3),
                [18, 34, 50, 66, 82],
            )),
            'blocking' => self::patch(28, 20, 64, 44).implode('', array_map(
                fn(array $pin): string => self::dot(...$pin),
                [[24, 16], [96, 16], [24, 68], [96, 68], [60, 14], [60, 70]],
            )),
            'fasten off' => self::patch(0, 30, 70, 54)
                .self::way('M70 34Q92 30 96 12Q88 4 82 14Q84 30 108 44Q116 52 112 78', Ink::WARM),
            'plarn' => self::loop(6).self::loop(38).self::loop(70),
            'tex' => self::way('M18 66c0-40 52-40 52-12s-34 26-34 8s26-14 24-2').self::scale(),
            'firmness' => self::worked(Motif::single(), self::WIDE, self::HIGH, 8.0)
                .'<path d="M8 74h20" stroke="'.Ink::WARM.'" stroke-width="8"/>',
            'lean' => implode('', array_map(
                fn(int $row): string => self::way('M'.(18 + 6 * $row).' '.(76 - 16 * $row).'h66', self::STRAND, 9)
                    .self::dot(18 + 6 * $row, 76 - 16 * $row),
                range(0, 4),
            )),
            'tops' => self::patch(8, 26, 104, 58)
                .self::links([[18, 20], [39, 20], [60, 20], [81, 20], [102, 20]], false, Ink::WARM),
            'held together' => self::way('M4 34Q32 14 60 34T116 34').self::way('M4 50Q32 30 60 50T116 50', Ink::GRASS),
            'spine' => '<rect x="14" y="6" width="92" height="72" fill="'.Ink::PALE_GRASS.'" stroke="'.Ink::INK.'"/>'
                .self::thin('M14 18h74M14 30h74M14 42h74M14 54h74M14 66h74')
                .'<path d="M92 6v72" stroke="'.Ink::WARM.'" stroke-width="2" stroke-dasharray="4 3"/>',
            'hitch' => self::way('M6 42Q20 20 44 36Q66 48 74 34Q66 22 52 40Q40 60 20 58Q6 56 6 42')
                .self::way('M114 42Q100 22 76 30Q56 36 54 48Q60 60 78 56Q112 58 114 42', Ink::WARM),
            'to be sure' => self::thin('M6 70H114').'<path d="M10 70C40 70 44 14 60 14S80 70 110 70z" fill="'
                .Ink::PALE_GRASS.'" stroke="'.Ink::GRASS.'" stroke-width="2"/><path d="M60 14v56" stroke="'.Ink::INK
                .'" stroke-dasharray="3 3"/><path d="M86 10v60" stroke="'.Ink::WARM.'" stroke-width="3"/>',
            'runs out' => self::bag('').'<path d="M30 44h60v32H30z" fill="'.self::STRAND
                .'"/><path d="M26 44h68" stroke="'.Ink::WARM.'" stroke-width="3"/>',
            'weigh-in' => self::scale().self::ball(76, 34),
            'grain' => implode('', array_map(
                fn(int $nth): string => '<rect x="'.(8 + 18 * $nth).'" y="30" width="14" height="24" rx="2" fill="'
                    .($nth < 3 ? Ink::WARM : self::STRAND).'"/>',
                range(0, 5),
            )).self::thin('M8 62v6h50v-6'),
            default => throw new \LogicException("{$key} has no picture."),
        });
    }

    /** Two repeats of it and all its rounds once more, as far as they find room. */
    public static function repeats(Motif $motif): string
    {
        [$setUp, $rows] = $motif->told();
        $wide = (int) (self::STITCH * $motif->multiple * max(2, ceil(self::FEW / $motif->multiple)));
        $high = (int) (self::STITCH * $motif->relativeHeight() * min(self::FEW, count($setUp) + 2 * count($rows)));
        $share = min(1.0, self::BROAD / $wide);

        return "<svg class=\"term-picture\" viewBox=\"0 0 {$wide} {$high}\" width=\"".Canvas::number($wide * $share)
            .'" height="'.Canvas::number($high * $share).'" aria-hidden="true">'
            .self::worked($motif, $wide, $high).'</svg>';
    }

    public static function fabric(Motif $motif): string
    {
        return self::svg(self::worked($motif, self::WIDE, self::HIGH));
    }

    /**
     * Worked from the foot of so much on.
     *
     * @param float $thick of its strand, pixels
     */
    private static function worked(Motif $motif, int $wide, int $high, float $thick = self::STITCH / 3): string
    {
        $count = (int) ceil($wide / self::STITCH);
        $row = self::STITCH * $motif->relativeHeight();

        return "<g transform=\"translate(0 {$high})\">".Fabric::rows(
            $motif,
            $count + $motif->lacks($count, false),
            1 + (int) ceil($high / $row),
            self::STITCH,
            $row,
            $thick,
            self::STRAND,
        ).'</g>';
    }

    private static function svg(string $drawn): string
    {
        return '<svg class="term-picture" viewBox="0 0 '.self::WIDE.' '.self::HIGH.'" width="'.self::WIDE.'" height="'
            .self::HIGH.'" aria-hidden="true">'.$drawn.'</svg>';
    }

    private static function thin(string $way): string
    {
        return "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::INK.'" stroke-width="1.5"/>';
    }

    /** Strand along a way. */
    private static function way(string $way, string $colour = self::STRAND, int $broad = 7): string
    {
        return Canvas::strand($way, $colour, $broad);
    }

    /** @param list<array{int, int}> $at */
    private static function links(array $at, bool $up = false, string $colour = self::STRAND): string
    {
        [$a, $b] = $up ? [6, 9] : [11, 7];

        return implode('', array_map(fn(array $one): string => self::way(
            'M'.($one[0] - $a)." {$one[1]}a{$a} {$b} 0 1 0 ".(2 * $a)." 0a{$a} {$b} 0 1 0 -".(2 * $a).' 0',
            $colour,
            4,
        ), $at));
    }

    private static function ring(int $r): string
    {
        [$from, $across] = [60 + $r, 2 * $r];

        return self::way("M{$from} 42a{$r} {$r} 0 1 0 -{$across} 0a{$r} {$r} 0 1 0 {$across} 0", self::STRAND, 5);
    }

    private static function dot(int $x, int $y): string
    {
        return "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"4.5\" fill=\"".Ink::WARM.'"/>';
    }

    /**
     * Posts with their tops.
     *
     * @param list<array{int, int}> $tops
     * @param array{int, int} ...$feet
     */
    private static function tees(array $tops, array ...$feet): string
    {
        $drawn = '';
        foreach ($feet as [$x, $y]) {
            foreach ($tops as [$to, $up]) {
                $drawn .= self::way("M{$x} {$y}L{$to} {$up}");
            }
        }

        return $drawn.implode('', array_map(
            fn(array $top): string => self::way('M'.($top[0] - 16)." {$top[1]}h32", Ink::WARM),
            $tops,
        ));
    }

    private static function patch(int $x, int $y, int $wide, int $high): string
    {
        return "<svg x=\"{$x}\" y=\"{$y}\" width=\"{$wide}\" height=\"{$high}\" viewBox=\"0 0 {$wide} {$high}\">"
            .self::worked(Motif::single(), $wide, $high).'</svg>';
    }

    private static function tape(int $y, int $high): string
    {
        return "<rect y=\"{$y}\" width=\"120\" height=\"{$high}\" fill=\"".Ink::TAPE.'"/>'
            .self::thin('M12 12v-5M24 12v-8M36 12v-5M48 12v-8M60 12v-5M72 12v-8M84 12v-5M96 12v-8M108 12v-5');
    }

    private static function bag(string $hole): string
    {
        return '<path d="M22 26H98L92 78H28z" fill="'.Ink::PALE_GRASS.'" stroke="'.Ink::INK.'" stroke-width="2"/>'
            .($hole === '' ? '' : self::way('M38 26q22-30 44 0', self::STRAND, 6)
                ."<path d=\"{$hole}\" fill=\"".Ink::SHEET.'" stroke="'.Ink::WARM.'" stroke-width="2"/>');
    }

    private static function loop(int $x): string
    {
        return self::way("M{$x} 42q0-22 22-22t22 22t-22 22t-22-22", '#D9DEDB', 5);
    }

    private static function scale(): string
    {
        return '<path d="M40 60h72l4 18H36z" fill="'.Ink::LINE.'" stroke="'.Ink::INK.'"/>'
            .'<rect x="62" y="64" width="28" height="9" fill="'.Ink::SHEET.'" stroke="'.Ink::INK.'"/>'
            .self::thin('M44 58h64');
    }

    private static function ball(int $x, int $y): string
    {
        return "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"23\" fill=\"".self::STRAND.'" stroke="'.Ink::INK
            .'" stroke-width="1.5"/>'
            .self::thin('M'.($x - 18).' '.($y - 8).'q18 -16 36 0M'.($x - 22).' '.$y.'q22 -16 44 2M'.($x - 20).' '
                .($y + 10).'q20 -16 40 0M'.($x - 8).' '.($y - 21).'q-12 20 0 42');
    }
}
