<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Consumption;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\OddWeighIn;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Gauge\Loops;
use Fescue\Core\Tests\Panel\Built;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The walk of the strand, against bags worked ball by ball by the test itself. */
final class WalkTest extends TestCase
{
    private const TAIL = 0.175 * 8.2;

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): BagPlan
    {
        return Planner::plan(
            BagDocument::read(
                Documents::tote(
                    $changes + [
                        'base' => ['type' => 'oval', 'ends' => 'three', 'chain' => 22, 'rounds' => 5],
                        'body' => ['stitch' => 'sc', 'rounds' => 14],
                        'handles' => null,
                    ],
                ),
            ),
        );
    }

    /** @return list<float> grams of each row's stitches */
    private static function rows(BagPlan $plan): array
    {
        return array_map(fn(array $row): float => array_sum($row), Consumption::of($plan)->rows);
    }

    /**
     * What has gone after so many rows, worked from balls of that size: each leaves a tail, and so does the next.
     * @param list<float> $rows
     */
    private static function gone(array $rows, int $many, float $begun, float $ball): float
    {
        $gone = 0.0;
        $left = $begun;
        $use = function (float $some) use (&$gone, &$left, $ball): void {
            while ($some > $left - self::TAIL) {
                $some -= $left - self::TAIL;
                $gone += $left + self::TAIL;
                $left = $ball - self::TAIL;
            }
            $gone += $some;
            $left -= $some;
        };
        $use(self::TAIL);
        array_map($use, array_slice($rows, 0, $many));

        return $gone;
    }

    /** @return list<array{float, float}> */
    public static function balls(): array
    {
        return [[50.0, 1073.3], [100.0, 1041.7], [330.0, 1024.5], [2000.0, 1013.0]];
    }

    /** Joins between balls are told once, before a weigh-in and after it, and teach the hand nothing. */
    #[DataProvider('balls')]
    public function testJoinsAreToldOnce(float $ball, float $true): void
    {
        $changes = ['material/on_hand' => '2000 g', 'material/unit' => "{$ball} g"];
        $plan = self::plan($changes);
        $rows = self::rows($plan);
        $begun = fmod(2000, $ball) > 0 ? fmod(2000, $ball) : $ball;
        self::assertEqualsWithDelta($true, self::gone($rows, 19, $begun, $ball) + self::TAIL, 0.06);
        $before = MaterialEstimate::of($plan);
        self::assertEqualsWithDelta($true, $before->grams->likely, 0.06);
        foreach ([4, 9, 14, 18] as $after) {
            $left = 2000 - self::gone($rows, $after, $begun, $ball);
            $weighed = self::plan($changes + ['weigh_ins' => [['after' => "Round {$after}", 'left' => "{$left} g"]]]);
            $estimate = MaterialEstimate::of($weighed);
            self::assertEqualsWithDelta($true, $estimate->grams->likely, 0.4, "after {$after}");
            self::assertEqualsWithDelta($true - 2000 + $left, $estimate->remaining->likely, 0.4, "after {$after}");
            self::assertEqualsWithDelta(79 / 100 / 8.2 * 1000, Lesson::of($weighed)?->strand->mm, 0.05);
        }
    }

    /** What was cut was joined when it was wound; what is shorter than two tails is joined otherwise. */
    public function testCutStrandHasItsJoinsInItsLength(): void
    {
        $grams = fn(array $material): float => MaterialEstimate::of(
            self::plan(
                array_combine(
                    array_map(fn(string $key): string => "material/{$key}", array_keys($material)),
                    $material,
                ),
            ),
        )->grams->likely;
        $plain = $grams([]);
        self::assertSame($plain, $grams(['unit' => '50 g', 'waste' => 0.2]));
        self::assertSame($plain, $grams(['unit' => '50 g', 'joined' => true]));
        self::assertSame($plain, $grams(['unit' => '2.8 g']));
        self::assertGreaterThan($plain + 50, $grams(['unit' => '50 g']));
        self::assertGreaterThan($plain + 50, $grams(['unit' => '50 g', 'waste' => 0.2, 'joined' => false]));
    }

    /**
     * One walk for all: what is likely, whether it is enough, what is left after each row and where it runs out never
     * contradict.
     */
    public function testEnoughRunningOutAndWhatIsLeftAgree(): void
    {
        $document = self::plan(['material/on_hand' => '1016 g', 'material/unit' => '50 g']);
        $estimate = MaterialEstimate::of($document);
        self::assertSame('Round 19', (string) $estimate->runsOut()?->row);
        self::assertEqualsWithDelta(0.23, $estimate->enough, 0.02);
        $chance = new Chance(new Randomizer(new Mt19937(3)));
        for ($drawn = 0; $drawn < 150; $drawn++) {
            $onHand = $chance->between(500, 1500);
            $changes = ['material/on_hand' => "{$onHand} g"];
            if ($chance->share() < 0.7) {
                $changes['material/unit'] = $chance->between(20, 400).' g';
            }
            if ($chance->share() < 0.5) {
                $changes['weigh_ins'] = [
                    ['after' => 'Round '.$chance->whole(2, 17), 'left' => $onHand * $chance->between(0.2, 0.9).' g'],
                ];
            }
            $plan = self::plan($changes);
            $estimate = MaterialEstimate::of($plan);
            $rows = Breakdown::of($plan)->rows;
            $end = $rows[18]->left;
            $said = json_encode($changes);
            self::assertSame($estimate->runsOut() !== null, $estimate->enough < 0.5, (string) $said);
            self::assertSame(
                $estimate->runsOut() !== null,
                $estimate->remaining->likely > $estimate->left,
                (string) $said,
            );
            self::assertEqualsWithDelta(
                max(0.0, $estimate->left - $estimate->remaining->likely),
                max(0.0, $end - self::TAIL),
                1e-6,
            );
            self::assertEqualsWithDelta(
                $estimate->grams->likely,
                array_sum(array_map(fn(PartTakes $part): float => $part->grams, $estimate->parts)),
                1e-6,
            );
            self::assertEqualsWithDelta(
                max(0.0, $estimate->remaining->at(0.9) - $estimate->left),
                $estimate->short()->grams,
                1e-9,
            );
            foreach ($rows as $row) {
                self::assertFalse(
                    $row->left > 0
                        && $estimate->runsOut() !== null
                        && $plan->work->place($row->row) > $plan->work->place($estimate->runsOut()->row),
                    (string) $said,
                );
            }
        }
    }

    /** Stitch by stitch, chains of a slot among them; a lifting chain, a foundation and a join are none. */
    public function testTheStitchInWhichItRunsOutIsOfTheRound(): void
    {
        foreach (['spiral', 'joined'] as $working) {
            $plan = self::plan(['working' => $working, 'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16]]);
            $takes = Consumption::of($plan);
            $sc = 0.79;
            [$chain, $slip] = array_map(
                fn(string $stitch): float => Loops::mm($stitch, 12, 11.5, 4) / Loops::mm('sc', 12, 11.5, 4) * $sc,
                ['ch', 'sl st'],
            );
            $lift = $working === 'joined' ? $chain : 0.0;
            $join = $working === 'joined' ? $slip : 0.0;
            foreach ([[0, 23 * $chain, 46], [7, $lift, 70]] as [$place, $before, $stitches]) {
                $all = $before + $stitches * $sc + $join;
                foreach ([
                    [0.5 * $before, 1],
                    [$before + 0.5 * $sc, 1],
                    [$before + 9.5 * $sc, 10],
                    [$before + ($stitches - 0.5) * $sc, $stitches],
                    [$all, $stitches],
                ] as [$grams, $stitch]) {
                    self::assertSame($stitch, $takes->stitchAt($place, $grams / $all), "{$working} {$place}");
                }
            }
            // The slot round of 70: sc before, then sixteen chains.
            $before = $plan->work->rows[19]->instructions[$working === 'joined' ? 1 : 0]->takes();
            $all = $lift + 50 * $sc + 32 * $chain + $join;
            $grams = $lift + $before * $sc + 3.5 * $chain;
            self::assertSame($before + 4, $takes->stitchAt(19, $grams / $all));
            self::assertCount(82, Placement::of($plan->work->rows[19]->instructions));
        }
    }

    /** A seam leaves no stitch to stand on: its own are counted, from its first to its last. */
    public function testASeamIsCountedByItsStitches(): void
    {
        $plan = Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]);
        $place = $plan->work->place(RowId::read('Seam A')) ?? self::fail('It is sewn.');
        $takes = Consumption::of($plan);
        self::assertSame([1, 1, 2, 6, 10, 10], array_map(
            fn(float $share): int => $takes->stitchAt($place, $share),
            [0.0, 0.09, 0.11, 0.55, 0.95, 1.0],
        ));
    }

    /** A misread weigh-in is told by what went since the one before, and neither it nor what it says is believed. */
    public function testALaterWeighInThatCannotBeIsNotBelieved(): void
    {
        $changes = [
            'base' => ['type' => 'oval', 'ends' => 'three', 'chain' => 22, 'rounds' => 4],
            'handles' => ['type' => 'slot'],
            'material/on_hand' => '1200 g',
        ];
        $plan = self::plan($changes);
        $true = MaterialEstimate::of($plan)->grams->likely;
        $rows = self::rows($plan);
        $left = fn(int $row): float => 1200 - self::TAIL - array_sum(array_slice($rows, 0, $row));
        $of = function (array $left) use ($plan): MaterialEstimate {
            return MaterialEstimate::of(
                $plan->weighed(
                    Mass::grams(1200),
                    array_map(
                        fn(int $row): WeighIn => new WeighIn(new RowId(RowKind::Round, $row), Mass::grams($left[$row])),
                        array_keys($left),
                    ),
                ),
            );
        };
        $odd = fn(MaterialEstimate $estimate): array => array_map(
            fn(OddWeighIn $one): string => (string) $one->row,
            $estimate->odd,
        );
        $fair = $of([5 => $left(5), 10 => $left(10), 15 => $left(15)]);
        self::assertSame([], $odd($fair));
        self::assertEqualsWithDelta($true, $fair->grams->likely, 0.5);
        foreach ([-100, -60, 60, 100] as $misread) {
            $estimate = $of([5 => $left(5), 10 => $left(10), 15 => $left(15) + $misread]);
            self::assertSame(['Round 15'], $odd($estimate), "{$misread}");
            self::assertEqualsWithDelta($true, $estimate->grams->likely, 3, "{$misread}");
            self::assertEqualsWithDelta($left(10) - $left(15) - $misread, $estimate->odd[0]->used, 1e-6);
            self::assertEqualsWithDelta($left(10) - $left(15), $estimate->odd[0]->expected, 2);
            self::assertEqualsWithDelta($left(15) + $misread, $estimate->left, 1e-9);
            // The next one bears out those before it: the odd one was misread, and all else counts on.
            $next = $of([5 => $left(5), 10 => $left(10) + abs($misread), 15 => $left(15)]);
            self::assertSame(['Round 10'], $odd($next));
            self::assertEqualsWithDelta($true, $next->grams->likely, 3);
            self::assertEqualsWithDelta($fair->grams->relative, $next->grams->relative, 0.002);
        }
        // Some went elsewhere: what follows bears the odd one out, and counts from there.
        $gone = $of([5 => $left(5), 10 => $left(10) - 100, 15 => $left(15) - 100]);
        self::assertSame(['Round 10'], $odd($gone));
        self::assertEqualsWithDelta($true, $gone->grams->likely, 3);
        self::assertEqualsWithDelta($left(15) - 100, $gone->left, 1e-9);
    }

    /**
     * Hands are not even: rows that differ by 3 % each, and a tension that drifts or does not. Nine in ten bags must
     * fall
     * in the interval all the same, and the interval must not be idle.
     */
    public function testUnevenHandsFallWithinTheIntervalAsOftenAsItSays(): void
    {
        $plan = self::plan(['material/on_hand' => '2000 g']);
        $rows = self::rows($plan);
        $chance = new Chance(new Randomizer(new Mt19937(21)));
        foreach ([
            [0.0, 0.0, 0.93, 1.0],
            [0.005, 0.0, 0.88, 0.98],
            [0.0, 0.03, 0.88, 0.98],
        ] as [$walk, $slope, $least, $most]) {
            $held = $wide = 0;
            for ($maker = 0; $maker < 300; $maker++) {
                [$hand, $drift, $way] = [0.07 * $chance->normal(), 0.0, $chance->share() < 0.5 ? 1 : -1];
                $true = [];
                foreach ($rows as $place => $grams) {
                    $drift += $walk * $chance->normal();
                    $true[] = $grams * (1 + $hand + $drift + $way * $slope * ($place / 19 - 0.5) + 0.03 * $chance->normal());
                }
                $weighIns = array_map(
                    fn(int $row): WeighIn => new WeighIn(
                        new RowId(RowKind::Round, $row),
                        Mass::grams(2000 - self::TAIL - array_sum(array_slice($true, 0, $row)) + $chance->normal()),
                    ),
                    [5, 10],
                );
                $grams = MaterialEstimate::of($plan->weighed(Mass::grams(2000), $weighIns))->grams;
                $took = array_sum($true) + 2 * self::TAIL;
                $held += (int) ($took >= $grams->low() && $took <= $grams->high());
                $wide = max($wide, ($grams->high() - $grams->low()) / 2 / $grams->likely);
            }
            self::assertGreaterThan($least, $held / 300, "drift {$walk}, slope {$slope}");
            self::assertLessThan($most, $held / 300 - 1e-9, "drift {$walk}, slope {$slope}");
            self::assertLessThan(0.025, $wide);
            self::assertGreaterThan(0.012, $wide);
        }
    }

    public function testBallsEndWhereTheWalkHasUsedThem(): void
    {
        $plan = self::plan(['material/on_hand' => '1250 g', 'material/unit' => '300 g']);
        $rows = self::rows($plan);
        foreach (Balls::of($plan) as $ball => $end) {
            // What was worked when it ends: its grams less a tail of its own, and of every one before both.
            $worked = 50 + 300 * $ball - self::TAIL * (2 + 2 * $ball);
            $place = $plan->work->place($end->row) ?? self::fail();
            $into = $worked - array_sum(array_slice($rows, 0, $place));
            self::assertGreaterThan(0, $into);
            self::assertLessThan($rows[$place], $into);
            self::assertSame(
                1 + (int) floor($into / 0.79 - ($place === 0 ? 23 * 3.2 / 4 / 23.5 * 12 : 0)),
                $end->stitch,
            );
        }
        self::assertCount(4, Balls::of($plan));
    }
}
