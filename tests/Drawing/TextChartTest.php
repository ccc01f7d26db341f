<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\TextChart;
use Fescue\Core\Text\Checked;
use Illuminate\Foundation\Testing\TestCase;

final class TextChartTest extends TestCase
{
    private static function drawn(string $text, int $piece = 0): \SimpleXMLElement
    {
        $svg = simplexml_load_string(TextChart::of(Checked::of($text)->pieces()[$piece]));
        self::assertNotFalse($svg);

        return $svg;
    }

    /** @return list<array{int, string, string}> how many, its dashes and its colour, of each row */
    private static function rows(\SimpleXMLElement $svg): array
    {
        $rows = [];
        foreach ($svg->path as $path) {
            if ($path['pathLength'] !== null) {
                $rows[] = [(int) $path['pathLength'], (string) $path['stroke-dasharray'], (string) $path['stroke']];
            }
        }

        return $rows;
    }

    public function testEachStitchIsADashAndEachSpaceAGap(): void
    {
        $svg = self::drawn("Rnd 1: 6 sc in ring (6)\nRnd 2: 2 sc in each st around (12)\n"
            ."Rnd 3: (dc in next st, ch 2, sk 1) around\nRnd 4: sc in each st around (9)");
        $rows = self::rows($svg);
        self::assertSame([6, 12, 18], array_slice(array_column($rows, 0), 0, 3));
        self::assertSame('0.68 0.32', $rows[1][1]);
        self::assertSame(trim(str_repeat('0.68 0.32 0 2 ', 6)), $rows[2][1]);
        // Rings grow, all about one middle; what does not come out is of another colour.
        preg_match_all('/a([\d.]+) /', (string) $svg->asXML(), $radii);
        $grow = array_values(array_unique(array_map(floatval(...), $radii[1])));
        self::assertSame($grow, (function (array $all): array {
            sort($all);

            return $all;
        })($grow));
        self::assertSame($rows[0][2], $rows[1][2]);
        self::assertNotSame($rows[0][2], $rows[3][2]);
    }

    public function testRowsLieOneOverAnotherAndPiecesApart(): void
    {
        $text = "Panel\nCh 11\nRow 1: sc in 2nd ch from hook and in each ch across (10)\nRow 2: ch 1, turn, sc across (10)\n\n"
            ."Handle\nCh 31\nRow 1: sc in 2nd ch from hook and in each ch across (30)";
        self::assertCount(2, Checked::of($text)->pieces());
        self::assertSame([10, 10], array_column(self::rows(self::drawn($text)), 0));
        self::assertSame([30], array_column(self::rows(self::drawn($text, 1)), 0));
        preg_match_all('/M[\d.]+ ([\d.]+)h/', (string) self::drawn($text)->asXML(), $at);
        self::assertGreaterThan((float) $at[1][2], (float) $at[1][0], 'The first lies lowest.');
    }

    public function testMuchIsDrawnInFewMarks(): void
    {
        $text = "Rnd 1: 6 sc in ring (6)\n".implode('', array_map(
            fn(int $row): string => "Rnd {$row}: 2 sc in each st around\n",
            range(2, 11),
        )).'Rnds 12-400: sc in each st around';
        self::assertLessThan(30_000, strlen(TextChart::of(Checked::of($text)->pieces()[0])));
    }
}
