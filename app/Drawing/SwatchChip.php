<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Make;
use Fescue\Core\Measure\Length;
use Fescue\Core\Stitch\Stitch;

/** A material as a small piece of what is made of it, in its colour and as coarse as it is thick. */
final class SwatchChip
{
    public const WIDTH = 56;

    public const HEIGHT = 42;

    /** @param Length $coarse diameter of a strand, pitch of tabs */
    public static function of(string $colour, Kind $kind, ?Make $make, Length $coarse): string
    {
        $thread = Ink::thread($colour);
        $w = max(7.0, min(20.0, 4 + 2.2 * $coarse->mm));
        [$ground, $marks] = match (true) {
            $kind === Kind::Tabs => [Ink::INK, self::tabs($colour, max(9.0, min(15.0, 0.75 * $coarse->mm)))],
            $kind === Kind::Hardware => [Ink::SHEET, self::hardware($colour, $make)],
            $kind === Kind::Cloth => [$colour, self::woven($thread)],
            $kind === Kind::Plarn && $make !== Make::Single => [$colour, self::loops($thread, $w)],
            $kind === Kind::Ribbon => [$colour, self::plait($colour, $thread, $w)],
            $kind === Kind::Raffia => [Fabric::ground($colour), self::worked($colour, $w, 0.2)],
            $kind === Kind::TShirt => [Fabric::ground($colour), self::worked($colour, $w, 0.42)],
            $kind === Kind::Strand => [Fabric::ground($colour), self::worked($colour, max(6.0, 0.6 * $w), 0.3)],
            $make === Make::Twisted => [
                Fabric::ground($colour),
                self::worked($colour, $w, 0.32).self::twist(Fabric::ground($colour), $w),
            ],
            default => [Fabric::ground($colour), self::worked($colour, $w, 0.32)],
        };

        return sprintf(
            '<svg class="chip" viewBox="0 0 %1$d %2$d" width="%1$d" height="%2$d" aria-hidden="true"><rect '
                .'width="%1$d" height="%2$d" fill="%3$s"/>%4$s</svg>',
            self::WIDTH,
            self::HEIGHT,
            $ground,
            $marks,
        );
    }

    /** A ring, a bar or a disc, by what it is. */
    private static function hardware(string $colour, ?Make $make): string
    {
        $ink = Ink::INK;
        $edge = "fill=\"{$colour}\" stroke=\"{$ink}\" stroke-width=\"2\"";
        $bent = fn(string $way, float $broad, string $dashes = ''): string => "<path d=\"{$way}\" fill=\"none\" "
            ."stroke=\"{$ink}\" stroke-width=\"".($broad + 3)."\"{$dashes}/><path d=\"{$way}\" fill=\"none\" "
            ."stroke=\"{$colour}\" stroke-width=\"{$broad}\"/>";

        return match ($make) {
            Make::Zip => "<path d=\"M4 21h48\" stroke=\"{$colour}\" stroke-width=\"14\"/><path d=\"M4 21h42\" "
                ."stroke=\"{$ink}\" stroke-width=\"5\" stroke-dasharray=\"2.4 1.8\"/>"
                ."<circle cx=\"48\" cy=\"21\" r=\"5\" {$edge}/>",
            Make::Ring, Make::SnapHook => $bent('M16 21a12 12 0 1 1 0 .1z', 4.0),
            Make::Clasp, Make::TurnLock, Make::StrapBar, Make::Label => '<rect x="13" y="10" width="30" height="22" '
                ."rx=\"3\" {$edge}/><path d=\"M20 21h16\" stroke=\"{$ink}\" stroke-width=\"2\"/>",
            Make::Handle => $bent('M12 38V22a16 14 0 0 1 32 0v16', 6.0),
            Make::Chain, Make::Drawn => $bent('M2 12q26 26 52 0', 4.0, ' stroke-dasharray="6 3"'),
            default => "<circle cx=\"28\" cy=\"21\" r=\"13\" {$edge}/><circle cx=\"28\" cy=\"21\" r=\"5\" "
                ."fill=\"none\" stroke=\"{$ink}\" stroke-width=\"2\"/>",
        };
    }

    /** Over one, under one. */
    private static function woven(string $thread): string
    {
        $path = '';
        for ($y = 3; $y < self::HEIGHT; $y += 6) {
            for ($x = ($y % 4 === 3 ? 1 : 5); $x < self::WIDTH; $x += 8) {
                $path .= "M{$x} {$y}h4";
            }
        }

        return "<path d=\"{$path}\" stroke=\"{$thread}\" stroke-width=\"2\"/>";
    }

