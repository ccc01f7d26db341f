<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\HandCalibration;
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
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\Group;
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
     * Handbook 4: without a swatch a stitch is about 1.55 times its hook wide, about 15 % either way; loops by its
     * thickness.
     * From memory.
     */
    public function testBeforeAnySwatchThePriorSpeaks(): void
    {
        $guess = LearnedHand::of([])->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single());
        self::assertEqualsWithDelta(1.55 * 8, $guess->width->likely, 1e-9);
        self::assertEqualsWithDelta(0.15, $guess->width->relative, 0.02);
        self::assertEqualsWithDelta(Loops::mm('sc', 12.4, 0.95 * 12.4, 4), $guess->strand->likely, 1e-9);
        self::assertEqualsWithDelta(0.15, $guess->strand->relative, 0.02);
        self::assertSame(0, $guess->from);
        $thick = LearnedHand::of([])->predict(HookSize::mm(16), Length::mm(8), Kind::Cord, Motif::named('dc'));
        self::assertEqualsWithDelta(2 * $guess->width->likely, $thick->width->likely, 1e-9);
        self::assertEqualsWithDelta(4 * $guess->height->likely, $thick->height->likely, 1e-9);
    }

    /**
     * The prior, by hand: of cord on 8 mm of 4 mm, hand, stitch, mesh, a strand's own way and the noise of one
     * swatch. From memory, as
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
            [$sum(0.13, 0.04, 0.05), $sum(0.14, 0.04, 0.05), $sum(0.14, 0.04, 0.05)],
            $relative($of(Motif::single())),
            1e-9,
        );
        self::assertEqualsWithDelta(
            [$sum(0.13, 0.03, 0.04, 0.05), $sum(0.14, 0.07, 0.04, 0.05), $sum(0.14, 0.07, 0.04, 0.05)],
            $relative($of(Motif::named('hdc'))),
            1e-9,
        );
        self::assertEqualsWithDelta(
            [
                $sum(0.13, 0.03, 0.06, 0.04, 0.05),
                $sum(0.14, 0.07, 0.05, 0.04, 0.05),
                $sum(0.14, 0.07, 0.06, 0.04, 0.05),
            ],
            $relative($of(Motif::named('mesh'))),
            1e-9,
        );
        self::assertEqualsWithDelta(
            $sum(0.13, 0.04, 0.05, 0.12 * log(2), 0.12 * log(1.5), 0.06),
            $of(Motif::single(), 16, 6, Kind::Plarn)->width->relative,
            1e-9,
        );
        self::assertEqualsWithDelta(
            [1.55 * 8, 1.55 * 8 * 0.95, Loops::mm('sc', 1.55 * 8, 1.55 * 8 * 0.95, 4)],
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
        self::assertSame(['swatches' => 1, 'bags' => 0], $hand->from()?->with);
        self::assertStringNotContainsString('bags', $hand->from()->message);
        self::assertNull(LearnedHand::of([])->from());
        $strand = LinearDensity::gramsPerMetre(8.2);
        $same = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single(), $strand);
        self::assertEqualsWithDelta(10.5, $same->width->likely, 0.3);
        self::assertEqualsWithDelta(0.79 / 8.2 * 1000, $same->strand->likely, 3);
        self::assertLessThan(0.075, $same->width->relative);
        // Another strand of its kind, as thick, has its own way.
        $another = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::single());
        self::assertGreaterThan($same->width->relative, $another->width->relative);
        self::assertGreaterThan($same->width->likely, $another->width->likely);
        $double = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'), $strand);
        self::assertEqualsWithDelta(20.0, $double->height->likely, 1.5);
        self::assertGreaterThan($same->height->relative, $double->height->relative);
        // A second swatch, of that stitch, narrows it.
        $two = LearnedHand::of(
            [self::trial(10.5, 10.0), self::trial(10.6, 21.5, motif: Motif::named('dc'))],
        )->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'), $strand);
        self::assertLessThan($double->height->relative, $two->height->relative);
        self::assertEqualsWithDelta(21.5, $two->height->likely, 0.5);
        // Another kind is less sure than the same; an unweighed swatch says nothing of the strand.
        // A mesh is wider of its mark than its posts; one mesh measured narrows it, and says something of double
        // crochet too.
        $mesh = $hand->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('mesh'), $strand);
        foreach (['width', 'height', 'strand'] as $measure) {
            self::assertGreaterThan($double->{$measure}->relative, $mesh->{$measure}->relative);
        }
        $meshed = LearnedHand::of([self::trial(10.5, 10.0), self::trial(11.4, 22.0, motif: Motif::named('mesh'))]);
        self::assertLessThan(
            $mesh->width->relative,
            $meshed->predict(
                HookSize::mm(8),
                Length::mm(4),
                Kind::Cord,
                Motif::named('mesh'),
                $strand,
            )->width->relative,
        );
        self::assertLessThan(
            $double->height->relative,
            $meshed->predict(HookSize::mm(8), Length::mm(4), Kind::Cord, Motif::named('dc'), $strand)->height->relative,
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

    /** The oddest is named; set aside, it casts no doubt on the rest, and hides none that is odd as well. */
    public function testTheOddSwatchIsNamed(): void
    {
        $honest = [
            self::trial(12, 11.5),
            self::trial(13.4, 12.9, 9, 4.5),
            self::trial(10.7, 10.1, 7, 3.5),
            self::trial(12.2, 23.1, motif: Motif::named('dc')),
        ];
        self::assertSame([], LearnedHand::doubts($honest));
        $doubts = LearnedHand::doubts([...$honest, self::trial(7.0, 11.4)]);
        self::assertSame([4], array_keys($doubts));
        self::assertStringContainsString('less wide', $doubts[4]->english());
        self::assertStringNotContainsString('high', $doubts[4]->english());
        self::assertStringContainsString('Miscounted', $doubts[4]->english());
        $two = LearnedHand::doubts([self::trial(7.0, 11.4), ...$honest, self::trial(12, 21)]);
        self::assertEqualsCanonicalizing([0, 5], array_keys($two));
        self::assertStringContainsString('more high', $two[5]->english());
        self::assertStringNotContainsString('wide', $two[5]->english());
        // Of two that speak against each other neither can be told to be the odd one: one is named, and says so.
        $either = LearnedHand::doubts([self::trial(12, 11.5), self::trial(6, 5.7)]);
        self::assertCount(1, $either);
        self::assertStringContainsString(
            'than your other swatch says: one of the two is off',
            array_values($either)[0]->english(),
        );
        self::assertSame([], LearnedHand::doubts([self::trial(12, 11.5), self::trial(12.4, 11.2)]));
        self::assertSame([], LearnedHand::doubts([self::trial(12, 11.5)]));
        self::assertSame([], LearnedHand::doubts([]));
    }

    /** Whatever hands: at most one maker in twenty is alarmed falsely, and half as wide again is seen. */
    #[Group('slow')]
    public function testOneMakerInTwentyIsAlarmed(): void
    {
        [$false, $odd] = (new HandCalibration(Draw::chance(41)))->alarms(100);
        foreach ($false as $swatches => $share) {
            // One in twenty: of 100 more than fourteen once in seven thousand.
            self::assertLessThan(14.5, $share, "{$swatches} swatches");
        }
        self::assertGreaterThan(93, $odd[100][0]);
        self::assertGreaterThan(55, $odd[40][0]);
        self::assertLessThan(14.5, max(array_column($odd, 1)));
    }

    /** Of makers who are not as it supposes: the bands hold nine times in ten, whatever was swatched. */
    #[Group('slow')]
    public function testTheBandsHoldForHandsItDoesNotSuppose(): void
    {
        foreach ((new HandCalibration(Draw::chance(42)))->bands(300) as $after => $held) {
            foreach ($held as $measure => $share) {
                // What docs/calibration.md tells, 88.3 to 92.8, ± 1.8 of 300, four times.
                self::assertEqualsWithDelta(90.5, $share, 9.2, "{$measure} after {$after}");
            }
        }
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
        self::assertStringContainsString('more strand', $doubts[3]->english());
        self::assertStringContainsString('Weighed with something else', $doubts[3]->english());
        self::assertStringNotContainsString('wide', $doubts[3]->english());
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
        self::assertSame([], LearnedHand::doubts([self::trial(10.2, 12.7), $loose]));
        self::assertNotSame([], LearnedHand::doubts([self::trial(10.2, 12.7), self::trial(14, 13)]));
    }

    /** Drawn from its own prior, its 90 % intervals hold nine times in ten: with no swatch, with one, with six. */
    #[Group('slow')]
    public function testItIsAsSureAsItSays(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(31)));
        foreach ([0, 1, 6] as $swatches) {
            $held = ['width' => 0, 'height' => 0, 'strand' => 0];
            $draws = 700;
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
                    $held[$measure] += (int) (abs(
                        log((float) $true / $predicted->{$measure}->likely),
                    ) < 1.6448536 * $predicted->{$measure}->relative);
                }
            }
            foreach ($held as $measure => $count) {
                self::assertEqualsWithDelta(0.9, $count / $draws, 0.04, "{$measure} after {$swatches}");
            }
        }
    }
}
