<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Shape\Path;
use Fescue\Core\Shape\Stand;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * One base of each way, laid out on paper by hand: stitches of 10 mm, rows of 12. Of what it begins on and of each row
 * that lies flat, the first, the second and the last that stand there: x right, y down from the middle, and degrees
 * from
 * up by the clock.
 */
final class LaidByHandTest extends TestCase
{
    /**
     * @param array<string, mixed> $base
     * @param list<string> $lie what it begins on, and its rows
     * @param array{float, float} $size mm along and across
     * @param array{int, list<float>} $edge stitches around, and the middles of the sides among them
     * @param array<string, mixed> $more by path
     */
    #[DataProvider('bases')]
    public function testItIsLaidAsItIsWorked(array $base, array $lie, array $size, array $edge, array $more = []): void
    {
        $plan = Ways::plan($more + [
            'gauge/width' => '10 cm', 'gauge/height' => '12 cm', 'base' => $base, 'handles' => null,
            'body/loop' => null,
        ]);
        $made = $plan->parts[0]->made;
        $start = $plan->work->start;
        $laid = [$start->path === null ? 'nothing' : self::told($start->path, $start->chain)];
        foreach ($plan->work->rows as $place => $row) {
            if ($row->path !== null) {
                $laid[] = self::told($row->path, $plan->work->rows[$place]->count->leaves);
            }
        }
        self::assertSame($lie, $laid);
        self::assertEqualsWithDelta($size, [$made->outline?->length(), $made->outline?->width()], 1e-6);
        self::assertEquals($edge, [$made->open->anchors, $made->open->middles]);
    }

