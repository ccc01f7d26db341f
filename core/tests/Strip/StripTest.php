<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Strip;

use Fescue\Core\Measure\ArealDensity;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Strip\CarrierBag;
use Fescue\Core\Strip\Cut;
use Fescue\Core\Strip\CutKind;
use Fescue\Core\Strip\CutMethod;
use Fescue\Core\Strip\Cuttable;
use Fescue\Core\Strip\Cutting;
use Fescue\Core\Strip\Panel;
use Fescue\Core\Strip\Source;
use Fescue\Core\Strip\StripPlan;
use Fescue\Core\Strip\StripSpec;
use Fescue\Core\Strip\TooSmall;
use Fescue\Core\Strip\Tube;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class StripTest extends TestCase
{
    private static function tube(
        float $width = 500,
        float $height = 420,
        float $strip = 25,
        float $spine = 25,
        ?float $foot = null,
        float $top = 0,
    ): Tube {
        return new Tube(
            Length::mm($width),
            Length::mm($height),
            Length::mm($strip),
            Length::mm($spine),
            $foot === null ? null : Length::mm($foot),
            Length::mm($top),
        );
    }

    private static function panel(float $width = 400, float $height = 205, float $strip = 50): Panel
    {
        return new Panel(Length::mm($width), Length::mm($height), Length::mm($strip));
    }

    private static function bag(
        float $width = 300,
        float $height = 400,
        float $strip = 50,
        float $top = 70,
        float $bottom = 30,
        float $fold = 0,
    ): CarrierBag {
        return new CarrierBag(
            Length::mm($width),
            Length::mm($height),
            Length::mm($strip),
            Length::mm($fold),
            Length::mm($top),
            Length::mm($bottom),
        );
    }

    /**
     * Handbook 3 [check]: a 30 cm ruler with a slit each 5 cm gives 6 loops a bag; five bags are cut in one stack.
     * Common practice, no source.
     */
    public function testSixLoopsABag(): void
    {
        self::assertSame(6, self::bag()->joined()->strips());
        // In inches as well: 12 by 2.
        self::assertSame(6, self::bag(304.8, 12 * 25.4 + 100, 2 * 25.4)->joined()->strips());
        $five = StripPlan::of(new StripSpec(Source::BagLoops, self::bag(), CutMethod::Joined, pieces: 5));
        self::assertSame([30, 29], [$five->strips, $five->joins]);
    }

    /**
     * Handbook 3 (geometry): a spiral is circumference × ⌊H/s⌋; a loop works as half its circumference less the hitch.
     */
    public function testBothSchoolsOfACarrierBag(): void
    {
        self::assertEqualsWithDelta(6 * 600, self::bag()->oneStrand()->length->mm, 0.01 * 3600);
        self::assertFalse(self::bag()->oneStrand()->double);
        self::assertEqualsWithDelta(6 * (300 - 20), self::bag()->joined()->length->mm, 1e-9);
        self::assertTrue(self::bag()->joined()->double);
        // Where nothing is trimmed all of its 40 cm is cut: eight loops of 5 cm, one bag alone in six joins less one.
        $whole = new CarrierBag(Length::mm(300), Length::mm(400), Length::mm(50));
        self::assertSame(8, $whole->joined()->strips());
        self::assertSame($whole->joined()->minutes(1, 1), $whole->joined()->minutes());
        // A panel is cut to a strand in strips of half its width at most.
        $half = new Panel(Length::mm(100), Length::mm(300), Length::mm(50));
        self::assertSame(6, $half->joined()->strips());
        // With the sides folded in 8 cm deep, half the circumference is 30 + 2·8.
        self::assertEqualsWithDelta(6 * (460 - 20), self::bag(fold: 80)->joined()->length->mm, 1e-9);
    }

    /** Handbook 3 (geometry): n = ⌊H/s⌋, length about n·2F less the tapered ends; mass 2F·H·g/m². */
    public function testATubeOfJersey(): void
    {
        $tube = self::tube(500, 400);
        $one = $tube->oneStrand();
        self::assertSame(16, $one->strips());
        self::assertEqualsWithDelta(16 * 950 + 15 * hypot(50, 25), $one->length->mm, 1e-9);
        self::assertEqualsWithDelta(16 * 1000, $one->length->mm, 100);
        self::assertSame([0, 0], [$one->joins, $one->lumps]);
        foreach ([[15, $tube], [5, self::bag()], [3, self::panel()]] as [$joins, $piece]) {
            self::assertSame([$joins, $joins], [$piece->joined()->joins, $piece->joined()->lumps], 'A join is a lump.');
        }
        $plan = StripPlan::of(
            new StripSpec(Source::Tube, $tube, CutMethod::OneStrand, ArealDensity::gramsPerSquareMetre(160), 1.25),
        );
        self::assertEqualsWithDelta(2 * 0.5 * 0.4 * 160, $plan->mass?->grams + $plan->waste?->grams, 1e-9);
        self::assertEqualsWithDelta(1.25 * $plan->cut->mm, $plan->pulled->mm, 1e-9);
        self::assertEqualsWithDelta(
            $plan->mass?->grams,
            $plan->density()?->gramsPerMetre * $plan->pulled->mm / 1000,
            1e-9,
        );
    }

    /** A guess of 8 s a cut through a stack and 25 s a join; aslant each piece is cut by itself. From memory. */
    public function testMinutes(): void
    {
        // Two trims and five slits through all four; three pieces of six loops: 17 joins.
        self::assertEqualsWithDelta((7 * 8 + 23 * 25) / 60, self::bag()->joined()->minutes(4, 5), 1e-9);
        self::assertEqualsWithDelta((2 * 7 * 8 + 41 * 25) / 60, self::bag()->joined()->minutes(7, 5), 1e-9);
        // A spiral of six turns: two slants a turn, each bag by itself.
        self::assertCount(2 + 12, self::bag()->oneStrand()->cuts);
        self::assertEqualsWithDelta((2 * 8 + 4 * 12 * 8 + 3 * 25) / 60, self::bag()->oneStrand()->minutes(4, 5), 1e-9);
    }

    /** A sleeve is a small tube that tapers: its rows are as long as it is wide at their middles. */
    public function testASleeveTapers(): void
    {
        $rings = self::tube(200, 300, 25, 20, 120)->joined();
        self::assertEqualsWithDelta(2 * 160 * 12 - 11 * 25, $rings->length->mm, 1e-6);
        $one = self::tube(200, 300, 25, 20, 120)->oneStrand();
        self::assertEqualsWithDelta(12 * 320 - 12 * 40 + 11 * hypot(40, 25), $one->length->mm, 0.01 * $one->length->mm);
    }

    public function testAreaIsConserved(): void
    {
        foreach (self::random(400) as [$piece, $said]) {
            foreach (CutMethod::cases() as $school) {
                $cutting = $piece->cut($school);
                self::assertGreaterThan(0, $cutting->strand, $said);
                self::assertLessThanOrEqual($piece->area() * 1.001, $cutting->strand, $said);
                self::assertEqualsWithDelta(
                    $piece->area(),
                    $cutting->strand + $cutting->waste(),
                    0.001 * $piece->area(),
                    $said,
                );
                // Told another way: the strand's own course, times its width, with the joins it loses put back.
                $along = 0.0;
                foreach ($cutting->course as $line) {
                    foreach (array_slice($line, 1) as $place => [$x, $y]) {
                        $along += hypot($x - $line[$place][0], $y - $line[$place][1]);
                    }
                }
                $slant = $piece instanceof Tube && $school === CutMethod::OneStrand
                    ? ($piece->strips - 1) * (hypot(2 * $piece->spine->mm, $piece->strip->mm) - 2 * $piece->spine->mm)
                    : 0.0;
                // A spiral's last quarter turns are kept at three quarters of a strip's width: of narrow bags these are many.
                self::assertEqualsWithDelta(
                    $cutting->strand,
                    ($along - $slant) * $piece->strip->mm,
                    ($piece instanceof CarrierBag && $school === CutMethod::OneStrand ? 0.75 : 0.03) * $piece->width->mm * $piece->strip->mm
                        + 0.02 * $cutting->strand,
                    $said,
                );
            }
        }
    }

    public function testCutsNeverCrossAndStayOnThePiece(): void
    {
        foreach (self::random(150) as [$piece, $said]) {
            foreach (CutMethod::cases() as $school) {
                $cutting = $piece->cut($school);
                self::assertSame(0, (new CutGraph($cutting))->crossings(), "{$school->value} {$said}");
                foreach ($cutting->cuts as $cut) {
                    foreach ([[$cut->x1, $cut->y1], [$cut->x2, $cut->y2]] as [$x, $y]) {
                        self::assertGreaterThanOrEqual(-1e-6, min($x, $y), $said);
                        self::assertLessThanOrEqual($piece->layers * $piece->widthAt($y) + 1e-6, $x, $said);
                        self::assertLessThanOrEqual($piece->height->mm + 1e-6, $y, $said);
                    }
                }
            }
        }
    }

    /** A graph on the cut lines alone: one strand stays in one piece, the other school makes as many as it says. */
    public function testTheStrandStaysInOnePiece(): void
    {
        $pieces = [
            self::tube(300, 150, 25, 40),
            self::tube(200, 205, 40, 30, top: 20),
            self::panel(200, 160, 25),
            self::panel(300, 130, 50),
            self::bag(200, 260, 40, 30, 20),
            Panel::halvedRibbon(Length::mm(300), Length::mm(20)),
            self::bag(150, 200, 60, 10, 5),
        ];
        foreach ($pieces as $place => $piece) {
            self::assertSame(1, (new CutGraph($piece->oneStrand()))->pieces(), "piece {$place}");
            self::assertSame($piece->strips, (new CutGraph($piece->joined()))->pieces(), "piece {$place} joined");
        }
    }

    public function testTheGraphSeesAStrandCutInTwo(): void
    {
        $whole = self::panel(200, 100, 25)->oneStrand();
        $through = new Cut(CutKind::Slit, 0, 50, 200, 50);
        $parted = new Cutting(
            $whole->school,
            $whole->piece,
            [...$whole->cuts, $through],
            $whole->course,
            0,
            0,
            false,
            $whole->strand,
            Length::mm(0),
            $whole->join,
            Length::mm(0),
        );
        self::assertSame(2, (new CutGraph($parted))->pieces());
        $crossing = new Cut(CutKind::Slit, 100, 0, 100, 100);
        self::assertGreaterThan(
            0,
            (new CutGraph(
                new Cutting(
                    $whole->school,
                    $whole->piece,
                    [...$whole->cuts, $crossing],
                    $whole->course,
                    0,
                    0,
                    false,
                    $whole->strand,
                    Length::mm(0),
                    $whole->join,
                    Length::mm(0),
                ),
            ))->crossings(),
        );
    }

    public function testAZigzagIsSlitFromAlternateSides(): void
    {
        $cutting = self::panel()->oneStrand();
        self::assertEqualsWithDelta(1600, $cutting->length->mm, 1e-9);
        self::assertSame(3, $cutting->lumps);
        $slits = array_values(array_filter($cutting->cuts, fn(Cut $cut): bool => $cut->kind === CutKind::Slit));
        self::assertSame(
            [[0.0, 350.0], [400.0, 50.0], [0.0, 350.0]],
            array_map(fn(Cut $cut): array => [$cut->x1, $cut->x2], $slits),
        );
        // Five millimetres are left over and come off, first.
        self::assertSame(CutKind::Trim, $cutting->cuts[0]->kind);
        self::assertEqualsWithDelta(400 * 5, $cutting->waste(), 1e-9);
    }

    /** Handbook 3: slit every s, then from each slit to the next one, the first and the last out to the edge. */
    public function testSlitsOfATubeStopAtItsSpineAndDiagonalsCrossIt(): void
    {
        $cuts = self::tube(500, 400, 25, 30)->oneStrand()->cuts;
        self::assertCount(15 + 16, $cuts);
        foreach ($cuts as $cut) {
            match ($cut->kind) {
                CutKind::Slit => self::assertEqualsWithDelta([0, 470], [$cut->x1, $cut->x2], 1e-9),
                CutKind::Diagonal => self::assertEqualsWithDelta(
                    [470, 530, 25],
                    [$cut->x1, $cut->x2, $cut->y2 - $cut->y1],
                    1e-9,
                ),
                CutKind::Trim => self::fail('Nothing is left over of 400 by 25.'),
            };
        }
        self::assertEqualsWithDelta([0, 400], [$cuts[15]->y1, $cuts[30]->y2], 1e-9);
    }

    public function testARibbonIsHalved(): void
    {
        $ribbon = Panel::halvedRibbon(Length::mm(2500), Length::mm(20));
        self::assertEqualsWithDelta(5000, $ribbon->oneStrand()->length->mm, 1e-9);
        self::assertCount(1, $ribbon->oneStrand()->cuts);
        self::assertEqualsWithDelta(0, $ribbon->oneStrand()->waste(), 1e-9);
    }

    public function testSeveralPiecesLoseTheirJoins(): void
    {
        // Loops have their hitch in each loop's length already.
        self::assertEqualsWithDelta(3 * 6 * 280, self::bag()->joined()->lengthOf(3)->mm, 1e-9);
        self::assertEqualsWithDelta(
            3 * self::bag()->oneStrand()->length->mm - 2 * 60,
            self::bag()->oneStrand()->lengthOf(3)->mm,
            1e-9,
        );
        self::assertSame([17, 2], [self::bag()->joined()->joinsOf(3), self::bag()->oneStrand()->joinsOf(3)]);
        self::assertLessThan(self::bag()->joined()->minutes(5), self::bag()->joined()->minutes(5, 5));
    }

    public function testStrandWeighsItsShareOfThePiece(): void
    {
        // 60 g over 2 × 30 × 40 cm is 250 g/m²: 12.5 g a metre of 5 cm, twice that where it lies double and no hitch
        // takes any.
        $areal = ArealDensity::weighed(Mass::grams(60), self::bag()->area());
        self::assertEqualsWithDelta(250, $areal->gramsPerSquareMetre, 1e-9);
        $bare = new CarrierBag(
            Length::mm(300),
            Length::mm(400),
            Length::mm(50),
            null,
            Length::mm(70),
            Length::mm(30),
            Length::mm(0),
        );
        self::assertEqualsWithDelta(
            25,
            StripPlan::of(new StripSpec(Source::BagLoops, $bare, CutMethod::Joined, $areal))->density()?->gramsPerMetre,
            1e-9,
        );
        // Its ends, from half a strip wide to a whole one, are a quarter of a turn lighter.
        self::assertEqualsWithDelta(
            12.5 * (6 - 0.25) / 6,
            StripPlan::of(
                new StripSpec(Source::BagSpiral, $bare, CutMethod::OneStrand, $areal),
            )->density()?->gramsPerMetre,
            0.05,
        );
    }

    public function testRefusesWhatGivesNoStrip(): void
    {
        foreach ([
            ['strip', fn() => self::tube(strip: 500)],
            ['spine', fn() => self::tube(spine: 500)],
            ['spine', fn() => self::tube(foot: 20)],
            ['flat_width_end', fn() => self::tube(200, 300, foot: 700)],
            ['trim_top', fn() => self::bag(top: 390)],
            ['strip', fn() => self::panel(50, 300, 40)],
            ['strip', fn() => self::tube(strip: 0.5)],
            ['hitch_loss', fn() => self::bag(width: 15)],
        ] as [$measure, $make]) {
            try {
                $make();
                self::fail('Was cut.');
            } catch (TooSmall $e) {
                self::assertSame($measure, $e->measure);
                self::assertGreaterThan(20, strlen($e->getMessage()));
            }
        }
    }

    /** @return iterable<array{Cuttable, string}> seeded, so that a failure can be met again */
    private static function random(int $count): iterable
    {
        Draw::sow(3);
        while ($count > 0) {
            $width = mt_rand(1000, 9000) / 10;
            $height = mt_rand(500, 9000) / 10;
            $strip = mt_rand(100, 600) / 10;
            $spine = mt_rand(50, 500) / 10;
            $foot = max(60, $width - mt_rand(-300, 300) / 1000 * $height);
            foreach ([
                fn(): Cuttable => self::tube($width, $height, $strip, $spine),
                fn(): Cuttable => self::tube($width, $height, $strip, $spine, $foot, 12),
                fn(): Cuttable => self::panel($width, $height, $strip),
                fn(): Cuttable => self::bag($width, $height, $strip, fold: $spine),
            ] as $make) {
                try {
                    $piece = $make();
                } catch (TooSmall $e) {
                    self::assertNotSame('', $e->getMessage());

                    continue;
                }
                $count--;
                yield [$piece, $piece::class." {$width} × {$height}, strip {$strip}, spine {$spine}, foot {$foot}"];
            }
        }
    }
}
