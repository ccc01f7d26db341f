<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Solid;

use Fescue\Core\Shape\Circle;
use Fescue\Core\Shape\Polygon;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Segment;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Solid\Rim;
use PHPUnit\Framework\TestCase;

final class RimTest extends TestCase
{
    public function testItGoesToTheRightFromTheMiddleOfTheFront(): void
    {
        $rim = Rim::of(new Rectangle(300, 120));
        self::assertEqualsWithDelta(840, $rim->around(), 1e-9);
        self::assertEqualsWithDelta(36000, $rim->area(), 1e-6);
        foreach ([
            [0, 0, 60], [150 / 840, 150, 60], [210 / 840, 150, 0], [0.5, 0, -60], [0.75, -150, 0], [1.25, 150, 0],
            [-0.25, -150, 0], [100 / 840, 100, 60],
        ] as [$share, $x, $z]) {
            self::assertEqualsWithDelta([$x, $z], $rim->at($share), 1e-6, (string) $share);
        }
        self::assertEqualsWithDelta([150 / 840, 270 / 840, 570 / 840, 690 / 840], $rim->corners(), 1e-9);
    }

    public function testTheFrontMayStandAlongTheWidth(): void
    {
        $rim = Rim::of(new Rectangle(300, 120), true);
        self::assertEqualsWithDelta([0, 150], $rim->at(0), 1e-6);
        self::assertEqualsWithDelta([60, 0], $rim->at(0.25), 1e-6);
    }

    /** A D: its arc is the front, its straight side the back. */
    public function testTheArcIsTheFrontOfAD(): void
    {
        $rim = Rim::of(new Segment(100));
        [$x, $z] = $rim->at(0.0);
        self::assertEqualsWithDelta([0, 50], [$x, $z], 1e-3);
        self::assertEqualsWithDelta([0, -50], $rim->at(0.5), 1e-3);
        self::assertEqualsWithDelta(M_PI * 100 + 200, $rim->around(), 0.2);
        self::assertEqualsWithDelta(M_PI * 5000, $rim->area(), 15);
        self::assertCount(2, $rim->corners());
        self::assertCount(6, Rim::of(Polygon::regular(6, 90))->corners());
        self::assertSame([], Rim::of(new Circle(90))->corners());
        self::assertSame([], Rim::of(new Stadium(100, 60))->corners());
    }

    /** Two straight sides and two half circles: no wider than a circle, and no narrower than nothing. */
    public function testAFoldOpens(): void
    {
        $shut = Rim::fold(600, 0);
        self::assertEqualsWithDelta([600, 0], [$shut->around(), $shut->area()], 1e-6);
        $half = Rim::fold(600, 50);
        self::assertEqualsWithDelta(600, $half->around(), 0.1);
        self::assertEqualsWithDelta(50 * (600 - M_PI * 50) / 2 + M_PI * 625, $half->area(), 3);
        self::assertEqualsWithDelta(25, $half->at(0)[1], 1e-6);
        $open = Rim::fold(600, 1000);
        self::assertEqualsWithDelta(600 ** 2 / (4 * M_PI), $open->area(), 20);
    }

    public function testWhatIsPressedHoldsAsMuchAsItIsToldTo(): void
    {
        $pressed = Rim::pressed(400, 5000);
        self::assertEqualsWithDelta([400, 5000], [$pressed->around(), $pressed->area()], 1e-6);
        // 4 · 10 000 is more than 400 around can hold: a square.
        self::assertEqualsWithDelta(10_000, Rim::pressed(400, 40_000)->area(), 1e-6);
        self::assertEqualsWithDelta(0, Rim::pressed(400, 0)->area(), 1e-6);
        // Corners of one level stand over those of the next.
        self::assertSame($pressed->corners(), Rim::pressed(300, 100)->corners());
        self::assertEqualsWithDelta($pressed->at(0.2), [$pressed->at(0.25)[0], $pressed->at(0)[1]], 1e-6);
    }
}