    /**
     * @return array<string, array{0: array<string, mixed>, 1: list<string>, 2: array{float, float}, 3: array{int,
     * list<float>}, 4?: array<string, mixed>}>
     */
    public static function bases(): array
    {
        $mesh = ['body/stitch' => 'mesh'];

        return [
            // Six chains; corners half a row, then a row and a half, from the five between their middles.
            'a square' => [
                ['type' => 'square', 'chain' => 6, 'rounds' => 2],
                [
                    '-25 0 0, -15 0 0 to 25 0 0',
                    // 14: it begins at the upper right corner, three of whose stitches are its last and first.
                    '31 -6 45, 18.6 -6 0 to 31 0 90',
                    // 22, one before the corner; past that, half of six along.
                    '43 -9 90, 43 -18 45 to 43 0 90',
                ],
                [98.0, 48.0],
                [22, [5.0, 16.0]],
            ],
            'a circle' => [
                ['type' => 'round', 'stitch' => 'sc', 'start' => 6, 'rounds' => 3],
                // Each in the middle of its share, from the right tip up: of six at 30 degrees, of 12 at 15, of 18 at
                // 10.
                [
                    '0 0 270', '5.2 -3 60, 0 -6 0 to 5.2 3 120', '17.4 -4.7 75, 12.7 -12.7 45 to 17.4 4.7 105',
                    '29.5 -5.2 80, 26 -15 60 to 29.5 5.2 100',
                ],
                [72.0, 72.0],
                [18, [4.5, 13.5]],
            ],
            // Corners lie 12 by 1 / cos 30 degrees from the middle for each row's height; the sixth of a round is a side.
            'six sides' => [
                ['type' => 'hexagon', 'stitch' => 'sc', 'corner' => 1, 'rounds' => 2],
                [
                    '0 0 270', '6.9 0 90, 3.5 -6 30 to 3.5 6 150',
                    // Two on each corner, from the one before the right.
                    '18.2 4.5 120, 18.2 -4.5 60 to 13 13.5 120',
                ],
                [48 / cos(M_PI / 6), 48.0],
                [12, [4.0, 10.0]],
            ],
            // Two rows: of three at 30, 90 and 150 degrees, then of six, from the left, ending where the round begins.
            'half a round' => [
                ['type' => 'half-round', 'stitch' => 'sc', 'start' => 3, 'rows' => 2, 'along' => 4],
                [
                    '0 12 0', '5.2 9 60, 0 6 0 to -5.2 9 300', '-17.4 7.3 285, -12.7 -0.7 315 to 17.4 7.3 75',
                    '29 4.2 75, 21.2 -9.2 45 to 18 18 180',
                ],
                [48.0, 24.0],
                [10, [3.0, 8.0]],
            ],
            'a folded chain' => [
                ['type' => 'folded-chain', 'chain' => 30],
                ['-145 0 0, -135 0 0 to 145 0 0'],
                [300.0, 0.0],
                [60, [15.0, 45.0]],
            ],
            'folded at a space' => [
                ['type' => 'folded-chain', 'chain' => 30],
                ['-145 0 0, -135 0 0 to 145 0 0'],
                [300.0, 0.0],
                [60, [14.5, 44.5]],
                $mesh,
            ],
            'folded at a stitch' => [
                ['type' => 'folded-chain', 'chain' => 30, 'turn' => 'stitch'],
                ['-145 0 0, -135 0 0 to 145 0 0'],
                [300.0, 0.0],
                [60, [15.5, 45.5]],
                $mesh,
            ],
            // To and fro, so that the last row goes to the left.
            'folded rows' => [
                ['type' => 'folded-rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 3],
                [
                    '-95 18 0, -85 18 0 to 95 18 0',
                    '-95 12 0, -85 12 0 to 95 12 0', '95 0 0, 85 0 0 to -95 0 0', '-95 -12 0, -85 -12 0 to 95 -12 0',
                ],
                [200.0, 36.0],
                [40, [10.0, 30.0]],
            ],
            // 20 × 3 rows and a round half a row outside: 106 mm to either side, 24 up and down.
            'rows and a round' => [
                ['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 3],
                [
                    '-95 18 0, -85 18 0 to 95 18 0',
                    '-95 12 0, -85 12 0 to 95 12 0', '95 0 0, 85 0 0 to -95 0 0', '-95 -12 0, -85 -12 0 to 95 -12 0',
                    '100.7 -24 0, 90.1 -24 0 to 106 -18 90',
                ],
                [200.0, 36.0],
                [48, [10.0, 34.0]],
            ],
            'three at a corner' => [
                ['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 3, 'corner' => 3],
                [
                    '-95 18 0, -85 18 0 to 95 18 0',
                    '-95 12 0, -85 12 0 to 95 12 0', '95 0 0, 85 0 0 to -95 0 0', '-95 -12 0, -85 -12 0 to 95 -12 0',
                    '95.9 -24 0, 85.8 -24 0 to 106 -24 45',
                ],
                [200.0, 36.0],
                [52, [10.0, 36.0]],
            ],
            // Five holes in 200 mm, two chains from hole to hole, ten from frame to frame.
            'two frames' => [
                ['type' => 'frame', 'holes' => 5, 'length' => '200 mm', 'between' => 2, 'bridge' => 10],
                ['80 -50 0, 40 -50 0 to 80 50 180'],
                [200.0, 100.0],
                [56, [8.0, 36.0]],
            ],
        ];
    }

    /**
     * Its area times its height: 14 rounds of 12 mm stand on what lies flat, on rows the round picked up too.
     *
     * @param array<string, mixed> $base
     */
    #[TestWith([['type' => 'square', 'chain' => 6, 'rounds' => 2], 98 * 48 * 168])]
    #[TestWith([['type' => 'round', 'stitch' => 'sc', 'start' => 6, 'rounds' => 3], M_PI * 36 * 36 * 168])]
    #[TestWith([['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 3], 200 * 36 * 180])]
    #[TestWith([['type' => 'oval', 'ends' => 'three', 'chain' => 11, 'rounds' => 2], (100 * 48 + M_PI * 24 * 24) * 168])]
    // A fold that opens to a circle of 600 mm around: ∫ (d·C/2 − π·d²/4), d from 0 to C/π, is C²/6π of its height.
    #[TestWith([['type' => 'folded-chain', 'chain' => 30], 600 * 600 / (6 * M_PI) * 168])]
    public function testWhatItHolds(array $base, float $cubicMm): void
    {
        $plan = Ways::plan(['gauge/width' => '10 cm', 'gauge/height' => '12 cm', 'base' => $base]);
        self::assertEqualsWithDelta($cubicMm / 1e6, $plan->comesOut->litres, 1e-9);
    }

    private static function told(Path $path, int $many): string
    {
        $at = fn(int $place): string => self::at($path->stand($place, $many));

        return $many === 1 ? $at(0) : "{$at(0)}, {$at(1)} to {$at($many - 1)}";
    }

    private static function at(Stand $stand): string
    {
        return implode(' ', array_map(
            fn(float $one): string => (string) (round($one, 1) + 0.0),
            [$stand->x, $stand->y, fmod($stand->degrees + 720, 360)],
        ));
    }
}
