<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Panel;

use Fescue\Core\Bag\Planner;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Material\Need;
use Fescue\Core\Panel\TabNet;
use Fescue\Core\Piece\Face;
use Fescue\Core\Piece\Flat;
use Fescue\Core\Piece\Fold;
use Fescue\Core\Piece\Mark;
use Fescue\Core\Piece\Marked;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bags of pieces as makers make them, worked figure by figure. All of them are common practice, no source. */
final class HandbookPiecesTest extends TestCase
{
    /** 19 → 21 → 19 …, the last plain row to 17; ten in the row ends of a side, two and two at the lower corners. */
    public function testTwoPanelsWithEndsThatAreSlippedAndSkipped(): void
    {
        $plan = Built::plan(['type' => 'panels', 'across' => 19, 'rows' => 10, 'shape' => 'slipped', 'border' => 'dc']);
        $leaves = Built::leaves($plan, 0);
        self::assertSame([19, 21, 19, 21, 19, 21, 19, 21, 19, 17, 10 + 19 + 10 + 4], $leaves);
        self::assertSame($leaves, Built::leaves($plan, 1));
        $lines = Ways::lines($plan);
        self::assertSame(
            'Ch 1, turn, sk next st, sl st in next st, sc in next 3 sts, 3 sc in next st, sc in next 7 sts, 3 sc in '
                .'next st, sc in next 3 sts, sl st in next st, sk next st, all in BLO. (21)',
            $lines['Front panel: Row 2'],
        );
        self::assertSame(
            'Ch 1, turn, sk next st, sl st in next st, sc in next 17 sts, sl st in next st, sk next st, all in BLO. '
                .'(19)',
            $lines['Back panel: Row 3'],
        );
        self::assertSame(
            'Ch 3 (does not count), along the row ends: dc in next 9 row ends, 2 dc in next row end, go on along the other side of the '
                .'chain: 2 dc in next ch, dc in next 17 ch, 2 dc in next ch, along the row ends: 2 dc in next row '
                    .'end, dc in next 9 row ends. (43)',
            $lines['Front panel: Row 11'],
        );
        [$seam] = Built::assembly($plan)->seams;
        self::assertSame(
            [43, 0, 'Front panel', 'Back panel', 'whip'],
            [$seam->stitches, $seam->eased(), $seam->from->piece, $seam->to->piece, $seam->how->value],
        );
        // Whipped with three times the seam: 43 × 12 mm × 3.
        self::assertStringContainsString('a tail three times the seam: 155 cm', Ways::notes($plan)['border-meets']);
        // Both borders together are the depth: 2 dc, twice a single's 11.5 mm each.
        self::assertEqualsWithDelta(46.0, $plan->comesOut->baseWidth->mm, 1e-9);
        self::assertEqualsWithDelta(19 * 12.0, $plan->comesOut->baseLength->mm, 1e-9);
        self::assertEqualsWithDelta(115.0, $plan->comesOut->height->mm, 1e-9);
    }

