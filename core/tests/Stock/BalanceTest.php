<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Stock;

use Fescue\Core\Stock\Balance;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class BalanceTest extends TestCase
{
    /** Whatever is entered and reserved at random, what is on hand is the sum and never below zero. */
    public function testNeverBelowZero(): void
    {
        Draw::sow(5);
        $refused = 0;
        for ($life = 0; $life < 300; $life++) {
            $entries = [];
            $reserved = [];
            for ($step = 0; $step < 40; $step++) {
                $balance = new Balance($entries === [] ? null : array_sum($entries), $reserved);
                $amount = mt_rand(0, 50_000) / 100;
                $bag = mt_rand(0, 3) ?: null;
                try {
                    if ($step % 5 === 4 && $bag !== null) {
                        $balance->mustBeFree($amount, $bag);
                        $reserved[$bag] = ["Bag {$bag}", $amount];
                    } else {
                        $move = Move::cases()[array_rand(Move::cases())];
                        $entries[] = $balance->change($move, $amount, $bag);
                    }
                } catch (NotEnough $e) {
                    self::assertGreaterThan(20, strlen($e->getMessage()));
                    $refused++;
                }
                self::assertGreaterThanOrEqual(-0.001, array_sum($entries));
            }
        }
        self::assertGreaterThan(200, $refused);
    }

    public function testAWeighingCorrectsUpAndDown(): void
    {
        self::assertEqualsWithDelta(-40, (new Balance(900))->change(Move::Weighed, 860), 1e-9);
        self::assertEqualsWithDelta(860, (new Balance(null))->change(Move::Weighed, 860), 1e-9);
        self::assertEqualsWithDelta(-900, (new Balance(900, [1 => ['Tote', 500.0]]))->change(Move::Weighed, 0), 1e-9);
    }

    public function testWhatOthersReservedIsNotFree(): void
    {
        $balance = new Balance(900, [1 => ['Tote', 600.0], 2 => ['Pouch', 100.0]]);
        self::assertSame(
            [200.0, 800.0, 300.0, 700.0],
            [$balance->freeFor(), $balance->freeFor(1), $balance->freeFor(2), $balance->reserved()],
        );
        $this->expectExceptionMessage(
            'Only 300 g are free: the rest is reserved (Tote: 600 g). Free that first, or take less.',
        );
        $balance->change(Move::Used, 301, 2);
    }
}
