<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\Camera;
use Fescue\Core\Gauge\CardPicture;
use Fescue\Core\Gauge\Perspective;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PerspectiveTest extends TestCase
{
    /** A camera: millimetres on the table to pixels, by a map of its own. @return array{float, float} */
    private static function see(float $x, float $y): array
    {
        $depth = 0.0008 * $x - 0.0005 * $y + 1.2;

        return [(7.1 * $x + 0.9 * $y + 210) / $depth, (-0.6 * $x + 6.4 * $y + 330) / $depth];
    }

    /** @return list<array{float, float}> */
    private static function card(float $x = 20, float $y = 30): array
    {
        return [
            self::see($x, $y),
            self::see($x + 85.60, $y),
            self::see($x + 85.60, $y + 53.98),
            self::see($x, $y + 53.98),
        ];
    }

    /** ISO/IEC 7810 ID-1: 85.60 × 53.98 mm. */
    public function testTheTableIsAsItLies(): void
    {
        $perspective = Perspective::ofCard(self::card());
        self::assertEqualsWithDelta([85.60, 53.98], $perspective->onTable(...self::see(105.60, 83.98)), 1e-9);
        foreach ([[0, 0, 120, 0], [150, 40, 150, 160], [-30, -20, 90, 133]] as [$x1, $y1, $x2, $y2]) {
            self::assertEqualsWithDelta(
                hypot($x2 - $x1, $y2 - $y1),
                $perspective->between(self::see($x1, $y1), self::see($x2, $y2)),
                1e-7,
            );
        }
    }

    /**
     * R 4.2: solve() of the eight equations of corners (100,120), (900,80), (950,640), (60,600) onto the card, and the
     * image of (500, 700) by them.
     */
    public function testItAgreesWithR(): void
    {
        [$x, $y] = Perspective::ofCard([[100, 120], [900, 80], [950, 640], [60, 600]])->onTable(500, 700);
        self::assertEqualsWithDelta(45.77995980122121, $x, 1e-9);
        self::assertEqualsWithDelta(61.35864435337884, $y, 1e-9);
    }

    /**
     * A card seen aslant from near by: the picture's own corner lies beyond the horizon, both marks on the table (by
     * R's solve(), 91.0816 mm).
     */
    public function testThePicturesCornerMayLieBeyondTheHorizon(): void
    {
        $perspective = Perspective::ofCard([[1973, 1327], [1616, 1374], [1681, 1266], [1977, 1227]]);
        self::assertEqualsWithDelta(91.081602, $perspective->between([945, 1796], [1389, 1418]), 1e-6);
        $this->expectException(NotUnderstood::class);
        $this->expectExceptionMessage('beyond where the table ends');
        $perspective->onTable(1600, 100);
    }

    /**
     * Two hundred cards seen from anywhere, lying and standing: the perspective-transform library (npm, 1.1) puts each
     * point where we do.
     */
    public function testItAgreesWithAReferenceLibrary(): void
    {
        $random = new Chance(new Randomizer(new Mt19937(12)));
        $cases = $ours = [];
        while (count($cases) < 200) {
            $upright = $random->share() < 0.5;
            $near = fn(float $x, float $y): array => [
                $x + $random->between(-130, 130),
                $y + $random->between(-110, 110),
            ];
            $corners = [$near(300, 250), $near(900, 250), $near(900, 700), $near(300, 700)];
            $point = [$random->between(200, 1000), $random->between(150, 800)];
            try {
                $ours[] = Perspective::ofCard($corners, $upright)->onTable(...$point);
            } catch (NotUnderstood) {
                continue;
            }
            [$wide, $high] = $upright ? [53.98, 85.60] : [85.60, 53.98];
            $cases[] = [
                'corners' => $corners,
                'table' => [[0, 0], [$wide, 0], [$wide, $high], [0, $high]],
                'point' => $point,
            ];
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'cards');
        file_put_contents($file, json_encode($cases, JSON_THROW_ON_ERROR));
        $said = exec(
            'node '.escapeshellarg(dirname(__DIR__, 3).'/tests/outside/perspective.mjs').' < '.escapeshellarg($file),
            $lines,
            $code,
        );
        unlink($file);
        self::assertSame(0, $code);
        foreach (json_decode((string) $said, true, 8, JSON_THROW_ON_ERROR) as $place => $theirs) {
            // To a thousandth of its distance: the library rounds its own map to ten digits.
            $away = 1 + hypot(...$ours[$place]);
            self::assertEqualsWithDelta(
                $theirs,
                $ours[$place],
                1e-6 * $away * $away,
                json_encode($cases[$place], JSON_THROW_ON_ERROR),
            );
        }
    }

    public function testAStitchAndHowSureTheMarkingMakesIt(): void
    {
        $picture = new CardPicture(self::card(), false);
        $ten = $picture->one(self::see(10, 100), self::see(130, 100), 10);
        self::assertEqualsWithDelta(12, $ten->likely, 1e-6);
        self::assertGreaterThan(0.001, $ten->relative);
        self::assertLessThan(0.03, $ten->relative);
        // Fewer stitches between the marks, or a sloppier hand, are less sure.
        self::assertGreaterThan($ten->relative, $picture->one(self::see(10, 100), self::see(34, 100), 2)->relative);
        self::assertEqualsWithDelta(
            2 * $ten->relative,
            (new CardPicture(self::card(), false, 2 * CardPicture::MARK_PX))->one(
                self::see(10, 100),
                self::see(130, 100),
                10,
            )->relative,
            1e-9,
        );
        // Set on a screen that shows it a quarter as large, each is off by more; on a large one by what the picture is.
        self::assertEqualsWithDelta(
            [1.5, 1.5, 0.65 * 4, 2 * 0.65 * 4, 3.0],
            [
                CardPicture::markPx(0, 1),
                CardPicture::markPx(1.5, 1),
                CardPicture::markPx(4, 1),
                CardPicture::markPx(4, 2),
                CardPicture::markPx(0, 2),
            ],
            1e-12,
        );
    }

    /**
     * A pinhole camera of our own over a table, in a picture of 1600 × 1200: where it sees what lies so high.
     *
     * @param array{float, float, float, float} $from focal length, px, tilt and turn, radians, and how far, mm
     *
     * @return array{float, float}
     */
    private static function taken(array $from, float $x, float $y, float $high = 0.0): array
    {
        [$focal, $tilt, $turn, $away] = $from;
        [$x, $y] = [$x - 60, $y - 55];
        [$x, $y] = [$x * cos($turn) - $y * sin($turn), $x * sin($turn) + $y * cos($turn)];
        $depth = $away - $y * sin($tilt) - $high * cos($tilt);

        return [800 + $focal * $x / $depth, 600 + $focal * ($y * cos($tilt) - $high * sin($tilt)) / $depth];
    }

    /**
     * @param array{float, float, float, float} $from
     *
     * @return list<array{float, float}>
     */
    private static function onTable(array $from, bool $upright = false): array
    {
        [$wide, $high] = $upright ? [53.98, 85.60] : [85.60, 53.98];

        return array_map(
            fn(array $at): array => self::taken($from, ...$at),
            [[0, 0], [$wide, 0], [$wide, $high], [0, $high]],
        );
    }

    /**
     * Fabric that lies 5, 10 and 15 mm above the card reads larger; where that is said it is taken off, from above and
     * at a slant, and what is claimed holds nine times in ten over cameras, marks and thicknesses.
     */
    #[Group('slow')]
    public function testWhatLiesAboveTheCardIsTakenOff(): void
    {
        $random = Draw::chance(43);
        $held = $most = $refused = 0;
        for ($picture = 0; $picture < 80; $picture++) {
            $focal = 1600 * 0.75 * exp(0.1 * $random->normal());
            $from = [$focal, deg2rad($random->between(0, 60)), $random->between(-1.4, 1.4), $random->between(350, 550)];
            $upright = $random->share() < 0.5;
            $thick = $random->between(3, 16);
            $shaken = fn(array $at): array => [$at[0] + 2 * $random->normal(), $at[1] + 2 * $random->normal()];
            [$one, $other] = [[15, 70], [115, 70]];
            $card = array_map($shaken, self::onTable($from, $upright));
            $marks = array_map(fn(array $at): array => $shaken(self::taken($from, $at[0], $at[1], $thick)), [$one, $other]);
            $above = $thick + $random->normal();
            try {
                $said = (new CardPicture($card, $upright, 2.0, [1600.0, 1200.0], $above, 1.0))->one(
                    $marks[0],
                    $marks[1],
                    10,
                );
            } catch (NotUnderstood) {
                $refused++;
                continue;
            }
            $held += (int) (abs(log(10 / $said->likely)) < 1.6449 * $said->relative);
            $most = max($most, $said->relative);
        }
        // Corners that shake far enough look like another card's: of thousands of pictures one.
        self::assertLessThan(2, $refused);
        self::assertEqualsWithDelta(0.92, $held / 80, 0.11);
        self::assertLessThan(0.09, $most);
        // From straight above, from 450 mm, by hand: h/D.
        $from = [1200, 0.0, 0.0, 450];
        $one = fn(float $above, float $high, array $from): float => (new CardPicture(
            self::onTable($from),
            false,
            2.0,
            [1600.0, 1200.0],
            $above,
        ))->one(self::taken($from, 10, 70, $high), self::taken($from, 110, 70, $high), 10)->likely;
        foreach ([5, 10, 15] as $high) {
            self::assertEqualsWithDelta(10 * 450 / (450 - $high), $one(0.0, $high, $from), 1e-6);
            self::assertEqualsWithDelta(10, $one($high, $high, $from), 0.02);
        }
        // At a slant the camera is as near as it is high, and the picture tells how high.
        $from = [1200, deg2rad(60), 0.3, 450];
        self::assertEqualsWithDelta(10 / (1 - 15 / 225), $one(0.0, 15, $from), 1e-6);
        self::assertEqualsWithDelta(10, $one(15, 15, $from), 0.03);
    }

    /** Its height over the table is found where the slant tells it, whatever the lens; from above it is not sure. */
    public function testWhereTheCameraWas(): void
    {
        foreach ([0.6, 0.75, 1.0] as $focal) {
            foreach ([25, 45, 60] as $tilt) {
                $from = [1600 * $focal, deg2rad($tilt), 0.4, 480];
                $camera = Camera::of(self::onTable($from), false, [1600.0, 1200.0], 0.2);
                self::assertEqualsWithDelta(1, 480 * cos(deg2rad($tilt)) * $camera->nearness, 0.08);
                self::assertLessThan(0.09, $camera->off / $camera->nearness);
            }
        }
        $above = Camera::of(self::onTable([1200, 0.0, 0.2, 450]), false, [1600.0, 1200.0], 2.0);
        self::assertEqualsWithDelta(450, 1 / $above->nearness, 30);
        self::assertEqualsWithDelta(0.25, $above->off / $above->nearness, 0.1);
    }

    /**
     * A card that lies is not seen as one that stands: it is noticed, whichever was said, of marks that shake by two
     * pixels; of one in twenty at a steep slant it is not sure. The right way is as good as never refused.
     */
    #[Group('slow')]
    public function testACardThatLiesTheOtherWayIsNoticed(): void
    {
        $random = Draw::chance(44);
        $noticed = $refused = 0;
        for ($picture = 0; $picture < 40; $picture++) {
            $from = [1200, deg2rad($random->between(0, 60)), $random->between(-0.7, 0.7), $random->between(350, 550)];
            $upright = $random->share() < 0.5;
            $card = array_map(
                fn(array $at): array => [$at[0] + 2 * $random->normal(), $at[1] + 2 * $random->normal()],
                self::onTable($from, $upright),
            );
            try {
                new CardPicture($card, $upright, 2.0, [1600.0, 1200.0]);
            } catch (NotUnderstood) {
                $refused++;
            }
            try {
                new CardPicture($card, ! $upright, 2.0, [1600.0, 1200.0]);
            } catch (NotUnderstood $e) {
                self::assertStringContainsString(
                    $upright ? 'stands on its short side; say so' : 'does not stand on its short side',
                    $e->getMessage(),
                );
                $noticed++;
            }
        }
        self::assertGreaterThan(32, $noticed);
        self::assertLessThan(2, $refused);
    }

    /** Marks shaken by what they are said to be off: what comes of it spreads as told. */
    #[Group('slow')]
    public function testTheSpreadIsWhatShakingMakes(): void
    {
        Draw::sow(17);
        $shake = fn(array $point): array => array_map(
            fn(float $at): float => $at + CardPicture::MARK_PX
                * sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * mt_rand() / mt_getrandmax()),
            $point,
        );
        $told = (new CardPicture(self::card(), false))->one(self::see(10, 100), self::see(130, 100), 10);
        $found = [];
        for ($try = 0; $try < 700; $try++) {
            $found[] = (new CardPicture(array_map($shake, self::card()), false))->one(
                $shake(self::see(10, 100)),
                $shake(self::see(130, 100)),
                10,
            )->likely;
        }
        $mean = array_sum($found) / count($found);
        $deviation = sqrt(array_sum(array_map(fn(float $one): float => ($one - $mean) ** 2, $found)) / count($found));
        self::assertEqualsWithDelta($told->likely * $told->relative, $deviation, 0.08 * $deviation);
        self::assertEqualsWithDelta(12, $mean, 0.05);
    }

    public function testAnUprightCard(): void
    {
        $upright = [self::see(0, 0), self::see(53.98, 0), self::see(53.98, 85.60), self::see(0, 85.60)];
        self::assertEqualsWithDelta(
            100,
            Perspective::ofCard($upright, true)->between(self::see(0, 100), self::see(100, 100)),
            1e-7,
        );
    }

    public function testMarksThatCannotBeAreRefused(): void
    {
        [$a, $b, $c, $d] = self::card();
        $wrong = [
            'cross' => fn() => Perspective::ofCard([$a, $c, $b, $d]),
            'wrong way' => fn() => Perspective::ofCard([$a, $d, $c, $b]),
            'on each other' => fn() => Perspective::ofCard([$a, $a, $c, $d]),
            'four corners' => fn() => Perspective::ofCard([$a, $b, $c]),
            'each other; put' => fn() => (new CardPicture(self::card(), false))->one($a, $a, 5),
            'above 0' => fn() => (new CardPicture(self::card(), false))->one($a, $c, 0),
        ];
        foreach ($wrong as $said => $work) {
            try {
                $work();
                self::fail("Measured: {$said}");
            } catch (NotUnderstood $e) {
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
    }

    /** Seen again through the map the other way, each place of the table is where it was in the picture. */
    public function testTheMapTheOtherWayLeadsBack(): void
    {
        $perspective = Perspective::ofCard([[100, 120], [900, 80], [950, 640], [60, 600]]);
        [$a, $b, $c] = $perspective->seen();
        foreach ([[500, 700], [120, 130], [880, 610], [333, 444]] as [$px, $py]) {
            [$x, $y] = $perspective->onTable($px, $py);
            $seen = array_map(fn(int $row): float => $x * $a[$row] + $y * $b[$row] + $c[$row], [0, 1, 2]);
            self::assertEqualsWithDelta([$px, $py], [$seen[0] / $seen[2], $seen[1] / $seen[2]], 1e-6);
        }
    }
}
