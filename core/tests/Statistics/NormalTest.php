<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Statistics;

use Fescue\Core\Statistics\Normal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NormalTest extends TestCase
{
    /** @return list<array{float, float}> z and Φ(z): Abramowitz and Stegun, table 26.1; from memory, ten digits */
    public static function table(): array
    {
        return [
            [0.0, 0.5], [0.5, 0.6914624613], [1.0, 0.8413447461], [1.5, 0.9331927987], [2.0, 0.9772498681],
            [3.0, 0.9986501020], [3.5, 0.9997673709], [4.0, 0.9999683288], [5.0, 0.9999997133],
            [1.2815515655, 0.9], [1.6448536270, 0.95], [1.9599639845, 0.975], [2.3263478740, 0.99],
            [3.0902323062, 0.999],
        ];
    }

    #[DataProvider('table')]
    public function testTheTable(float $z, float $p): void
    {
        self::assertEqualsWithDelta($p, Normal::cumulative($z), 6e-11);
        self::assertEqualsWithDelta(1 - $p, Normal::cumulative(-$z), 6e-11);
        if ($z < 4) {
            self::assertEqualsWithDelta($z, Normal::quantile($p), 5e-8);
            self::assertEqualsWithDelta(-$z, Normal::quantile(1 - $p), 5e-8);
        }
    }

    public function testEitherIsTheOthersInverseFarIntoTheTails(): void
    {
        for ($tenths = -80; $tenths <= 50; $tenths++) {
            $z = $tenths / 10;
            self::assertEqualsWithDelta($z, Normal::quantile(Normal::cumulative($z)), 1e-8);
        }
        // P(Z < -8), to all digits that a table has. From memory.
        self::assertEqualsWithDelta(6.2209605743, 1e16 * Normal::cumulative(-8.0), 1e-8);
    }

    public function testNothingIsOutside(): void
    {
        foreach ([0.0, 1.0, -0.1, 1.1] as $p) {
            try {
                Normal::quantile($p);
            } catch (\InvalidArgumentException) {
                continue;
            }
            self::fail("{$p} was taken.");
        }
        self::assertEqualsWithDelta(0.0, Normal::quantile(0.5), 1e-12);
    }
}
