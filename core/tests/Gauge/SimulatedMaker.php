<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Stitch\Stitch;

/** A maker drawn from the prior that LearnedHand states, written out anew from its description. */
final class SimulatedMaker
{
    /** @var array<string, array<string, float>> */
    private array $drawn = [];

    public function __construct()
    {
        foreach (['width' => [0.13, 0.03], 'height' => [0.14, 0.07], 'strand' => [0.14, 0.07]] as $measure => [$hand, $stitch]) {
            $this->drawn[$measure] = ['hand' => $hand * self::normal(), 'hook' => 0.12 * self::normal(), 'diameter' => 0.12 * self::normal(), 'cord' => 0.0, 'sc' => 0.0];
            foreach (Kind::strands() as $kind) {
                $this->drawn[$measure][$kind->value] ??= 0.06 * self::normal();
            }
            foreach (['hdc', 'dc', 'tr'] as $one) {
                $this->drawn[$measure][$one] = $stitch * self::normal();
            }
        }
    }

    /** @return array{HookSize, Length, Kind, Stitch} */
    public function occasion(): array
    {
        $diameter = mt_rand(20, 90) / 10;

        return [HookSize::mm($diameter * mt_rand(15, 28) / 10), Length::mm($diameter), Kind::strands()[mt_rand(0, 5)], [Stitch::Single, Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble][mt_rand(0, 4)]];
    }

    public function trial(HookSize $hook, Length $diameter, Kind $kind, Stitch $stitch): Trial
    {
        $width = 1.55 * 8 * ($hook->diameter->mm / 8) ** 0.85 * ($diameter->mm / 4) ** 0.15;
        $loops = $stitch->loopLength(Length::mm($width), Length::mm(0.95 * $width))->mm;
        $off = function (string $measure) use ($hook, $diameter, $kind, $stitch): float {
            $drawn = $this->drawn[$measure];

            return exp($drawn['hand'] + $drawn['hook'] * log($hook->diameter->mm / 8) + $drawn['diameter'] * log($diameter->mm / 4) + $drawn[$kind->value] + $drawn[$stitch->value] + LearnedHand::NOISE * self::normal());
        };
        $grams = 100 * $loops * $off('strand') / 1000 * 5;

        return new Trial(new Swatch($stitch, 10, Length::mm(10 * $width * $off('width')), 10, Length::mm(10 * $width * 0.95 * $stitch->relativeHeight() * $off('height')), Mass::grams($grams)), $hook, $kind, $diameter, LinearDensity::gramsPerMetre(5));
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * mt_rand(0, 999_999) / 1_000_000);
    }
}