    /** Single crochet. @param float $thick of the strand, as a share of a stitch's width */
    private static function worked(string $colour, float $w, float $thick): string
    {
        return Fabric::piece(Stitch::Single, self::WIDTH, self::HEIGHT, $w, 0.92 * $w, $thick * $w, $colour);
    }

    /** Strokes across each leg, as a twisted cord shows them. */
    private static function twist(string $colour, float $w): string
    {
        $h = 0.92 * $w;
        $path = '';
        foreach (self::grid($w, $h) as [$x, $y]) {
            foreach ([0.22, 0.5] as $down) {
                $path .= sprintf(
                    'M%.1f %.1fl%.1f %.1f',
                    $x + (0.04 + 0.53 * $down) * $w,
                    $y + 0.95 * $down * $h,
                    0.17 * $w,
                    -0.03 * $h,
                );
                $path .= sprintf(
                    'M%.1f %.1fl%.1f %.1f',
                    $x + (0.81 - 0.53 * $down) * $w,
                    $y + 0.9 * $down * $h,
                    0.17 * $w,
                    0.03 * $h,
                );
            }
        }

        return self::drawn($path, $colour, 0.06 * $w);
    }

    /** Loops of a doubled strip, hitched through each other. */
    private static function loops(string $stroke, float $w): string
    {
        $marks = '';
        foreach (self::grid(1.15 * $w, 0.8 * $w) as [$x, $y]) {
            $marks .= sprintf(
                '<ellipse cx="%.1f" cy="%.1f" rx="%.1f" ry="%.1f" fill="none" stroke="%s" stroke-width="%.1f"/>',
                $x + 0.5 * $w,
                $y + 0.4 * $w,
                0.56 * $w,
                0.26 * $w,
                $stroke,
                0.15 * $w,
            );
        }

        return $marks;
    }

    /** A band over and under itself. */
    private static function plait(string $colour, string $stroke, float $w): string
    {
        $path = '';
        foreach (self::grid($w, $w) as [$x, $y]) {
            $path .= sprintf(
                'M%.1f %.1fh%.1fM%.1f %.1fv%.1f',
                $x,
                $y + 0.5 * $w,
                0.62 * $w,
                $x + 0.81 * $w,
                $y + 0.19 * $w,
                0.62 * $w,
            );
        }

        return self::drawn($path, $stroke, 0.5 * $w).self::drawn($path, Ink::mix($colour, $stroke, 0.45), 0.34 * $w);
    }

    /** Overlapping ovals with their holes. */
    private static function tabs(string $colour, float $w): string
    {
        $marks = '';
        $edge = Ink::mix($colour, Ink::INK, 0.55);
        for ($y = 0.0; $y < self::HEIGHT; $y += 1.5 * $w) {
            for ($x = -0.5 * $w; $x < self::WIDTH; $x += 0.8 * $w) {
                $marks .= sprintf(
                    '<g fill="%s" stroke="%s"><ellipse cx="%.1f" cy="%.1f" rx="%.1f" ry="%.1f"/><g '
                        .'fill="%s"><ellipse cx="%3$.1f" cy="%8$.1f" rx="%9$.1f" ry="%10$.1f"/><ellipse cx="%3$.1f" '
                        .'cy="%11$.1f" rx="%9$.1f" ry="%10$.1f"/></g></g>',
                    $colour,
                    $edge,
                    $x + 0.5 * $w,
                    $y + 0.7 * $w,
                    0.5 * $w,
                    0.72 * $w,
                    Ink::INK,
                    $y + 0.4 * $w,
                    0.25 * $w,
                    0.2 * $w,
                    $y + 1.0 * $w,
                );
            }
        }

        return $marks;
    }

    /** @return iterable<array{float, float}> */
    private static function grid(float $w, float $h): iterable
    {
        for ($y = -0.2 * $h; $y < self::HEIGHT; $y += $h) {
            for ($x = -0.3 * $w; $x < self::WIDTH; $x += $w) {
                yield [$x, $y];
            }
        }
    }

    private static function drawn(string $path, string $stroke, float $width): string
    {
        return sprintf(
            '<path d="%s" fill="none" stroke="%s" stroke-width="%.1f" stroke-linecap="round" stroke-linejoin="round"/>',
            $path,
            $stroke,
            $width,
        );
    }
}
