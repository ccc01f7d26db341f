<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Finish\ClothPiece;

/** Pieces of cloth side by side at true size, for a plotter or a large printer. */
final class ClothDrawing
{
    private const BETWEEN = 10.0;

    /** As long as the bar to check the print by, mm. */
    private const BAR = 50.0;

    /** @param non-empty-list<ClothPiece> $pieces */
    public static function of(array $pieces, string $title): string
    {
        $n = fn(float $mm): string => Canvas::number($mm);
        $x = self::BETWEEN;
        $high = 0.0;
        $drawn = '';
        foreach ($pieces as $piece) {
            [$cut, $sewn] = [
                Canvas::ring($piece->cut, $x, self::BETWEEN),
                Canvas::ring($piece->sewn, $x, self::BETWEEN),
            ];
            $drawn .= "<path d=\"{$cut}\" stroke-width=\"0.5\"/><path d=\"{$sewn}\" "
                .'stroke-width="0.3" stroke-dasharray="3 2"/><text x="'.$n($x + $piece->width() / 2).'" y="'
                .$n(self::BETWEEN + $piece->height() / 2).'" text-anchor="middle">'
                .htmlspecialchars(Tongues::tell($piece->count > 1 ? '{piece}: cut {n}' : '{piece}', [
                    'piece' => Tongues::tell($piece->name), 'n' => $piece->count,
                ]), ENT_XML1).'</text>';
            $x += $piece->width() + self::BETWEEN;
            $high = max($high, $piece->height());
        }
        $bar = $high + 2.5 * self::BETWEEN;
        $drawn .= "<path d=\"M{$n(self::BETWEEN)} {$n($bar)}h".$n(self::BAR).'" stroke-width="1"/><text x="'
            .$n(self::BETWEEN).'" y="'.$n($bar + 8).'">'.htmlspecialchars(
                Tongues::tell('This bar is 5 cm long.'),
                ENT_XML1,
            ).'</text>';
        [$wide, $tall] = [max($x, 90.0), $bar + 2 * self::BETWEEN];

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n"
            ."<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$n($wide)}mm\" height=\"{$n($tall)}mm\" "
            ."viewBox=\"0 0 {$n($wide)} {$n($tall)}\" font-family=\"sans-serif\" font-size=\"6\"><title>"
            .htmlspecialchars($title, ENT_XML1).'</title><g fill="none" stroke="#000">'
            .str_replace('<text', '<text fill="#000" stroke="none"', $drawn).'</g></svg>';
    }
}
