<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Predicted;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Statistics\Chance;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class LearnedHandTest extends TestCase
{
    private static function trial(
        float $stitchMm,
        float $rowMm,
        float $hook = 8,
        float $diameter = 4,
        Kind $kind = Kind::Cord,
        ?Motif $motif = null,
        ?float $grams = null,
    ): Trial {
        return new Trial(
            new Swatch(
                $motif ?? Motif::single(),
                10,
                Length::mm(10 * $stitchMm),
                10,
                Length::mm(10 * $rowMm),
                $grams === null ? null : Mass::grams($grams),
            ),
            HookSize::mm($hook),
            $kind,
            Length::mm($diameter),
            LinearDensity::gramsPerMetre(8.2),
        );
    }

    /**
     * Handbook 4: without a swatch a stitch is about 1.55 times its hook wide, about 15 % either way; loops as 4(w +
     * h). From memory.
     */
    public function testBeforeAnySwatchThePriorSpeaks(): void
    {
        $guess = LearnedHand::of([])->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single());
        self::assertEqualsWithDelta(1.55 * 8, $guess->width->likely, 1e-9);
        self::assertEqualsWithDelta(0.15, $guess->width->relative, 0.02);
        self::assertEqualsWithDelta(4 * ($guess->width->likely + $guess->height->likely), $guess->strand->likely, 1e-9);
        self::assertEqualsWithDelta(0.15, $guess->strand->relative, 0.02);
        self::assertSame(0, $guess->from);
        $thick = LearnedHand::of([])->predict(HookSize::mm(16), Length::mm(8), Kind::Cord, Motif::named('dc'));
        self::assertEqualsWithDelta(2 * $guess->width->likely, $thick->width->likely, 1e-9);
        self::assertEqualsWithDelta(4 * $guess->height->likely, $thick->height->likely, 1e-9);
    }

    /**
     * The prior, by hand: of cord on 8 mm of 4 mm, hand, stitch, mesh and the noise of one swatch. From memory, as
     * docs/calibration.md says.
     */
    public function testThePriorIsAsItIsStated(): void
    {
        $of = fn(Motif $motif, float $hook = 8, float $thick = 4, Kind $kind = Kind::Cord): Predicted => LearnedHand::of([])->predict(
            HookSize::mm($hook),
            Length::mm($thick),
            $kind,
            $motif,
        );
        $sum = fn(float ...$deviations): float => sqrt(
            array_sum(array_map(fn(float $one): float => $one ** 2, $deviations)),
        );
        $relative = fn(Predicted $predicted): array => [
            $predicted->width->relative,
            $predicted->height->relative,
            $predicted->strand->relative,
        ];
        self::assertEqualsWithDelta(
            [$sum(0.13, 0.04), $sum(0.14, 0.04), $sum(0.14, 0.04)],
            $relative($of(Motif::single())),
            1e-9,
        );
        self::assertEqualsWithDelta(
            [$sum(0.13, 0.03, 0.04), $sum(0.14, 0.07, 0.04), $sum(0.14, 0.07, 0.04)],
            $relative($of(Motif::named('hdc'))),
            1e-9,
        );
        self::assertEqualsWithDelta(
            [$sum(0.13, 0.03, 0.06, 0.04), $sum(0.14, 0.07, 0.05, 0.04), $sum(0.14, 0.07, 0.06, 0.04)],
            $relative($of(Motif::named('mesh'))),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $sum(0.13, 0.04, 0.12 * log(2), 0.12 * log(1.5), 0.06),
            $of(Motif::single(), 16, 6, Kind::Plarn)->width->relative,
            1e-9,
        );
        self::assertEqualsWithDelta(
            [1.55 * 8, 1.55 * 8 * 0.95, 4 * 1.55 * 8 * 1.95],
            [
                $of(Motif::single())->width->likely,
                $of(Motif::single())->height->likely,
                $of(Motif::single())->strand->likely,
            ],
            1e-9,
        );
        self::assertEqualsWithDelta(
            1.55 * 8 * 2 ** 0.85 * 1.5 ** 0.15,
            $of(Motif::single(), 16, 6)->width->likely,
            1e-9,
        );
    }

    public function testOneSwatchTellsItsOwnStitchAndOthersLess(): void
    {
        $hand = LearnedHand::of([self::trial(10.5, 10.0, grams: 79)]);
        $same = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single());
        self::assertEqualsWithDelta(10.5, $same->width->likely, 0.3);
        self::assertEqualsWithDelta(0.79 / 8.2 * 1000, $same->strand->likely, 3);
        self::assertLessThan(0.06, $same->width->relative);
        $double = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'));
        self::assertEqualsWithDelta(20.0, $double->height->likely, 1.5);
        self::assertGreaterThan($same->height->relative, $double->height->relative);
        // A second swatch, of that stitch, narrows it.
        $two = LearnedHand::of(
            [self::trial(10.5, 10.0), self::trial(10.6, 21.5, motif: Motif::named('dc'))],
        )->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'));
        self::assertLessThan($double->height->relative, $two->height->relative);
        self::assertEqualsWithDelta(21.5, $two->height->likely, 0.5);
        // Another kind is less sure than the same; an unweighed swatch says nothing of the strand.
        // A mesh is wider of its mark than its posts; one mesh measured narrows it, and says something of double
        // crochet too.
        $mesh = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('mesh'));
        foreach (['width', 'height', 'strand'] as $measure) {
            self::assertGreaterThan($double->{$measure}->relative, $mesh->{$measure}->relative);
        }
        $meshed = LearnedHand::of([self::trial(10.5, 10.0), self::trial(11.4, 22.0, motif: Motif::named('mesh'))]);
        self::assertLessThan(
            $mesh->width->relative,
            $meshed->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('mesh'))->width->relative,
        );
        self::assertLessThan(
            $double->height->relative,
            $meshed->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'))->height->relative,
        );
        self::assertGreaterThan(
            $same->width->relative,
            $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Plarn, Motif::single())->width->relative,
        );
        self::assertEqualsWithDelta(
            LearnedHand::of([])->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single())->strand->relative,
            LearnedHand::of([self::trial(10.5, 10.0)])->predict(
                HookSize::mm(8),
                Length::mm(4),
                Kind::Cord,
                Motif::single(),
            )->strand->relative,
            1e-12,
        );
    }

    public function testTheOddSwatchIsNamed(): void
    {
        $honest = [
            self::trial(12, 11.5),
            self::trial(13.4, 12.9, 9, 4.5),
            self::trial(10.7, 10.1, 7, 3.5),
            self::trial(12.2, 23.1, motif: Motif::named('dc')),
        ];
        self::assertSame([], LearnedHand::doubts($honest));
        $odd = [...$honest, self::trial(7.0, 11.4)];
        $doubts = LearnedHand::doubts($odd);
        self::assertArrayHasKey(4, $doubts);
        self::assertStringContainsString('less wide', $doubts[4]);
        self::assertStringContainsString('Miscounted', $doubts[4]);
        // Of two that speak against each other, either may be the odd one.
        $two = LearnedHand::doubts([self::trial(12, 11.5), self::trial(7, 6.7)]);
        self::assertSame([0, 1], array_keys($two));
        self::assertStringContainsString('more wide and is', $two[0]);
        self::assertStringContainsString('than your other swatch says: one of the two is off', $two[1]);
        self::assertSame([], LearnedHand::doubts([self::trial(12, 11.5), self::trial(12.4, 11.2)]));
        self::assertSame([], LearnedHand::doubts([self::trial(12, 11.5)]));
    }

    /** A swatch is doubted just where the hand learned from the others alone would not expect it: 2.6 deviations. */
    public function testADoubtIsOfTheOthersAlone(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(5)));
        $doubted = 0;
        for ($maker = 0; $maker < 60; $maker++) {
            $hand = new DrawnHand($chance);
            $trials = array_map(fn(): Trial => $hand->trial(...$hand->occasion()), range(1, $chance->whole(2, 7)));
            $odd = $chance->whole(0, count($trials) - 1);
            $was = $trials[$odd];
            $trials[$odd] = new Trial(
                new Swatch(
                    $was->swatch->motif,
                    10,
                    $was->swatch->width->times(exp(0.4 * $chance->normal())),
                    10,
                    $was->swatch->height,
                    $was->swatch->mass,
                ),
                $was->hook,
                $was->kind,
                $was->diameter,
                $was->density,
            );
            $doubts = LearnedHand::doubts($trials);
            foreach (array_filter($trials, fn(Trial $one): bool => ! $one->blocked) as $place => $trial) {
                $width = LearnedHand::of(array_values(array_diff_key($trials, [$place => 1])))->predict(
                    $trial->hook,
                    $trial->diameter,
                    $trial->kind,
                    $trial->swatch->motif,
                )->width;
                $off = abs(log($trial->swatch->gauge()->width->mm / $width->likely)) / $width->relative;
                self::assertSame($off > 2.6, str_contains($doubts[$place] ?? '', ' wide'), "{$off} deviations");
                $doubted += (int) ($off > 2.6);
            }
        }
        self::assertGreaterThan(20, $doubted);
    }

    /** Ten grams written for one: what it takes is doubted, what it measures is not. */
    public function testAnOddWeightIsNamed(): void
    {
        $doubts = LearnedHand::doubts(
            [
                self::trial(12, 11.5, grams: 77),
                self::trial(12.3, 11.3, grams: 79),
                self::trial(11.9, 11.6, grams: 78),
                self::trial(12.1, 11.4, grams: 780),
            ],
        );
        self::assertStringContainsString('more strand', $doubts[3] ?? '');
        self::assertStringContainsString('Weighed with something else', $doubts[3] ?? '');
        self::assertStringNotContainsString('wide', $doubts[3] ?? '');
    }

    /**
     * Blocked and relaxed are kept apart: what blocking does is told by swatches of both, and what comes off the hook
     * is predicted.
     */
    public function testBlockedIsKeptApartFromRelaxed(): void
    {
        $blocked = function (float $wide, float $high): Trial {
            $one = self::trial($wide, $high, grams: 79);

            return new Trial($one->swatch, $one->hook, $one->kind, $one->diameter, $one->density, true);
        };
        $predict = fn(Trial ...$trials): Predicted => LearnedHand::of(array_values($trials))->predict(
            HookSize::mm(8),
            Length::mm(4),
            Kind::Cord,
            Motif::single(),
        );
        $relaxed = $predict(self::trial(13.5, 12.8, grams: 79));
        $after = $predict($blocked(13.5, 12.8));
        // A blocked one says less of what comes off the hook, and just as much of its strand.
        self::assertGreaterThan($relaxed->width->relative, $after->width->relative);
        self::assertLessThan($relaxed->width->likely, $after->width->likely);
        self::assertEqualsWithDelta(
            [$relaxed->strand->likely, $relaxed->strand->relative],
            [$after->strand->likely, $after->strand->relative],
            1e-6,
        );
        // Three of each: blocking made them a tenth wider, and the relaxed ones are believed.
        $both = $predict(
            self::trial(12, 11.5),
            self::trial(12, 11.5),
            self::trial(12, 11.5),
            $blocked(13.2, 11.5),
            $blocked(13.2, 11.5),
            $blocked(13.2, 11.5),
        );
        self::assertLessThan(12.35, $both->width->likely);
        self::assertGreaterThan(
            12.5,
            $predict(
                ...array_fill(0, 3, self::trial(12, 11.5)),
                ...array_fill(0, 3, self::trial(13.2, 11.5)),
            )->width->likely,
        );
    }

    /** What was measured badly teaches less, and is not doubted for it. */
    public function testAMeasureThatIsNotSureTeachesLess(): void
    {
        $sure = LearnedHand::of([self::trial(14, 13)])->predict(
            HookSize::mm(8),
            Length::mm(4),
            Kind::Cord,
            Motif::single(),
        );
        $loose = self::trial(14, 13);
        $loose = new Trial(
            new Swatch(
                $loose->swatch->motif,
                $loose->swatch->stitches,
                $loose->swatch->width,
                $loose->swatch->rows,
                $loose->swatch->height,
                $loose->swatch->mass,
                widthSpread: 0.1,
            ),
            $loose->hook,
            $loose->kind,
            $loose->diameter,
            $loose->density,
        );
        $unsure = LearnedHand::of([$loose])->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single());
        self::assertGreaterThan($sure->width->relative, $unsure->width->relative);
        self::assertLessThan($sure->width->likely, $unsure->width->likely);
        self::assertEqualsWithDelta(
            [$sure->height->likely, $sure->height->relative],
            [$unsure->height->likely, $unsure->height->relative],
            1e-12,
        );
        self::assertSame([], LearnedHand::doubts([self::trial(11.6, 12.7), $loose]));
        self::assertNotSame([], LearnedHand::doubts([self::trial(11.6, 12.7), self::trial(14, 13)]));
    }

    /** Drawn from its own prior, its 90 % intervals hold nine times in ten: with no swatch, with one, with six. */
    public function testItIsAsSureAsItSays(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(31)));
        foreach ([0, 1, 6] as $swatches) {
            $held = ['width' => 0, 'height' => 0, 'strand' => 0];
            $draws = 1500;
            for ($draw = 0; $draw < $draws; $draw++) {
                $maker = new DrawnHand($chance);
                $trials = [];
                for ($swatch = 0; $swatch < $swatches; $swatch++) {
                    $trials[] = $maker->trial(...$maker->occasion());
                }
                $occasion = $maker->occasion();
                $predicted = LearnedHand::of($trials)->predict(...$occasion);
                $next = $maker->trial(...$occasion);
                $gauge = $next->swatch->gauge();
                foreach ([
                    'width' => $gauge->width->mm,
                    'height' => $gauge->height->mm,
                    'strand' => $next->strand()?->mm,
                ] as $measure => $true) {
                    $held[$measure] += (int) (abs(log((float) $true / $predicted->{$measure}->likely)) < 1.6448536 * $predicted->{$measure}->relative);
                }
            }
            foreach ($held as $measure => $count) {
                self::assertEqualsWithDelta(0.9, $count / $draws, 0.03, "{$measure} after {$swatches}");
            }
        }
    }
}
