<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Stock;

use Fescue\Core\Stock\LedgerLine;
use Fescue\Core\Stock\LedgerLines;
use Fescue\Core\Stock\Move;
use Fescue\Core\Stock\NotEnough;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class LedgerLinesTest extends TestCase
{
    /** Bought 100 and 50, weighed 120: without the 50 it was 120 all the same, and the weighing made up for 20. */
    public function testAWeighingIsAFactFromItsMomentOn(): void
    {
        $lines = new LedgerLines([
            new LedgerLine(1, Move::Bought, 100), new LedgerLine(2, Move::Bought, 50),
            new LedgerLine(3, Move::Weighed, -30, 120), new LedgerLine(4, Move::Used, -20),
        ]);
        self::assertEqualsWithDelta(100.0, $lines->sum(), 1e-9);
        $without = $lines->with(2, false);
        self::assertEqualsWithDelta(100.0, $without->sum(), 1e-9);
        self::assertEqualsWithDelta([2 => 50.0, 3 => 20.0], [2 => 50.0] + $without->changed($lines), 1e-9);
        self::assertEqualsWithDelta(100.0, $without->with(2, true)->sum(), 1e-9);
        // Without the weighing what it corrected is back.
        self::assertEqualsWithDelta(130.0, $lines->with(3, false)->sum(), 1e-9);
        self::assertEqualsWithDelta(80.0, $without->with(3, false)->sum(), 1e-9);
    }

    /** 1 000 g, weighed in at 980 and at 940: taking the first out leaves what the second says, and 60 are used. */
    public function testAnEarlierWeighInIsTakenOut(): void
    {
        $lines = new LedgerLines([
            new LedgerLine(1, Move::Bought, 1000), new LedgerLine(2, Move::Used, -20, 980),
            new LedgerLine(3, Move::Used, -40, 940),
        ]);
        $without = $lines->with(2, false);
        self::assertEqualsWithDelta(940.0, $without->sum(), 1e-9);
        self::assertEqualsWithDelta([3 => -60.0], $without->changed($lines), 1e-9);
        self::assertEqualsWithDelta(960.0, $without->with(3, false)->sum() - 40, 1e-9);
        $this->expectExceptionMessage('where 980 g were weighed in later. Take that weigh-in out first.');
        $lines->with(1, false);
    }

    /** Bought 100, used 80, bought 90: without the first purchase the use had nothing to take. */
    public function testNoLinePassesBelowZero(): void
    {
        $lines = new LedgerLines([
            new LedgerLine(1, Move::Bought, 100), new LedgerLine(2, Move::Used, -80),
            new LedgerLine(3, Move::Bought, 90),
        ]);
        $this->expectExceptionMessage('a later line would take more than was there (used in a bag: 80 g of 0 g)');
        $lines->with(1, false);
    }

    /** Whatever is undone and counts again, each line is what a book-keeper makes of the facts, or nothing changes. */
    public function testLinesAreFoldedAsABookKeeperDoes(): void
    {
        $seed = Draw::seed();
        Draw::sow(32);
        $refused = $changed = 0;
        for ($life = 0; $life < 300; $life++) {
            $facts = [];
            $sum = 0.0;
            for ($nth = 1; $nth <= 12; $nth++) {
                $amount = mt_rand(1, 30_000) / 100;
                $kind = mt_rand(0, 3);
                $facts[$nth] = match (true) {
                    $kind === 0 => [Move::Weighed, null, $amount],
                    $kind === 1 && $amount < $sum => [Move::Used, -$amount, null],
                    default => [Move::Bought, $amount, null],
                };
                $sum = $facts[$nth][2] ?? $sum + $facts[$nth][1];
            }
            $out = [];
            $lines = self::lines($facts, $out);
            for ($step = 0; $step < 20; $step++) {
                $id = mt_rand(1, 12);
                $then = isset($out[$id]) ? array_diff_key($out, [$id => 1]) : $out + [$id => 1];
                $kept = self::sum($facts, $then);
                try {
                    $after = $lines->with($id, isset($out[$id]));
                    self::assertNotNull($kept, "seed {$seed}");
                    self::assertEqualsWithDelta($kept, $after->sum(), 0.01, "seed {$seed}");
                    [$lines, $out] = [$after, $then];
                    $changed++;
                } catch (NotEnough) {
                    self::assertNull($kept, "seed {$seed}");
                    $refused++;
                }
            }
        }
        self::assertGreaterThan(150, $refused);
        self::assertGreaterThan(2000, $changed);
    }

    /**
     * @param array<int, array{Move, ?float, ?float}> $facts
     * @param array<int, int> $out
     */
    private static function lines(array $facts, array $out): LedgerLines
    {
        $sum = 0.0;
        $lines = [];
        foreach ($facts as $id => [$move, $adds, $says]) {
            $amount = $adds ?? round((float) $says - $sum, 3);
            $lines[] = new LedgerLine($id, $move, $amount, $says, ! isset($out[$id]));
            $sum += $amount;
        }

        return new LedgerLines($lines);
    }

    /**
     * @param array<int, array{Move, ?float, ?float}> $facts
     * @param array<int, int> $out
     */
    private static function sum(array $facts, array $out): ?float
    {
        $there = 0.0;
        foreach (array_diff_key($facts, $out) as [, $adds, $says]) {
            $there = $says ?? $there + $adds;
            if ($there < -0.001) {
                return null;
            }
        }

        return $there;
    }
}
