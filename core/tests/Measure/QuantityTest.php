<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Measure;

use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return list<array{string, float}> */
    public static function lengths(): array
    {
        return [
            ['20 cm', 200.0],
            ['20cm', 200.0],
            ['8 in', 203.2],
            ['7 1/2"', 190.5],
            ['7½ in', 190.5],
            ['7 1/2 in', 190.5],
            ['130 yd', 118_872.0], ['2 ft', 609.6], ['5 ft 6 in', 1676.4], ["5' 6\"", 1676.4], ['5′ 6″', 1676.4],
            ['0,75 m', 750.0], ['.5 m', 500.0], ['12 mm', 12.0], ['1 200 m', 1_200_000.0], [
                "1\u{202F}200 m",
                1_200_000.0,
            ],
            ['3/8 in', 9.525], [' 20  CM. ', 200.0], ['8,5 cm', 85.0], ['0,125 m', 125.0], ['0 cm', 0.0],
        ];
    }

    #[DataProvider('lengths')]
    public function testReadsLengthsAsPeopleWriteThem(string $text, float $mm): void
    {
        self::assertEqualsWithDelta($mm, Length::parse($text)->mm, 1e-9);
    }

    /** @return list<array{string, string}> */
    public static function badLengths(): array
    {
        return [
            ['', 'Nothing is written'], ['   ', 'Nothing is written'], ['-3 cm', 'less than nothing'], [
                '−3 cm',
                'less than nothing',
            ],
            ['twenty', '“twenty” was not understood'], ['20', 'has no unit'], ['20 parsecs', '“parsecs” is not a unit'],
            ['1,200 m', 'could be 1.200 or 1200'], ['7 1/0 in', 'divides by nothing'], ['20 cm cm', 'is not a unit'],
            ['1.2.3 cm', 'every number needs'], ['5 6 cm', 'every number needs'], ['<script>', 'was not understood'], [
                '20 g',
                '“g” is not a unit of length',
            ], [str_repeat('9', 400).' m', 'too large'],
        ];
    }

    #[DataProvider('badLengths')]
    public function testSaysWhatOfALengthWasNotUnderstood(string $text, string $message): void
    {
        $this->expectException(NotUnderstood::class);
        $this->expectExceptionMessage($message);
        Length::parse($text);
    }

    public function testBareNumbersTakeTheUnitTheyAreGivenAndNoOther(): void
    {
        self::assertEqualsWithDelta(304.8, Length::parse('12', LengthUnit::Inch)->mm, 1e-9);
        self::assertEqualsWithDelta(190.5, Length::parse('7 1/2', LengthUnit::Inch)->mm, 1e-9);
        $this->expectException(NotUnderstood::class);
        Length::parse('1.2.3', LengthUnit::Inch);
    }

    public function testMassesAndDensities(): void
    {
        self::assertEqualsWithDelta(900, Mass::parse('0,9 kg')->grams, 1e-9);
        self::assertEqualsWithDelta(453.59237 + 4 * 28.349523125, Mass::parse('1 lb 4 oz')->grams, 1e-9);
        foreach ([
            '8.2 g/m' => 8.2, '8,5 g/m' => 8.5, '8.2 g per m' => 8.2, '8200 tex' => 8.2, '120 m per 100 g' => 100 / 120,
            // A stroke between digits is a fraction's.
            '109 yd / 1 3/4 oz' => 1.75 * 28.349523125 / (109 * 0.9144), '100 g / 1/2 m' => 200.0, '1/2 g/m' => 0.5,
            '1 3/4 oz/109 yd' => 1.75 * 28.349523125 / (109 * 0.9144),
            '120 m/100 g' => 100 / 120,
            '50 g / 30 m' => 50 / 30,
            '0.25 kg per 20 m' => 12.5,
            '1/2 oz/yd' => 28.349523125 / 2 / 0.9144,
            'g/m 3' => null, '8' => null, 'thick' => null, '0 g/m' => null, '5 g/g' => null, '0 m per 100 g' => null,
        ] as $text => $expected) {
            try {
                $read = LinearDensity::parse((string) $text)->gramsPerMetre;
            } catch (NotUnderstood) {
                $read = null;
            }
            $expected === null ? self::assertNull($read, (string) $text) : self::assertEqualsWithDelta(
                $expected,
                $read,
                1e-9,
                (string) $text,
            );
        }
    }

    /** ISO 1144: the tex is the mass in grams of 1000 m. */
    public function testTexIsGramsPerThousandMetres(): void
    {
        $density = LinearDensity::parse('8.2 g/m');
        self::assertEqualsWithDelta(
            $density->massOf(Length::of(1000, LengthUnit::Metre))->grams,
            $density->tex(),
            1e-9,
        );
        self::assertEqualsWithDelta(8200, $density->tex(), 1e-9);
        self::assertEqualsWithDelta(100, $density->massOf(
            Length::of($density->metresPer100Grams(), LengthUnit::Metre),
        )->grams, 1e-9);
        self::assertEqualsWithDelta(1.5, LinearDensity::parse('1500 tex')->gramsPerMetre, 1e-12);
    }

    /** NIST SP 811 (2008), appendix B.8: factors given there as exact, and the ounce and pound as rounded there. */
    public function testFactorsAreThoseOfNistSp811(): void
    {
        self::assertSame(25.4, LengthUnit::Inch->millimetres());
        self::assertSame(304.8, LengthUnit::Foot->millimetres());
        self::assertSame(914.4, LengthUnit::Yard->millimetres());
        self::assertEqualsWithDelta(2.834952e-2, MassUnit::Ounce->grams() / 1000, 5e-9);
        self::assertEqualsWithDelta(4.535924e-1, MassUnit::Pound->grams() / 1000, 5e-8);
    }

    public function testFactorsAgreeWithGnuUnits(): void
    {
        foreach (['in' => ['mm', Length::parse('1 in')->mm], 'yd' => ['mm', Length::parse('1 yd')->mm], 'ft' => ['mm', Length::parse('1 ft')->mm],
            'oz' => ['g', Mass::parse('1 oz')->grams], 'lb' => ['g', Mass::parse('1 lb')->grams],
            'oz/yd' => [
                'g/m',
                LinearDensity::parse('1 oz/yd')->gramsPerMetre,
            ], 'tex' => ['g/m', LinearDensity::parse('1 tex')->gramsPerMetre]] as $from => [$to, $ours]) {
            $theirs = exec(
                'units --terse --output-format %.12g '.escapeshellarg($from).' '.escapeshellarg($to),
                $lines,
                $code,
            );
            self::assertSame(0, $code, 'GNU units is not installed');
            self::assertEqualsWithDelta((float) $theirs, $ours, 1e-9 * $ours, $from);
        }
    }

    public function testWhatIsWrittenExactlyReadsBackTheSame(): void
    {
        Draw::sow(1144);
        for ($try = 0; $try < 2000; $try++) {
            $length = Length::mm(mt_rand(1, 4_000_000) / 1000);
            $unit = LengthUnit::cases()[mt_rand(0, 5)];
            self::assertEqualsWithDelta($length->mm, Length::parse($length->exact($unit))->mm, 1e-5);
            $mass = Mass::grams(mt_rand(1, 9_000_000) / 1000);
            self::assertEqualsWithDelta($mass->grams, Mass::parse($mass->exact())->grams, 1e-8);
            $density = LinearDensity::gramsPerMetre(mt_rand(50, 500_000) / 1000);
            self::assertEqualsWithDelta(
                $density->gramsPerMetre,
                LinearDensity::parse($density->exact())->gramsPerMetre,
                1e-8,
            );
        }
    }

    public function testPrintsForTheMaker(): void
    {
        self::assertSame(
            ['160 g/m²', '15.3 g/m²', '0.9 g/m²'],
            array_map(
                fn(string $text): string => ArealDensity::parse($text)->print(),
                ['160 g/m2', '15.26 g/m2', '0.9 g/m2'],
            ),
        );
        self::assertSame('30.0 cm', Length::mm(300)->print(LengthUnit::Centimetre));
        self::assertSame('7 1/2 in', Length::mm(190.5)->print(LengthUnit::Inch));
        self::assertSame('1/8 in', Length::mm(3)->print(LengthUnit::Inch));
        self::assertSame('12 in', Length::mm(304.6)->print(LengthUnit::Inch));
        // From a metre on whole ones are enough; a strand that is told in metres keeps its tenths.
        self::assertSame(['99.9 cm', '100 cm', '100 cm', '616 cm'], array_map(
            fn(float $mm): string => Length::mm($mm)->print(),
            [999.4, 999.6, 1000.0, 6161.0],
        ));
        self::assertSame(['39 1/4 in', '40 in'], [
            Length::mm(997.0)->print(LengthUnit::Inch), Length::mm(1006.0)->print(LengthUnit::Inch),
        ]);
        self::assertSame('1.5 m', Length::mm(1500)->print(LengthUnit::Metre));
        self::assertSame("1\u{202F}030", Decimal::print(1030));
        self::assertSame('8.2', Decimal::exact(8.2));
    }

    public function testNoQuantityIsEverNegativeOrInfinite(): void
    {
        foreach ([
            fn() => Length::mm(-1),
            fn() => Length::mm(INF),
            fn() => Mass::grams(NAN),
            fn() => LinearDensity::gramsPerMetre(0),
            fn() => LinearDensity::weighed(Mass::grams(1), Length::mm(0)),
        ] as $make) {
            try {
                $make();
                self::fail('Made what cannot be.');
            } catch (\InvalidArgumentException $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
