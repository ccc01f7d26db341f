<?php

declare(strict_types=1);

namespace App\Drawing;

use Fescue\Core\Instruction\Motif;

/** Rows of stitches as paths of thread, each stitch w wide and its row so high, in pixels. */
final class StitchRows
{
    /** One row of stitches as one path, from its upper left corner. */
    public static function plain(float $x, float $y, int $count, float $w, float $height, Motif $motif): string
    {
        $n = Canvas::number(...);
        $one = "l{$n(0.4 * $w)} {$n(0.76 * $height)} {$n(0.4 * $w)} -{$n(0.76 * $height)}m{$n(0.2 * $w)} 0";
        // The bars of the yarn overs: one for each chain of height a stitch has over a single.
        $bars = match ($motif) {
            Motif::named('hdc'), Motif::named('dc') => 1,
            Motif::named('tr') => 2,
            default => 0,
        };
        for ($bar = 1; $bar <= $bars; $bar++) {
            $down = 0.76 * $height * $bar / ($bars + 1);
            $one .= "m-{$n(0.82 * $w)} {$n($down)}l{$n(0.44 * $w)} -{$n(0.16 * $w)}m{$n(0.38 * $w)} "
                ."{$n(0.16 * $w - $down)}";
        }

        return "M{$n($x + 0.1 * $w)} {$n($y + 0.12 * $height)}".str_repeat($one, $count);
    }

    /**
     * A row of mesh: the window under each chain, and the post beside it.
     *
     * @return array{string, string} what is cut out, and the thread on what is left
     */
    public static function mesh(
        float $x,
        float $y,
        int $count,
        float $w,
        float $height,
        float $thick,
        Motif $motif,
    ): array {
        $n = Canvas::number(...);
        $repeat = $motif->multiple * $w;
        $windows = $posts = '';
        for ($post = 0; $post < intdiv($count, $motif->multiple); $post++) {
            $from = $x + $post * $repeat;
            $windows .= "M{$n($from + $w)} "
                ."{$n($y + $thick)}h{$n($repeat - $w - $thick / 2)}v{$n($height - $thick)}"
                ."h-{$n($repeat - $w - $thick / 2)}z";
            $posts .= "M{$n($from + 0.3 * $w)} {$n($y + 0.2 * $height)}v{$n(0.6 * $height)}m{$n(0.3 * $w)} "
                ."0v-{$n(0.6 * $height)}";
        }

        return [$windows, $posts];
    }
}
