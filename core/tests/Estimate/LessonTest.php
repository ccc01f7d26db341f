<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Factors;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\StitchTake;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Measure\Length;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Bag\Documents;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What weigh-ins teach the hand. */
final class LessonTest extends TestCase
{
    private const SWATCHES = [
        [
            'stitch' => 'sc',
            'stitches' => 10,
            'width' => '12 cm',
            'rows' => 10,
            'height' => '11.5 cm',
            'hook' => '8 mm',
            'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
        ],
    ];

    private const WORKED = [
        'stitch' => 'sc',
        'hook' => '8 mm',
        'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
        'strand' => '10.6 cm',
        'spread' => 0.08,
    ];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = []): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes)));
    }

    public function testItIsTheSwatchsStrandTimesWhatWasUsedOverWhatWasExpected(): void
    {
        // By the swatch 9.634 cm a stitch. All rows up to the slots, a tenth more used than that.
        $expected = MaterialEstimate::of(self::plan());
        $grams = $expected->parts[0]->grams + $expected->parts[1]->grams;
        $left = 900 - 1.1 * $grams - 0.175 * 8.2;
        $lesson = Lesson::of(
            self::plan(
                [
                    'weigh_ins' => [
                        ['after' => 'Round 5', 'left' => '665 g'],
                        ['after' => 'Round 16', 'left' => round($left, 2).' g'],
                    ],
                ],
            ),
        );
        self::assertEqualsWithDelta(1.1 * 79 / 100 / 8.2 * 1000, $lesson?->strand->mm, 0.1);
        self::assertSame(Motif::single(), $lesson->motif);
        self::assertGreaterThan(Factors::SWATCH, $lesson->relative);
        self::assertLessThan(0.1, $lesson->relative);
        // Early on the scale's own error weighs more.
        $early = Lesson::of(self::plan(['weigh_ins' => [['after' => 'Round 1', 'left' => '855 g']]]));
        self::assertGreaterThan($lesson->relative, $early?->relative);
    }

    public function testNothingIsTaughtWhereNothingWasUsedBetweenTwoWeighings(): void
    {
        self::assertNull(Lesson::of(self::plan()));
        self::assertNull(
            Lesson::of(
                self::plan(['material/on_hand' => null, 'weigh_ins' => [['after' => 'Round 5', 'left' => '640 g']]]),
            ),
        );
        self::assertNotNull(
            Lesson::of(
                self::plan(
                    [
                        'material/on_hand' => null,
                        'weigh_ins' => [
                            ['after' => 'Round 5', 'left' => '640 g'],
                            ['after' => 'Round 9', 'left' => '470 g'],
                        ],
                    ],
                ),
            ),
        );
        // Nothing gone after ten rounds: another ball was weighed.
        self::assertNull(Lesson::of(self::plan(['weigh_ins' => [['after' => 'Round 10', 'left' => '898 g']]])));
    }

    public function testBagsTeachTheStrandAndNothingElse(): void
    {
        $predict = fn(array $worked): mixed => LearnedHand::of([], $worked)->predict(
            HookSize::mm(8),
            Length::mm(4),
            Kind::Cord,
            Motif::single(),
        );
        $one = new StitchTake(Motif::single(), HookSize::mm(8), Kind::Cord, Length::mm(4), Length::mm(110), 0.08);
        [$none, $once, $often] = [$predict([]), $predict([$one]), $predict([$one, $one, $one])];
        self::assertEquals($none->width, $once->width);
        self::assertEquals($none->height, $once->height);
        self::assertLessThan($none->strand->relative, $once->strand->relative);
        self::assertLessThan($once->strand->relative, $often->strand->relative);
        self::assertLessThan(abs(110 - $once->strand->likely), abs(110 - $often->strand->likely));
        self::assertSame([0, 3], [$often->from, $often->bags]);
        self::assertSame('3 bags weighed in the work', LearnedHand::of([], [$one, $one, $one])->from()?->english());
        self::assertNull(LearnedHand::of([])->from());
    }

    /** Taught by bags that differ as bags do, the hand is as sure of its next stitch as it says. */
    public function testAHandTaughtByBagsIsAsSureAsItSays(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(11)));
        $held = 0;
        for ($maker = 0; $maker < 600; $maker++) {
            $hand = new DrawnHand($chance);
            $worked = [];
            for ($bag = $chance->whole(1, 4); $bag > 0; $bag--) {
                [$hook, $diameter, $kind, $motif] = $hand->occasion();
                $worked[] = new StitchTake(
                    $motif,
                    $hook,
                    $kind,
                    $diameter,
                    Length::mm($hand->makes('strand', $hook, $diameter, $kind, $motif) * exp(0.08 * $chance->normal())),
                    0.08,
                );
            }
            $next = $hand->occasion();
            $predicted = LearnedHand::of([], $worked)->predict(...$next)->strand;
            $off = log($hand->makes('strand', ...$next) / $predicted->likely) / $predicted->relative;
            $held += (int) (abs($off) <= 1.6449);
        }
        self::assertEqualsWithDelta(0.9, $held / 600, 0.03);
    }

    public function testAFileMaySayWhatBagsTookBesideItsSwatches(): void
    {
        $document = fn(array $worked): array => Documents::tote(
            ['gauge' => null, 'swatches' => self::SWATCHES, 'worked' => $worked],
        );
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json');
        self::assertTrue(
            (new Validator())->validate(
                json_decode((string) json_encode($document([self::WORKED]))),
                $schema,
            )->isValid(),
        );
        $grams = fn(array $worked): float => MaterialEstimate::of(
            Planner::plan(BagDocument::read($document($worked))),
        )->grams->likely;
        self::assertGreaterThan($grams([['strand' => '8 cm'] + self::WORKED]), $grams([self::WORKED]));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'beside a gauge' => [['worked' => [self::WORKED]], '/worked'],
            'no strand' => [
                ['gauge' => null, 'swatches' => self::SWATCHES, 'worked' => [['strand' => '0 cm'] + self::WORKED]],
                '/worked/0/strand',
            ],
            'surer than sure' => [
                ['gauge' => null, 'swatches' => self::SWATCHES, 'worked' => [['spread' => 0] + self::WORKED]],
                '/worked/0/spread',
            ],
            'no list' => [['gauge' => null, 'swatches' => self::SWATCHES, 'worked' => 'much'], '/worked'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testBadLessonsAreRefused(array $changes, string $path): void
    {
        try {
            self::plan($changes);
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertContains($path, array_column($e->problems, 'path'));
        }
    }
}
