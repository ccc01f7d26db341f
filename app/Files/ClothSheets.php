<?php

declare(strict_types=1);

namespace App\Files;

use App\Tongue\Tongues;
use Fescue\Core\Finish\ClothPiece;

/**
 * Pieces at true size, over as many sheets as they need: each sheet says which it is, has marks to lay it against the
 * next, and a bar to check the print by.
 */
final readonly class ClothSheets
{
    private const MARGIN = 12.0;

    /** The bar that is five centimetres on a print of its own size. */
    public const BAR = 50.0;

    private function __construct(private float $wide, private float $high) {}

    /** @param list<ClothPiece> $pieces */
    public static function of(array $pieces, string $title, string $paper): string
    {
        $paper = isset(Paper::SIZES[$paper]) ? $paper : 'A4';
        $sheets = new self(...Paper::SIZES[$paper]);
        $body = '';
        foreach ($pieces as $piece) {
            $body .= $sheets->piece($piece, $title);
        }

        return Paper::print(
            Paper::page($title, app()->getLocale(), "<main class=\"cloth-sheets\">{$body}</main>", $paper, '0'),
        );
    }

    private function piece(ClothPiece $piece, string $title): string
    {
        [$roomX, $roomY] = [$this->wide - 2 * self::MARGIN, $this->high - 2 * self::MARGIN];
        [$across, $down] = [(int) ceil($piece->width() / $roomX), (int) ceil($piece->height() / $roomY)];
        $sheets = '';
        for ($row = 0; $row < $down; $row++) {
            for ($column = 0; $column < $across; $column++) {
                $place = chr(65 + min(25, $row)).($column + 1);
                $said = e(Tongues::tell(
                    $piece->count > 1
                        ? '{title}: {piece}, cut {n}, sheet {place} of {across} × {down}'
                        : '{title}: {piece}, sheet {place} of {across} × {down}',
                    [
                        'title' => $title, 'piece' => Tongues::tell($piece->name), 'n' => $piece->count,
                        'place' => $place,
                        'across' => $across, 'down' => $down,
                    ],
                ));
                [$left, $top] = [$column * $roomX, $row * $roomY];
                $sheets .= "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$this->wide} {$this->high}\" "
                    ."width=\"{$this->wide}mm\" height=\"{$this->high}mm\" role=\"img\" aria-label=\"{$said}\">"
                    .'<text x="'.self::MARGIN.'" y="'.(self::MARGIN - 4)."\">{$said}</text>"
                    .'<svg x="'.self::MARGIN.'" y="'.self::MARGIN."\" width=\"{$roomX}\" height=\"{$roomY}\" "
                    ."viewBox=\"{$left} {$top} {$roomX} {$roomY}\">"
                    .'<path class="cut" d="'.self::way($piece->cut).'"/><path class="sewn" d="'.self::way($piece->sewn)
                    .'"/></svg>'.$this->marks().($row === 0 && $column === 0 ? $this->bar() : '').'</svg>';
            }
        }

        return $sheets;
    }

    /** @param non-empty-list<array{float, float}> $line */
    private static function way(array $line): string
    {
        return 'M'.implode('L', array_map(
            fn(array $at): string => round($at[0], 3).' '.round($at[1], 3),
            $line,
        )).'Z';
    }

    /** A cross in each corner: laid on the next sheet's. */
    private function marks(): string
    {
        $way = '';
        foreach ([self::MARGIN, $this->wide - self::MARGIN] as $x) {
            foreach ([self::MARGIN, $this->high - self::MARGIN] as $y) {
                $way .= 'M'.($x - 4)." {$y}h8M{$x} ".($y - 4).'v8';
            }
        }

        return "<path class=\"marks\" d=\"{$way}\"/>";
    }

    private function bar(): string
    {
        $y = $this->high - self::MARGIN + 5;

        return '<path class="bar" d="M'.self::MARGIN." {$y}h".self::BAR.'"/><text x="'.(self::MARGIN + self::BAR + 3)
            .'" y="'.($y + 1.2).'">'.e(
                Tongues::tell('5 cm: measure it; print at 100 %, not fitted to the page'),
            ).'</text>';
    }
}
