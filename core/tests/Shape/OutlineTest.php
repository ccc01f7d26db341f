<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Shape;

use Fescue\Core\Shape\Arch;
use Fescue\Core\Shape\Around;
use Fescue\Core\Shape\Circle;
use Fescue\Core\Shape\Ellipse;
use Fescue\Core\Shape\Flatness;
use Fescue\Core\Shape\Legs;
use Fescue\Core\Shape\Places;
use Fescue\Core\Shape\Polygon;
use Fescue\Core\Shape\Polyline;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Segment;
use Fescue\Core\Shape\Stadium;
use Fescue\Core\Shape\Stand;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class OutlineTest extends TestCase
{
    public function testStadiumByItsFormulas(): void
    {
        $stadium = new Stadium(252, 23);
        self::assertEqualsWithDelta(298, $stadium->length(), 1e-9);
        self::assertEqualsWithDelta(46, $stadium->width(), 1e-9);
        self::assertEqualsWithDelta(2 * 252 + M_PI * 46, $stadium->perimeter(), 1e-9);
        self::assertEqualsWithDelta(252 * 46 + M_PI * 23 ** 2, $stadium->area(), 1e-9);
    }

    /**
     * Each as it draws itself, against d3-polygon; a little further out it is larger by that times its length (Steiner);
     * walked along, every step is alike.
     */
    /** The widest place of a circle cut by a line: its chord where the line is past the middle, else all of it. */
    public function testAPartOfACircleIsAsLongAsItsWidestPlace(): void
    {
        $long = fn(float $off): float => (new Segment(50, $off))->length();
        self::assertEqualsWithDelta([100, 100, 99.995, 80, 60], array_map($long, [-20, 0, 0.5, 30, 40]), 1e-9 + 5e-6);
        self::assertLessThan(100, $long(0.5));
    }

    public function testEveryOutlineIsAsItIsDrawn(): void
    {
        $all = [
            new Circle(80), new Stadium(252, 23), new Rectangle(300, 120), new Ellipse(90, 60), Polygon::regular(6, 70),
            Polygon::regular(5, 40), new Segment(100), new Segment(60, 20), new Segment(60, -25),
        ];
        $told = Outside::polygons(array_map(Legs::points(...), $all));
        foreach ($all as $nth => $outline) {
            [$area, $length] = $told[$nth];
            $said = $outline::class." {$nth}";
            self::assertEqualsWithDelta($length, $outline->perimeter(), 1e-3 * $length, $said);
            self::assertEqualsWithDelta($area, $outline->area(), 1e-3 * $area, $said);
            $points = Legs::points($outline);
            foreach ([0 => $outline->length(), 1 => $outline->width()] as $axis => $reach) {
                $all = array_column($points, $axis);
                self::assertEqualsWithDelta($reach, max($all) - min($all), 1e-3 * $reach, $said);
            }
            $legs = $outline->legs();
            self::assertEqualsWithDelta($legs[0][0], $legs[count($legs) - 1][count($legs[count($legs) - 1]) - 1], 1e-9);
            self::assertEqualsWithDelta(4 * $outline->area(), $outline->scaled(2)->area(), 1e-6, $said);
            foreach ([0.01, -0.01] as $in) {
                self::assertEqualsWithDelta(
                    $outline->perimeter(),
                    ($outline->area() - $outline->inset($in)->area()) / $in,
                    // What lies so far from an ellipse is none, but near to one.
                    ($outline instanceof Ellipse ? 2e-2 : 2e-3) * $outline->perimeter(),
                    $said,
                );
            }
            self::assertEqualsWithDelta(0.0, $outline->inset(5000)->area(), 1e-9, $said);
            $steps = [];
            for ($step = 0; $step < 60; $step++) {
                [$one, $two] = [$outline->at($step / 60), $outline->at(($step + 1) / 60)];
                $steps[] = hypot($one->x - $two->x, $one->y - $two->y);
                $looks = deg2rad($one->degrees);
                // Round to the left, looking out.
                self::assertLessThan(1e-6, $one->x * $two->y - $one->y * $two->x, $said);
                self::assertGreaterThan(0.0, $one->x * sin($looks) - $one->y * cos($looks), $said);
            }
            self::assertLessThanOrEqual($outline->perimeter() / 60 + 1e-3, max($steps), $said);
            self::assertEqualsWithDelta($outline->perimeter(), array_sum($steps), 0.02 * $outline->perimeter(), $said);
        }
    }

    #[Group('slow')]
    public function testPerimetersAgreeWithAReferenceLibrary(): void
    {
        foreach ([[252.0, 23.0], [0.0, 50.0], [10.0, 400.0]] as [$straight, $radius]) {
            $path = "M0 0h{$straight}a{$radius} {$radius} 0 0 1 0 "
                .(2 * $radius)
                ."h-{$straight}a{$radius} {$radius} 0 0 1 0 -"
                .(2 * $radius)
                .'z';
            self::assertEqualsWithDelta(
                Outside::length($path),
                (new Stadium($straight, $radius))->perimeter(),
                1e-3 * (new Stadium($straight, $radius))->perimeter(),
            );
        }
        foreach ([[60.0, 61.0], [100.0, 40.0], [100.0, 10.0]] as [$a, $b]) {
            $path = "M-{$a} 0A{$a} {$b} 0 1 1 {$a} 0A{$a} {$b} 0 1 1 -{$a} 0z";
            self::assertEqualsWithDelta(
                Outside::length($path),
                (new Ellipse($a, $b))->perimeter(),
                2e-3 * (new Ellipse($a, $b))->perimeter(),
            );
        }
    }

    /**
     * Ramanujan 1914; a circle is exact, and the ellipse a = 2, b = 1 has perimeter 9.68844822 (its complete elliptic
     * integral; from memory).
     */
    public function testEllipsePerimeter(): void
    {
        self::assertEqualsWithDelta(2 * M_PI, (new Ellipse(1, 1))->perimeter(), 1e-12);
        self::assertEqualsWithDelta(M_PI, (new Ellipse(0.5, 0.5))->perimeter(), 1e-12);
        self::assertEqualsWithDelta(9.68844822, (new Ellipse(2, 1))->perimeter(), 1e-7);
        // Against the integral itself, by Simpson's rule.
        foreach ([[3.0, 1.0], [60.0, 25.0], [5.0, 4.9]] as [$a, $b]) {
            $sum = 0.0;
            for ($i = 0; $i <= 2000; $i++) {
                $t = M_PI / 2 * $i / 2000;
                $sum += ($i === 0 || $i === 2000 ? 1 : ($i % 2 === 1 ? 4 : 2)) * hypot($a * sin($t), $b * cos($t));
            }
            $integral = 4 * $sum * (M_PI / 2 / 2000) / 3;
            self::assertEqualsWithDelta($integral, (new Ellipse($a, $b))->perimeter(), 1e-4 * $integral);
        }
    }

    /** Four on 40 mm, each in the middle of its ten: two before the corner, two behind; one on a corner looks both ways. */
    public function testStitchesStandInTheMiddleOfTheirShare(): void
    {
        $way = new Polyline([[20.0, 0.0], [0.0, 0.0], [0.0, 20.0]]);
        $told = fn(Stand $one): array => [round($one->x, 6), round($one->y, 6), round($one->degrees, 6)];
        self::assertSame(
            [[15.0, 0.0, 360.0], [5.0, 0.0, 360.0], [0.0, 5.0, 270.0], [0.0, 15.0, 270.0]],
            array_map(fn(int $place): array => $told($way->stand($place, 4)), range(0, 3)),
        );
        self::assertSame([0.0, 0.0, 315.0], $told($way->stand(1, 3)));
    }

    public function testEllipseOfAPerimeter(): void
    {
        foreach ([[60.0, 384.0], [50.0, 220.0], [10.0, 900.0]] as [$a, $perimeter]) {
            self::assertEqualsWithDelta(
                $perimeter,
                Ellipse::ofPerimeter($a, $perimeter)->perimeter(),
                1e-3 * $perimeter,
            );
        }
        $this->expectException(\InvalidArgumentException::class);
        Ellipse::ofPerimeter(60, 200);
    }

    /** As long as the strand; the legs of one that is longer than half a circle stand straight. */
    public function testAnArchIsAsLongAsItsStrand(): void
    {
        foreach ([[120, 130], [120, 188], [120, 189], [48, 600]] as [$gap, $length]) {
            $arch = Arch::of($gap, $length);
            $stands = $arch->along(400);
            $along = 0.0;
            foreach (array_slice($stands, 1) as $place => $stand) {
                $step = hypot($stand->x - $stands[$place]->x, $stand->y - $stands[$place]->y);
                self::assertEqualsWithDelta($length / 400, $step, 0.02 * $length / 400);
                $along += $step;
            }
            self::assertEqualsWithDelta($length * 399 / 400, $along, 2e-3 * $length);
            self::assertEqualsWithDelta(
                [$gap / 2, $arch->height()],
                [-min(array_column($stands, 'x')), -min(array_column($stands, 'y'))],
                0.02 * $length,
            );
            // From left to right, and as it stands on the left so on the right.
            self::assertEqualsWithDelta(
                [-$stands[0]->x, $stands[0]->y, -$stands[0]->degrees],
                [$stands[399]->x, $stands[399]->y, $stands[399]->degrees],
                1e-6,
            );
            self::assertLessThan(0, $stands[0]->x);
        }
        self::assertEqualsWithDelta((600 - 24 * M_PI) / 2 + 24, Arch::of(48, 600)->height(), 1e-9);
    }

    public function testPlacesAlongAnEllipseAreEvenlySpaced(): void
    {
        $stands = (new Ellipse(60, 30))->alongUpperHalf(16);
        $gaps = [];
        for ($i = 1; $i < 16; $i++) {
            $gaps[] = hypot($stands[$i]->x - $stands[$i - 1]->x, $stands[$i]->y - $stands[$i - 1]->y);
        }
        self::assertLessThan(1.04, max($gaps) / min($gaps));
        self::assertEqualsWithDelta(-$stands[0]->x, $stands[15]->x, 1e-6);
        self::assertLessThan(0, $stands[0]->degrees);
        self::assertEqualsWithDelta(-$stands[0]->degrees, $stands[15]->degrees, 1e-6);
    }

    public function testPlacesBesideTheTipOfAStadium(): void
    {
        $stadium = new Stadium(100, 20);
        $tip = $stadium->besideTip(0);
        self::assertEqualsWithDelta([70, 0, 90], [$tip->x, $tip->y, $tip->degrees], 1e-9);
        $top = $stadium->besideTip(M_PI * 10);
        self::assertEqualsWithDelta([50, -20, 0], [$top->x, $top->y, $top->degrees], 1e-9);
        $past = $stadium->besideTip(-M_PI * 10 - 5);
        self::assertEqualsWithDelta([45, 20, 180], [$past->x, $past->y, $past->degrees], 1e-9);
    }

    /** Two at a place stand at either side of it as it looks outward, the first at the right; so far out. */
    public function testSeveralStandAboutTheirPlace(): void
    {
        $places = Places::begun([new Stand(10, 0, 0), new Stand(0, -20, -90)], 0)->several([3, 2], 5, 8);
        $at = fn(int $place): array => [$places->stand($place, 5)->x, $places->stand($place, 5)->y];
        self::assertEqualsWithDelta([[14, -5], [10, -5], [6, -5]], [$at(0), $at(1), $at(2)], 1e-9);
        self::assertEqualsWithDelta([[-5, -24], [-5, -16]], [$at(3), $at(4)], 1e-9);
        self::assertEqualsWithDelta([14, -5], $at(5), 1e-9, 'Round again.');
        self::assertSame(0.0, (new Stadium(0, 0))->perimeter());
        foreach ([[-0.1, 5.0], [5.0, -0.1]] as [$straight, $radius]) {
            try {
                new Stadium($straight, $radius);
                self::fail('It has a side.');
            } catch (\InvalidArgumentException $e) {
                self::assertSame('A stadium has sides of zero or more.', $e->getMessage());
            }
        }
    }

    /** Handbook 6 (geometry): f below 1 is a cone whose wall rises at acos f. */
    public function testFlatness(): void
    {
        self::assertEqualsWithDelta(60, (new Flatness(3, 6, -3))->rise(), 1e-9);
        self::assertEqualsWithDelta(0, (new Flatness(8, 6, 2))->rise(), 1e-9);
        self::assertEqualsWithDelta(8 / 6, (new Flatness(8, 6, 2))->ratio(), 1e-9);
    }

    /** Around any outline a stitch stands in the middle of its share, from wherever the first begins. */
    public function testStitchesAroundStandInTheMiddleOfTheirShare(): void
    {
        $circle = new Circle(100.0);
        $around = new Around($circle, 0.9);
        foreach (range(0, 7) as $place) {
            $share = fmod(0.9 + ($place + 0.5) / 8, 1.0);
            [$is, $at] = [$around->stand($place, 8), $circle->at($share)];
            self::assertEqualsWithDelta([$at->x, $at->y], [$is->x, $is->y], 1e-4);
        }
        [$first, $last] = [(new Around($circle))->stand(0, 8), (new Around($circle))->stand(7, 8)];
        // Those on either side of where it begins are as far from it.
        $from = $circle->at(0.0);
        self::assertEqualsWithDelta(
            hypot($first->x - $from->x, $first->y - $from->y),
            hypot($last->x - $from->x, $last->y - $from->y),
            1e-4,
        );
    }
}
