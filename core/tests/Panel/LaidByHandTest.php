<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Panel;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\AssemblyStep;
use Fescue\Core\Piece\Flat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * One bag of each way, laid out on paper by hand: stitches of 10 mm, rows of 12, so that every corner, fold, seam and
 * mark can be reckoned in the head. Of a line of many points some are told. What lies flat is told x right, y down from
 * its foot; what stands x right, y up, z to the eye, "+" with its right side to the eye, "-" its wrong, "~" a net.
 */
final class LaidByHandTest extends TestCase
{
    /**
     * @param array<string, mixed> $build
     * @param string $size wide × deep × high mm, litres, and at which row what is told of it
     * @param array<string, string> $flats by the piece's name
     * @param array<string, string> $steps by what is done
     */
    #[DataProvider('bags')]
    public function testItIsDrawnAsItIsMade(array $build, string $size, array $flats, array $steps): void
    {
        $plan = Built::plan($build, ['gauge/width' => '10 cm', 'gauge/height' => '12 cm']);
        self::assertSame(self::lines($size), self::sizes($plan));
        foreach ($flats as $name => $laid) {
            self::assertSame(self::lines($laid), self::flat(self::piece($plan, $name)), $name);
        }
        $said = [];
        foreach (Built::assembly($plan)->steps as $step) {
            $said[$step->does->english()] = self::step($step);
        }
        self::assertSame(array_map(self::lines(...), $steps), $said);
    }

