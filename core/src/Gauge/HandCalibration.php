<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Statistics\Normal;

/**
 * Whether LearnedHand is as sure as it says of makers who are not drawn from its prior: whose stitch is a sum in hook
 * and thickness where it reckons with a product, whose swatches lie 4 to 6 % apart, and whose strands of one kind 3 to
 * 5 %. And what its doubts find and miss, and how often they name who did nothing wrong.
 */
final readonly class HandCalibration
{
    /** How many swatches she has made when she is asked. */
    public const SWATCHES = [0, 2, 5, 11];

    /** Widths that an odd swatch is off by: one stitch of ten miscounted, two, four, and half. */
    private const ODD = [1.1, 1.2, 1.4, 2.0];

    public function __construct(private Chance $chance) {}

    /**
     * @param int $makers above zero
     *
     * @return array<int, array<string, float>> by swatches made: how often, in hundred, the 90 % band of each measure
     *         held the next
     */
    public function bands(int $makers): array
    {
        $held = [];
        foreach (self::SWATCHES as $swatches) {
            $held[$swatches] = ['width' => 0.0, 'height' => 0.0, 'strand' => 0.0];
            for ($maker = 0; $maker < $makers; $maker++) {
                $makes = $this->maker();
                $trials = [];
                for ($made = 0; $made < $swatches; $made++) {
                    $trials[] = $makes();
                }
                $next = $makes();
                $predicted = LearnedHand::of($trials)->predict(
                    $next->hook,
                    $next->diameter,
                    $next->kind,
                    $next->swatch->motif,
                    $next->density,
                );
                $gauge = $next->swatch->gauge();
                foreach ([
                    'width' => $gauge->width->mm,
                    'height' => $gauge->height->mm,
                    'strand' => $next->strand()->mm ?? 0.0,
                ] as $measure => $true) {
                    $spread = $predicted->{$measure};
                    $most = Normal::quantile(1 - Spread::TAIL) * $spread->relative;
                    $held[$swatches][$measure] += 100 / $makers
                        * (int) (abs(log($true / $spread->likely)) < $most);
                }
            }
        }

        return $held;
    }

    /**
     * @param int $makers above zero
     *
     * @return array{array<int, float>, array<int, array{float, float}>} by swatches made: makers of whom an honest
     *         swatch is named, in hundred; by how far one of six is off: in hundred, how often it is named and an
     *         honest one is
     */
    public function alarms(int $makers): array
    {
        $false = $odd = [];
        foreach ([2, 5, 11] as $swatches) {
            $false[$swatches] = 0.0;
            for ($maker = 0; $maker < $makers; $maker++) {
                $trials = $this->swatches($swatches, $maker % 2 === 0);
                $false[$swatches] += 100 / $makers * (int) (LearnedHand::doubts($trials) !== []);
            }
        }
        foreach (self::ODD as $off) {
            [$named, $innocent] = [0.0, 0.0];
            for ($maker = 0; $maker < $makers; $maker++) {
                $trials = $this->swatches(6, $maker % 2 === 0);
                $trials[0] = self::wider($trials[0], $off);
                $doubts = LearnedHand::doubts($trials);
                $named += 100 / $makers * (int) isset($doubts[0]);
                $innocent += 100 / $makers * (int) (array_diff_key($doubts, [0 => true]) !== []);
            }
            $odd[(int) round(100 * ($off - 1))] = [$named, $innocent];
        }

        return [$false, $odd];
    }

    /** @return list<string> */
    public function told(int $makers): array
    {
        $told = ['Of makers whose hands are not as it supposes, its 90 % bands of width, height and strand hold:'];
        foreach ($this->bands($makers) as $swatches => $held) {
            $told[] = sprintf(
                '  after %2d swatches: %5.1f %5.1f %5.1f %%  of %d',
                $swatches,
                ...[...array_values($held), $makers],
            );
        }
        [$false, $odd] = $this->alarms($makers);
        $told[] = 'Makers of whom an honest swatch is named odd:';
        foreach ($false as $swatches => $share) {
            $told[] = sprintf('  of %2d swatches: %5.1f %%  of %d', $swatches, $share, $makers);
        }
        $told[] = 'Of six swatches one is too wide:';
        foreach ($odd as $off => [$named, $innocent]) {
            $told[] = sprintf(
                '  by %3d %%: named %5.1f %%, missed %5.1f %%; an honest one named %5.1f %%  of %d',
                $off,
                $named,
                100 - $named,
                $innocent,
                $makers,
            );
        }

        return $told;
    }

    /**
     * @param int<1, max> $many
     *
     * @return non-empty-list<Trial> of a maker drawn from its prior, or of one that is not
     */
    private function swatches(int $many, bool $drawn): array
    {
        $makes = $this->maker();
        if ($drawn) {
            $hand = new DrawnHand($this->chance);
            $makes = fn(): Trial => $hand->trial(...$hand->occasion());
        }

        return array_map($makes, range(1, $many));
    }

    /**
     * A maker with three strands at hand, each of some kind, and swatches of hers, one after the other.
     *
     * @return \Closure(): Trial
     */
    private function maker(): \Closure
    {
        $way = fn(float $apart): float => exp($apart * $this->chance->normal());
        [$wider, $higher, $looser] = [$way(0.15), $way(0.07), $way(0.12)];
        [$noise, $apart] = [$this->chance->between(0.04, 0.06), $this->chance->between(0.03, 0.05)];
        $kinds = [];
        foreach (Kind::strands() as $kind) {
            $kinds[] = [$kind, [$way(0.05), $way(0.05), $way(0.05)]];
        }
        $strands = [];
        for ($strand = 0; $strand < 3; $strand++) {
            [$kind, $ways] = $this->chance->of($kinds);
            $strands[] = [
                $kind,
                round($this->chance->between(2, 9), 2),
                LinearDensity::gramsPerMetre(round($this->chance->between(2, 9), 2)),
                array_map(fn(float $of): float => $of * $way($apart), $ways),
            ];
        }

        return function () use ($wider, $higher, $looser, $noise, $strands, $way): Trial {
            [$kind, $thick, $density, $own] = $this->chance->of($strands);
            $hook = round($thick * $this->chance->between(1.5, 2.8), 2);
            [$wide, $high, $long] = array_map(
                fn(float $of): float => $of * $way($noise),
                $own,
            );
            $width = $wider * (1.2 * $hook + 0.7 * $thick);
            $height = 0.95 * $higher * $width;
            $loops = Motif::single()->loopLength(
                Length::mm($width),
                Length::mm($height),
                Length::mm($thick * $kind->pressed()),
            );

            return new Trial(
                new Swatch(
                    Motif::single(),
                    10,
                    Length::mm(10 * $width * $wide),
                    10,
                    Length::mm(10 * $height * $high),
                    Mass::grams(100 * $density->massOf($loops->times($looser * $long))->grams),
                ),
                HookSize::mm($hook),
                $kind,
                Length::mm($thick),
                $density,
            );
        };
    }

    private static function wider(Trial $was, float $times): Trial
    {
        $swatch = $was->swatch;

        return new Trial(
            new Swatch(
                $swatch->motif,
                $swatch->stitches,
                $swatch->width->times($times),
                $swatch->rows,
                $swatch->height,
                $swatch->mass,
            ),
            $was->hook,
            $was->kind,
            $was->diameter,
            $was->density,
            $was->blocked,
        );
    }
}