    /** Rings at the gussets take a chain’s snap hooks; where there are none, the folds have two. */
    public function testRingsOfAnEnvelopeAreBoughtOnce(): void
    {
        $needs = fn(string $hang, array $finish): array => array_map(
            fn(Need $need): string => "{$need->amount} {$need->name}",
            Built::plan(
                ['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5, 'hang' => $hang],
                ['finish' => $finish],
            )->needs(),
        );
        $strap = [['type' => 'chain-strap']];
        self::assertSame(['2 Ring'], $needs('ring', []));
        self::assertSame([], $needs('none', []));
        self::assertEqualsCanonicalizing(['2 Ring', '1 Chain', '2 Snap hook'], $needs('ring', $strap));
        self::assertEqualsCanonicalizing(['2 Ring', '1 Chain', '2 Snap hook'], $needs('none', $strap));
    }

    /** With a hole or without, of so many chains: as many rows, and a row's hole is in its last. */
    public function testAnEnvelopeHasAllItsRows(): void
    {
        foreach ([0, 1, 3] as $chains) {
            $leaves = Built::leaves(Built::plan([
                'type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5, 'back' => 9, 'flap' => 8,
                'hole' => $chains,
            ]), 0);
            self::assertCount(10 + 5 + 9 + 8 + 1, $leaves);
            self::assertSame([16, $chains === 0 ? 16 : 15 + $chains], array_slice($leaves, -3, 2));
        }
        // A bottom of one row takes one stitch, of rows of any height.
        foreach (['sc', 'hdc'] as $stitch) {
            $seam = Built::assembly(Built::plan([
                'type' => 'envelope', 'stitch' => $stitch, 'across' => 16, 'front' => 10, 'bottom' => 1, 'along' => 11,
            ]))->seams[1];
            self::assertSame(['B', 1, 1], [$seam->letter, $seam->from->stitches, $seam->to->stitches]);
        }
    }

    /** Of stitches that come out wider or lower what is kept is kept, and what is told is told. */
    public function testCountsOfPiecesAreKeptOnAnyGauge(): void
    {
        foreach ([
            ['type' => 'panels', 'across' => 19, 'rows' => 10, 'border' => 'dc'],
            ['type' => 'end-and-back', 'chain' => 45, 'meets' => 44, 'rows' => 8],
            ['type' => 'net', 'across' => 20, 'net' => 18],
            ['type' => 'envelope', 'stitch' => 'hdc', 'across' => 16, 'front' => 12, 'bottom' => 4],
            ['type' => 'panels', 'across' => 19, 'rows' => 10, 'border' => 'dc', 'border_rows' => 3],
            [
                'type' => 'canvas', 'stitch' => 'hdc', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm',
                'front' => 36, 'bottom' => 11,
            ],
        ] as $build) {
            $rim = $build['type'] === 'panels' ? ['edge' => ['stitch' => 'sc', 'rounds' => 2]] : [];
            $plan = Built::plan($build, $rim);
            foreach ([[1.2, 1.0], [1.1, 0.85], [0.9, 1.1]] as [$wide, $high]) {
                self::assertSame(
                    Ways::leaves($plan),
                    Ways::leaves(Planner::plan($plan->settled()->taped($wide, $high))),
                    $build['type'],
                );
            }
        }
        self::assertSame(12 + 19 + 12 + 4, Built::leaves(Built::plan(
            ['type' => 'panels', 'across' => 19, 'rows' => 10, 'border' => 'dc', 'along' => 12],
        ), 0)[10]);
        $clutch = ['type' => 'end-and-back', 'chain' => 45, 'meets' => 44, 'rows' => 4];
        // 94 + 4, + 5; then as the gauge has it, 4.5 a row.
        self::assertSame([94, 98, 103, 108], Built::leaves(Built::plan(['growth' => [4, 5]] + $clutch), 0));
        $maker = Built::plan($clutch)->parts[0]->maker;
        self::assertSame([4, 5, 5], $maker->write()['growth']);
        self::assertSame([4], $maker->with(['rows' => 2])->write()['growth']);
        self::assertArrayNotHasKey('growth', $maker->with(['rows' => null])->write());
        self::assertSame(
            ['/build/growth', 'The end has 4 stitches when row 2 begins: it adds as many again at most, not 5.'],
            Built::refused(['growth' => [5]] + $clutch),
        );
        self::assertSame(
            ['/build/growth', 'Growth is told of 4, and after the first there are 3 (rows). Take some out, or work '
                .'more.'],
            Built::refused(['growth' => [4, 4, 4, 4]] + $clutch),
        );
    }

    /** 26 chains for 20: the middle runs 13 and 23 for 7 and 17. */
    /** No round is there whose join, or whose marker, would say where the first one on an opening begins. */
    public function testTheFirstRoundOnAnOpeningSaysWhereItBegins(): void
    {
        $lines = fn(array $changes): array => Ways::lines(Built::plan(
            ['type' => 'panels', 'across' => 15, 'rows' => 10, 'border' => 'sc', 'border_rows' => 1],
            $changes,
        ));
        $where = 'oin the strand in st %d of the opening, counted from the seam at the front’s right';
        foreach ([
            'spiral' => [
                ', ch 1, sc in next 34 sts. (34)',
                'Sc in each st around. (34)',
            ],
            'joined' => [
                ', ch 1, sc in each st around, join. (34)',
                'Ch 1, sc in each st around, join. (34)',
            ],
            'joined-turned' => [
                ', ch 1, sc in each st around, join. (34)',
                'Ch 1, turn, sc in each st around, join. (34)',
            ],
        ] as $working => [$first, $second]) {
            $said = $lines(['working' => $working, 'edge' => ['stitch' => 'sc', 'rounds' => 2]]);
            self::assertSame(['J'.sprintf($where, 1).$first, $second], [$said['Round 1'], $said['Round 2']]);
        }
        self::assertStringStartsWith(
            'J'.sprintf($where, 1).', sl st in next 34 sts',
            $lines(['edge' => ['stitch' => 'slip']])['Round 1'],
        );
        $strap = ['type' => 'straps', 'wide' => 3, 'rows' => 8, 'from_side' => 3];
        $first = $lines(['handles' => $strap])['Row 1'];
        self::assertSame('J'.sprintf($where, 3).', ch 1, sc in next 3 sts. (3)', $first);
        self::assertStringStartsWith(
            'Join the strand in st 3 of the edge',
            $lines(['handles' => $strap, 'edge' => ['stitch' => 'sc']])['Row 1'],
        );
    }

    public function testWiderPanels(): void
    {
        $lines = Ways::lines(Built::plan(['type' => 'panels', 'across' => 25, 'rows' => 6, 'shape' => 'slipped']));
        self::assertStringContainsString('3 sc in next st, sc in next 13 sts, 3 sc', $lines['Front panel: Row 2']);
        self::assertStringContainsString('sc in next 23 sts', $lines['Front panel: Row 3']);
        self::assertStringStartsWith('Sc in 2nd ch from hook, sc in next 24 ch', $lines['Front panel: Row 1']);
    }

    public function testPanelsThatNarrowAndWiden(): void
    {
        $of = fn(string $shape, int $every): array => Built::leaves(
            Built::plan(['type' => 'panels', 'across' => 12, 'rows' => 6, 'shape' => $shape, 'every' => $every]),
            0,
        );
        self::assertSame([12, 12, 10, 10, 8, 8], array_slice($of('narrows', 2), 0, 6));
        self::assertSame([12, 12, 12, 10, 10, 10], array_slice($of('narrows', 3), 0, 6));
        // Six are enough to lose two; a depth less than two borders is one of each.
        $least = Built::plan(
            ['type' => 'panels', 'across' => 6, 'rows' => 3, 'shape' => 'narrows', 'every' => 2],
            ['size' => ['width' => '2 cm']],
        );
        self::assertSame([6, 6, 4, 3 + 6 + 3 + 4], Built::leaves($least, 0));
        self::assertSame([12, 14, 16, 18, 20, 22], array_slice($of('widens', 1), 0, 6));
        self::assertSame([12, 12, 12, 12, 12, 12], array_slice($of('straight', 1), 0, 6));
        self::assertSame(
            ['/build/every', 'Row 5 would have fewer than 4 of 5 stitches left: the panel shrinks to nothing. '
                .'Narrow it more slowly, or begin wider.'],
            Built::refused(['type' => 'panels', 'across' => 11, 'rows' => 9, 'shape' => 'narrows', 'every' => 1]),
        );
        self::assertSame('/build/across', Built::refused([
            'type' => 'panels', 'across' => 12, 'rows' => 9, 'shape' => 'slipped',
        ])[0]);
        $least = Built::plan(['type' => 'panels', 'across' => 13, 'rows' => 3, 'shape' => 'slipped']);
        self::assertSame([13, 15, 13], array_slice(Built::leaves($least, 0), 0, 3));
        self::assertSame('/build/every', Built::refused([
            'type' => 'panels', 'across' => 390, 'rows' => 9, 'shape' => 'widens', 'every' => 1,
        ])[0]);
    }

    /**
     * 16 wide, 31 rows; a hole in the last; (2, ch 1, 2) in the corners; gussets 5 × 10, the ring in the middle two.
     */
    public function testOneLongPanelAndTwoGussets(): void
    {
        $plan = Built::plan([
            'type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5, 'back' => 10, 'flap' => 6,
        ]);
        $lines = Ways::lines($plan);
        self::assertSame('Sc in 2nd ch from hook, sc in next 15 ch. (16)', $lines['Panel: Row 1']);
        self::assertSame(
            'Ch 1, turn, sc in next 7 sts, ch 2, sk next st, sc in next 8 sts. (15 sc, 1 ch-2 sp)',
            $lines['Panel: Row 31'],
        );
        self::assertSame(
            'Along the row ends: sc in next 31 row ends, go on along the other side of the chain: (2 sc, ch 1, 2 '
                .'sc) in the corner, sc in next 14 ch, (2 sc, ch 1, 2 sc) in the corner, along the row ends: sc in '
                    .'next 31 row ends. ('.(31 + 4 + 14 + 4 + 31).' sc, 2 ch-1 sps)',
            $lines['Panel: Row 32'],
        );
        self::assertSame([5, 5, 5, 5, 5, 5, 5, 5, 5, 5], Built::leaves($plan, 1));
        self::assertSame(
            'Ch 1, turn, sc in next st, sc around the ring and into each of next 2 sts, sc in next 2 sts. (5)',
            $lines['Left gusset: Row 10'],
        );
        $seams = Built::assembly($plan)->seams;
        self::assertSame('ABCDEF', implode('', array_column($seams, 'letter')));
        self::assertSame([10, 5, 10, 10, 5, 10], array_column($seams, 'stitches'));
        self::assertSame(
            'Panel and left gusset together: 10 sl st through both edges, a stitch to a stitch. (10)',
            $lines['Seam A'],
        );
        $notes = Ways::notes($plan);
        self::assertStringContainsString('falls in Panel: Row 31, the last of the flap', $notes['lock-hole']);
        // Six rows of 11.5 mm, five of which cover the top.
        self::assertStringStartsWith('The flap ends 1.2 cm down the front.', $notes['flap-ends']);
        self::assertEqualsWithDelta(192.0, $plan->comesOut->baseLength->mm, 1e-9);
        self::assertEqualsWithDelta(57.5, $plan->comesOut->baseWidth->mm, 1e-9);
        self::assertEqualsWithDelta(115.0, $plan->comesOut->height->mm, 1e-9);
        self::assertEqualsWithDelta(1.92 * 0.575 * 1.15, $plan->comesOut->litres, 1e-9);
    }

    public function testWhatIsLeftOpenOfAnEnvelopeFollowsTheClosedBag(): void
    {
        $size = ['size' => ['length' => '18 cm', 'width' => '4.5 cm', 'height' => '12 cm']];
        $plan = Built::plan(['type' => 'envelope'], $size);
        self::assertSame(
            ['across' => 15, 'front' => 10, 'bottom' => 4, 'back' => 10, 'flap' => 9, 'gusset' => 4],
            array_intersect_key($plan->parts[0]->maker->write(), [
                'across' => 1, 'front' => 1, 'bottom' => 1, 'back' => 1, 'flap' => 1, 'gusset' => 1,
            ]),
        );
        // Higher rows than stitches are wide: a row's end takes more than one.
        $tall = Built::plan(['type' => 'envelope', 'stitch' => 'dc'], $size);
        $seams = Built::assembly($tall)->seams;
        self::assertSame(0, array_sum(array_map(fn($seam): int => $seam->eased(), $seams)));
        self::assertSame((int) round(5 * 23 / 12), $seams[0]->stitches);
        $refuses = fn(array $build): array => Built::refused(['type' => 'envelope'] + $build, $size);
        self::assertSame('/build/flap', $refuses(['flap' => 15])[0]);
        self::assertStringContainsString('Work 14 at most', $refuses(['flap' => 15])[1]);
        self::assertSame('/build/gusset', $refuses(['gusset' => 9])[0]);
        self::assertStringContainsString(
            'Seam B cannot meet: 4 stitches of one edge (panel',
            $refuses(['gusset' => 9])[1],
        );
        self::assertSame('/build/hole', $refuses(['across' => 4])[0]);
        self::assertSame('/size/height', Built::refused(['type' => 'envelope', 'across' => 9])[0]);
        $eased = Built::assembly(Built::plan(['type' => 'envelope', 'gusset' => 5], $size))->seams[1];
        self::assertSame([5, 1], [$eased->stitches, $eased->eased()]);
        self::assertStringContainsString('does not reach the front', Ways::notes(
            Built::plan(['type' => 'envelope', 'flap' => 4], $size),
        )['flap-short']);
        self::assertStringContainsString(
            'one edge has 1 fewer: take its middle stitch twice',
            Ways::lines(Built::plan(['type' => 'envelope', 'gusset' => 5], $size))['Seam B'],
        );
    }

    /** 33 chains stretched over 19 cm, rows until they cover 36 cm, sides 7 wide; a square of 3.8 mm. */
    public function testOnPlasticCanvas(): void
    {
        $gauge = ['gauge/stitches' => 34, 'gauge/width' => '19.5 cm', 'gauge/rows' => 30, 'gauge/height' => '21 cm'];
        $build = [
            'type' => 'canvas', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm', 'front' => 36,
            'bottom' => 11, 'flap' => 12, 'clasp' => '5 cm',
        ];
        $plan = Built::plan($build, $gauge);
        self::assertSame([33, 7], [$plan->work->pieces[0]->start->chain, $plan->work->pieces[1]->start->chain]);
        $rows = count($plan->work->pieces[0]->rows);
        self::assertGreaterThanOrEqual(361.0, $rows * 7.0);
        self::assertLessThan(361.0 + 7.0, $rows * 7.0);
        // One a square and two in a corner square: all four sides.
        self::assertSame(2 * (50 + 95), Built::assembly($plan)->seams[0]->stitches);
        self::assertSame(
            'Canvas and panel together: 290 sc through both edges, one in each square of the canvas, two in a corner '
                .'square, the panel eased in evenly. (290)',
            Ways::lines($plan)['Seam A'],
        );
        $notes = Ways::notes($plan);
        // (19 − 5) ÷ 2.
        self::assertStringContainsString('The clasp stands 7.0 cm from either edge', $notes['clasp-place']);
        self::assertStringContainsString('square 3 from the front and 3 from the top', $notes['bars']);
        self::assertStringContainsString('1.0 cm from each edge', $notes['bars']);
        $bars = array_map(fn(int $side): array => array_map(
            fn(Mark $mark): array => [round($mark->x, 6), round($mark->y, 6)],
            array_values(array_filter(
                $plan->work->pieces[$side]->flat->marks ?? [],
                fn(Mark $mark): bool => $mark->as === Marked::Bar,
            )),
        ), [1, 2]);
        self::assertSame([[[11.4, -127.3]], [[-11.4, -127.3]]], $bars, 'Mirrored, 2.5 squares in.');
        $refuses = fn(array $changes): array => Built::refused($changes + $build, $gauge);
        self::assertSame('/build/clasp', $refuses(['clasp' => '20 cm'])[0]);
        self::assertSame('/build/flap', $refuses(['flap' => 13])[0]);
        self::assertSame('/build/bar', $refuses(['bar' => 7])[0]);
        preg_match('/A side is (\d+) squares? deep: the bar stands in number (\d+) /', $refuses(['bar' => 7])[1], $deep);
        self::assertSame((int) ceil((int) $deep[1] / 2), (int) $deep[2], 'The middle one is the last.');
        self::assertSame('/build/across', $refuses(['across' => 51])[0]);
        self::assertSame('/build/sheet_across', $refuses(['sheet_across' => 0])[0]);
        self::assertSame('/build/flap', $refuses(['bottom' => 11, 'front' => 60, 'back' => 20, 'flap' => 72])[0]);
        self::assertSame('/size/height', Built::refused(array_diff_key($build, ['front' => 1]), $gauge)[0]);
    }

    /** 45, 4 in the last, 45 back; the corner meets the 44th stitch; tassels from the third on, one on every sixth. */
    public function testRoundTheEndAndBack(): void
    {
        $plan = Built::plan([
            'type' => 'end-and-back', 'chain' => 45, 'meets' => 44, 'rows' => 8, 'tassels' => 'tassels',
        ]);
        self::assertSame(
            'Sc in 2nd ch from hook, sc in next 44 ch, 4 sc in last ch, go on along the other side of the chain: sc '
                .'in next 45 ch. (94)',
            Ways::lines($plan)['Row 1'],
        );
        self::assertStringEndsWith('all in FLO. (98)', Ways::lines($plan)['Row 2']);
        // By 4.5 stitches a row, π · 17.25 ÷ 12: spread over the end, its two halves alike.
        $plain = Built::plan(['type' => 'end-and-back', 'stitch' => 'sc', 'chain' => 25, 'meets' => 20, 'rows' => 4], [
            'gauge/width' => '10 cm', 'gauge/height' => '12 cm',
        ]);
        self::assertSame([
            'Ch 1, turn, sc in next 25 sts, 2 sc in each of next 4 sts, sc in next 25 sts, all in FLO. (58)',
            'Ch 1, turn, sc in next 25 sts, 2 sc in next st, sc in next st, 2 sc in next st, sc in next 2 sts, 2 sc in '
                .'next st, sc in next st, 2 sc in next st, sc in next 25 sts, all in FLO. (62)',
            'Ch 1, turn, sc in next 27 sts, 2 sc in next st, sc in next 3 sts, 2 sc in next st, sc in next 2 sts, 2 sc '
                .'in next st, sc in next 27 sts, all in FLO. (65)',
        ], array_slice(array_values(Ways::lines($plain)), 1, 3));
        foreach (array_slice(array_values(Ways::lines($plan)), 1, 7) as $line) {
            self::assertMatchesRegularExpression('/^Ch 2, turn, hdc in next (\d+) sts, \[?2 .* in next \1 sts, all/', $line);
        }
        $leaves = Built::leaves($plan, 0);
        self::assertSame(94, $leaves[0]);
        // Flat round half a circle: π·h/w more a row, here of hdc 1.5 singles high.
        self::assertEqualsWithDelta(4 + 7 * M_PI * 17.25 / 12, end($leaves) - 90, 1.5);
        $seams = Built::assembly($plan)->seams;
        self::assertSame([22, 22], array_column($seams, 'stitches'));
        $flap = end($leaves) - 4 * 22;
        $places = range(3, $flap, 6);
        self::assertStringContainsString(
            count($places).' tassels round the flap: the first on stitch 3 from the seam',
            Ways::notes($plan)['tassels'],
        );
        $marks = $plan->work->pieces[0]->flat->marks ?? [];
        self::assertCount(count($places), $marks);
        $round = 11.5 + 7 * 17.25;
        self::assertEqualsWithDelta(2 * $round, $plan->comesOut->baseLength->mm, 1e-9);
        self::assertEqualsWithDelta(22 * 12.0, $plan->comesOut->height->mm, 1e-9);
        self::assertSame(
            '/build/meets',
            Built::refused(['type' => 'end-and-back', 'chain' => 20, 'meets' => 22, 'rows' => 3])[0],
        );
        $refused = Built::refused(['type' => 'end-and-back', 'chain' => 12, 'meets' => 12, 'rows' => 8]);
        self::assertSame('/build/rows', $refused[0]);
        self::assertStringContainsString('reaches past the fold', $refused[1]);
    }

    /** 20 sc, 6 rows, 30 in all with 18 of net; ring of 70, 30, 70, 30; five rounds, the last four slipped. */
    public function testPanelNetPanel(): void
    {
        $plan = Built::plan(['type' => 'net', 'across' => 20, 'net' => 18]);
        self::assertSame(array_fill(0, 30, 20), array_slice(Built::leaves($plan, 0), 0, 30));
        self::assertSame(array_fill(0, 5, 200), array_slice(Built::leaves($plan, 0), 30));
        $lines = Ways::lines($plan);
        self::assertSame('Turn, [ch 5, sc in next st] 20 times. (20 ch-5 loops)', $lines['Row 7']);
        self::assertSame('Turn, [ch 5, sc in next loop] 20 times. (20 ch-5 loops)', $lines['Row 24']);
        self::assertSame('Ch 1, turn, sc in each of next 20 sps. (20)', $lines['Row 25']);
        self::assertStringStartsWith(
            'Ch 70, along the row ends and end loops: sc in next 30 row ends, ch 70, along the row ends',
            $lines['Round 1'],
        );
        self::assertSame('Sl st in each st around. (200)', $lines['Round 2']);
        $net = StitchCount::of($plan->work->rows[7]->instructions);
        self::assertSame([100, 20], [$net->many(Stitch::Chain), $net->many(Stitch::Single)]);
        // Half a loop is a side of its rhombus, 2.5 chains of 12 mm; as wide as a stitch it is √(30² − 6²) high.
        self::assertEqualsWithDelta(
            (12 * 11.5 + 18 * sqrt(30 ** 2 - 6 ** 2)) / 2,
            $plan->comesOut->height->mm,
            1e-6,
        );
        self::assertEqualsWithDelta(
            20 * 12 * (12 * 11.5 + 18 * sqrt(30 ** 2 - 6 ** 2)),
            $plan->work->pieces[0]->flat?->area(),
            1e-6,
        );
        // Filled, a rhombus of 60 degrees is as wide as its side: half a round that the panels and 18 rows of net go
        // over, 20 sides long.
        $round = (12 * 11.5 + 18 * 30 * sqrt(3) / 2) / M_PI;
        self::assertEqualsWithDelta(M_PI * $round ** 2 / 2 * 20 * 30 / 1e6, $plan->comesOut->litres, 1e-6);
        $notes = Ways::notes($plan);
        self::assertStringContainsString('Count the loops every second or third row: 20.', $notes['count-loops']);
        self::assertStringContainsString('Pause on a ch 5', $notes['count-loops']);
        self::assertArrayNotHasKey('net-long', $notes);
        self::assertArrayHasKey('net-long', Ways::notes(Built::plan(['type' => 'net', 'across' => 20, 'net' => 36])));
        $taped = Built::plan(['type' => 'net', 'across' => 20, 'net' => 18, 'net_row' => '25 mm']);
        self::assertEqualsWithDelta((12 * 11.5 + 18 * 25.0) / 2, $taped->comesOut->height->mm, 1e-6);
        $refuses = fn(array $build): string => Built::refused(['type' => 'net'] + $build)[0];
        self::assertSame('/build/across', $refuses(['across' => 1, 'net' => 9]), 'A net of one loop.');
        self::assertSame('/build/chains', $refuses(['across' => 9, 'net' => 9, 'chains' => 1]));
        self::assertSame('/build/slipped', $refuses(['across' => 9, 'net' => 9, 'rounds' => 3, 'slipped' => 3]));
        self::assertSame('/build/side', $refuses(['across' => 9, 'net' => 9, 'side' => 200]));
        self::assertSame('/edge', Built::refused(['type' => 'net', 'across' => 9, 'net' => 9], [
            'edge' => ['stitch' => 'sc'],
        ])[0]);
    }

    /** 7 × 11 = 77 a square; 4 in a standing tab, 2 in a lying one, 6 in a corner. */
    public function testTabSquares(): void
    {
        $build = [
            'type' => 'tabs', 'rows' => 7, 'across' => 11, 'net' => [2, 4, 5, 4, 2],
            'tab' => ['width' => '16 mm', 'height' => '25 mm'],
        ];
        $plan = Built::plan($build);
        $tabs = Built::assembly($plan)->tabs;
        self::assertSame(
            [17 * 77, 77, 17 * 11, 17],
            [$tabs?->total, $tabs?->perSquare, $tabs?->bent, $tabs?->squares],
        );
        self::assertSame([22, 22, 22, 22, 22, 22, 4 * 6 + 18 * 2 + 10 * 4], Built::leaves($plan, 0));
        $rows = 17 * 7;
        self::assertCount($rows + count(Built::assembly($plan)->seams), $plan->work->rows);
        // 17 squares have 68 edges: 24 joins, 6 seams and 8 of the opening are all of them.
        self::assertCount(24 + 6, Built::assembly($plan)->seams);
        self::assertSame(68, 2 * (24 + 6) + 8);
        self::assertSame(17 * 7, Built::assembly(Built::plan(['bend' => 'rows'] + $build))->tabs?->bent);
        self::assertArrayHasKey('tabs-edges', Ways::notes($plan));
        self::assertArrayHasKey('ends-melted', Ways::notes($plan));
        self::assertSame('/build/net', Built::refused(['net' => [2, 4, 5, 4, 3]] + $build)[0]);
        self::assertStringContainsString('square 4 in row 2', Built::refused(['net' => [2, 4, 5, 4, 3]] + $build)[1]);
        self::assertSame('/build/net', Built::refused(['net' => [1]] + $build)[0]);
        self::assertSame(
            '/build/tab/width',
            Built::refused(['tab' => ['width' => '1 m', 'height' => '2 cm']] + $build)[0],
        );
        $oblong = Built::refused(['tab' => ['width' => '10 mm', 'height' => '30 mm']] + $build);
        self::assertSame('/build/net', $oblong[0]);
        self::assertStringContainsString('squares must be square', $oblong[1]);
        // Three squares wide and two high on point, each as large as 11 × 16 and 7 × 25 mm with their border.
        self::assertEqualsWithDelta(3 * sqrt(2 * 199 * 198), $plan->comesOut->baseLength->mm, 1e-6);
        self::assertEqualsWithDelta(2 * sqrt(2 * 199 * 198), $plan->comesOut->height->mm, 1e-6);
        // Of a wished size: as many squares as come nearest, with the border beside the tabs.
        unset($build['net']);
        $solved = Built::plan($build, ['size' => ['length' => '40 cm', 'width' => '20 cm', 'height' => '40 cm']]);
        self::assertSame([2, 2, 6, 2, 2], $solved->parts[0]->maker->write()['net']);
        self::assertEqualsWithDelta(2 * (11 * 16 + 23), $solved->comesOut->baseLength->mm, 1e-6);
        self::assertEqualsWithDelta(7 * 25 + 23, $solved->comesOut->baseWidth->mm, 1e-6);
    }

    /** @param list<int> $rows */
    #[DataProvider('nets')]
    public function testNetsThatFold(array $rows, string $fold, int $seams): void
    {
        $net = TabNet::of($rows);
        self::assertSame([$fold, $seams], [$net->fold, count($net->seams)]);
        // No edge is joined twice, and every edge is joined or open.
        $joined = array_map(
            fn(array $at): string => implode(',', $at),
            array_merge(...$net->joins, ...$net->seams),
        );
        self::assertSame($joined, array_values(array_unique($joined)));
        self::assertSame(0, (4 * array_sum($rows) - count($joined)) % 2);
        // Folded, each side that is joined lies on the one it is joined to: squares of 6 × 10 + 24 and 5 × 12 + 24 mm.
        $plan = Built::plan([
            'type' => 'tabs', 'rows' => 5, 'across' => 6, 'net' => $rows, 'tab' => ['width' => '10 mm', 'height' => '12 mm'],
        ], ['gauge/width' => '10 cm', 'gauge/height' => '12 cm']);
        $faces = Built::assembly($plan)->closed()->faces;
        $stand = [];
        foreach ($net->cells() as [$row, $column]) {
            $parts = match ($fold) {
                TabNet::BOX => 1,
                TabNet::HALF => 2 * $row === count($rows) - 1 ? 2 : 1,
                default => $row + $column === 4 ? 2 : 1,
            };
            $stand["{$row},{$column}"] = array_merge(...array_map(
                fn(Face $face): array => array_map(
                    fn(array $at): string => round($at[0], 2).' '.round($at[1], 2).' '.($at[2] < 5 ? 0 : round($at[2], 2)),
                    $face->corners,
                ),
                array_splice($faces, 0, $parts),
            ));
        }
        self::assertSame([], $faces);
        foreach ([...$net->joins, ...$net->seams] as [$one, $other]) {
            $both = array_intersect($stand["{$one[0]},{$one[1]}"], $stand["{$other[0]},{$other[1]}"]);
            self::assertGreaterThanOrEqual(2, count(array_unique($both)), implode(' ', [...$one, 'to', ...$other]));
        }
    }

    /** @return array<string, array{list<int>, string, int}> */
    public static function nets(): array
    {
        return [
            'on point' => [[2, 4, 5, 4, 2], TabNet::POINT, 6],
            'a cross' => [[1, 3, 1], TabNet::BOX, 4],
            'a deep cross' => [[2, 2, 6, 2, 2], TabNet::BOX, 8],
            'a diamond, folded in half' => [[1, 3, 5, 3, 1], TabNet::HALF, 8],
            'a strip' => [[3, 3, 3, 3], TabNet::HALF, 4],
            'half a square off' => [[3, 4, 3], TabNet::HALF, 3],
        ];
    }

    /** 30 chains on two hooks, sc back, made when all else is done. */
    public function testAStrapOnTwoHooks(): void
    {
        $plan = Built::plan(['type' => 'panels', 'across' => 19, 'rows' => 10], [
            'handles' => ['type' => 'hooked', 'chain' => 30], 'edge' => ['stitch' => 'slip'],
        ]);
        self::assertSame(
            ['Front panel', 'Back panel', '', 'Strap'],
            array_map(fn($piece): string => $piece->name, $plan->work->pieces),
        );
        self::assertSame('Sc in 2nd ch from hook, sc in next 29 ch. (30)', Ways::lines($plan)['Strap: Row 1']);
        self::assertSame(31, $plan->work->chainsBefore(count($plan->work->rows) - 1));
        // 30 × 12 mm, and a tenth under load.
        self::assertStringStartsWith('The strap lies 36.0 cm long and hangs about 39.6 cm.', Ways::notes($plan)[
            'strap-hooked'
        ]);
        $round = Ways::plan(['handles' => ['type' => 'hooked', 'hangs' => '66 cm']]);
        self::assertSame(50, $round->work->pieces[count($round->work->pieces) - 1]->start?->chain);
        [$strap] = $round->parts[count($round->parts) - 1]->made->attached;
        self::assertEqualsWithDelta(0.0, $strap->middle(), 1e-6, 'From fold to fold.');
    }

    public function testAreaAndLengthOfAFlatPiece(): void
    {
        $flat = new Flat([[0.0, 0.0], [30.0, 0.0], [30.0, 40.0]]);
        self::assertEqualsWithDelta(600.0, $flat->area(), 1e-9);
        self::assertEqualsWithDelta(120.0, $flat->perimeter(), 1e-9);
        self::assertSame([30.0, 40.0], [$flat->width(), $flat->height()]);
    }

    /**
     * A foundation row is a chain and its stitch at once: of so many as many chains and single crochets, and one
     * slip.
     */
    public function testAStrapThatIsAFoundationRow(): void
    {
        $plain = Ways::plan([]);
        $plan = Ways::plan(['handles' => ['type' => 'foundation', 'chain' => 45]]);
        self::assertSame(
            // From fold to fold of a round of 56, whose front is its stitches 1 to 28.
            'Join the strand in st 1 of the edge, counted from the marked st, 45 foundation sc (chain and stitch at '
                .'once), sl st in st 29 of the edge. (45)',
            array_values(array_slice(Ways::lines($plan), -1))[0],
        );
        $more = fn(Stitch $stitch): int => $plan->work->stitches()->many($stitch) - $plain->work->stitches()->many($stitch);
        self::assertSame([45, 45, 1], [$more(Stitch::Chain), $more(Stitch::Single), $more(Stitch::Slip)]);
        // 45 × 12 mm lie, and a tenth more hang.
        self::assertStringContainsString(
            'lies 54.0 cm long and hangs about 59.4 cm',
            Ways::notes($plan)['strap-foundation'],
        );
        $open = Ways::plan(['handles' => ['type' => 'foundation', 'hangs' => '66 cm']]);
        self::assertSame(50, $open->parts[2]->maker->write()['chain']);
        self::assertSame($plain->comesOut->height->mm, $plan->comesOut->height->mm);
        self::assertSame('/handles/chain', Ways::refused(['handles' => ['type' => 'foundation', 'chain' => 401]])[0]);
    }

    /** A box of tabs has as many squares in front as behind, on either side alike, and its bottom's below. */
    public function testABoxOfTabsClosesOnAllSides(): void
    {
        foreach ([[2, 1, 2], [3, 2, 1], [2, 3, 2]] as [$wide, $deep, $high]) {
            $net = [
                ...array_fill(0, $high, $wide), ...array_fill(0, $deep, $wide + 2 * $high), ...array_fill(0, $high, $wide),
            ];
            $tabs = ['type' => 'tabs', 'rows' => 4, 'across' => 6, 'tab' => ['width' => '16 mm', 'height' => '24 mm']];
            $assembly = Built::assembly(Built::plan($tabs + ['net' => $net]));
            $side = $assembly->wide->mm / $wide;
            self::assertEqualsWithDelta(
                [$deep * $side, $high * $side],
                [$assembly->deep->mm, $assembly->high->mm],
                1e-6,
            );
            $on = ['front' => 0, 'back' => 0, 'bottom' => 0, 'left' => 0, 'right' => 0];
            foreach ($assembly->closed()->faces as $face) {
                $flat = fn(int $axis, float $at): bool => abs($face->least($axis) - $at) < 1e-6
                    && abs($face->greatest($axis) - $at) < 1e-6;
                $on[match (true) {
                    $flat(2, 0.0) => 'front', $flat(2, $deep * $side) => 'back', $flat(1, 0.0) => 'bottom',
                    $flat(0, 0.0) => 'left', $flat(0, $wide * $side) => 'right', default => 'nowhere',
                }]++;
                foreach ([[0, $wide], [1, $high], [2, $deep]] as [$axis, $many]) {
                    self::assertGreaterThan(-1e-6, $face->least($axis));
                    self::assertLessThan($many * $side + 1e-6, $face->greatest($axis));
                }
            }
            self::assertSame([
                'front' => $wide * $high, 'back' => $wide * $high, 'bottom' => $wide * $deep,
                'left' => $deep * $high, 'right' => $deep * $high,
            ], $on);
        }
    }

    /** Of a size: to the nearest square each way, one at least; of no depth, front and back lie on each other. */
    public function testTabSquaresAreAsManyAsTheSizeWants(): void
    {
        $tabs = ['type' => 'tabs', 'rows' => 4, 'across' => 6, 'tab' => ['width' => '16 mm', 'height' => '24 mm']];
        $one = Built::assembly(Built::plan($tabs + ['net' => [1, 1]]));
        $size = fn(float $wide, float $high): array => ['size' => [
            'length' => $wide * $one->wide->mm.' mm', 'height' => $high * $one->high->mm.' mm',
        ]];
        foreach ([
            [1.0, 1.0, 1, 1], [1.4, 0.6, 1, 1], [1.6, 1.4, 2, 1], [0.6, 1.6, 1, 2],
        ] as [$wide, $high, $across, $up]) {
            $is = Built::assembly(Built::plan($tabs, $size($wide, $high)));
            self::assertEqualsWithDelta(
                [$across * $one->wide->mm, $up * $one->high->mm, 0.0],
                [$is->wide->mm, $is->high->mm, $is->deep->mm],
                1e-6,
            );
        }
    }

    /** Of an envelope: cut out and laid flat, sides beside the back a finger or more off; folded up, a box. */
    public function testAnEnvelopeLiesFlatAndStandsUp(): void
    {
        $assembly = Built::assembly(Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]));
        [$w, $d, $h] = [$assembly->wide->mm, $assembly->deep->mm, $assembly->high->mm];
        $box = fn(Face $face): array => array_map(
            fn(int $axis): array => [round($face->least($axis), 6), round($face->greatest($axis), 6)],
            [0, 1, 2],
        );
        $flat = array_map($box, $assembly->steps[0]->faces);
        $round = fn(float ...$of): array => array_map(fn(float $one): float => round($one, 6), $of);
        foreach ($flat as $face) {
            self::assertSame([0.0, 0.0], $face[2], 'All lie on the table.');
        }
        self::assertSame([
            [$round(0, $w), $round(-$d - $h, -$d)],
            [$round(0, $w), $round(-$d, 0)],
            [$round(0, $w), $round(0, $h)],
        ], array_map(fn(array $face): array => [$face[0], $face[1]], array_slice($flat, 0, 3)));
        $gap = max(20.0, $d / 2);
        self::assertSame([
            [$round(-$d - $gap, -$gap), $round(0, $h)],
            [$round($w + $gap, $w + $gap + $d), $round(0, $h)],
        ], array_map(fn(array $face): array => [$face[0], $face[1]], array_slice($flat, -2)));
        // Closed: back and front stand so far apart as the bag is deep, its sides between them.
        $sides = array_map($box, array_slice($assembly->closed()->faces, 0, 5));
        self::assertSame([
            [$round(0, $w), $round(0, $h), [0.0, 0.0]],
            [$round(0, $w), [0.0, 0.0], $round(0, $d)],
            [[0.0, 0.0], $round(0, $h), $round(0, $d)],
            [$round($w, $w), $round(0, $h), $round(0, $d)],
            [$round(0, $w), $round(0, $h), $round($d, $d)],
        ], $sides);
        foreach (array_slice($assembly->steps, 1, 2) as $nth => $step) {
            self::assertCount(3, $step->seams);
            foreach ($step->seams as [, $from, $to]) {
                self::assertSame([$nth * $w, $nth * $w], [$from[0], $to[0]]);
            }
        }
    }

    /**
     * A column of five with a square beside its foot, folded across the middle: three edges find none; with two,
     * five.
     */
    public function testANetThatDoesNotFoldNamesItsLooseEdges(): void
    {
        $said = fn(array $net): string => Built::refused([
            'type' => 'tabs', 'rows' => 4, 'across' => 6, 'tab' => ['width' => '16 mm', 'height' => '24 mm'], 'net' => $net,
        ])[1];
        self::assertStringStartsWith(
            'This net does not fold to a bag. Without a partner: right edge of square 1 in row 1, upper edge of '
                .'square 2 in '
                .'row 5 and right edge of square 2 in row 5. Rows',
            $said([1, 1, 1, 1, 2]),
        );
        self::assertStringContainsString('upper edge of square 2 in row 4, and 2 more.', $said([1, 1, 1, 2, 2]));
        // Beside the third of four: three of its own, and the one over against where it is sewn on.
        self::assertStringContainsString('right edge of square 2 in row 3, and 1 more.', $said([1, 1, 2, 1]));
    }

    /** What is made just as the piece before it is made twice, and told once. */
    public function testLikePiecesAreMadeSoManyTimes(): void
    {
        $tab = ['width' => '16 mm', 'height' => '24 mm'];
        foreach ([
            'a panel and two gussets' => [[1, 2], ['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]],
            'seventeen squares' => [[17], ['type' => 'tabs', 'rows' => 4, 'across' => 6, 'tab' => $tab, 'net' => [2, 4, 5, 4, 2]]],
        ] as $what => [$many, $build]) {
            self::assertSame($many, array_map(count(...), Built::assembly(Built::plan($build))->kinds()), $what);
        }
    }

    /** 36 squares of 3.8 mm in front, 11 below, as many behind as in front, 12 over the flap: folded between them. */
    public function testACanvasIsFoldedBetweenItsParts(): void
    {
        $plan = Built::plan([
            'type' => 'canvas', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm', 'front' => 36, 'bottom' => 11,
            'flap' => 12,
        ]);
        $folds = $plan->work->pieces[0]->flat->folds ?? [];
        self::assertSame(
            ['bottom, 11 squares', 'back, 36 squares', 'flap, 12 squares'],
            array_map(fn(Fold $fold): string => $fold->above?->english() ?? '', $folds),
        );
        foreach ([36, 47, 83] as $nth => $squares) {
            self::assertEqualsWithDelta(
                [[-95.0, -3.8 * $squares], [95.0, -3.8 * $squares]],
                [$folds[$nth]->from, $folds[$nth]->to],
                1e-9,
            );
        }
    }
}
