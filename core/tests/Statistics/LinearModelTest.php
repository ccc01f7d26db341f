<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Statistics;

use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Statistics\Normal;
use PHPUnit\Framework\TestCase;

final class LinearModelTest extends TestCase
{
    /** Employment, deflator, GNP, unemployed, armed forces, population, year. */
    private const LONGLEY = [
        [60323, 83.0, 234289, 2356, 1590, 107608, 1947], [61122, 88.5, 259426, 2325, 1456, 108632, 1948],
        [60171, 88.2, 258054, 3682, 1616, 109773, 1949], [61187, 89.5, 284599, 3351, 1650, 110929, 1950],
        [63221, 96.2, 328975, 2099, 3099, 112075, 1951], [63639, 98.1, 346999, 1932, 3594, 113270, 1952],
        [64989, 99.0, 365385, 1870, 3547, 115094, 1953], [63761, 100.0, 363112, 3578, 3350, 116219, 1954],
        [66019, 101.2, 397469, 2904, 3048, 117388, 1955], [67857, 104.6, 419180, 2822, 2857, 118734, 1956],
        [68169, 108.4, 442769, 2936, 2798, 120445, 1957], [66513, 110.8, 444546, 4681, 2637, 121950, 1958],
        [68655, 112.6, 482704, 3813, 2552, 123366, 1959], [69564, 114.2, 502601, 3931, 2514, 125368, 1960],
        [69331, 115.7, 518173, 4806, 2572, 127852, 1961], [70551, 116.9, 554894, 4007, 2827, 130081, 1962],
    ];

    /**
     * NIST Statistical Reference Datasets, linear regression, Longley (higher difficulty): certified coefficients and
     * deviations.
     */
    public function testLongleyToItsCertifiedDigits(): void
    {
        $certified = [
            -3482258.63459582,
            15.0618722713733,
            -0.358191792925910E-01,
            -2.02022980381683,
            -1.03322686717359,
            -0.511041056535807E-01,
            1829.15146461355,
        ];
        $deviations = [
            890420.383607373,
            84.9149257747669,
            0.334910077722432E-01,
            0.488399681651699,
            0.214274163161675,
            0.226073200069370,
            455.478499142212,
        ];
        $rows = array_map(
            fn(array $line): array => [1.0, ...array_map(floatval(...), array_slice($line, 1))],
            self::LONGLEY,
        );
        self::assertCertified(
            $certified,
            $deviations,
            304.854073561965,
            $rows,
            array_map(fn(array $line): float => (float) $line[0], self::LONGLEY),
            1e-8,
        );
    }

    /** NIST Statistical Reference Datasets, linear regression, Norris (lower difficulty). */
    public function testNorrisToItsCertifiedDigits(): void
    {
        $x = [
            0.2,
            337.4,
            118.2,
            884.6,
            10.1,
            226.5,
            666.3,
            996.3,
            448.6,
            777.0,
            558.2,
            0.4,
            0.6,
            775.5,
            666.9,
            338.0,
            447.5,
            11.6,
            556.0,
            228.1,
            995.8,
            887.6,
            120.2,
            0.3,
            0.3,
            556.8,
            339.1,
            887.2,
            999.0,
            779.0,
            11.1,
            118.3,
            229.2,
            669.1,
            448.9,
            0.5,
        ];
        $y = [
            0.1,
            338.8,
            118.1,
            888.0,
            9.2,
            228.1,
            668.5,
            998.5,
            449.1,
            778.9,
            559.2,
            0.3,
            0.1,
            778.1,
            668.8,
            339.3,
            448.9,
            10.8,
            557.7,
            228.3,
            998.0,
            888.8,
            119.6,
            0.3,
            0.6,
            557.6,
            339.3,
            888.0,
            998.5,
            778.9,
            10.2,
            117.6,
            228.9,
            668.4,
            449.2,
            0.2,
        ];
        self::assertCertified(
            [-0.262323073774029, 1.00211681802045],
            [0.232818234301152, 0.429796848199937E-03],
            0.884796396144373,
            array_map(fn(float $one): array => [1.0, $one], $x),
            $y,
            1e-10,
        );
    }

    /**
     * NIST Statistical Reference Datasets, linear regression, Wampler1, 2 and 3 (higher difficulty): polynomials of the
     * fifth degree, the third with noise.
     */
    public function testWamplerToItsCertifiedDigits(): void
    {
        $rows = array_map(
            fn(int $x): array => array_map(fn(int $power): float => (float) $x ** $power, range(0, 5)),
            range(0, 20),
        );
        $polynomial = fn(array $of): array => array_map(
            fn(array $row): float => array_sum(
                array_map(fn(float $one, float $coefficient): float => $one * $coefficient, $row, $of),
            ),
            $rows,
        );
        $ones = array_fill(0, 6, 1.0);
        $tenths = [1.0, 0.1, 0.01, 0.001, 0.0001, 0.00001];
        self::assertCertified($ones, null, 1.0, $rows, $polynomial($ones), 1e-7);
        self::assertCertified($tenths, null, 1.0, $rows, $polynomial($tenths), 1e-7);
        $noise = [
            759,
            -2048,
            2048,
            -2048,
            2523,
            -2048,
            2048,
            -2048,
            1838,
            -2048,
            2048,
            -2048,
            1838,
            -2048,
            2048,
            -2048,
            2523,
            -2048,
            2048,
            -2048,
            759,
        ];
        $noisy = array_map(fn(float $value, int $off): float => $value + $off, $polynomial($ones), $noise);
        self::assertSame([760.0, -2042.0, 3369180.0], [$noisy[0], $noisy[1], $noisy[20]]);
        self::assertCertified(
            $ones,
            [
                2152.32624678170,
                2363.55173469681,
                779.343524331583,
                101.475507550350,
                5.64566512170752,
                0.112324854679312,
            ],
            2360.14502379268,
            $rows,
            $noisy,
            1e-7,
        );
    }

