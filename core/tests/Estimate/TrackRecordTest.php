<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Estimate\ActualUse;
use Fescue\Core\Estimate\TrackRecord;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class TrackRecordTest extends TestCase
{
    /** @param list<float> $ratios */
    private static function record(array $ratios): TrackRecord
    {
        return new TrackRecord(array_map(
            fn(float $one): ActualUse => new ActualUse(400 * $one, 360, 400, 450),
            $ratios,
        ));
    }

    public function testHowManyFellInTheBand(): void
    {
        $record = self::record([0.9, 0.899, 1.125, 1.126, 1.0]);
        self::assertSame(3, $record->inside());
        self::assertEqualsWithDelta(1.01, $record->mean() ?? 0.0, 1e-9);
        self::assertNull(self::record([])->mean());
        self::assertSame(0, self::record([])->inside());
    }

    /**
     * y = 1, 2, 1.3, 3.75, 2.25 over x = 1 to 5 is the worked example of many textbooks (from memory): slope 0.425,
     * standard error 0.305, so no drift. A clean line is one.
     */
    public function testADriftIsToldFromChance(): void
    {
        self::assertNull(self::record([1.0, 2.0, 1.3, 3.75, 2.25])->drift());
        self::assertEqualsWithDelta(0.02, self::record([1.0, 1.021, 1.04, 1.059, 1.08])->drift() ?? 0.0, 3e-4);
        self::assertEqualsWithDelta(-0.05, self::record([1.2, 1.15, 1.1, 1.05, 1.0, 0.95])->drift() ?? 0.0, 1e-9);
        self::assertNull(self::record([1.0, 1.1, 1.2, 1.3])->drift(), 'Four are few.');
        self::assertNull(self::record([1.0, 1.0, 1.0, 1.0, 1.0])->drift());
        // The slope's standard error by hand, where chance and drift are much alike.
        Draw::sow(8);
        $told = 0;
        for ($record = 0; $record < 300; $record++) {
            $by = mt_rand(0, 60) / 1000;
            $ratios = array_map(
                fn(int $nth): float => 1 + $by * $nth + mt_rand(-100, 100) / 1000,
                range(1, mt_rand(5, 20)),
            );
            [$slope, $error] = self::fitted($ratios);
            $drift = self::record($ratios)->drift();
            self::assertSame(abs($slope) > 2 * $error, $drift !== null);
            $told += (int) ($drift !== null);
        }
        self::assertGreaterThan(40, $told);
        self::assertLessThan(265, $told);
    }

    /**
     * Slope and its standard error by sums of products.
     *
     * @param list<float> $y
     *
     * @return array{float, float}
     */
    private static function fitted(array $y): array
    {
        $n = count($y);
        $x = range(1, $n);
        $xy = array_sum(array_map(fn($a, $b) => $a * $b, $x, $y));
        $xx = array_sum(array_map(fn($a) => $a * $a, $x));
        $slope = ($n * $xy - array_sum($x) * array_sum($y)) / ($n * $xx - array_sum($x) ** 2);
        $at = (array_sum($y) - $slope * array_sum($x)) / $n;
        $rest = array_sum(array_map(fn($a, $b) => ($b - $at - $slope * $a) ** 2, $x, $y));

        return [$slope, sqrt($rest / ($n - 2) / ($xx - array_sum($x) ** 2 / $n))];
    }
}
