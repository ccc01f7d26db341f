<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\SideView;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FoldedAndReadyMadeTest extends TestCase
{
    /** Handbook 10 D (i) [check]: 20 dc and 20 spaces round both sides of a chain, the same every round. */
    public function testMeshRoundAChain(): void
    {
        $plan = Ways::plan([
            'base' => ['type' => 'folded-chain', 'chain' => 20], 'body' => ['stitch' => 'mesh', 'rounds' => 9],
        ]);
        self::assertSame(array_fill(0, 9, 40), Ways::leaves($plan));
        $count = StitchCount::of($plan->work->rows[0]->instructions);
        self::assertSame([20, 20], [$count->many(Stitch::Double), $count->many(Stitch::Chain)]);
        self::assertSame(
            'Along one side of the chain from the 4th ch from hook, then back along its other side: [dc in next st, ch 1, sk next ch] 20 times. (20 dc, 20 ch-1 sps)',
            Ways::lines($plan)['Round 1'],
        );
        self::assertSame([240.0, 0.0], [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm]);
        self::assertSame('Chain 23, loosely: 20 to work into and 3 to turn.', (new Writer(Terms::US))->start(
            $plan->work->start,
        ));
    }

    /** The fold of a mesh runs through its space: half a stitch before the side's end, or past it where a post is. */
    public function testTheFoldOfAMesh(): void
    {
        $middles = fn(string $turn, string $stitch): array => Ways::plan([
            'base' => ['type' => 'folded-chain', 'chain' => 20, 'turn' => $turn],
            'body' => ['stitch' => $stitch, 'rounds' => 1],
        ])->parts[0]->made->open->middles;
        self::assertSame([9.5, 29.5], $middles('space', 'mesh'));
        self::assertSame([10.5, 30.5], $middles('stitch', 'mesh'));
        self::assertSame([10.0, 30.0], $middles('space', 'sc'));
        self::assertSame([10.0, 30.0], $middles('stitch', 'sc'));
    }

    /** As many chains as whole repeats on either side come nearest to the length. */
    #[TestWith(['sc', 25])]
    #[TestWith(['mesh', 26])]
    #[TestWith(['fans', 24])]
    public function testAFoldedChainHoldsWholeRepeats(string $stitch, int $chain): void
    {
        $plan = Ways::plan([
            'size' => ['length' => $stitch === 'mesh' ? '30.1 cm' : '30 cm'],
            'base' => ['type' => 'folded-chain'], 'body' => ['stitch' => $stitch, 'rounds' => 3],
        ]);
        self::assertSame($chain, Plans::count($plan, '/base/chain'));
        self::assertSame(2 * $chain, Plans::around($plan));
    }

    /** @param array<string, mixed> $base */
    private static function nearTo(array $base, string $stitch): string
    {
        return Ways::refused(['base' => $base, 'body' => ['stitch' => $stitch, 'rounds' => 2]])[1];
    }

    public function testAFoldedChainSaysWhyNot(): void
    {
        [$path, $says] = Ways::refused(
            ['base' => ['type' => 'folded-chain', 'chain' => 22], 'body' => ['stitch' => 'fans', 'rounds' => 2]],
        );
        self::assertSame('/base/chain', $path);
        self::assertStringContainsString('18 or 24', $says);
        // Fewer than one repeat is no chain.
        self::assertStringNotContainsString(' or ', self::nearTo(['type' => 'folded-chain', 'chain' => 5], 'fans'));
        self::assertStringContainsString('2 or 4', self::nearTo(['type' => 'folded-chain', 'chain' => 3], 'mesh'));
        self::assertSame('/size/length', Ways::refused(['base' => ['type' => 'folded-chain']])[0]);
        self::assertStringContainsString(
            '2.4 cm',
            Ways::refused(['size' => ['length' => '1 cm'], 'base' => ['type' => 'folded-chain']])[1],
        );
        self::assertStringContainsString(
            'chain of 500',
            Ways::refused(
                ['size' => ['length' => '200 cm'], 'gauge/width' => '4 cm', 'base' => ['type' => 'folded-chain']],
            )[1],
        );
        // A chain has no posts to go round; a plain round before them gives some.
        $posts = ['base' => ['type' => 'folded-chain', 'chain' => 20]];
        self::assertSame('/body/stitch', Ways::refused($posts + ['body' => ['stitch' => 'posts', 'rounds' => 2]])[0]);
        self::assertSame(
            [40, 40, 40],
            Ways::leaves(Ways::plan($posts + ['body' => ['stitch' => 'posts', 'rounds' => 2, 'even' => true]])),
        );
    }

    /** Handbook 10 D (ii) [check]: three rows of 15, folded along: 30. Common practice, no source. */
    public function testAStripTakesBothLongEdges(): void
    {
        $plan = Ways::plan(
            ['base' => ['type' => 'folded-rows', 'stitch' => 'sc', 'across' => 15, 'rows' => 3], 'working' => 'joined'],
        );
        self::assertSame([15, 15, 15, 30, 30], array_slice(Ways::leaves($plan), 0, 5));
        self::assertSame(
            'Ch 1, turn, along the last row, then along the other side of the chain: sc in next 30 sts, join. (30)',
            str_replace('sc in each st around', 'sc in next 30 sts', Ways::lines($plan)['Round 1']),
        );
        self::assertEqualsWithDelta(
            [180, 34.5, 180],
            [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm, $plan->comesOut->flatWidth->mm],
            1e-9,
        );
        $sized = Ways::plan(
            ['size' => ['length' => '31 cm', 'width' => '4 cm'], 'base' => ['type' => 'folded-rows', 'stitch' => 'dc']],
        );
        self::assertSame(
            [26, 2],
            [Plans::count($sized, '/base/across'), Plans::count($sized, '/base/rows')],
        );
    }

    /**
     * Handbook 10 I: two in each corner hole, one or two in the others, so many as lie nearest to the outline: a plate
     * of 25 × 10 cm is 70 cm around, 58.3 stitches of 12 mm. Common practice, no source.
     */
    #[TestWith(['sc', 58])]
    #[TestWith(['mesh', 58])]
    #[TestWith(['fans', 60])]
    #[TestWith(['posts', 60])]
    public function testStitchesInTheHolesOfAPlate(string $stitch, int $around): void
    {
        $plan = Ways::plan([
            'base' => ['type' => 'holes', 'holes' => 44, 'length' => '25 cm', 'width' => '10 cm'],
            'body' => ['stitch' => $stitch, 'rounds' => 2],
        ]);
        self::assertSame([$around, $around, $around], Ways::leaves($plan));
        self::assertSame(44, $plan->work->rows[0]->count->takes);
        self::assertSame(0, $plan->work->start->works());
        self::assertSame([], array_filter(
            array_keys(Ways::notes($plan)),
            fn(string $code): bool => str_starts_with($code, 'holes'),
        ));
        // The first chain is not made: no strand goes into it.
        self::assertGreaterThan(0, MaterialEstimate::of($plan)->grams->likely);
    }

    /** Patterns are laid alike on opposite sides, from the middle of a long side; corners have two whatever it says. */
    public function testPatternsOfHoles(): void
    {
        $holes = fn(array $of): array => ['base' => $of + [
            'type' => 'holes', 'holes' => 24, 'length' => '20 cm', 'width' => '10 cm',
        ]];
        $plan = Ways::plan($holes(['per_hole' => [1], 'first_hook' => '3.5 mm']));
        // 20 plain holes, and four corners of two.
        self::assertSame(28, Ways::leaves($plan)[0]);
        self::assertSame(
            '[sc in next 4 holes, 2 sc in next hole, sc in next 3 holes, 2 sc in next hole, sc in next 3 holes] twice. (28)',
            Ways::lines($plan)['Round 1'],
        );
        self::assertStringStartsWith('With the 3.5 mm hook draw up a loop', (new Writer(Terms::US))->start(
            $plan->work->start,
        ));
        self::assertSame(48, Ways::leaves(Ways::plan($holes(['per_hole' => [2]])))[0]);
        self::assertSame(36, Ways::leaves(Ways::plan($holes(['per_hole' => [2, 1], 'corners' => 0])))[0]);
        self::assertSame(36, Ways::leaves(Ways::plan($holes(['count' => 36])))[0]);
        // A pattern that goes on is told by its repeat.
        $long = ['base' => [
            'type' => 'holes', 'holes' => 44, 'length' => '25 cm', 'width' => '10 cm', 'per_hole' => [2, 1],
            'corners' => 4,
        ]];
        self::assertStringStartsWith(
            '[[2 sc in next hole, sc in next hole] 3 times, [2 sc in each of next 2 holes, ',
            Ways::lines(Ways::plan($long))['Round 1'],
        );
        // All one in a hole would draw in, all two ruffle: 60 cm are 50 stitches.
        self::assertStringContainsString('28 stitches where 50', Ways::notes($plan)['holes-draw-in']);
        self::assertStringContainsString('68 stitches where 50', Ways::notes(
            Ways::plan($holes(['per_hole' => [3]])),
        )['holes-ruffle']);
        self::assertArrayHasKey('holes-tight', Ways::notes(Ways::plan($holes(['hole' => '3.9 mm']))));
        self::assertArrayNotHasKey('holes-tight', Ways::notes(Ways::plan($holes(['hole' => '4 mm']))));
    }

    /** The corner holes are drawn at the corners, and rounds begin in the middle of the long side. */
    public function testThePlateIsDrawnToScale(): void
    {
        $symbols = BaseChart::of(Ways::plan(
            ['base' => ['type' => 'holes', 'holes' => 44, 'length' => '25 cm', 'width' => '10 cm']],
        ));
        self::assertCount(44 + 58, $symbols);
        $at = array_map(
            fn(Symbol $one): string => round($one->stand->x + 4 * sin(deg2rad($one->stand->degrees)), 3).' '
                .round($one->stand->y - 4 * cos(deg2rad($one->stand->degrees)), 3),
            array_slice($symbols, 0, 44),
        );
        foreach (['125 50', '125 -50', '-125 50', '-125 -50'] as $corner) {
            self::assertContains($corner, $at);
        }
        self::assertLessThan(10, abs($symbols[0]->stand->x));
        self::assertLessThan($symbols[0]->stand->x, $symbols[1]->stand->x, 'Rounds run to the left.');
    }

    /** Of a plate with round ends the holes lie on its outline, each as far from the next, from the middle to the left. */
    public function testARoundedPlateIsDrawnToScale(): void
    {
        $symbols = array_slice(BaseChart::of(Ways::plan([
            'base' => ['type' => 'holes', 'holes' => 40, 'length' => '25 cm', 'width' => '10 cm', 'corners' => 0],
        ])), 0, 40);
        // Their ring lies 4 mm inside the edge: straight for 15 cm either side, and about a half circle.
        foreach ($symbols as $one) {
            $past = max(0.0, abs($one->stand->x) - 75);
            self::assertEqualsWithDelta(46.0, hypot($past, $one->stand->y), 0.3);
        }
        self::assertEqualsWithDelta(0.0, $symbols[0]->stand->x, 1e-6);
        self::assertLessThan(0, $symbols[0]->stand->y);
        self::assertLessThan(0, $symbols[5]->stand->x);
        self::assertEqualsWithDelta([0.0, 46.0], [$symbols[20]->stand->x, $symbols[20]->stand->y], 1e-6);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function noPlates(): array
    {
        $of = ['type' => 'holes', 'holes' => 24, 'length' => '20 cm', 'width' => '10 cm'];

        return [
            'odd' => [['holes' => 25] + $of, '/base/holes', 'Count them once more'],
            'few' => [['holes' => 6] + $of, '/base/holes', '8'],
            'no holes' => [array_diff_key($of, ['holes' => 1]), '/base/holes', 'missing'],
            'no length' => [array_diff_key($of, ['length' => 1]), '/base/length', 'missing'],
            'three corners' => [['corners' => 3] + $of, '/base/corners', 'number from 0 to 4'],
            'odd count' => [['count' => 41] + $of, '/base/count', 'from 28 to 68'],
            'no corners, odd count' => [['corners' => 0, 'count' => 41] + $of, '/base/count', 'three in a hole make an even'],
            'as long as none' => [['length' => '201 cm'] + $of, '/base/length', '200 cm'],
            'both said' => [['count' => 40, 'per_hole' => [1]] + $of, '/base/count', 'make 28 around'],
            'four in one' => [['per_hole' => [4]] + $of, '/base/per_hole', 'from 1 to 3'],
            'no list' => [['per_hole' => '2, 1'] + $of, '/base/per_hole', 'one after another'],
            'a hook too thick' => [['first_hook' => '25.5 mm'] + $of, '/base/first_hook', '25 mm'],
            'a hole too wide' => [['hole' => '31 mm'] + $of, '/base/hole', '30 mm'],
            'no length at all' => [['length' => '1 cm'] + $of, '/base/length', 'unit'],
        ];
    }

    /** @param array<string, mixed> $base */
    #[DataProvider('noPlates')]
    public function testSaysWhyNot(array $base, string $path, string $says): void
    {
        [$at, $said] = Ways::refused(['base' => $base]);
        self::assertSame($path, $at);
        self::assertStringContainsString($says, $said);
    }

    /**
     * Handbook 10 J: sc in a hole, ch 2 to the next; ch 10 to the other frame; groups of four in each space and in every
     * third chain of a bridge, three over ten; every group again gives a group; the sides pleated and closed. Common
     * practice, no source.
     */
    public function testHungFromTwoFrames(): void
    {
        $plan = Ways::plan([
            'working' => 'joined', 'base' => ['type' => 'frame', 'holes' => 10, 'length' => '24 cm', 'bridge' => 10],
            'body' => ['stitch' => 'posts', 'rounds' => 18],
        ]);
        // Twice ten sc, nine times two chains and ten; twice nine and three groups of four.
        self::assertSame([76, ...array_fill(0, 19, 96), 36], Ways::leaves($plan));
        $lines = Ways::lines($plan);
        self::assertStringStartsWith('[sc in next hole, ch 2] 9 times, sc in next hole, ch 10, [sc in next hole, ch 2]', $lines['Round 1']);
        self::assertStringContainsString(
            '[sk next st, 4 dc in ch-2 sp] 9 times, sk next 3 sts, 4 dc in next st, [sk next 2 sts, 4 dc in next st] twice, sk next st,',
            $lines['Round 2'],
        );
        self::assertSame('Fold the sides in, 36 sc through all layers to close. (36)', $lines['Round 21']);
        self::assertSame(
            'On a thin hook draw up a loop in the first hole of one frame; 20 holes on the two.',
            (new Writer(Terms::US))->start($plan->work->start),
        );
        self::assertTrue($plan->parts[0]->made->hangs);
        // 24 cm between the first and the last hole’s halves, and ten chains of 12 mm from frame to frame.
        self::assertSame([240.0, 120.0], [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm]);
        self::assertEqualsWithDelta(11.5 * (1 + 2 + 18 * 2), $plan->comesOut->height->mm, 1e-9);
        $bridge = fn(?string $width): int => Plans::count(Ways::plan([
            'size' => $width === null ? null : ['width' => $width],
            'base' => ['type' => 'frame', 'holes' => 10, 'length' => '24 cm'], 'body' => ['stitch' => 'posts', 'rounds' => 2],
        ]), '/base/bridge');
        // 16 cm are 13 chains of 12 mm: four groups and one past them; 17.5 cm are nearer to five.
        self::assertSame([10, 13, 16, 4], array_map($bridge, [null, '16 cm', '17.5 cm', '1 cm']));
        // Its handle is drawn over all of the frame, nearly twice as long. From memory.
        [$handle] = $plan->parts[0]->made->attached;
        self::assertEqualsWithDelta([120.0, -120.0, 432.0], [$handle->from, $handle->to, $handle->long?->mm], 1e-9);
        self::assertStringContainsString('3 groups of four against 3', Ways::notes($plan)['frame-close']);
        $symbols = BaseChart::of($plan);
        self::assertCount(20, $symbols);
        self::assertEqualsWithDelta(
            [108.0, -60.0, -108.0, 60.0],
            [$symbols[0]->stand->x, $symbols[0]->stand->y, $symbols[10]->stand->x, $symbols[10]->stand->y],
            1e-9,
        );
    }

    /** Tapered to a width: four stitches a round, beside both folds, spread over the rounds; drawn as wide as it is. */
    public function testAWallThatTapers(): void
    {
        $of = fn(string $top, int $rounds = 14): array => ['body' => ['stitch' => 'sc', 'rounds' => $rounds, 'top_width' => $top]];
        $plan = Ways::plan($of('26 cm'));
        // 56 of 12 mm; 26 cm lying flat are 43 around: three times four fewer are the nearest, 44.
        self::assertSame([56, 56, 56, 52, 52, 52, 52, 48, 48, 48, 48, 44, 44, 44], array_slice(Ways::leaves($plan), 2));
        self::assertSame(
            'Sc2tog, sc in next 24 sts, sc2tog 2 times, sc in next 24 sts, sc2tog. (52)',
            Ways::lines($plan)['Round 6'],
        );
        self::assertStringContainsString('The wall tapers to 26.4 cm. 4 stitches go in 3 of its rounds', Ways::notes($plan)['tapers']);
        $wide = Ways::plan($of('36 cm'));
        self::assertSame(60, array_slice(Ways::leaves($wide), -1)[0]);
        self::assertSame(
            '2 sc in next st, sc in next 26 sts, 2 sc in each of next 2 sts, sc in next 26 sts, 2 sc in next st. (60)',
            str_replace('2 sc in next st, 2 sc in next st', '2 sc in each of next 2 sts', implode('', array_filter(
                Ways::lines($wide),
                fn(string $line): bool => str_contains($line, '(60)') && str_contains($line, '2 sc in'),
            ))),
        );
        $rows = SideView::of($plan)->rows;
        $width = fn($row): float => max(array_map(fn($one): float => abs($one->foot->x), $row->course->stitches));
        self::assertEqualsWithDelta([13.5 * 12, 10.5 * 12], [$width($rows[0]), $width($rows[13])], 6.01);
        self::assertSame('/body/top_width', Ways::refused($of('10 cm', 4))[0]);
        self::assertStringContainsString('26.4 cm at the least', Ways::refused($of('10 cm', 4))[1]);
        self::assertStringContainsString(
            'taper a band of plain stitches',
            Ways::refused(['body' => ['stitch' => 'mesh', 'rounds' => 9, 'top_width' => '26 cm']])[1],
        );
    }

    /** Two chains are the shortest that folds: of stitches of 4 cm a bag of 8 cm, none of 5. */
    public function testTheShortestChainThatFolds(): void
    {
        $wide = fn(string $length): BagPlan => Planner::plan(BagDocument::read([
            'size' => ['length' => $length, 'height' => '20 cm'],
            'base' => ['type' => 'folded-chain'],
            'body' => ['stitch' => 'sc', 'rounds' => 4],
            'gauge' => ['width' => '40 cm'] + Documents::SQUARE['gauge'],
        ] + Documents::SQUARE));
        self::assertSame(4, $wide('8 cm')->work->rows[0]->count->takes);
        $this->expectException(Refused::class);
        $wide('5 cm');
    }
}
