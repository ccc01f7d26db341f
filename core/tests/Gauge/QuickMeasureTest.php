<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\QuickMeasure;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use PHPUnit\Framework\TestCase;

final class QuickMeasureTest extends TestCase
{
    /**
     * Handbook 4 [check]: 16 chains = 20 cm and 31 rows = 40 cm; 31 chains = 12 in and 6 rows = 2 in. Common practice,
     * no source.
     */
    public function testTheWaysPeopleSayIt(): void
    {
        $yarn = QuickMeasure::parse("16 chains = 20 cm\n31 rows of sc = 40 cm", LengthUnit::Centimetre);
        self::assertEqualsWithDelta([12.5, 400 / 31], [$yarn->width?->mean, $yarn->height?->mean], 1e-9);
        $plarn = QuickMeasure::parse('31 ch are 12 in; 6 rows of single crochet: 2"', LengthUnit::Inch);
        self::assertEqualsWithDelta([304.8 / 31, 50.8 / 6], [$plarn->width?->mean, $plarn->height?->mean], 1e-9);
        foreach (['10,5 sts 12', '10.5 stitches over 12 cm', '10.5 sc = 120 mm'] as $line) {
            self::assertEqualsWithDelta(
                120 / 10.5,
                QuickMeasure::parse($line, LengthUnit::Centimetre)->width?->mean,
                1e-9,
                $line,
            );
        }
    }

    public function testSeveralAreAveragedAndTheirSpreadIsTold(): void
    {
        $several = QuickMeasure::parse(
            "10 st = 12 cm\n10 st = 12.4 cm\n20 st = 24.4 cm\n9 rows = 10 cm",
            LengthUnit::Centimetre,
        );
        self::assertEqualsWithDelta(12.2, $several->width?->mean, 1e-9);
        self::assertEqualsWithDelta(0.2, $several->width->deviation, 1e-9);
        // Kept as one swatch of the average count; the mean is off by the deviation over the root of three.
        $swatch = $several->swatch(Motif::single(), Mass::grams(0.8));
        self::assertSame([13.3, 9.0], [$swatch->stitches, $swatch->rows]);
        self::assertEqualsWithDelta(
            [12.2, 100 / 9, 0.8],
            [$swatch->gauge()->width->mm, $swatch->gauge()->height->mm, $swatch->gauge()->mass?->grams],
            1e-9,
        );
        self::assertEqualsWithDelta([0.2 / sqrt(3) / 12.2, 0], [$swatch->widthSpread, $swatch->heightSpread], 1e-12);
    }

    /** One line of each is kept as it was counted, and three alike are as sure as the tape. */
    public function testWhatWasCountedIsKept(): void
    {
        $swatch = QuickMeasure::parse(
            "16 chains = 20 cm\n31 rows = 40 cm",
            LengthUnit::Centimetre,
        )->swatch(Motif::named('dc'), null);
        self::assertEqualsWithDelta(
            [16, 200, 31, 400],
            [$swatch->stitches, $swatch->width->mm, $swatch->rows, $swatch->height->mm],
            1e-9,
        );
        self::assertNull($swatch->mass);
        self::assertSame(
            0.0,
            QuickMeasure::parse(
                "10 st = 12\n10 st = 12\n10 st = 12\n5 rows = 6",
                LengthUnit::Centimetre,
            )->swatch(Motif::single(), null)->widthSpread,
        );
        foreach (['10 st = 12' => 'how high', '10 rows = 12' => 'how wide'] as $text => $said) {
            try {
                QuickMeasure::parse($text, LengthUnit::Centimetre)->swatch(Motif::single(), null);
                self::fail("Measured “{$text}”.");
            } catch (NotUnderstood $e) {
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }

    public function testABadLineIsNamed(): void
    {
        foreach (['1 st = 5 mm' => 5.0, '1000 st = 300 cm' => 3.0, '1000 st = 3 m' => 3.0] as $text => $each) {
            self::assertEqualsWithDelta($each, QuickMeasure::parse($text, LengthUnit::Centimetre)->width?->mean, 1e-9);
        }
        foreach ([
            "16 chains = 20 cm\nsome rows = 40 cm" => 'Line 2',
            '16 chains = long' => 'Line 1',
            '0 rows = 4 cm' => 'Line 1',
            '' => 'at least one',
            '<script>' => 'Line 1',
            '16 knots = 3 cm' => 'Line 1',
            '1200 rows = 4 cm' => 'from 1 to 1000',
            '16 st = 1 mm' => '5 mm to 3 m',
            '16 st = 4.9 mm' => '5 mm to 3 m',
            '16 st = 3.01 m' => '5 mm to 3 m',
            '0.5 st = 4 cm' => 'from 1 to 1000',
            '1001 st = 40 cm' => 'from 1 to 1000',
        ] as $text => $said) {
            try {
                QuickMeasure::parse((string) $text, LengthUnit::Centimetre);
                self::fail("Read “{$text}”.");
            } catch (NotUnderstood $e) {
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }
}