    /**
     * @param list<float> $certified coefficients
     * @param ?list<float> $deviations of each; null where the fit is exact
     * @param list<list<float>> $rows
     * @param list<float> $values
     */
    private static function assertCertified(
        array $certified,
        ?array $deviations,
        float $residual,
        array $rows,
        array $values,
        float $share,
    ): void {
        $size = count($certified);
        $model = LinearModel::prior(array_fill(0, $size, 0.0), array_fill(0, $size, INF))->observing(
            $rows,
            $values,
            array_fill(0, count($rows), $residual),
        );
        foreach ($model->mean() as $place => $coefficient) {
            self::assertEqualsWithDelta(1.0, $coefficient / $certified[$place], $share, "B{$place}");
            if ($deviations !== null) {
                $unit = array_fill(0, $size, 0.0);
                $unit[$place] = 1.0;
                self::assertEqualsWithDelta(
                    1.0,
                    sqrt($model->variance($unit)) / $deviations[$place],
                    1e-7,
                    "deviation of B{$place}",
                );
            }
        }
    }

    /**
     * R 4.2, by its matrix algebra: X <- cbind(1, c(-.7,.2,.5,.9)); S <- solve(diag(1/c(.5,.3)^2) + t(X) %*% X/.1^2);
     * m <- S %*% (c(2,1)/c(.5,.3)^2 + t(X) %*% c(1.1,2.3,2.4,3.2)/.1^2); sqrt(c(1,.4) %*% S %*% c(1,.4)).
     */
    public function testThePosteriorIsWhatRSays(): void
    {
        $model = LinearModel::prior([2.0, 1.0], [0.5, 0.3])->observing(
            [[1.0, -0.7], [1.0, 0.2], [1.0, 0.5], [1.0, 0.9]],
            [1.1, 2.3, 2.4, 3.2],
            array_fill(0, 4, 0.1),
        );
        self::assertEqualsWithDelta([1.971647141621336, 1.238383942055335], $model->mean(), 1e-9);
        self::assertEqualsWithDelta(0.05181273328280164, sqrt($model->variance([1.0, 0.4])), 1e-10);
        // c(1,.4) %*% S %*% c(-1,.25).
        self::assertEqualsWithDelta(-0.001916887820183863, $model->covariance([1.0, 0.4], [-1.0, 0.25]), 1e-12);
        // In one go or one by one is the same.
        $again = LinearModel::prior([2.0, 1.0], [0.5, 0.3]);
        foreach ([[-0.7, 1.1], [0.2, 2.3], [0.5, 2.4], [0.9, 3.2]] as [$x, $y]) {
            $again = $again->observing([[1.0, $x]], [$y], [0.1]);
        }
        self::assertEqualsWithDelta($model->mean(), $again->mean(), 1e-12);
        self::assertEqualsWithDelta($model->expected([1.0, 0.4]), $again->expected([1.0, 0.4]), 1e-12);
    }

    public function testNothingKnownIsSaid(): void
    {
        $this->expectException(\DomainException::class);
        LinearModel::prior([0.0, 0.0], [INF, INF])->observing([[1.0, 2.0]], [3.0], [0.1])->mean();
    }

    /**
     * NIST/SEMATECH e-Handbook 1.3.6.7.1 (cumulative normal), and its critical values; the far tails as R's pnorm gives
     * them.
     */
    public function testTheNormalAgreesWithPublishedTables(): void
    {
        foreach ([0.0, 1.0, -0.1] as $no) {
            try {
                Normal::quantile($no);
                self::fail('A quantile of '.$no);
            } catch (\InvalidArgumentException $e) {
                self::assertStringContainsString('above 0 and below 1', $e->getMessage());
            }
        }
        foreach ([
            [0.0, 0.5],
            [0.5, 0.69146],
            [1.0, 0.84134],
            [1.645, 0.95002],
            [1.96, 0.97500],
            [2.576, 0.99500],
            [3.0, 0.99865],
            [-1.28, 0.10027],
        ] as [$z, $p]) {
            self::assertEqualsWithDelta($p, Normal::cumulative($z), 6e-6);
        }
        foreach ([
            [0.9, 1.2815515655],
            [0.95, 1.6448536270],
            [0.975, 1.9599639845],
            [0.99, 2.3263478740],
            [0.999, 3.0902323062],
        ] as [$p, $z]) {
            self::assertEqualsWithDelta($z, Normal::quantile($p), 1e-9);
            self::assertEqualsWithDelta(-$z, Normal::quantile(1 - $p), 1e-9);
        }
        self::assertEqualsWithDelta(1.0, Normal::cumulative(-6.0) / 9.86587645037698e-10, 1e-9);
        self::assertEqualsWithDelta(1.0, Normal::cumulative(-4.0) / 3.16712418331199e-05, 1e-9);
        for ($z = -7.9; $z < 8; $z += 0.1) {
            self::assertEqualsWithDelta(1.0, Normal::cumulative($z) + Normal::cumulative(-$z), 1e-14);
        }
    }
}
