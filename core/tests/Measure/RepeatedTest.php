<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Measure;

use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RepeatedTest extends TestCase
{
    /**
     * NIST Statistical Reference Datasets, univariate summary statistics, NumAcc1 to NumAcc3: certified mean and
     * sample standard deviation. Their values from memory of the published sets.
     *
     * @return array<string, array{non-empty-list<float>, float, float}>
     */
    public static function certified(): array
    {
        $swing = function (float $first, float $low, float $high): array {
            $values = [$first];
            for ($pair = 0; $pair < 500; $pair++) {
                array_push($values, $low, $high);
            }

            return $values;
        };

        return [
            'NumAcc1' => [[10_000_001.0, 10_000_003.0, 10_000_002.0], 10_000_002.0, 1.0],
            'NumAcc2' => [$swing(1.2, 1.1, 1.3), 1.2, 0.1],
            'NumAcc3' => [$swing(1_000_000.2, 1_000_000.1, 1_000_000.3), 1_000_000.2, 0.1],
        ];
    }

    /** @param non-empty-list<float> $values */
    #[DataProvider('certified')]
    public function testMeanAndDeviationAreTheCertifiedOnes(array $values, float $mean, float $deviation): void
    {
        $repeated = new Repeated($values);
        self::assertEqualsWithDelta($mean, $repeated->mean, 1e-9 * $mean);
        self::assertEqualsWithDelta($deviation, $repeated->deviation, 1e-8);
    }

    public function testOneWeighingIsAsSureAsTheLastDigit(): void
    {
        $one = new Repeated([79.0]);
        self::assertSame(0.0, $one->deviation);
        self::assertEqualsWithDelta(1 / sqrt(12), $one->uncertainty(1.0), 1e-12);
        self::assertEqualsWithDelta(
            hypot(1 / sqrt(3), 1 / sqrt(12)),
            (new Repeated([41.0, 42.0, 43.0]))->uncertainty(1.0),
            1e-12,
        );
    }

    public function testReadsHowHeavyASheetIs(): void
    {
        foreach (['160 g/m2', '160 g/m²', '160 gsm', '160 g / m^2', '4,72 oz/yd2', '4.719 oz/yd²'] as $text) {
            self::assertEqualsWithDelta(160, ArealDensity::parse($text)->gramsPerSquareMetre, 0.05, $text);
        }
        self::assertEqualsWithDelta(24.5, ArealDensity::parse('24,5', true)->gramsPerSquareMetre, 1e-9);
        // 1 oz is 28.349523125 g and 1 yd 0.9144 m, exactly (NIST SP 811, appendix B).
        self::assertEqualsWithDelta(
            28.349523125 / 0.9144 ** 2,
            ArealDensity::parse('1 oz/yd2')->gramsPerSquareMetre,
            1e-9,
        );
        foreach ([
            '160',
            '160 g',
            '160 g/m',
            '160 kg/m2',
            '',
            'heavy',
            '0 g/m2',
            '-3 gsm',
            '1 g/m2 2',
            '160 gsm2',
        ] as $text) {
            try {
                ArealDensity::parse($text);
                self::fail("Read “{$text}”.");
            } catch (NotUnderstood $e) {
                self::assertMatchesRegularExpression('/[Ww]rite /', $e->getMessage());
            }
        }
    }
}
