<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\QuickMeasure;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use PHPUnit\Framework\TestCase;

final class QuickMeasureTest extends TestCase
{
    /** Handbook 4 [check]: 16 chains = 20 cm and 31 rows = 40 cm; 31 chains = 12 in and 6 rows = 2 in. Common practice, no source. */
    public function testTheWaysPeopleSayIt(): void
    {
        $yarn = QuickMeasure::parse("16 chains = 20 cm\n31 rows = 40 cm", LengthUnit::Centimetre);
        self::assertEqualsWithDelta([12.5, 400 / 31], [$yarn->width?->mean, $yarn->height?->mean], 1e-9);
        $plarn = QuickMeasure::parse('31 ch are 12 in; 6 rows: 2"', LengthUnit::Inch);
        self::assertEqualsWithDelta([304.8 / 31, 50.8 / 6], [$plarn->width?->mean, $plarn->height?->mean], 1e-9);
        foreach (['10,5 sts 12', '10.5 stitches over 12 cm', '10.5 sc = 120 mm'] as $line) {
            self::assertEqualsWithDelta(120 / 10.5, QuickMeasure::parse($line, LengthUnit::Centimetre)->width?->mean, 1e-9, $line);
        }
    }

    public function testSeveralAreAveragedAndTheirSpreadIsTold(): void
    {
        $several = QuickMeasure::parse("10 st = 12 cm\n10 st = 12.4 cm\n20 st = 24.4 cm\n9 rows = 10 cm", LengthUnit::Centimetre);
        self::assertEqualsWithDelta(12.2, $several->width?->mean, 1e-9);
        self::assertEqualsWithDelta(0.2, $several->width->deviation, 1e-9);
        self::assertStringContainsString('12.2 ± 0.2 mm from 3', $several->spread());
        self::assertSame([40.0, 9.0], [$several->stitches, $several->rows]);
    }

    public function testABadLineIsNamed(): void
    {
        foreach (["16 chains = 20 cm\nsome rows = 40 cm" => 'Line 2', '16 chains = long' => 'Line 1', '0 rows = 4 cm' => 'Line 1', '' => 'at least one', '<script>' => 'Line 1', '16 knots = 3 cm' => 'Line 1'] as $text => $said) {
            try {
                QuickMeasure::parse((string) $text, LengthUnit::Centimetre);
                self::fail("Read “{$text}”.");
            } catch (NotUnderstood $e) {
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }
}
