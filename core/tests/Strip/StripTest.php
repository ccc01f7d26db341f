<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Strip\CarrierBag;
use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\Panel;
use Fescue\Core\Strip\Piece;
use Fescue\Core\Strip\TooSmall;
use Fescue\Core\Strip\Tube;
use PHPUnit\Framework\TestCase;

final class StripTest extends TestCase
{
    private static function tube(float $width = 500, float $height = 420, float $strip = 25, float $spine = 25): Tube
    {
        return new Tube(Length::mm($width), Length::mm($height), Length::mm($strip), Length::mm($spine));
    }

    private static function bag(float $width = 300, float $height = 400, float $strip = 50, float $handles = 70, float $seam = 30): CarrierBag
    {
        return new CarrierBag(Length::mm($width), Length::mm($height), Length::mm($strip), Length::mm($handles), Length::mm($seam));
    }

    /** Handbook 3 [check]: a 30 cm ruler with a slit each 5 cm gives 6 loops a bag. Common practice, no source. */
    public function testSixLoopsABag(): void
    {
        self::assertSame(6, self::bag()->joined()->strips);
        // In inches as well: 12 by 2.
        self::assertSame(6, self::bag(304.8, 12 * 25.4 + 100, 2 * 25.4)->joined()->strips);
    }

    /** Handbook 3 (geometry): a spiral is circumference × ⌊H/s⌋; a loop works as half its circumference less the hitch. */
    public function testBothSchoolsOfACarrierBag(): void
    {
        self::assertEqualsWithDelta(6 * 600, self::bag()->oneStrand()->length->mm, 1e-9);
        self::assertFalse(self::bag()->oneStrand()->double);
        self::assertEqualsWithDelta(6 * (300 - 20), self::bag()->joined()->length->mm, 1e-9);
        self::assertTrue(self::bag()->joined()->double);
    }

    /** Handbook 3 (geometry): n = ⌊H/s⌋, length about n·2F less the tapered ends. */
    public function testATubeOfJersey(): void
    {
        $one = self::tube()->oneStrand();
        self::assertSame(16, $one->strips);
        self::assertEqualsWithDelta(16 * 950 + 15 * hypot(50, 25), $one->length->mm, 1e-9);
        self::assertEqualsWithDelta(16 * 1000, $one->length->mm, 100);
        self::assertSame([0, 0], [$one->joins, $one->lumps]);
        self::assertSame(15, self::tube()->joined()->joins);
    }

    /** Without a spine the strand is the rings themselves, and area is conserved: length × strip is what was cut. */
    public function testStrandIsNeverMoreThanTheCloth(): void
    {
        mt_srand(3);
        for ($try = 0; $try < 250; $try++) {
            $width = mt_rand(1000, 9000) / 10;
            $height = mt_rand(500, 9000) / 10;
            $strip = mt_rand(100, 600) / 10;
            foreach ([fn(): Piece => self::tube($width, $height, $strip, mt_rand(50, 500) / 10), fn(): Piece => new Panel(Length::mm($width), Length::mm($height), Length::mm($strip)), fn(): Piece => self::bag($width, $height, $strip)] as $make) {
                try {
                    $piece = $make();
                } catch (TooSmall $e) {
                    self::assertNotSame('', $e->getMessage());

                    continue;
                }
                foreach ([$piece->oneStrand(), $piece->joined()] as $cutting) {
                    $strand = $cutting->length->mm * ($cutting->double ? 2 : 1) * $strip;
                    // A slanted way over a spine is longer than the spine by its slant, at its own, thinner width.
                    self::assertLessThanOrEqual($piece->layers * $width * $height * 1.03 + $cutting->strips * $strip ** 2, $strand);
                    self::assertGreaterThan(0, $cutting->strips);
                    foreach ($cutting->cuts as $cut) {
                        foreach ([[$cut->x1, $cut->y1], [$cut->x2, $cut->y2]] as [$x, $y]) {
                            self::assertGreaterThanOrEqual(-1e-6, min($x, $y));
                            self::assertLessThanOrEqual($width + 1e-6, $x);
                            self::assertLessThanOrEqual($height + 1e-6, $y);
                        }
                    }
                    self::assertGreaterThan(0, $cutting->minutes());
                }
            }
        }
    }

    public function testAZigzagIsSlitFromAlternateSides(): void
    {
        $cutting = (new Panel(Length::mm(400), Length::mm(205), Length::mm(50)))->oneStrand();
        self::assertEqualsWithDelta(1600, $cutting->length->mm, 1e-9);
        self::assertSame(3, $cutting->lumps);
        $slits = array_values(array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Across));
        self::assertSame([[0.0, 350.0], [400.0, 50.0], [0.0, 350.0]], array_map(fn(Cut $cut): array => [$cut->x1, $cut->x2], $slits));
        // Five millimetres are left over and come off.
        self::assertCount(1, array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Off));
    }

    public function testSlitsOfATubeStopAtItsSpineAndDiagonalsCrossIt(): void
    {
        $cuts = self::tube(500, 400, 25, 30)->oneStrand()->cuts;
        foreach ($cuts as $cut) {
            match ($cut->kind) {
                CutKind::Across => self::assertEqualsWithDelta([0, 470], [$cut->x1, $cut->x2], 1e-9),
                CutKind::Diagonal => self::assertEqualsWithDelta([470, 500], [$cut->x1, $cut->x2], 1e-9),
                CutKind::Off => self::fail('Nothing is left over of 400 by 25.'),
            };
        }
        self::assertCount(15 + 16, $cuts);
    }

    public function testSeveralPiecesLoseTheirJoins(): void
    {
        // Loops have their hitch in each loop's length already.
        self::assertEqualsWithDelta(3 * 6 * 280, self::bag()->joined()->lengthOf(3)->mm, 1e-9);
        self::assertEqualsWithDelta(3 * 3600 - 2 * 60, self::bag()->oneStrand()->lengthOf(3)->mm, 1e-9);
    }

    public function testStrandWeighsItsShareOfThePiece(): void
    {
        // 60 g over 2 × 30 × 40 cm, in strips of 5 cm: 1.25 g in each 10 cm, twice that where it lies double.
        self::assertEqualsWithDelta(12.5, self::bag()->oneStrand()->density(self::bag(), Mass::grams(60))->gramsPerMetre, 1e-9);
        self::assertEqualsWithDelta(25, self::bag()->joined()->density(self::bag(), Mass::grams(60))->gramsPerMetre, 1e-9);
    }

    public function testRefusesWhatGivesNoStrip(): void
    {
        foreach ([['strip', fn() => self::tube(strip: 500)], ['spine', fn() => self::tube(spine: 500)], ['handles', fn() => self::bag(handles: 390)], ['strip', fn() => new Panel(Length::mm(50), Length::mm(300), Length::mm(40))], ['strip', fn() => self::tube(strip: 0.5)]] as [$measure, $make]) {
            try {
                $make();
                self::fail('Was cut.');
            } catch (TooSmall $e) {
                self::assertSame($measure, $e->measure);
                self::assertGreaterThan(20, strlen($e->getMessage()));
            }
        }
    }
}
