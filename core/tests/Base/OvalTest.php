<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Base\Oval;
use Fescue\Core\Base\OvalRing;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\School;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Made;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OvalTest extends TestCase
{
    private static function oval(int $chain, int $rounds, string $ends, float $height = 11.5, float $width = 12.0): Made
    {
        return (new Oval(['ends' => $ends, 'chain' => $chain, 'rounds' => $rounds]))->make(
            new Ground(
                new Gauge(Motif::single(), Length::mm($width), Length::mm($height)),
                new School(Working::Spiral),
            ),
            null,
        );
    }

    /** A round as it is told by halves. */
    private static function ring(Made $oval, int $round): OvalRing
    {
        $path = $oval->rows[$round]->path;

        return $path instanceof OvalRing ? $path : self::fail('It is a ring.');
    }

    /** @return list<int> */
    private static function counts(Made $oval): array
    {
        return array_map(fn($row): int => Count::of($row->instructions)->leaves, $oval->rows);
    }

    /**
     * Handbook 6 [check]: m = 22 with two and two: 48, and 56 after a round of eight increases. Common practice, no
     * source.
     */
    public function testTwoAndTwoOnTwentyTwo(): void
    {
        self::assertSame([48, 56], self::counts(self::oval(22, 2, 'two-and-two')));
    }

    /** Handbook 6: three in each end 2m + 2, then + 6; two and two 2m + 4. Common practice, no source. */
    public function testFirstRoundsOfBothSchools(): void
    {
        for ($m = 3; $m < 60; $m++) {
            self::assertSame([2 * $m + 2, 2 * $m + 8, 2 * $m + 14], self::counts(self::oval($m, 3, 'three', 10, 10)));
            self::assertSame(2 * $m + 4, self::counts(self::oval($m, 1, 'two-and-two'))[0]);
        }
    }

    /**
     * Handbook 6 (geometry): flat growth is 2π·h/w a round; the sum never strays from it by more than half a whole
     * step.
     */
    public function testGrowthStaysAsNearToFlatAsWholeStepsAllow(): void
    {
        foreach ([[7.0, 12.0], [9.0, 10.0], [10.0, 10.0], [13.0, 10.0], [20.0, 9.0]] as [$height, $width]) {
            foreach (['two-and-two', 'three'] as $ends) {
                $oval = self::oval(12, 14, $ends, $height, $width);
                $counts = self::counts($oval);
                $flat = 2 * M_PI * $height / $width;
                foreach ($counts as $index => $count) {
                    self::assertLessThanOrEqual(
                        ($ends === 'three' ? 1 : 2) + 1e-9,
                        abs($count - $counts[0] - $index * $flat),
                        "round {$index}",
                    );
                }
            }
        }
    }

    public function testEveryRoundIsTwoLikeHalvesAndTakesWhatIsThere(): void
    {
        foreach (['two-and-two', 'three'] as $ends) {
            $oval = self::oval(9, 10, $ends);
            $there = 9;
            foreach ($oval->rows as $index => $row) {
                $count = Count::of($row->instructions);
                self::assertSame($there, $count->takesOf(0));
                $there = $count->leaves;
                $marks = array_map(fn($placed): bool => $placed->increase, Placement::of($row->instructions));
                if ($index > 0) {
                    self::assertSame(array_slice($marks, 0, intdiv($there, 2)), array_slice($marks, intdiv($there, 2)));
                }
                self::assertSame($there, self::ring($oval, $index)->stitches());
            }
        }
    }

    public function testIncreasesOfTwoAndTwoMirrorAcrossTheBase(): void
    {
        foreach ([8.0, 11.5, 14.0] as $height) {
            $oval = self::oval(11, 9, 'two-and-two', $height);
            foreach ($oval->rows as $index => $row) {
                $marks = array_map(fn($placed): bool => $placed->increase, Placement::of($row->instructions));
                if ($index > 0) {
                    self::assertSame($marks, array_reverse($marks), (string) $index);
                }
            }
        }
    }

    /**
     * Ends are round, not half hexagons: increases are spread evenly over each end, and none stands within a stitch of
     * one
     * in the round below where the ends have room for that.
     */
    public function testIncreasesSpreadOverTheEndAndOffTheRoundBelow(): void
    {
        $crowded = 0;
        foreach (['two-and-two', 'three'] as $ends) {
            foreach ([8.0, 11.46, 12.0, 15.0] as $height) {
                $oval = self::oval(60, 12, $ends, $height);
                foreach ($oval->rows as $index => $row) {
                    if ($index < 3) {
                        continue;
                    }
                    [$here, $below] = [self::increases($row), self::increases($oval->rows[$index - 1])];
                    $end = self::ring($oval, $index - 1)->head + self::ring($oval, $index - 1)->tail;
                    $many = intdiv(count($here), 2);
                    $around = self::ring($oval, $index - 1)->stitches();
                    $said = "{$ends} {$height} {$index}";
                    foreach (array_column($here, 0) as $anchor) {
                        $near = array_filter(
                            $below,
                            fn(array $one): bool => min(
                                abs($anchor - $one[1]),
                                abs($anchor - $one[1] - 1),
                                $around - abs($anchor - $one[1]),
                            ) <= 1,
                        );
                        $crowded += (int) ($near !== [] && $end >= 6 * $many && count($below) === count($here));
                    }
                    // In an end, one and the next are as far apart as any other two, by three quarters of a share at
                    // most either way.
                    $gaps = [];
                    for ($one = 1; $one < count($here); $one++) {
                        $gaps[] = $here[$one][0] - $here[$one - 1][0];
                    }
                    $within = array_filter($gaps, fn(int $gap): bool => $gap < 58);
                    self::assertLessThanOrEqual(
                        1.75 * $end / max(1, $many) + 1,
                        $within === [] ? 0 : max($within),
                        $said,
                    );
                    self::assertGreaterThanOrEqual(
                        0.25 * $end / max(1, $many) - 1,
                        $within === [] ? 99 : min($within),
                        $said,
                    );
                }
            }
        }
        self::assertSame(0, $crowded);
    }

    /** @return list<array{int, int}> of each increase the stitch it goes into, and the first top it leaves */
    private static function increases(Row $row): array
    {
        $increases = [];
        [$anchor, $top] = [0, 0];
        $walk = function (array $instructions) use (&$walk, &$increases, &$anchor, &$top): void {
            foreach ($instructions as $one) {
                for ($time = 0; $one instanceof Repeat && $time < $one->times; $time++) {
                    $walk($one->instructions);
                }
                for ($time = 0; $one instanceof Several && $time < $one->anchors; $time++) {
                    $increases[] = [$anchor++, $top];
                    $top += $one->inOne;
                }
                $anchor += $one instanceof Each ? $one->count : 0;
                $top += $one instanceof Each ? $one->count : 0;
            }
        };
        $walk($row->instructions);

        return $increases;
    }

    /** By hand, three in each end on 22: an end of six has shares of two, one of nine of three. */
    public function testTheWordsOfRoundedEnds(): void
    {
        $oval = self::oval(22, 5, 'three', 11.46, 12);
        self::assertSame([
            '[2 sc in next st, sc in next 20 sts, 2 sc in each of next 2 sts] twice. (52)',
            '[2 sc in next st, sc in next 21 sts, 2 sc in next st, sc in next st, 2 sc in next st, sc in next st] '
                .'twice. (58)',
            '[sc in next 2 sts, 2 sc in next st, sc in next 22 sts, 2 sc in next st, sc in next 2 sts, 2 sc in next '
                .'st] twice. (64)',
            '[sc in next st, 2 sc in next st, sc in next 23 sts, 2 sc in next st, sc in next 3 sts, 2 sc in next '
                .'st, sc in next 2 sts] twice. (70)',
        ], array_map((new Writer(Terms::US))->line(...), array_slice($oval->rows, 1)));
    }

    public function testIncreasesStandAtTheEndsAlone(): void
    {
        $oval = self::oval(20, 6, 'three');
        foreach ($oval->rows as $index => $row) {
            if ($index === 0) {
                continue;
            }
            $below = self::ring($oval, $index - 1);
            $head = self::ring($oval, $index)->head;
            $straight = array_slice(Placement::of($row->instructions), $head, $below->straight);
            self::assertNotContains(true, array_map(fn($placed): bool => $placed->increase, $straight));
        }
    }

    /** Handbook 6: to reach L × W the straight part is L − W. */
    public function testOutline(): void
    {
        $outline = self::oval(22, 2, 'two-and-two')->outline ?? self::fail();
        self::assertEqualsWithDelta(298, $outline->length(), 1e-9);
        self::assertEqualsWithDelta(
            $outline->length() - $outline->width(),
            $outline->perimeter() / 2 - M_PI * $outline->width() / 2,
            1e-9,
        );
    }

    /**
     * Handbook 6 and 10 B [check]: dc with six in each end 2m + 8, then + 12, then + 6 where the wall begins to rise; 22
     * chains, two and two: 48, and 56 after a round of eight increases. Common practice, no source.
     */
    #[TestWith([['ends' => 'six', 'stitch' => 'dc', 'chain' => 20, 'rounds' => 3, 'rise' => true], [48, 60, 66]])]
    #[TestWith([['ends' => 6, 'stitch' => 'dc', 'chain' => 20, 'rounds' => 2], [48, 60]])]
    #[TestWith([['ends' => 'two-and-two', 'chain' => 22, 'rounds' => 2, 'growth' => [8]], [48, 56]])]
    #[TestWith([['ends' => 'three', 'chain' => 10, 'rounds' => 4, 'growth' => [0, 4]], [22, 22, 26, 32]])]
    #[TestWith([['ends' => 2, 'chain' => 10, 'rounds' => 1], [20]])]
    #[TestWith([['ends' => 12, 'chain' => 10, 'rounds' => 1], [40]])]
    public function testEndsStitchesAndGrowth(array $base, array $leaves): void
    {
        $plan = Ways::plan(['gauge/height' => '12 cm', 'base' => ['type' => 'oval'] + $base]);
        self::assertSame($leaves, array_slice(Ways::leaves($plan), 0, count($leaves)));
    }

    public function testWhatIsSaidOfARiseAndOfTooShortABase(): void
    {
        $plan = Ways::plan(
            ['base' => ['type' => 'oval', 'ends' => 'six', 'stitch' => 'dc', 'chain' => 20, 'rounds' => 3, 'rise' => true]],
        );
        self::assertStringStartsWith('From Round 3 the base rises. It adds 6', Ways::notes($plan)['rises']);
        // Four rounds of 11.5 mm either side are 9.2 cm, and two stitches of 12 mm more.
        self::assertStringContainsString('9.2 cm long by themselves, so the base is at least 11.6 cm', Ways::refused([
            'size' => ['length' => '8 cm', 'width' => '9 cm'], 'base' => ['type' => 'oval', 'ends' => 'three'],
        ])[1]);
        self::assertStringContainsString('so the base is', Ways::refused([
            'size' => ['length' => '8 cm', 'width' => '9 cm'], 'base' => ['type' => 'square'],
        ])[1]);
    }

    public function testTheWordsOfDoubleCrochet(): void
    {
        $lines = Ways::lines(
            Ways::plan(['base' => ['type' => 'oval', 'ends' => 5, 'stitch' => 'dc', 'chain' => 10, 'rounds' => 1]]),
        );
        self::assertStringStartsWith(
            '2 dc in 4th ch from hook, dc in next 8 ch, 5 dc in last ch, go on along the other side of the chain: '
                .'dc in '
                .'next 8 ch, 3 dc in same ch as first dc',
            $lines['Round 1'],
        );
    }

    #[TestWith([['growth' => [7]], '/base/growth', '6 or 8, not 7'])]
    #[TestWith([['growth' => [8, 8]], '/base/growth', 'Growth is told of 2, and after the first there are 1'])]
    #[TestWith([['growth' => [62]], '/base/growth', '0 to 60'])]
    #[TestWith([['growth' => []], '/base/growth', 'one after another'])]
    #[TestWith([['growth' => ['x']], '/base/growth', '“x” is none'])]
    #[TestWith([['ends' => 13], '/base/ends', 'number from 2 to 12'])]
    #[TestWith([['ends' => true], '/base/ends', '“two-and-two”'])]
    #[TestWith([['stitch' => 'tr'], '/base/stitch', '“sc”, “hdc”, “dc”'])]
    #[TestWith([['rise' => 'yes'], '/base/rise', 'true or false'])]
    #[TestWith([['rise' => true, 'rounds' => 1], '/base/rise', 'two or more'])]
    public function testSaysWhyNotOfEndsAndGrowth(array $base, string $path, string $says): void
    {
        [$at, $said] = Ways::refused(
            ['base' => $base + ['type' => 'oval', 'ends' => 'three', 'chain' => 20, 'rounds' => 2]],
        );
        self::assertSame($path, $at);
        self::assertStringContainsString($says, $said);
    }
}
