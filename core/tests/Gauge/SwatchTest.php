<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\Doubt;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use PHPUnit\Framework\TestCase;

final class SwatchTest extends TestCase
{
    /** Handbook 4 [check]: 16 chains = 20 cm and 31 rows of sc = 40 cm. Common practice, no source. */
    public function testTshirtYarnSwatch(): void
    {
        $swatch = new Swatch(
            Motif::single(),
            16,
            Length::of(20, LengthUnit::Centimetre),
            31,
            Length::of(40, LengthUnit::Centimetre),
        );
        self::assertEqualsWithDelta(12.5, $swatch->gauge()->width->mm, 1e-9);
        self::assertEqualsWithDelta(400 / 31, $swatch->gauge()->height->mm, 1e-9);
        self::assertEqualsWithDelta(8, $swatch->stitchesOver(Length::of(10, LengthUnit::Centimetre)), 1e-9);
    }

    /** Handbook 4 [check]: 31 chains = 12 in and 6 rows of sc = 2 in. Common practice, no source. */
    public function testPlarnSwatch(): void
    {
        $swatch = new Swatch(Motif::single(), 31, Length::of(12, LengthUnit::Inch), 6, Length::of(2, LengthUnit::Inch));
        self::assertEqualsWithDelta(31 / 3, $swatch->stitchesOver(Length::of(4, LengthUnit::Inch)), 1e-9);
        self::assertEqualsWithDelta(12, $swatch->rowsOver(Length::of(4, LengthUnit::Inch)), 1e-9);
    }

    public function testHeightsOfOtherStitchesFollowTheSwatchs(): void
    {
        $gauge = new Gauge(Motif::named('dc'), Length::mm(10), Length::mm(22));
        self::assertEqualsWithDelta(11, $gauge->singleHeight()->mm, 1e-9);
        self::assertEqualsWithDelta(16.5, $gauge->heightOf(Motif::named('hdc'))->mm, 1e-9);
        self::assertEqualsWithDelta(33, $gauge->heightOf(Motif::named('tr'))->mm, 1e-9);
    }

    /** Handbook 6: with w = h, six a round lie flat for sc (2π, geometry). */
    public function testSixLieFlatWhereStitchesAreSquare(): void
    {
        $gauge = new Gauge(Motif::single(), Length::mm(10), Length::mm(10));
        self::assertEqualsWithDelta(6, $gauge->flatGrowth(), 0.3);
    }

    /** A row a quarter as high as a stitch is wide, or four times as high, is still fabric; beyond it is a slip. */
    public function testHeightsThatNoFabricHas(): void
    {
        $field = fn(float $high): ?string => (new Swatch(Motif::single(), 10, Length::mm(120), 10, Length::mm($high)))
            ->doubt()?->field;
        self::assertSame([null, 'height'], [$field(30.5), $field(29.5)]);
        self::assertSame([null, 'height'], [$field(478), $field(482)]);
    }

    public function testWeighedSwatchGivesTheStitchsMass(): void
    {
        $swatch = new Swatch(Motif::single(), 10, Length::mm(120), 10, Length::mm(115), Mass::grams(79));
        self::assertEqualsWithDelta(0.79, $swatch->gauge()->mass?->grams, 1e-12);
    }

    public function testDoubtsWhatNoFabricIs(): void
    {
        $of = fn(float $width, float $height): ?string => (new Swatch(
            Motif::single(),
            10,
            Length::mm($width),
            10,
            Length::mm($height),
        ))->doubt()?->field;
        self::assertNull($of(120, 115));
        self::assertSame('width', $of(5, 115));
        self::assertSame('width', $of(2000, 1150));
        self::assertSame('height', $of(120, 900));
        self::assertSame('height', $of(120, 12));
        // One stitch, or one row, measures nothing.
        $few = fn(float $stitches, float $rows): ?Doubt => (new Swatch(
            Motif::single(),
            $stitches,
            Length::mm(12 * $stitches),
            $rows,
            Length::mm(11.5 * $rows),
        ))->doubt();
        self::assertSame(['stitches', 'rows', null], [$few(1, 10)?->field, $few(10, 1.5)?->field, $few(2, 2)?->field]);
        self::assertStringContainsString('at least 2', $few(1, 1)?->said->english() ?? '');
    }
}
