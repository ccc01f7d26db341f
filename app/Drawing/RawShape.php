<?php

declare(strict_types=1);

namespace App\Drawing;

/** Pieces that wait to be cut, as they lie: shirts, bags, sheets and ribbon to one scale, several alike as a pile. */
final readonly class RawShape
{
    /** Nothing is drawn smaller than that across, pixels. */
    private const LEAST = 8.0;

    /** What of a pile is seen, and how far each lies beside the next, pixels. */
    private const PILED = 3;

    private const BESIDE = 4.0;

    /** How thick ribbon lies when it is wound up, mm. From memory. */
    private const RIBBON = 0.5;

    /**
     * @param string $form tube, panel, bag or ribbon
     * @param float $wide mm; of ribbon its width
     * @param float $high mm; of ribbon its length
     * @param float $scale pixels a millimetre
     */
    public static function of(string $form, string $colour, float $wide, float $high, int $count, float $scale): string
    {
        if ($form === 'ribbon') {
            // Wound up it is a disc of that area: length × thickness (geometry).
            $wide = $high = 2 * sqrt($high * self::RIBBON / M_PI);
        }
        [$w, $h] = [max(self::LEAST, $wide * $scale), max(self::LEAST, $high * $scale)];
        $piled = min(self::PILED, max(1, $count)) - 1;
        $room = self::BESIDE * $piled;
        $n = Canvas::number(...);
        $drawn = '';
        for ($nth = $piled; $nth >= 0; $nth--) {
            $at = self::BESIDE * $nth;
            $drawn .= "<g transform=\"translate({$n(2 + $at)} {$n(2 + $room - $at)})\"><path d=\""
                .self::outline($form, $w, $h).'" fill="'.$colour.'" stroke="'.Ink::mix($colour, Ink::INK, 0.6)
                .'" stroke-width="1.6" stroke-linejoin="round"/>'
                .($nth === 0 ? self::inner($form, $w, $h, $colour) : '').'</g>';
        }
        [$wide, $high] = [$n($w + $room + 4), $n($h + $room + 4)];

        return "<svg class=\"raw-shape\" viewBox=\"0 0 {$wide} {$high}\" width=\"{$wide}\" height=\"{$high}\" "
            ."aria-hidden=\"true\">{$drawn}</svg>";
    }

    private static function outline(string $form, float $w, float $h): string
    {
        $n = Canvas::number(...);
        $r = $n($w / 2);

        return match ($form) {
            // Handles beside the cut-out of its opening.
            'bag' => "M0 {$n($h)}V0H{$n(0.28 * $w)}V{$n(0.2 * $h)}H{$n(0.72 * $w)}V0H{$n($w)}V{$n($h)}z",
            'ribbon' => "M0 {$r}a{$r} {$r} 0 1 0 {$n($w)} 0a{$r} {$r} 0 1 0 {$n(-$w)} 0",
            default => "M0 0H{$n($w)}V{$n($h)}H0z",
        };
    }

    /** A hem or a fold, and the turns of what is wound. */
    private static function inner(string $form, float $w, float $h, string $colour): string
    {
        $n = Canvas::number(...);
        $way = match ($form) {
            'tube' => "M0 {$n($h - 5)}H{$n($w)}",
            'ribbon' => "M{$n(0.25 * $w)} {$n($h / 2)}a{$n($w / 4)} {$n($w / 4)} 0 1 0 {$n($w / 2)} 0a{$n($w / 4)} "
                ."{$n($w / 4)} 0 1 0 {$n(-$w / 2)} 0",
            'bag' => "M{$n(0.12 * $w)} {$n(0.2 * $h)}V{$n($h)}M{$n(0.88 * $w)} {$n(0.2 * $h)}V{$n($h)}",
            default => '',
        };

        return $way === '' ? '' : "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::mix($colour, Ink::INK, 0.35)
            .'" stroke-width="1.2"/>';
    }
}
