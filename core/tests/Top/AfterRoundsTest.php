<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Top;

use Fescue\Core\Chart\SideView;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Material\Need;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Piece\Fastened;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AfterRoundsTest extends TestCase
{
    /** An oval of 56 on a chain of 22: 28 a side, the middle of the front on stitch 14. */
    private const AROUND = ['body/rounds' => 3];

    /**
     * Handbook 10 A: straps of dc, 4 wide × 25, sewn by slip stitch over against; the second over against the first.
     * Common practice, no source.
     */
    public function testStrapsOfRows(): void
    {
        $plan = Ways::plan(self::AROUND + [
            'handles' => ['type' => 'straps', 'stitch' => 'dc', 'wide' => 4, 'rows' => 25, 'from_side' => 6],
        ]);
        $straps = array_values(array_filter($plan->work->rows, fn($row): bool => $row->part === Part::Handles));
        self::assertCount(50, $straps);
        self::assertSame(array_fill(0, 50, 4), array_slice(Ways::leaves($plan), 5));
        $lines = Ways::lines($plan);
        self::assertSame('Join the strand in st 7 of the edge, counted from the marked st, ch 3, dc in next 4 sts. (4)', $lines['Row 1']);
        self::assertSame('Ch 3, turn, dc in each st across. (4)', $lines['Row 2']);
        self::assertSame(
            'Ch 3, turn, dc in next 4 sts, sew the last row with 4 sl st to sts 19 to 22 of the edge. (4)',
            $lines['Row 25'],
        );
        // The back is the front, half a round on.
        self::assertStringStartsWith('Join the strand in st 35 of the edge', $lines['Row 26']);
        self::assertStringContainsString('sts 47 to 50', $lines['Row 50']);
        $count = array_reduce(
            $straps,
            fn(StitchCount $sum, $row): StitchCount => $sum->plus(StitchCount::of($row->instructions)),
            StitchCount::none(),
        );
        // Two of 25 rows of 4; each row lifted by three chains; joined by one, and sewn by four.
        self::assertSame(
            [200, 150, 10],
            [$count->many(Stitch::Double), $count->many(Stitch::Chain), $count->many(Stitch::Slip)],
        );
        $notes = Ways::notes($plan);
        self::assertStringContainsString('A strap lies 57.5 cm long and hangs about 63.3 cm.', $notes['straps-hang']);
        self::assertArrayHasKey('straps-face', $notes);
        self::assertArrayHasKey('hang-test', $notes);
        // Their feet stand between the sixth and the eleventh stitch from either fold.
        $hung = SideView::of($plan)->hung;
        self::assertEqualsWithDelta(
            [0.0, 6 * 12.0, 48.0],
            [$hung[0]->x, $hung[0]->arch?->over->a, $hung[0]->broad],
            1e-9,
        );
        // Rows that hang make no bag higher.
        self::assertEqualsWithDelta(3 * 11.5, $plan->comesOut->height->mm, 1e-9);
        self::assertGreaterThan(
            MaterialEstimate::of(Ways::plan(self::AROUND))->grams->likely * 1.5,
            MaterialEstimate::of($plan)->grams->likely,
        );
    }

    /** A wished length that hangs: less the tenth that rows stretch, in an even number of rows. */
    #[TestWith(['66 cm', 'sc', 52])]
    #[TestWith(['66 cm', 'dc', 26])]
    #[TestWith(['12 cm', 'sc', 10])]
    public function testStrapsFollowTheLengthTheyHang(string $hangs, string $stitch, int $rows): void
    {
        $plan = Ways::plan(self::AROUND + ['handles' => ['type' => 'straps', 'stitch' => $stitch, 'hangs' => $hangs]]);
        self::assertSame($rows, Plans::count($plan, '/handles/rows'));
        self::assertArrayNotHasKey('straps-face', Ways::notes($plan));
    }

    public function testOneStrapGoesFromFoldToFold(): void
    {
        $plan = Ways::plan(
            self::AROUND + ['handles' => ['type' => 'straps', 'from' => 'across', 'wide' => 4, 'rows' => 10]],
        );
        self::assertCount(15, $plan->work->rows);
        $lines = Ways::lines($plan);
        // Two stitches of it before the fold, two past it.
        self::assertStringStartsWith('Join the strand in st 55 of the edge', $lines['Row 1']);
        self::assertStringContainsString('sts 27 to 30', $lines['Row 10']);
        self::assertArrayNotHasKey('straps-half', Ways::notes($plan));
        // An odd number stands half a stitch past the fold, at both ends alike: as far round the front as the back.
        $odd = Ways::plan(
            self::AROUND + ['handles' => ['type' => 'straps', 'from' => 'across', 'wide' => 3, 'rows' => 10]],
        );
        self::assertStringStartsWith('Join the strand in st 56 of the edge', Ways::lines($odd)['Row 1']);
        self::assertStringContainsString('sts 28 to 30', Ways::lines($odd)['Row 10']);
        self::assertStringContainsString('half a stitch past both folds', Ways::notes($odd)['straps-half']);
        // The front is 14 stitches of 12 mm to either fold and shows two of each foot: their middle is one from the
        // fold.
        $hung = SideView::of($plan)->hung[0];
        self::assertEqualsWithDelta([0.0, 24.0, 13 * 12.0], [$hung->x, $hung->broad, $hung->arch?->over->a], 1e-9);
    }

    /** Handbook 10 I: at equal distances, counted and measured: 7 stitches were 7 cm from each side. */
    public function testSewnHandlesStandAlikeOnBothSides(): void
    {
        $plan = Ways::plan(self::AROUND + ['gauge/width' => '10 cm', 'handles' => [
            'type' => 'sewn', 'from_side' => 7, 'tongue' => 3, 'length' => '40 cm',
        ]]);
        self::assertStringContainsString(
            'over 3 stitches, 7 from the fold. That leaves 7.0 cm to the fold and 8 stitches, 8.0 cm, between',
            Ways::notes($plan)['handles-sewn'],
        );
        $hung = SideView::of($plan)->hung;
        self::assertCount(1, $hung);
        self::assertSame(Fastened::Handle, $hung[0]->as);
        self::assertEqualsWithDelta([0.0, 30.0, 55.0], [$hung[0]->x, $hung[0]->broad, $hung[0]->arch?->over->a], 1e-9);
        self::assertEqualsWithDelta(
            400,
            2 * $hung[0]->arch->legs + M_PI * $hung[0]->arch->over->a,
            1e-9,
            'As long as it is.',
        );
        self::assertCount(5, $plan->work->rows);
    }

    public function testRingsAreCountedFromBothFolds(): void
    {
        $rings = fn(array $of): array => array_map(
            fn($one): float => round($one->x / 12, 3),
            SideView::of(Ways::plan(self::AROUND + ['handles' => ['type' => 'rings'] + $of]))->hung,
        );
        self::assertSame([8.5, -8.5], $rings(['from_side' => 5]));
        // A fifth of a side of 28, where nothing is said.
        self::assertSame([7.5, -7.5], $rings([]));
        self::assertSame([14.0, -14.0], $rings(['count' => 2]));
        self::assertStringContainsString(
            'A ring in stitch 6 from each fold, front and back. 16 stitches, 19.2 cm',
            Ways::notes(
                Ways::plan(self::AROUND + ['handles' => ['type' => 'rings', 'from_side' => 5]]),
            )['rings'],
        );
    }

    /** What is bought for the back too: two rings or four, two handles. */
    public function testWhatIsBought(): void
    {
        $needs = fn(array $handles): array => array_map(
            fn(Need $need): array => [$need->name, $need->amount],
            Ways::plan(self::AROUND + ['handles' => $handles])->needs(),
        );
        self::assertEquals([['Ring', 2]], $needs(['type' => 'rings', 'count' => 2]));
        self::assertEquals([['Ring', 4]], $needs(['type' => 'rings', 'count' => 4]));
        self::assertEquals([['Handle', 2]], $needs(['type' => 'sewn']));
    }

    /** Of slip stitches the bag is no higher; a rim of sc comes after what is chained, and before what is sewn on. */
    public function testARimIsWorkedInItsTurn(): void
    {
        $of = fn(array $rim, ?array $handles): array => self::AROUND + ['edge' => $rim, 'handles' => $handles];
        $slip = Ways::plan($of(['stitch' => 'slip'], null));
        self::assertSame('Sl st in each st around. (56)', Ways::lines($slip)['Round 6']);
        self::assertEqualsWithDelta(34.5, $slip->comesOut->height->mm, 1e-9);
        self::assertStringContainsString('67.2 cm around', Ways::notes($slip)['rim']);
        $two = Ways::plan($of(['stitch' => 'crab', 'rounds' => 2], null));
        self::assertSame('Crab st in each st around. (56)', Ways::lines($two)['Round 7']);
        self::assertEqualsWithDelta(57.5, $two->comesOut->height->mm, 1e-9);
        // Backwards on the right side: turned only after a round on the wrong side, and never between two of it.
        $turned = fn(int $rounds): array => Ways::lines(Ways::plan(
            ['working' => 'joined-turned', 'body/rounds' => $rounds] + $of(['stitch' => 'crab', 'rounds' => 2], null),
        ));
        foreach ([1 => 'Ch 1, turn', 2 => 'Ch 1, crab st'] as $rounds => $begins) {
            self::assertStringStartsWith($begins, $turned($rounds)['Round '.($rounds + 3)]);
            self::assertStringStartsWith('Ch 1, crab st', $turned($rounds)['Round '.($rounds + 4)]);
        }
        $parts = fn(?array $handles): array => array_map(
            fn($part): string => $part->chosen()->part(),
            Ways::plan($of(['stitch' => 'sc'], $handles))->parts,
        );
        self::assertSame(['base', 'body', 'handles', 'edge'], $parts(['type' => 'slot']));
        self::assertSame(['base', 'body', 'edge', 'handles'], $parts(['type' => 'sewn']));
    }

    /** Handles that are none are none, and hold nothing else. */
    public function testNone(): void
    {
        self::assertSame(
            Ways::lines(Ways::plan(self::AROUND)),
            Ways::lines(Ways::plan(self::AROUND + ['handles' => ['type' => 'none']])),
        );
        self::assertSame('/handles/skip', Ways::refused(self::AROUND + ['handles' => ['type' => 'none', 'skip' => 3]])[0]);
        self::assertSame('/base/type', Ways::refused(['base' => ['type' => 'none']])[0]);
    }

    /** A fold that lies on a stitch is told of, with a way out: three in each end have it on the middle one. */
    public function testAFoldOnAStitch(): void
    {
        $notes = fn(string $ends): array => Ways::notes(Ways::plan(
            self::AROUND + ['base/ends' => $ends, 'base/rounds' => 1, 'handles' => ['type' => 'rings']],
        ));
        self::assertArrayHasKey('fold-on-a-stitch', $notes('three'));
        self::assertArrayNotHasKey('fold-on-a-stitch', $notes('two-and-two'));
    }

    #[TestWith([['type' => 'sewn', 'from_side' => 12], '/handles/from_side', 'at most 10'])]
    #[TestWith([['type' => 'sewn', 'tongue' => 20], '/handles', 'two feet of 20'])]
    #[TestWith([['type' => 'rings', 'count' => 3], '/handles/count', 'number from 2 to 4'])]
    #[TestWith([['type' => 'straps', 'wide' => 15], '/handles', 'two feet of 15'])]
    #[TestWith([['type' => 'straps', 'from' => 'across', 'wide' => 29], '/handles/wide', '28 stitches'])]
    #[TestWith([['type' => 'straps', 'hangs' => '1 m', 'rows' => 401], '/handles/rows', '400'])]
    #[TestWith([['type' => 'straps', 'hangs' => '30 m'], '/handles/hangs', 'unit'])]
    #[TestWith([['type' => 'straps', 'hangs' => 60], '/handles/hangs', 'quotes'])]
    public function testSaysWhyNot(array $handles, string $path, string $says): void
    {
        [$at, $said] = Ways::refused(self::AROUND + ['handles' => $handles]);
        self::assertSame($path, $at);
        self::assertStringContainsString($says, $said);
    }
}
