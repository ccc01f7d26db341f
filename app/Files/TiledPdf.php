<?php

declare(strict_types=1);

namespace App\Files;

use Fescue\Core\Finish\ClothPiece;

/**
 * Pieces at true size, over as many sheets as they need: each sheet says which it is, has marks to lay it against the
 * next, and a bar to check the print by.
 */
final class TiledPdf
{
    /** Width and height, mm. */
    public const PAPERS = ['A4' => [210.0, 297.0], 'Letter' => [215.9, 279.4]];

    private const MARGIN = 12.0;

    /** The bar that is five centimetres on a print of its own size. */
    public const BAR = 50.0;

    private const POINT = 72 / 25.4;

    /** @var list<string> the drawing operators of each sheet */
    private array $sheets = [];

    private function __construct(private readonly float $wide, private readonly float $high) {}

    /** @param list<ClothPiece> $pieces */
    public static function of(array $pieces, string $title, string $paper): string
    {
        [$wide, $high] = self::PAPERS[$paper] ?? self::PAPERS['A4'];
        $pdf = new self($wide, $high);
        foreach ($pieces as $piece) {
            $pdf->piece($piece, $title);
        }

        return $pdf->written();
    }

    private function piece(ClothPiece $piece, string $title): void
    {
        [$roomX, $roomY] = [$this->wide - 2 * self::MARGIN, $this->high - 2 * self::MARGIN];
        [$across, $down] = [(int) ceil($piece->width() / $roomX), (int) ceil($piece->height() / $roomY)];
        for ($row = 0; $row < $down; $row++) {
            for ($column = 0; $column < $across; $column++) {
                $place = chr(65 + min(25, $row)).($column + 1);
                $made = $piece->count > 1 ? ", cut {$piece->count}" : '';
                $ops = "q\n{$this->box()} W n\n"
                    .$this->path($piece->cut, $column * $roomX, $row * $roomY, '0.9 w [] 0 d')
                    .$this->path($piece->sewn, $column * $roomX, $row * $roomY, '0.5 w [4 3] 0 d')
                    ."Q\n".$this->marks()
                    .$this->text("{$title}: {$piece->name}{$made}, sheet {$place} of {$across} x {$down}", 0.0, -4.0);
                if ($row === 0 && $column === 0) {
                    $ops .= $this->bar();
                }
                $this->sheets[] = $ops;
            }
        }
    }

    /** mm from the room's upper left to points from the sheet's lower left. */
    private function at(float $x, float $y): string
    {
        return sprintf('%.3F %.3F', (self::MARGIN + $x) * self::POINT, ($this->high - self::MARGIN - $y) * self::POINT);
    }

    private function box(): string
    {
        [$x, $y] = [$this->wide - 2 * self::MARGIN, $this->high - 2 * self::MARGIN];

        return "{$this->at(0, 0)} m {$this->at($x, 0)} l {$this->at($x, $y)} l {$this->at(0, $y)} l h";
    }

    /** @param non-empty-list<array{float, float}> $line */
    private function path(array $line, float $left, float $top, string $pen): string
    {
        $ops = '';
        foreach ($line as $nth => [$x, $y]) {
            $ops .= $this->at($x - $left, $y - $top).($nth === 0 ? " m\n" : " l\n");
        }

        return "{$pen}\n{$ops}h S\n";
    }

    /** A cross in each corner: laid on the next sheet's. */
    private function marks(): string
    {
        $ops = "0.4 w [] 0 d\n";
        foreach ([0.0, $this->wide - 2 * self::MARGIN] as $x) {
            foreach ([0.0, $this->high - 2 * self::MARGIN] as $y) {
                $ops .= $this->at($x - 4, $y).' m '.$this->at($x + 4, $y)." l S\n"
                    .$this->at($x, $y - 4).' m '.$this->at($x, $y + 4)." l S\n";
            }
        }

        return $ops;
    }

    private function bar(): string
    {
        $y = $this->high - 2 * self::MARGIN + 5;

        return "1.4 w [] 0 d\n{$this->at(0, $y)} m {$this->at(self::BAR, $y)} l S\n"
            .$this->text('5 cm: measure it; print at 100 %, not fitted to the page', self::BAR + 3, $y + 1.2);
    }

    private function text(string $text, float $x, float $y): string
    {
        $said = iconv('UTF-8', 'Windows-1252//TRANSLIT//IGNORE', $text);
        $said = addcslashes($said === false ? '' : $said, '()\\');

        return "BT /F 9 Tf {$this->at($x, $y)} Td ({$said}) Tj ET\n";
    }

    private function written(): string
    {
        $many = count($this->sheets);
        $size = sprintf('%.3F %.3F', $this->wide * self::POINT, $this->high * self::POINT);
        $kids = implode(' ', array_map(fn(int $nth): string => (4 + 2 * $nth).' 0 R', array_keys($this->sheets)));
        $objects = [
            1 => '<< /Type /Catalog /Pages 2 0 R /ViewerPreferences << /PrintScaling /None >> >>',
            2 => "<< /Type /Pages /Kids [{$kids}] /Count {$many} /MediaBox [0 0 {$size}] >>",
            3 => '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica /Encoding /WinAnsiEncoding >>',
        ];
        foreach ($this->sheets as $nth => $ops) {
            $objects[4 + 2 * $nth] = '<< /Type /Page /Parent 2 0 R /Resources << /Font << /F 3 0 R >> >> /Contents '
                .(5 + 2 * $nth).' 0 R >>';
            $objects[5 + 2 * $nth] = '<< /Length '.strlen($ops)." >>\nstream\n{$ops}endstream";
        }
        $pdf = "%PDF-1.4\n";
        $places = [];
        foreach ($objects as $number => $body) {
            $places[$number] = strlen($pdf);
            $pdf .= "{$number} 0 obj\n{$body}\nendobj\n";
        }
        $from = strlen($pdf);
        $table = "0000000000 65535 f \n";
        foreach ($places as $place) {
            $table .= sprintf("%010d 00000 n \n", $place);
        }
        $count = count($objects) + 1;

        return "{$pdf}xref\n0 {$count}\n{$table}trailer\n<< /Size {$count} /Root 1 0 R >>\nstartxref\n{$from}\n%%EOF\n";
    }
}
