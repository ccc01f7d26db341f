<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Foretold;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\TestCase;

/** What is left and to come of each strand after each row: by the rows' own grams, from either end. */
final class ForetoldTest extends TestCase
{
    /** @return non-empty-list<Foretold> */
    private static function of(BagPlan $plan): array
    {
        return Foretold::of($plan, MaterialEstimate::of($plan));
    }

    /** Of one strand: what is left falls as what is to come does, from what is on hand, and both by what rows take. */
    public function testOneStrand(): void
    {
        $plan = Ways::plan(['material/on_hand' => '900 g']);
        [$one] = self::of($plan);
        $rows = Breakdown::of($plan)->rows;
        $many = count($plan->work->rows);
        self::assertSame([$many + 1, $many + 1, $many + 1], [count($one->come), count($one->left), count($one->off)]);
        self::assertEqualsWithDelta(900.0, $one->left[0] ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(MaterialEstimate::of($plan)->grams->likely, $one->come[0], 1e-9);
        self::assertSame(0.0, $one->off[0]);
        $tail = 0.175 * 8.2;
        foreach ($rows as $place => $row) {
            self::assertEqualsWithDelta($row->left, $one->left[$place + 1], 1e-9);
            self::assertEqualsWithDelta(900 - $one->come[0], $one->left[$place + 1] - $one->come[$place + 1], 1e-6);
            self::assertEqualsWithDelta(
                $row->grams + ($place === 0 ? $tail : 0.0),
                $one->come[$place] - $one->come[$place + 1],
                0.01 * $row->grams + 0.1,
            );
            self::assertGreaterThan($one->off[$place], $one->off[$place + 1], 'It is less and less sure.');
        }
        self::assertNull($one->out);
        self::assertEqualsWithDelta($tail, $one->come[$many], 0.1);
    }

    /** Weighed, it is known there and not before; without a ball weighed nothing is. */
    public function testWeighedAndUnknown(): void
    {
        [$one] = self::of(Ways::plan([
            'material/on_hand' => '900 g', 'weigh_ins' => [['after' => 'Round 6', 'left' => '640 g']],
        ]));
        self::assertSame([null, null, 640.0], array_slice($one->left, 4, 3));
        self::assertLessThan(640.0, $one->left[7]);
        self::assertNotNull($one->left[7]);
        // What came before is told from the rows, as grams still to come.
        self::assertGreaterThan($one->come[6] + 200, $one->come[0]);
        self::assertGreaterThan($one->come[4], $one->come[3]);
        [$none] = self::of(Ways::plan(['material/on_hand' => null]));
        self::assertSame([null], array_values(array_unique($none->left)));
        self::assertGreaterThan(0.0, $none->come[0]);
    }

    /** Two strands: rows of one leave the other as it is. */
    public function testTwoStrands(): void
    {
        $plan = Ways::plan([
            'material/on_hand' => '900 g', 'others' => [['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m', 'on_hand' => '100 g']],
            'changes' => [['from' => 'Round 8', 'to' => 1], ['from' => 'Round 12', 'to' => 0]],
        ]);
        [$own, $other] = self::of($plan);
        foreach ($plan->materials as $place => $which) {
            [$still, $falls] = $which === 0 ? [$other, $own] : [$own, $other];
            self::assertSame($still->come[$place], $still->come[$place + 1]);
            self::assertSame($still->left[$place], $still->left[$place + 1]);
            self::assertGreaterThan($falls->come[$place + 1], $falls->come[$place]);
        }
        self::assertSame([0, 1], [$own->which, $other->which]);
        self::assertSame('Round 10', (string) $other->out?->row);
        self::assertEqualsWithDelta(100.0, $other->left[7], 1e-9);
    }

    /** She began a whole ball in a row: from there each ball is one more whole one. */
    public function testBallsFromAWholeOneOn(): void
    {
        $plan = Ways::plan(['material/on_hand' => '900 g', 'material/unit' => '200 g']);
        self::assertEqualsWithDelta(100.0, Balls::of($plan)[0]->left->grams, 1e-9, 'The begun one first.');
        $whole = Balls::of($plan, 5);
        self::assertEqualsWithDelta(200.0, $whole[0]->left->grams, 1e-9);
        $grams = array_map(fn($row): float => $row->grams, Breakdown::of($plan)->rows);
        $gone = 0.0;
        for ($row = 5; $gone + $grams[$row] <= 200 - 2 * 0.175 * 8.2; $row++) {
            $gone += $grams[$row];
        }
        self::assertSame($plan->work->rows[$row]->name, (string) $whole[0]->row);
        self::assertEquals(Balls::of($plan), Balls::of($plan, 0));
    }
}
