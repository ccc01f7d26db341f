<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\BallEnd;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class BallsTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes)));
    }

    private static function place(BagPlan $plan, ?RowId $row): int
    {
        return $plan->work->place($row) ?? self::fail("There is no {$row}.");
    }

    /** By hand: a ball ends in the row before which what is taken stays below it, and with which it does not. */
    public function testABallEndsWhereItsGramsDo(): void
    {
        $plan = self::plan(['material/on_hand' => '900 g', 'material/unit' => '300 g']);
        $balls = Balls::of($plan);
        self::assertCount(2, $balls);
        self::assertSame([300.0, 300.0], array_map(fn(BallEnd $one): float => $one->left->grams, $balls));
        $rows = array_map(fn($row): float => $row->grams, Breakdown::of($plan)->rows);
        $tail = 0.175 * 8.2;
        $end = self::place($plan, $balls[0]->row);
        self::assertLessThan(300 - 2 * $tail, array_sum(array_slice($rows, 0, $end)));
        self::assertGreaterThan(300 - 2 * $tail, array_sum(array_slice($rows, 0, $end + 1)));
        $second = self::place($plan, $balls[1]->row);
        self::assertLessThan(600 - 4 * $tail, array_sum(array_slice($rows, 0, $second)));
        self::assertGreaterThan(600 - 4 * $tail, array_sum(array_slice($rows, 0, $second + 1)));
        foreach ($balls as $ball) {
            self::assertLessThanOrEqual(self::place($plan, $ball->row), self::place($plan, $ball->earliest));
            self::assertGreaterThanOrEqual(self::place($plan, $ball->row), self::place($plan, $ball->latest));
        }
    }

    /** Common practice: no join in the slots or in the last two rounds, whatever the size of a ball. */
    public function testNoJoinFallsWhereItShows(): void
    {
        $moved = 0;
        foreach (range(90, 460, 10) as $unit) {
            $plan = self::plan(['material/on_hand' => '1000 g', 'material/unit' => "{$unit} g"]);
            $last = count($plan->work->rows) - 1;
            $before = -1;
            foreach (Balls::of($plan) as $ball) {
                [$from, $to] = $ball->join === null ? [
                    self::place($plan, $ball->earliest),
                    self::place($plan, $ball->latest),
                ] : array_fill(0, 2, self::place($plan, $ball->join));
                $moved += (int) ($ball->join !== null);
                if (! $ball->bears) {
                    continue;
                }
                self::assertLessThanOrEqual($last - 2, $to, "{$unit} g");
                self::assertLessThanOrEqual(self::place($plan, $ball->earliest), $from);
                foreach (range($from, $to) as $row) {
                    self::assertNotSame(Part::Handles, $plan->work->rows[$row]->part, "{$unit} g");
                }
                self::assertGreaterThanOrEqual($before, self::place($plan, $ball->row));
                $before = self::place($plan, $ball->row);
            }
        }
        self::assertGreaterThan(0, $moved, 'Some ball ends where no join may stand.');
    }

    /** After a weigh-in the begun ball is what is over whole ones, and it ends after that round. */
    public function testWeighInsTellWhichBallIsBegun(): void
    {
        $plan = self::plan(
            [
                'material/on_hand' => '900 g',
                'material/unit' => '300 g',
                'weigh_ins' => [['after' => 'Round 6', 'left' => '640 g']],
            ],
        );
        $balls = Balls::of($plan);
        self::assertEqualsWithDelta(40, $balls[0]->left->grams, 1e-9);
        self::assertContains((string) $balls[0]->row, ['Round 7', 'Round 8']);
        $before = Balls::of(self::plan(['material/on_hand' => '900 g', 'material/unit' => '300 g', 'weigh_ins' => []]));
        $wide = fn(BagPlan $of, BallEnd $one): int => self::place($of, $one->latest) - self::place($of, $one->earliest);
        self::assertLessThanOrEqual($wide($plan, $before[1]), $wide($plan, $balls[1]));
    }

    public function testNothingIsToldWhereNothingIsKnown(): void
    {
        foreach ([
            ['material/unit' => null],
            ['material/on_hand' => null, 'material/unit' => '300 g'],
            ['material/on_hand' => '250 g', 'material/unit' => '300 g'],
            ['material/on_hand' => '2400 g', 'material/unit' => '1200 g'],
        ] as $changes) {
            $plan = self::plan($changes);
            self::assertSame([], Balls::of($plan));
        }
        // Two thirds of a ball and one whole: the begun one ends, the whole one reaches.
        $plan = self::plan(['material/on_hand' => '1000 g', 'material/unit' => '600 g']);
        self::assertCount(1, Balls::of($plan));
        self::assertLessThan(1000, MaterialEstimate::of($plan)->grams->likely);
        self::assertEqualsWithDelta(400, Balls::of($plan)[0]->left->grams, 1e-9);
    }
}
