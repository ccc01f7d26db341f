<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Strip\Candidate;
use Fescue\Core\Strip\CutPlan;
use Fescue\Core\Strip\CutYield;
use Fescue\Core\Strip\PieceChoice;
use Fescue\Core\Strip\Wanted;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class PieceChoiceTest extends TestCase
{
    /** Every one of the 2^n choices weighed, as a judge of the exact chooser. */
    public function testNoChoiceIsBetterThanTheExactOne(): void
    {
        Draw::sow(11);
        for ($try = 0; $try < 150; $try++) {
            $candidates = self::random(mt_rand(1, 9), 2);
            $need = mt_rand(1, 60);
            [$metres, $pieces] = self::bruteForce($candidates, $need);
            $choice = PieceChoice::of($candidates, $need);
            if ($metres === INF) {
                self::assertNull($choice);

                continue;
            }
            self::assertNotNull($choice);
            self::assertNull($choice->within);
            self::assertEqualsWithDelta($metres, $choice->metres, 1e-6);
            self::assertSame($pieces, $choice->pieces);
        }
    }

    /**
     * Beyond the exact ones: never short, never more than it says from the best, and judged by the brute force where
     * that can.
     */
    public function testTheQuickOneIsAsGoodAsItSays(): void
    {
        Draw::sow(12);
        for ($try = 0; $try < 40; $try++) {
            $candidates = self::random(mt_rand(4, 6), 7);
            if (array_sum(array_map(fn(Candidate $one): int => $one->count, $candidates)) <= PieceChoice::EXACT) {
                continue;
            }
            $need = mt_rand(10, 90);
            [$metres] = self::bruteForce($candidates, $need);
            $choice = PieceChoice::of($candidates, $need);
            self::assertSame($metres === INF, $choice === null);
            if ($choice !== null) {
                self::assertGreaterThanOrEqual($need - 1e-6, $choice->metres);
                self::assertNotNull($choice->within);
                self::assertLessThanOrEqual($choice->within + 1e-6, $choice->metres - $metres);
                foreach ($choice->picked as $key => $count) {
                    self::assertLessThanOrEqual($candidates[(int) $key]->count, $count);
                }
            }
        }
    }

    /** Seven alike are just enough: no rounding may make it eight. */
    public function testAlikePiecesThatAreJustEnough(): void
    {
        foreach ([7, 11, 13, 23] as $pieces) {
            $choice = PieceChoice::of([new Candidate('a', 3.3, 40)], 3.3 * $pieces);
            self::assertSame($pieces, $choice?->pieces);
            self::assertNotNull($choice->within);
        }
    }

    public function testFiveHundredPieces(): void
    {
        Draw::sow(13);
        $candidates = self::random(500, 1);
        $choice = PieceChoice::of($candidates, 400);
        self::assertNotNull($choice);
        self::assertGreaterThanOrEqual(400 - 1e-6, $choice->metres);
        self::assertLessThanOrEqual(400 + ($choice->within ?? 0), $choice->metres);
        self::assertNull(PieceChoice::of($candidates, 1e6));
    }

    /**
     * areal × strip × layers = density × pull (geometry): 7 g/m of 175 g/m² pulled to 1.25 is 5 cm, half that double.
     */
    public function testHowWideToCut(): void
    {
        $wanted = new Wanted(Length::mm(42_000), LinearDensity::gramsPerMetre(7));
        $cloth = ArealDensity::gramsPerSquareMetre(175);
        self::assertEqualsWithDelta(50, $wanted->strip($cloth, 1.25, false)->mm, 1e-9);
        self::assertEqualsWithDelta(25, $wanted->strip($cloth, 1.25, true)->mm, 1e-9);
    }

    /** By hand: prior 1 ± 0.1, one piece at 0.9 ± 0.04: (100 + 625·0.9)/725, and √(1/725). */
    public function testTheFirstPieceCorrectsTheRest(): void
    {
        $after = CutYield::after([[10.0, 9.0]]);
        self::assertEqualsWithDelta((100 + 625 * 0.9) / 725, $after->factor, 1e-12);
        self::assertEqualsWithDelta(sqrt(1 / 725), $after->share, 1e-12);
        // Two of 10 m and one of 0.5: each 4 % by itself, all 10 % together.
        self::assertEqualsWithDelta(
            hypot(0.1, hypot(0.4, hypot(0.4, 0.02)) / 20.5),
            CutYield::after([])->of([10.0, 10.0, 0.5])->relative,
            1e-9,
        );
        self::assertEqualsWithDelta(0.5, CutYield::after([])->of([0.5])->likely, 1e-9);
        self::assertSame(0.0, CutYield::after([])->of([])->likely);
        $before = CutYield::after([])->of([10.0, 10.0]);
        self::assertEqualsWithDelta(20, $before->likely, 1e-9);
        self::assertGreaterThan($after->of([10.0, 10.0])->relative, $before->relative);
    }

    /** Drawn from what it supposes, nine in ten of the plans it is sure of are enough. */
    public function testAPlanIsAsSureAsItSays(): void
    {
        Draw::sow(14);
        $candidates = [
            new Candidate('shirt', 14.0, 8),
            new Candidate('sleeve', 3.5, 12),
            new Candidate('skirt', 22.0, 2),
        ];
        $plan = CutPlan::of($candidates, 42.0);
        self::assertNotNull($plan);
        self::assertGreaterThanOrEqual(CutPlan::SURE, $plan->chance);
        $enough = 0;
        $metres = ['shirt' => 14.0, 'sleeve' => 3.5, 'skirt' => 22.0];
        for ($draw = 0; $draw < 8000; $draw++) {
            $common = 1 + CutYield::COMMON * self::normal();
            $given = array_sum(
                array_map(
                    fn(int|string $key): float => $metres[$key] * ($common + CutYield::EACH * self::normal()),
                    $plan->order,
                ),
            );
            $enough += (int) ($given >= 42.0);
        }
        self::assertEqualsWithDelta($plan->chance, $enough / 8000, 0.015);
        self::assertCount($plan->choice->pieces, $plan->order);
    }

    /**
     * Every choice weighed, by its own sums: the smallest that is enough in 9 of 10, or where none is all that is
     * there;
     * ribbons of 10.03 and 1.53 m that reach 53 m with all nine alone, too.
     */
    #[Group('slow')]
    public function testTheSmallestThatIsSureOrAllThatIsThere(): void
    {
        Draw::sow(15);
        $sure = $all = 0;
        for ($try = 0; $try < 300; $try++) {
            $candidates = $try === 0
                ? [new Candidate('a', 10.03, 5), new Candidate('b', 1.53, 4)]
                : self::random(mt_rand(1, 6), 3);
            $total = array_sum(array_map(fn(Candidate $one): float => $one->metres * $one->count, $candidates));
            $need = $try === 0 ? 53.0 : $total * mt_rand(10, 100) / 100;
            $cut = mt_rand(0, 2) === 0 ? [[10.0, mt_rand(85, 115) / 10]] : [];
            $best = [INF, 0.0];
            $surely = INF;
            $chances = [];
            foreach (self::choices($candidates) as $lengths) {
                $chances[] = $chance = self::chance($lengths, $need, $cut);
                if ($chance >= 0.9 && array_sum($lengths) < $best[0] - 1e-9) {
                    $best = [array_sum($lengths), $chance];
                }
                // What is sure by less than this, one reckoning of the chance has and the other has not.
                if ($chance >= 0.9 + 1e-4) {
                    $surely = min($surely, array_sum($lengths));
                }
            }
            $plan = CutPlan::of($candidates, $need, $cut);
            $said = 'seed '.Draw::seed().", try {$try}, at a chance of {$best[1]}";
            if ($best[0] < INF) {
                $sure++;
                self::assertGreaterThanOrEqual($best[0] - 1e-6, $plan?->choice->metres, $said);
                self::assertLessThanOrEqual($surely + 1e-6, $plan->choice->metres, $said);
                self::assertGreaterThanOrEqual(0.9 - 1e-6, $plan?->chance, $said);
            } elseif ($plan !== null) {
                $all++;
                self::assertEqualsWithDelta(max($chances), $plan->chance, 1e-3, $said);
                self::assertTrue($plan->isAllOf(array_sum(array_column($candidates, 'count'))), $said);
            }
        }
        self::assertGreaterThan(100, $sure);
        self::assertGreaterThan(20, $all);
    }

    /** Too many to weigh each: as sure as can be where the first targets fall short. */
    #[Group('slow')]
    public function testManyPiecesAreAsSureAsTheyCanBe(): void
    {
        Draw::sow(16);
        for ($try = 0; $try < 40; $try++) {
            $candidates = self::random(5, 14);
            $total = array_sum(array_map(fn(Candidate $one): float => $one->metres * $one->count, $candidates));
            $plan = CutPlan::of($candidates, $total * mt_rand(30, 99) / 100);
            $every = array_merge(...array_map(
                fn(Candidate $one): array => array_fill(0, $one->count, $one->metres),
                $candidates,
            ));
            if ($plan !== null && $plan->chance < CutPlan::SURE) {
                self::assertCount($plan->choice->pieces, $every);
            }
        }
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return list<list<float>>
     */
    private static function choices(array $candidates): array
    {
        $choices = [[]];
        foreach ($candidates as $one) {
            $more = [];
            foreach ($choices as $lengths) {
                for ($count = 0; $count <= $one->count; $count++) {
                    $more[] = [...$lengths, ...array_fill(0, $count, $one->metres)];
                }
            }
            $choices = $more;
        }

        return $choices;
    }

    /**
     * By the normal's own integral: a common factor known to 10 %, or as a first piece told, and 4 % a piece.
     *
     * @param list<float> $lengths
     * @param list<array{float, float}> $cut
     */
    private static function chance(array $lengths, float $need, array $cut): float
    {
        $precision = 100.0;
        $sum = 100.0;
        foreach ($cut as [$expected, $given]) {
            $precision += 625.0;
            $sum += 625.0 * $given / $expected;
            $need -= $given;
        }
        $mean = array_sum($lengths) * $sum / $precision;
        $variance = array_sum($lengths) ** 2 / $precision;
        foreach ($lengths as $one) {
            $variance += (0.04 * $one) ** 2;
        }
        if ($variance <= 0.0) {
            return $need <= 0.0 ? 1.0 : 0.0;
        }
        $z = ($mean - $need) / sqrt($variance);
        $area = 0.0;
        for ($at = -8.0; $at < min(8.0, $z) - 1e-9; $at += $step) {
            $step = min(0.05, min(8.0, $z) - $at);
            $area += $step * exp(-($at + $step / 2) ** 2 / 2) / sqrt(2 * M_PI);
        }

        return $area;
    }

    public function testWhatWasCutCountsAndTheRestIsChosenAnew(): void
    {
        $candidates = [new Candidate('a', 10.0, 5)];
        $poor = CutPlan::of($candidates, 40.0, [[10.0, 7.0]]);
        $good = CutPlan::of($candidates, 40.0, [[10.0, 12.0]]);
        self::assertNotNull($good);
        self::assertNull(CutPlan::of([new Candidate('a', 10.0, 3)], 60.0));
        self::assertSame(5, $poor?->choice->pieces);
        self::assertLessThan(5, $good->choice->pieces);
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * mt_rand(0, 999_999) / 1_000_000);
    }

    /** @return list<Candidate> */
    private static function random(int $kinds, int $most): array
    {
        return array_map(
            fn(int $key): Candidate => new Candidate($key, mt_rand(50, 1500) / 100, mt_rand(1, $most)),
            range(0, $kinds - 1),
        );
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return array{float, int} least metres that are enough, and the fewest pieces that give them
     */
    private static function bruteForce(array $candidates, float $need): array
    {
        $sums = [[0.0, 0]];
        foreach ($candidates as $one) {
            $more = [];
            foreach ($sums as [$metres, $pieces]) {
                for ($count = 0; $count <= $one->count; $count++) {
                    $more[] = [$metres + $count * $one->metres, $pieces + $count];
                }
            }
            $sums = $more;
        }
        $best = [INF, 0];
        foreach ($sums as [$metres, $pieces]) {
            if (
                $metres >= $need - 1e-9
                && ($metres < $best[0] - 1e-9 || ($metres < $best[0] + 1e-9 && $pieces < $best[1]))
            ) {
                $best = [$metres, $pieces];
            }
        }

        return $best;
    }

    /**
     * Whatever a maker has, however little she needs: in time and in memory that do not follow her numbers, and never
     * more than a piece too much.
     */
    public function testTheLargestNumbersCostNoMoreThanOthers(): void
    {
        $before = memory_get_peak_usage();
        foreach ([[9000.0, 10_000], [0.001, 30], [0.001, 10_000], [150.0, 1]] as [$need, $count]) {
            $many = [new Candidate('a', 1.7, $count), new Candidate('b', 2.3, $count), new Candidate('c', 160.0, 1)];
            $choice = PieceChoice::of($many, $need);
            self::assertNotNull($choice);
            self::assertGreaterThanOrEqual($need - 1e-6, $choice->metres);
            self::assertLessThanOrEqual($need + 160.0, $choice->metres);
        }
        $single = PieceChoice::of([new Candidate('long', 17.2, 30), new Candidate('short', 9.3, 30)], 0.001);
        self::assertSame(['short' => 1], $single?->picked);
        Draw::sow(7);
        $kinds = [];
        for ($kind = 0; $kind < 1000; $kind++) {
            $kinds[] = new Candidate("k{$kind}", mt_rand(10, 3000) / 100, mt_rand(1, 10_000));
        }
        $choice = PieceChoice::of($kinds, 20_000.0);
        self::assertNotNull($choice);
        self::assertGreaterThanOrEqual(20_000.0 - 1e-6, $choice->metres);
        self::assertLessThanOrEqual(20_000.2, $choice->metres, 'Less than the shortest piece over.');
        self::assertLessThan(64_000_000, memory_get_peak_usage() - $before);
        // Alike pieces are not weighed one against another without end.
        $alike = array_map(fn(int $one): Candidate => new Candidate("p{$one}", 10 + $one / 1e4, 1), range(1, 22));
        self::assertNotNull(PieceChoice::of($alike, 110.0));
    }

    /** Of choices that leave as little over, that of fewer pieces: 6 is 6, and not 3 and 3, exact or in grains. */
    public function testOfLikeChoicesTheFewerPieces(): void
    {
        $few = [new Candidate('three', 3.0, 2), new Candidate('six', 6.0, 1)];
        self::assertSame(['six' => 1], PieceChoice::of($few, 6.0)?->picked);
        self::assertSame(['six' => 1], PieceChoice::of([...$few, new Candidate('ten', 10.0, 30)], 6.0)?->picked);
        // In grains, the need is met and not a piece more than does it.
        $many = PieceChoice::of([new Candidate('a', 0.7, 40), new Candidate('b', 1.1, 40)], 9.9);
        self::assertEqualsWithDelta(9.9, $many?->metres, 1e-9);
    }
}
