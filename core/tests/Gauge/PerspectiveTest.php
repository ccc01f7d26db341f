<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\CardPicture;
use Fescue\Core\Gauge\Perspective;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Statistics\Chance;
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
        $one = fn(float $shrunk): float => CardPicture::shown(self::card(), false, $shrunk)->one(
            self::see(10, 100),
            self::see(130, 100),
            10,
        )->relative;
        self::assertEqualsWithDelta($ten->relative * 0.65 * 4 / CardPicture::MARK_PX, $one(4), 1e-9);
        self::assertEqualsWithDelta([$ten->relative, $ten->relative], [$one(0), $one(1.5)], 1e-12);
    }

    /** Marks shaken by what they are said to be off: what comes of it spreads as told. */
    public function testTheSpreadIsWhatShakingMakes(): void
    {
        mt_srand(17);
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
}