    /** @return array<string, array{array<string, mixed>, string, array<string, string>, array<string, string>}> */
    public static function bags(): array
    {
        // 16 × 10 mm wide, 10 × 12 mm high, 5 × 12 mm deep, a flap of 8 × 12 mm: 60 over the top and 36 down the front.
        $box = [
            'pieces' => '- 0 0 0, 160 0 0, 160 120 0, 0 120 0
                - 0 120 0, 160 120 0, 160 216 0, 0 216 0',
            'bottom' => '- 0 0 0, 160 0 0, 160 0 60, 0 0 60',
            'front' => '+ 0 0 60, 160 0 60, 160 120 60, 0 120 60',
            'left' => '- 0 0 0, 0 0 60, 0 120 60, 0 120 0',
            'right' => '+ 160 0 0, 160 0 60, 160 120 60, 160 120 0',
            'aside' => '+ 190 0 0, 250 0 0, 250 120 0, 190 120 0',
        ];
        $folded = fn(array $left, array $right, string $lock, string $mark): array => [
            'the pieces, flat' => "- 0 -180 0, 160 -180 0, 160 -60 0, 0 -60 0
                - 0 -60 0, 160 -60 0, 160 0 0, 0 0 0
                {$box['pieces']}
                + -90 0 0, -30 0 0, -30 120 0, -90 120 0
                {$box['aside']}",
            'left side, from the front up: '.implode(', ', array_unique($left)) => "{$box['pieces']}
                {$box['bottom']}
                {$box['left']}
                {$box['front']}
                {$box['aside']}
                {$left[0]} 0 0 60, 0 120 60
                {$left[1]} 0 0 0, 0 0 60
                {$left[2]} 0 0 0, 0 120 0",
            'right side, from the back up: '.implode(', ', array_unique($right)) => "{$box['pieces']}
                {$box['bottom']}
                {$box['left']}
                {$box['right']}
                {$box['front']}
                {$right[2]} 160 0 60, 160 120 60
                {$right[1]} 160 0 0, 160 0 60
                {$right[0]} 160 0 0, 160 120 0",
            "flap over, {$lock}" => "- 0 0 0, 160 0 0, 160 120 0, 0 120 0
                {$box['bottom']}
                {$box['left']}
                {$box['right']}
                {$box['front']}
                + 0 120 0, 160 120 0, 160 120 60, 0 120 60
                + 0 120 61, 160 120 61, 160 84 61, 0 84 61
                clasp {$mark}",
        ];
        $tabs = ['type' => 'tabs', 'rows' => 5, 'across' => 6, 'tab' => ['width' => '10 mm', 'height' => '12 mm']];

        return [
            'a long panel and two gussets' => [
                ['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5, 'back' => 10, 'flap' => 8],
                '160 × 60 × 120, 1.152 l
                    lock-hole Panel: Row 33
                    gussets-alike Seam A',
                [
                    'Panel' => '80 0, 80 -396, -80 -396, -80 0
                        32 rows, -80 -12, 80 -12 to -80 -384, 80 -384
                        fold -80 -120, 80 -120 bottom, 5 rows
                        fold -80 -180, 80 -180 back, 10 rows
                        fold -80 -300, 80 -300 flap, 8 rows
                        A 12: -80 0, -80 -120
                        B 6: -80 -120, -80 -180
                        C 12: -80 -180, -80 -300
                        D 12: 80 -180, 80 -300
                        E 6: 80 -120, 80 -180
                        F 12: 80 0, 80 -120
                        hole 5 -390, 10 × 12 hole, row 33',
                    'Left gusset' => '30 0, 30 -120, -30 -120, -30 0
                        9 rows, -30 -12, 30 -12 to -30 -108, 30 -108
                        C 12: -30 0, -30 -120
                        B 6: -30 0, 30 0
                        A 12: 30 0, 30 -120
                        ring 0 -120, 20 × 20',
                    'Right gusset' => '30 0, 30 -120, -30 -120, -30 0
                        9 rows, -30 -12, 30 -12 to -30 -108, 30 -108
                        F 12: -30 0, -30 -120
                        E 6: -30 0, 30 0
                        D 12: 30 0, 30 -120
                        ring 0 -120, 20 × 20',
                ],
                // The hole is in the middle of the flap's last row, one stitch wide.
                $folded(['A', 'B', 'C'], ['D', 'E', 'F'], 'lock', '80 90 62, 10 × 12'),
            ],
            // The same in squares of 4 mm, the upper half of the clasp two of them from the flap's edge: its lower half
            // 36 − 8 mm below the front's upper edge, at which the panel begins.
            'on plastic canvas' => [
                [
                    'type' => 'canvas', 'stitch' => 'sc', 'sheet_across' => 60, 'sheet_high' => 100, 'pitch' => '4 mm',
                    'across' => 40, 'front' => 30, 'bottom' => 15, 'back' => 30, 'flap' => 24, 'clasp' => '6 cm',
                ],
                '160 × 60 × 120, 1.152 l
                    canvas-squares Seam A',
                [
                    'Panel' => '80 0, 80 -396, -80 -396, -80 0
                        32 rows, -80 -12, 80 -12 to -80 -384, 80 -384
                        fold -80 -120, 80 -120 bottom, 15 squares
                        fold -80 -180, 80 -180 back, 30 squares
                        fold -80 -300, 80 -300 flap, 24 squares
                        B 75: -80 0, -80 -300
                        C 75: 80 0, 80 -300
                        clasp 0 -388, 60 × 8 clasp
                        clasp 0 -28, 60 × 8 lower half',
                    'Left side' => '30 0, 30 -120, -30 -120, -30 0
                        9 rows, -30 -12, 30 -12 to -30 -108, 30 -108
                        B 75: -30 -120, -30 0, 30 0, 30 -120
                        bar 20 -110, 8 × 4',
                    'Right side' => '30 0, 30 -120, -30 -120, -30 0
                        9 rows, -30 -12, 30 -12 to -30 -108, 30 -108
                        C 75: -30 -120, -30 0, 30 0, 30 -120
                        bar -20 -110, 8 × 4',
                ],
                array_map(
                    fn(string $step): string => str_replace('gusset', 'side', $step),
                    $folded(['B', 'B', 'B'], ['C', 'C', 'C'], 'clasp', '80 92 62, 60 × 8'),
                ),
            ],
            // 25 chains and rows that reach 12, 24, 36 and 48 mm from them: pairs of ten, 5 stitches and the round end
            // over. A tassel on stitches 3, 9, 15 and 21 of 25, along 50 mm, half a round of π · 48 mm, and 50 mm.
            'round the end and back' => [
                [
                    'type' => 'end-and-back', 'stitch' => 'sc', 'chain' => 25, 'meets' => 20, 'rows' => 4,
                    'tassels' => 'tassels',
                ],
                '96 × 0 × 100, 0 l
                    corner-meets Seam A',
                [
                    'Clutch' => '-48 0, -48 -250, -33.9 -283.9, 0 -298, 33.9 -283.9, 48 -250, 48 0
                        4 rows, 0 0, 0 -250 to -36 0, -36 -250, -25.5 -275.5, 0 -286, 25.5 -275.5, 36 -250, 36 0
                        fold -48 -100, 48 -100 back, 10 pairs
                        fold -48 -200, 48 -200 flap
                        A 10: -48 0, -48 -100
                        A 10: -48 -100, -48 -200
                        B 10: 48 0, 48 -100
                        B 10: 48 -100, 48 -200
                        tassel -48 -225.1, 20 × 20
                        tassel -35.6 -282.2, 20 × 20
                        tassel 19.5 -293.9, 20 × 20
                        tassel 48 -245.1, 20 × 20',
                ],
                [
                    'the piece, flat' => '- -48 -100 0, 48 -100 0, 48 0 0, -48 0 0
                        - -48 0 0, 48 0 0, 48 100 0, -48 100 0
                        - -48 100 0, -48 150 0, -33.9 183.9 0, 0 198 0, 33.9 183.9 0, 48 150 0, 48 100 0',
                    'the foot folded up: A, B' => '- -48 0 0, 48 0 0, 48 100 0, -48 100 0
                        - -48 100 0, -48 150 0, -33.9 183.9 0, 0 198 0, 33.9 183.9 0, 48 150 0, 48 100 0
                        + -48 0 3, 48 0 3, 48 100 3, -48 100 3
                        A -48 0 3, -48 100 3
                        B 48 0 3, 48 100 3',
                    'flap over' => '- -48 0 0, 48 0 0, 48 100 0, -48 100 0
                        + -48 0 3, 48 0 3, 48 100 3, -48 100 3
                        + -48 100 6, -48 50 6, -33.9 16.1 6, 0 2 6, 33.9 16.1 6, 48 50 6, 48 100 6',
                ],
            ],
            // 16, 16, 18, 18 to 24 stitches, and a border of 2 × 12 mm folded out; 10 + 16 + 10 + 4 along it.
            'two panels that widen' => [
                [
                    'type' => 'panels', 'stitch' => 'sc', 'across' => 16, 'rows' => 10, 'shape' => 'widens',
                    'every' => 2, 'border' => 'sc', 'border_rows' => 2,
                ],
                // 20 stitches wide on the average.
                '240 × 48 × 120, 1.152 l
                    border-meets Seam A',
                array_fill_keys(['Front panel', 'Back panel'], '-104 24, 104 24, 104 -24, 114 -36, 114 -48, 124 -60,
                            124 -72, 134 -84, 134 -96, 144 -108, 144 -120, -144 -120, -144 -108, -134 -96, -134 -84,
                            -124 -72, -124 -60, -114 -48, -114 -36, -104 -24
                        10 rows, -80 -12, 80 -12 to -120 -120, -120 -108, -110 -96, -110 -84, -100 -72, -100 -60,
                            -90 -48, -90 -36, -80 -24, -80 0, 80 0, 80 -24, 90 -36, 90 -48, 100 -60, 100 -72, 110 -84,
                            110 -96, 120 -108, 120 -120
                        A 44: -144 -120, -144 -108, -134 -96, -134 -84, -124 -72, -124 -60, -114 -48, -114 -36,
                            -104 -24, -104 24, 104 24, 104 -24, 114 -36, 114 -48, 124 -60, 124 -72, 134 -84, 134 -96,
                            144 -108, 144 -120'),
                [
                    'two panels, flat' => '+ 0 0 0, 160 0 0, 200 120 0, -40 120 0
                        + 280 0 0, 440 0 0, 480 120 0, 240 120 0',
                    'the borders stand up' => '- 0 0 0, 160 0 0, 200 120 0, -40 120 0
                        - 0 0 0, 160 0 0, 160 0 24, 0 0 24
                        - 0 0 0, -40 120 0, -40 120 24, 0 0 24
                        + 160 0 0, 200 120 0, 200 120 24, 160 0 24
                        - 280 0 0, 440 0 0, 480 120 0, 240 120 0
                        - 280 0 0, 440 0 0, 440 0 24, 280 0 24
                        - 280 0 0, 240 120 0, 240 120 24, 280 0 24
                        + 440 0 0, 480 120 0, 480 120 24, 440 0 24',
                    'border to border: A' => '- 0 0 0, 160 0 0, 200 120 0, -40 120 0
                        - 0 0 0, 160 0 0, 160 0 24, 0 0 24
                        - 0 0 0, -40 120 0, -40 120 24, 0 0 24
                        + 160 0 0, 200 120 0, 200 120 24, 160 0 24
                        - 0 0 24, 160 0 24, 160 0 48, 0 0 48
                        - 0 0 24, -40 120 24, -40 120 48, 0 0 48
                        + 160 0 24, 200 120 24, 200 120 48, 160 0 48
                        + 0 0 48, 160 0 48, 200 120 48, -40 120 48
                        A 0 0 24, 160 0 24
                        A 160 0 24, 200 120 24',
                ],
            ],
            // 10 loops of 5 chains, each 10 mm wide and by the tape 20 mm high; a strap of 40 chains lies 400 mm.
            'panel, net, panel' => [
                [
                    'type' => 'net', 'stitch' => 'sc', 'across' => 10, 'panel_rows' => 3, 'net' => 4, 'chains' => 5,
                    'strap' => 40, 'net_row' => '20 mm',
                ],
                // Opened, half a round of 4 · 25 · √3 ÷ 2 + 72 mm, 250 mm long.
                '100 × 0 × 76, 1.001 l
                    back-bumps Row 1
                    count-loops Row 4
                    gather Row 8
                    ring Round 1',
                [
                    'Panel' => '50 0, 50 -152, -50 -152, -50 0
                        10 rows, -50 -12, 50 -12 to -50 -96, -50 -116, -45 -96, -40 -116, -35 -96, -30 -116, -25 -96,
                            -20 -116, -15 -96, -10 -116, -5 -96, 0 -116, 5 -96, 10 -116, 15 -96, 20 -116, 25 -96,
                            30 -116, 35 -96, 40 -116, 45 -96, 50 -116
                        fold -50 -76, 50 -76 hangs from its sides
                        said -50 -76, 0 × 0 10 picked up
                        said 50 -76, 0 × 0 10 picked up',
                ],
                [
                    'panel, net, panel, flat' => '+ 0 0 0, 100 0 0, 100 36 0, 0 36 0
                        ~ 0 36 0, 100 36 0, 100 116 0, 0 116 0
                        + 0 116 0, 100 116 0, 100 152 0, 0 152 0',
                    // A strap of 400 mm stands up over the top at 76 mm, 6 mm thick.
                    'a chain, one side, a chain, the other side: one ring' => '+ 100 76 -2, 50 257.8 -2, 6 76 -2,
                            50 251.8 -2, 94 76 -2
                        - 0 40 0, 100 40 0, 100 76 0, 0 76 0
                        ~ 0 0 2, 100 0 2, 100 40 2, 0 40 2
                        + 0 40 4, 100 40 4, 100 76 4, 0 76 4
                        + 100 76 6, 50 257.8 6, 6 76 6, 50 251.8 6, 94 76 6',
                    // 10 loops open to half of 5 chains each, 250 mm: 75 mm beyond the panel on either side.
                    'filled, it opens and sinks' => '+ 100 76 -2, 50 257.8 -2, 6 76 -2, 50 251.8 -2, 94 76 -2
                        ~ 0 40 2, -22.9 11.7 2, 50 0 2, 122.9 11.7 2, 100 40 2
                        + 0 40 4, 100 40 4, 100 76 4, 0 76 4
                        + 100 76 6, 50 257.8 6, 6 76 6, 50 251.8 6, 94 76 6',
                ],
            ],
            // Six tabs of 10 mm and five of 12, and 12 mm of border on all sides: squares of 84 mm.
            'a box of five squares' => [
                $tabs + ['net' => [1, 3, 1]],
                '84 × 84 × 84, 0.593 l
                    tabs-edges Square 1: Row 1
                    tabs-prepare Square 1: Row 1
                    tabs-over Square 1: Row 2
                    net-joins Seam A',
                [
                    'Square 1' => '84 0, 168 0, 168 84, 84 84
                        4 rows, 84 16.8, 168 16.8 to 84 67.2, 168 67.2
                        E 18: 84 84, 84 0
                        G 18: 168 0, 168 84',
                    'Square 2' => '0 84, 84 84, 84 168, 0 168
                        4 rows, 0 100.8, 84 100.8 to 0 151.2, 84 151.2
                        E 14: 0 84, 84 84
                        F 14: 84 168, 0 168',
                    'Square 3' => '84 84, 168 84, 168 168, 84 168
                        4 rows, 84 100.8, 168 100.8 to 84 151.2, 168 151.2',
                    'Square 4' => '168 84, 252 84, 252 168, 168 168
                        4 rows, 168 100.8, 252 100.8 to 168 151.2, 252 151.2
                        G 14: 168 84, 252 84
                        H 14: 252 168, 168 168',
                    'Square 5' => '84 168, 168 168, 168 252, 84 252
                        4 rows, 84 184.8, 168 184.8 to 84 235.2, 168 235.2
                        F 18: 84 252, 84 168
                        H 18: 168 168, 168 252',
                ],
                [
                    'squares joined to a net' => '+ 84 -84 0, 168 -84 0, 168 0 0, 84 0 0
                        + 0 -168 0, 84 -168 0, 84 -84 0, 0 -84 0
                        + 84 -168 0, 168 -168 0, 168 -84 0, 84 -84 0
                        + 168 -168 0, 252 -168 0, 252 -84 0, 168 -84 0
                        + 84 -252 0, 168 -252 0, 168 -168 0, 84 -168 0',
                    'sides up, corners drawn together' => '- 0 0 0, 84 0 0, 84 84 0, 0 84 0
                        - 0 0 0, 0 84 0, 0 84 84, 0 0 84
                        - 0 0 0, 84 0 0, 84 0 84, 0 0 84
                        + 84 0 0, 84 84 0, 84 84 84, 84 0 84
                        + 0 0 84, 84 0 84, 84 84 84, 0 84 84',
                ],
            ],
            'six squares folded in half' => [
                $tabs + ['net' => [2, 2, 2]],
                '168 × 0 × 126, 0 l
                    tabs-edges Square 1: Row 1
                    tabs-prepare Square 1: Row 1
                    tabs-over Square 1: Row 2
                    net-joins Seam A',
                [],
                [
                    'squares joined to a net' => '+ 0 -84 0, 84 -84 0, 84 0 0, 0 0 0
                        + 84 -84 0, 168 -84 0, 168 0 0, 84 0 0
                        + 0 -168 0, 84 -168 0, 84 -84 0, 0 -84 0
                        + 84 -168 0, 168 -168 0, 168 -84 0, 84 -84 0
                        + 0 -252 0, 84 -252 0, 84 -168 0, 0 -168 0
                        + 84 -252 0, 168 -252 0, 168 -168 0, 84 -168 0',
                    'folded across the middle, sides joined' => '- 0 42 0, 84 42 0, 84 126 0, 0 126 0
                        - 84 42 0, 168 42 0, 168 126 0, 84 126 0
                        - 0 0 0, 84 0 0, 84 42 0, 0 42 0
                        + 0 0 3, 84 0 3, 84 42 3, 0 42 3
                        - 84 0 0, 168 0 0, 168 42 0, 84 42 0
                        + 84 0 3, 168 0 3, 168 42 3, 84 42 3
                        + 0 42 3, 84 42 3, 84 126 3, 0 126 3
                        + 84 42 3, 168 42 3, 168 126 3, 84 126 3',
                ],
            ],
        ];
    }

    /** @return list<string> */
    private static function sizes(BagPlan $plan): array
    {
        $assembly = Built::assembly($plan);
        $told = [implode(' × ', array_map(
            fn(Length $one): string => self::n($one->mm),
            [$assembly->wide, $assembly->deep, $assembly->high],
        )).', '.round($assembly->litres, 3).' l'];
        foreach ($plan->parts[0]->made->remarks as $remark) {
            if ($remark->row !== null) {
                $told[] = "{$remark->code} {$plan->work->names()[$remark->row]}";
            }
        }

        return $told;
    }

    private static function piece(BagPlan $plan, string $name): Flat
    {
        foreach ($plan->work->pieces as $nth => $piece) {
            if ($piece->name === $name || ($piece->name === '' && $nth === 0)) {
                return $piece->flat ?? throw new \LogicException("{$name} does not lie flat.");
            }
        }
        throw new \LogicException("No {$name}.");
    }

    /** @return list<string> with breaks in a line taken out: a line that begins with a number goes on */
    private static function lines(string $told): array
    {
        $told = preg_replace('/,\s+/', ', ', $told) ?? '';

        return array_map(trim(...), explode("\n", $told));
    }

    /** @return list<string> */
    private static function flat(Flat $flat): array
    {
        $rows = array_map(self::line(...), $flat->rows);
        $told = [self::line([...$flat->outline, $flat->outline[0]], true)];
        if ($rows !== []) {
            $told[] = count($rows)." rows, {$rows[0]} to ".$rows[count($rows) - 1];
        }
        foreach ($flat->folds as $fold) {
            $told[] = trim('fold '.self::line([$fold->from, $fold->to]).' '.($fold->above?->english() ?? ''));
        }
        foreach ($flat->edges as $edge) {
            $told[] = "{$edge->letter} {$edge->stitches}: ".self::line($edge->points);
        }
        foreach ($flat->marks as $mark) {
            $told[] = trim("{$mark->as->value} ".self::at([$mark->x, $mark->y]).', '
                .self::n($mark->wide).' × '.self::n($mark->high).' '.($mark->says?->english() ?? ''));
        }

        return $told;
    }

    /** @return list<string> */
    private static function step(AssemblyStep $step): array
    {
        $told = [];
        foreach ($step->faces as $face) {
            $sign = $face->open ? '~' : ($face->lies ? '+' : '-');
            $told[] = "{$sign} ".self::line([...$face->corners, $face->corners[0]], true);
        }
        foreach ($step->seams as [$letter, $from, $to]) {
            $told[] = "{$letter} ".self::at($from).', '.self::at($to);
        }
        foreach ($step->marks as [$as, $at, $wide, $high]) {
            $told[] = "{$as->value} ".self::at($at).', '.self::n($wide).' × '.self::n($high);
        }

        return $told;
    }

    /**
     * Its corners; of an arc, whose corners are many and near one another, its ends, quarters and middle.
     *
     * @param list<array<float>> $points
     */
    private static function line(array $points, bool $closes = false): string
    {
        $corners = [$points[0]];
        foreach (array_slice($points, 1) as $place => $at) {
            $last = $corners[count($corners) - 1];
            $next = $points[$place + 2] ?? null;
            // What lies straight between two others is no corner.
            if ($next === null || ! self::isBetween($last, $at, $next)) {
                $corners[] = $at;
            }
        }
        if ($closes) {
            array_pop($corners);
        }
        $told = match (count($corners)) {
            // A straight, an arc of 24 steps, a straight; that arc alone; an arc of 32 there and, within it, back.
            27 => [0, 1, 7, 13, 19, 25, 26],
            25 => [0, 6, 12, 18, 24],
            66 => [0, 16, 33, 49, 65],
            default => array_keys($corners),
        };

        return implode(', ', array_map(fn(int $nth): string => self::at($corners[$nth]), $told));
    }

    /**
     * @param array<float> $from
     * @param array<float> $at
     * @param array<float> $to
     */
    private static function isBetween(array $from, array $at, array $to): bool
    {
        $long = fn(array $a, array $b): float => sqrt(array_sum(array_map(fn($x, $y): float => ($x - $y) ** 2, $a, $b)));

        return abs($long($from, $at) + $long($at, $to) - $long($from, $to)) < 1e-6;
    }

    /** @param array<float> $at */
    private static function at(array $at): string
    {
        return implode(' ', array_map(self::n(...), $at));
    }

    private static function n(float $one): string
    {
        return (string) (round($one, 1) + 0.0);
    }
}
