<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Scale;

use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\MassUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;
use Fescue\Core\Scale\ScaleState;
use Fescue\Core\Scale\SimulatedScale;
use Fescue\Core\Scale\Stretch;
use Fescue\Core\Scale\Unplugged;
use Fescue\Core\Scale\Weighing;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ScaleTest extends TestCase
{
    private static function at(ScaleState $state, float $now, int $seed = 1): SimulatedScale
    {
        return new SimulatedScale($state, $now, new Randomizer(new Mt19937($seed)));
    }

    public function testItSettlesTremblesAndDrifts(): void
    {
        $scale = self::at(new ScaleState(), 100.0);
        $scale->put(412);
        self::assertFalse($scale->reading()->stable);
        $state = $scale->state();
        $readings = [];
        for ($seed = 0; $seed < 300; $seed++) {
            $reading = self::at($state, 103.0, $seed)->reading();
            self::assertTrue($reading->stable);
            $readings[] = $reading->grams;
            // Whole grams, as a kitchen scale shows them.
            self::assertEqualsWithDelta(round($reading->grams), $reading->grams, 1e-9);
        }
        $repeated = new Repeated($readings);
        self::assertEqualsWithDelta(412, $repeated->mean, 1);
        self::assertGreaterThan(0, $repeated->deviation);
        self::assertLessThan(1, $repeated->deviation);
        // An hour later it has warmed up by more than its last digit, and a tare takes that out again.
        $warm = self::at($state, 3700.0);
        self::assertGreaterThan($repeated->mean + 1, $warm->reading()->grams);
        $warm->tare();
        self::assertEqualsWithDelta(0, $warm->reading()->grams, 1);
        $warm->put(0);
        self::assertEqualsWithDelta(-412, self::at($warm->state(), 3800.0)->reading()->grams, 2);
    }

    /** What cannot have been measured is refused; the least that can is not. */
    public function testMeasuresOfNothingAreRefused(): void
    {
        foreach ([
            fn() => Stretch::of(Length::mm(0), Mass::grams(100), Length::mm(1), null),
            fn() => Stretch::of(Length::mm(100), Mass::grams(0), Length::mm(110), null),
            fn() => Stretch::of(Length::mm(100), Mass::grams(5), Length::mm(99), null),
            fn() => Weighing::thickness(0, Length::mm(20)),
            fn() => Weighing::thickness(4, Length::mm(0)),
        ] as $place => $measure) {
            try {
                $measure();
                self::fail("Measure {$place} was taken.");
            } catch (NotUnderstood $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
        self::assertSame(
            [20.0, 0.5],
            [Weighing::thickness(1, Length::mm(20))->likely, Weighing::thickness(1, Length::mm(20))->relative],
        );
        self::assertSame(0.5, Stretch::of(Length::mm(500), Mass::grams(9), Length::mm(600), Length::mm(250))->rested);
        self::assertSame(1.2, Stretch::of(Length::mm(500), Mass::grams(9), Length::mm(600), Length::mm(600))->rested);
        self::assertSame(1.0, Stretch::of(Length::mm(0.5), Mass::grams(0.5), Length::mm(0.5), null)->under);
        // It settles a quarter of a second after the load.
        $scale = self::at(new ScaleState(), 100.0);
        $scale->put(50);
        self::assertSame(
            [false, true],
            array_map(fn(float $now): bool => self::at($scale->state(), $now)->reading()->stable, [100.0, 103.0]),
        );
    }

    public function testItOverloadsAndIsUnplugged(): void
    {
        $scale = self::at(new ScaleState(), 10.0);
        $scale->put(5000);
        self::assertFalse($scale->reading()->overloaded);
        $scale->put(5001);
        self::assertTrue($scale->reading()->overloaded);
        self::assertSame('—', $scale->reading()->print());
        $scale->unplug();
        foreach ([fn() => $scale->reading(), fn() => $scale->tare(), fn() => $scale->show(MassUnit::Ounce)] as $key) {
            try {
                $key();
                self::fail('Answered.');
            } catch (Unplugged $e) {
                self::assertStringContainsString('type what it shows', $e->getMessage());
            }
        }
        $scale->put(300);
        $scale->plugIn();
        // It wakes at zero with what lies on it.
        self::assertEqualsWithDelta(0, self::at($scale->state(), 20.0)->reading()->grams, 1);
    }

    public function testItShowsInEveryUnit(): void
    {
        $scale = self::at(new ScaleState(load: 1000, before: 1000), 10.0);
        foreach ([
            'g' => '/^\d\x{202F}?\d{3} g$|^\d{3} g$/u',
            'kg' => '/^\d\.\d{3} kg$/',
            'oz' => '/^35\.\d\d oz$/',
            'lb' => '/^2\.\d{3} lb$/',
        ] as $unit => $shown) {
            $scale->show(MassUnit::from($unit));
            self::assertMatchesRegularExpression($shown, $scale->reading()->print());
        }
    }

    public function testADensityIsAsSureAsItsWeighingsAndItsTape(): void
    {
        $density = Weighing::density(new Repeated([41.0, 42.0, 43.0]), Length::mm(5000));
        self::assertEqualsWithDelta(8.4, $density->likely, 1e-9);
        self::assertEqualsWithDelta(hypot(hypot(1 / sqrt(3), 1 / sqrt(12)) / 42, 0.005), $density->relative, 1e-9);
        $longer = Weighing::density(new Repeated([420.0]), Length::mm(50_000));
        self::assertLessThan($density->relative, $longer->relative);
    }

    public function testWhatIsInTheContainer(): void
    {
        $net = Weighing::net(new Repeated([1162.0]), new Repeated([262.0]));
        self::assertEqualsWithDelta(900, $net->likely, 1e-9);
        self::assertEqualsWithDelta(sqrt(2 / 12) / 900, $net->relative, 1e-12);
        $left = Weighing::metresLeft($net, LinearDensity::gramsPerMetre(8.4), 0.02);
        self::assertEqualsWithDelta(900 / 8.4, $left->likely, 1e-9);
        self::assertEqualsWithDelta(hypot($net->relative, 0.02), $left->relative, 1e-12);
        self::assertEqualsWithDelta(50, Weighing::net(new Repeated([50.0]), null)->likely, 1e-9);
        self::assertEqualsWithDelta(4, Weighing::thickness(5, Length::mm(20))->likely, 1e-9);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $mm = Length::mm(...);
        $wrong = [
            fn() => Weighing::density(new Repeated([0.0]), $mm(100)),
            fn() => Weighing::net(new Repeated([200.0]), new Repeated([262.0])),
            fn() => Weighing::net(new Repeated([0.0]), null),
            fn() => Weighing::thickness(0, $mm(20)),
            fn() => Stretch::of($mm(500), Mass::grams(1000), $mm(480), null),
            fn() => Stretch::of($mm(500), Mass::grams(1000), $mm(600), $mm(610)),
            fn() => Stretch::of($mm(500), Mass::grams(1000), $mm(600), $mm(249)),
            fn() => Stretch::of($mm(500), Mass::grams(0), $mm(600), null),
        ];
        foreach ($wrong as $work) {
            try {
                $work();
                self::fail('Was worked out.');
            } catch (NotUnderstood $e) {
                self::assertGreaterThan(20, strlen($e->getMessage()));
            }
        }
        $stretch = Stretch::of($mm(500), Mass::grams(1000), $mm(680), $mm(620));
        self::assertEqualsWithDelta([1.36, 1.24], [$stretch->under, $stretch->rested], 1e-9);
    }
}
