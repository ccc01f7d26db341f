<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Gauge\DrawnHand;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Proportion;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Gauge\Trial;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Report\Told;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a maker's hand is known to make of stitches that a bag's own swatch is not of. */
final class ProportionTest extends TestCase
{
    private const BODY = ['body' => ['stitch' => 'sc', 'rounds' => 6, 'above' => [['stitch' => 'dc', 'rounds' => 5]]]];

    /** Double crochets 2.4 times as high, taking 2.2 times the strand. */
    private const TALL = [
        'stitch' => 'dc',
        'width' => ['likely' => 1.05, 'spread' => 0.05],
        'height' => ['likely' => 2.4, 'spread' => 0.04],
        'strand' => ['likely' => 2.2, 'spread' => 0.03],
    ];

    /** A maker whose double crochets are a tenth higher than is common, on two hooks. */
    private static function tallHand(): LearnedHand
    {
        $trials = [];
        foreach ([7, 9, 10, 12] as $hook) {
            $width = 1.5 * $hook;
            foreach ([[Motif::single(), 1.0, 8.0], [Motif::named('dc'), 2.2, 15.0]] as [$motif, $height, $strand]) {
                $swatch = new Swatch(
                    $motif,
                    10,
                    Length::mm(10 * $width),
                    10,
                    Length::mm(10 * $width * $height),
                    Mass::grams(100 * 0.0082 * $width * $strand),
                );
                $trials[] = new Trial(
                    $swatch,
                    HookSize::mm($hook),
                    Kind::Cord,
                    Length::mm(4),
                    LinearDensity::gramsPerMetre(8.2),
                );
            }
        }

        return LearnedHand::of($trials);
    }

    /** @param list<Proportion> $proportions */
    private static function of(array $proportions, Motif $motif): Proportion
    {
        foreach ($proportions as $one) {
            if ($one->of === $motif->key) {
                return $one;
            }
        }
        self::fail("Nothing is said of {$motif->key}.");
    }

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote($changes + self::BODY)));
    }

    public function testBeforeAnySwatchTheyAreAsCommon(): void
    {
        $all = LearnedHand::of([])->proportions(Motif::single());
        self::assertSame(
            array_values(array_diff(array_keys(Motif::all()), ['sc'])),
            array_map(fn(Proportion $one): string => $one->of, $all),
        );
        $double = self::of($all, Motif::named('dc'));
        self::assertEqualsWithDelta([1.0, 2.0], [$double->width->likely, $double->height->likely], 1e-12);
        // Of cord of 4 mm on 8 mm, with h of 0.95 w. From memory.
        $of = fn(string $stitch): float => Loops::mm($stitch, 12.4, 0.95 * 12.4, 4);
        self::assertEqualsWithDelta($of('dc') / $of('sc'), $double->strand->likely, 1e-12);
        self::assertEqualsWithDelta(sqrt(0.07 ** 2 + 2 * 0.05 ** 2), $double->strand->relative, 1e-12);
        self::assertSame(0.0, $double->sharing);
    }

    public function testSwatchesOfOtherHooksTellTheHandsOwn(): void
    {
        $double = self::of(self::tallHand()->proportions(Motif::single()), Motif::named('dc'));
        $common = self::of(LearnedHand::of([])->proportions(Motif::single()), Motif::named('dc'));
        self::assertEqualsWithDelta(2.2, $double->height->likely, 0.04);
        self::assertEqualsWithDelta(15 / 8, $double->strand->likely, 0.03);
        self::assertLessThan($common->strand->relative, $double->strand->relative);
        // Turned about, the other way round.
        $single = self::of(self::tallHand()->proportions(Motif::named('dc')), Motif::single());
        self::assertEqualsWithDelta(1, $single->height->likely * $double->height->likely, 1e-9);
        self::assertEqualsWithDelta(1, $single->strand->likely * $double->strand->likely, 1e-9);
    }

    /**
     * What is said of a stitch by way of another comes to what is said of it straight: its likely value, and its
     * spread.
     */
    public function testTheyAgreeWithWhatTheHandSaysStraight(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(11)));
        for ($draw = 0; $draw < 60; $draw++) {
            $maker = new DrawnHand($chance);
            $trials = [];
            for ($swatch = $chance->whole(0, 5); $swatch > 0; $swatch--) {
                $trials[] = $maker->trial(...$maker->occasion());
            }
            $hand = LearnedHand::of($trials);
            [$hook, $diameter, $kind, $motif] = $maker->occasion();
            $own = $hand->predictBag($hook, new Material($kind, $diameter, LinearDensity::gramsPerMetre(5)), $motif);
            self::assertCount(count(Motif::all()) - 1, $own->others);
            foreach ($own->others as $other) {
                $straight = $hand->predict(
                    $hook,
                    $diameter,
                    $kind,
                    Motif::named($other->of),
                    LinearDensity::gramsPerMetre(5),
                );
                foreach (['width', 'height', 'strand'] as $measure) {
                    self::assertEqualsWithDelta(
                        1,
                        $own->{$measure}->likely * $other->{$measure}->likely / $straight->{$measure}->likely,
                        1e-9,
                    );
                }
                self::assertEqualsWithDelta(
                    $straight->strand->relative,
                    hypot((1 + $other->sharing) * $own->strand->relative, $other->strand->relative),
                    1e-9,
                );
            }
        }
    }

    public function testABagsBandIsAsHighAndTakesAsMuchAsTheHandMakesIt(): void
    {
        [$common, $hers] = [self::plan([]), self::plan(['proportions' => [self::TALL]])];
        self::assertEqualsWithDelta(5 * 23.0, $common->comesOut->height->mm - 8 * 11.5, 1e-9);
        self::assertEqualsWithDelta(5 * 2.4 * 11.5, $hers->comesOut->height->mm - 8 * 11.5, 1e-9);
        [$guessed, $known] = [MaterialEstimate::of($common), MaterialEstimate::of($hers)];
        // Its first round climbs by a sc and an hdc, as much less than a dc as their loops of 12.6 mm are.
        $of = fn(string $stitch): float => Loops::mm($stitch, 12.6, 11.5, 4);
        self::assertEqualsWithDelta(
            6 * 56 * 0.79 + (5 * 56 - 2 + ($of('sc') + $of('hdc')) / $of('dc')) * 2.2 * 0.79,
            $known->parts[1]->grams,
            1e-6,
        );
        self::assertLessThan($guessed->grams->relative, $known->grams->relative);
        // What was measured with the same hook and material wins over it.
        $double = [
            'stitch' => 'dc',
            'stitches' => 10,
            'width' => '12 cm',
            'rows' => 5,
            'height' => '12.5 cm',
            'mass' => '70 g',
        ];
        $measured = self::plan(['proportions' => [self::TALL], 'also' => [$double]]);
        self::assertEqualsWithDelta(5 * 25.0, $measured->comesOut->height->mm - 8 * 11.5, 1e-9);
        self::assertEqualsWithDelta(
            6 * 56 * 0.79 + (5 * 56 - 2 + (Loops::mm('sc', 12, 11.5, 4) + Loops::mm('hdc', 12, 11.5, 4))
                / Loops::mm('dc', 12, 11.5, 4)) * 1.4,
            MaterialEstimate::of($measured)->parts[1]->grams,
            1e-6,
        );
    }

    public function testThePageSaysWhichIsWhich(): void
    {
        $notes = fn(BagPlan $plan): array => array_column(
            array_map(
                fn(Told $note): array => [$note->code, $note->text()],
                Told::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre),
            ),
            1,
            0,
        );
        self::assertArrayHasKey('height-derived', $notes(self::plan([])));
        $hers = $notes(self::plan(['proportions' => [self::TALL]]));
        self::assertArrayNotHasKey('height-derived', $hers);
        self::assertStringContainsString('2.40 times as high as of sc, 4 % either way', $hers['height-learned-dc']);
        // A stitch of which nothing is said stays as common.
        self::assertArrayHasKey(
            'height-derived',
            $notes(self::plan(['proportions' => [['stitch' => 'tr'] + self::TALL]])),
        );
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function refused(): array
    {
        return [
            'of the gauge’s own' => [['proportions' => [['stitch' => 'sc'] + self::TALL]], '/proportions/0/stitch'],
            'one twice' => [['proportions' => [self::TALL, self::TALL]], '/proportions/1/stitch'],
            'without a gauge' => [
                [
                    'gauge' => null,
                    'swatches' => [
                        [
                            'hook' => '8 mm',
                            'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
                            'stitch' => 'sc',
                            'stitches' => 10,
                            'width' => '12 cm',
                            'rows' => 10,
                            'height' => '11 cm',
                        ],
                    ],
                    'proportions' => [self::TALL],
                ],
                '/proportions',
            ],
            'no times' => [
                ['proportions' => [['height' => ['likely' => 0, 'spread' => 0.1]] + self::TALL]],
                '/proportions/0/height/likely',
            ],
            'as sure as can be' => [
                ['proportions' => [['strand' => ['likely' => 2, 'spread' => 0]] + self::TALL]],
                '/proportions/0/strand/spread',
            ],
            'no width' => [
                ['proportions' => [array_diff_key(self::TALL, ['width' => 1])]],
                '/proportions/0/width/likely',
            ],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('refused')]
    public function testWhatIsWrongIsSaidAtItsPath(array $changes, string $path): void
    {
        try {
            self::plan($changes);
            self::fail('It was taken.');
        } catch (Refused $e) {
            self::assertContains($path, array_column($e->problems, 'path'));
        }
    }

    public function testTheFileSaysItAgainstItsSchema(): void
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json');
        $valid = fn(array $document): bool => (new Validator())->validate(
            json_decode((string) json_encode($document)),
            $schema,
        )->isValid();
        self::assertTrue($valid(Documents::tote(['proportions' => [self::TALL]] + self::BODY)));
        self::assertFalse($valid(Documents::tote(['proportions' => [['height' => 2.4] + self::TALL]] + self::BODY)));
    }
}
