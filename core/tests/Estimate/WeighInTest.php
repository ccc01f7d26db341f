<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Bag\WeighIn;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Calibration;
use Fescue\Core\Estimate\Consumption;
use Fescue\Core\Estimate\Factors;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\OddWeighIn;
use Fescue\Core\Estimate\Origin;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Estimate\RowTakes;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Gauge\Loops;
use Fescue\Core\Tests\Report\Told;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class WeighInTest extends TestCase
{
    private const SWATCHES = [
        [
            'stitch' => 'sc',
            'stitches' => 10,
            'width' => '12 cm',
            'rows' => 10,
            'height' => '11.5 cm',
            'mass' => '79 g',
            'hook' => '8 mm',
            'material' => ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m'],
        ],
        [
            'stitch' => 'dc',
            'stitches' => 9,
            'width' => '11 cm',
            'rows' => 5,
            'height' => '11.8 cm',
            'hook' => '8 mm',
            'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
        ],
        [
            'stitch' => 'sc',
            'stitches' => 12,
            'width' => '16.5 cm',
            'rows' => 8,
            'height' => '10.4 cm',
            'mass' => '86 g',
            'hook' => '9 mm',
            'material' => ['kind' => 'tshirt', 'diameter' => '5 mm', 'density' => '7 g/m'],
        ],
    ];

    /** @param array<string, mixed> $changes */
    private static function estimate(array $changes = []): MaterialEstimate
    {
        return MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote($changes))));
    }

    public function testEveryPartIsListedAndNoneHidden(): void
    {
        $estimate = self::estimate();
        self::assertSame(
            ['base', 'body', 'handles', 'edge', 'tails'],
            array_map(fn(PartTakes $part): string => $part->part, $estimate->parts),
        );
        self::assertEqualsWithDelta(
            $estimate->grams->likely,
            array_sum(array_map(fn(PartTakes $part): float => $part->grams, $estimate->parts)),
            1e-6,
        );
        self::assertEqualsWithDelta(0.35, $estimate->parts[4]->metres, 1e-9);
        self::assertSame(Origin::FromSwatch, $estimate->origin);
    }

    public function testAWeighInNarrowsAndCorrects(): void
    {
        $before = self::estimate();
        // The base alone took a tenth more than expected.
        $base = $before->parts[0]->grams;
        $after = self::estimate(
            ['weigh_ins' => [['after' => 'Round 2', 'left' => round(900 - 1.1 * $base - 1.4, 1).' g']]],
        );
        self::assertSame(Origin::WeighedIn, $after->origin);
        self::assertGreaterThan($before->grams->likely * 1.03, $after->grams->likely);
        self::assertLessThan($before->grams->relative, $after->grams->relative);
        self::assertLessThan($before->enough, $after->enough);
        // Nearly done: what is left to do is little, and nearly sure.
        $late = self::estimate(
            ['weigh_ins' => [['after' => 'Round 2', 'left' => '810 g'], ['after' => 'Round 16', 'left' => '130 g']]],
        );
        self::assertLessThan(0.02, $late->grams->relative);
        self::assertEqualsWithDelta(900 - 130, $late->grams->likely - $late->remaining->likely, 3);
    }

    /**
     * By hand: one swatch's own stitch alone, so that the factors are the common share, the part's, the rows' and the
     * drift.
     */
    public function testTheCorrectionIsTheConjugateOne(): void
    {
        $changes = ['handles' => null, 'body/rounds' => 10];
        $before = self::estimate($changes);
        $takes = $before->parts[0]->grams - 23 * self::chain();
        $used = 1.08 * $takes + 23 * self::chain() + 0.175 * 8.2;
        $after = self::estimate(
            $changes + ['weigh_ins' => [['after' => 'Round 2', 'left' => sprintf('%.4f g', 900 - $used)]]],
        );
        $v = fn(float $deviation): float => $deviation ** 2;
        $all = $takes + 23 * self::chain();
        $variance = $v($all * Factors::SWATCH) + $v($all * Factors::PART)
            + $v(23 * self::chain() * Factors::STITCH) + $v(Factors::WEIGH_IN_G);
        // Rows of 48 and 56: what drifts in the first goes on in the second, and both in all that follow.
        [$first, $second] = [$all - 56 * 0.79, 56 * 0.79];
        $variance += $v(Factors::ROW) * ($v($first) + $v($second)) + $v(Factors::DRIFT) * ($v($all) + $v($second));
        $share = 0.08 * $takes * ($v(Factors::SWATCH) * $all + $v(Factors::DRIFT) * ($all + $second)) / $variance;
        self::assertEqualsWithDelta($before->parts[1]->grams * (1 + $share), $after->parts[1]->grams, 1e-3);
    }

    private static function chain(): float
    {
        return Loops::mm('ch', 12, 11.5, 4) / Loops::mm('sc', 12, 11.5, 4) * 0.79;
    }

    /** Before any weigh-in a row takes what its stitches do; a weigh-in of just what was expected changes nothing. */
    public function testARowTakesWhatItsStitchesDo(): void
    {
        foreach ([[], ['body/stitch' => 'hdc'], ['body/stitch' => 'mesh', 'gauge/mass' => null]] as $changes) {
            $plan = Planner::plan(BagDocument::read(Documents::tote($changes)));
            $takes = Consumption::of($plan);
            $gone = $takes->tail + array_sum(
                array_map(fn(array $row): float => array_sum($row), array_slice($takes->rows, 0, 6)),
            );
            $weighed = $plan->weighed(
                $plan->spec->facts->strands->own->onHand,
                [new WeighIn(new RowId(RowKind::Round, 6), Mass::grams(900 - $gone))],
            );
            foreach ([Factors::prior($plan), Factors::prior($plan)->after($weighed, $takes)] as $factors) {
                foreach ($takes->rows as $place => $row) {
                    self::assertEqualsWithDelta(array_sum($row), $factors->likely($takes, $place), 1e-9);
                }
            }
        }
    }

    /** A digit misread, or a ball left out: it is said, teaches nothing, and what is left is left all the same. */
    public function testAWeighInThatCannotBeTheStitchesIsSaid(): void
    {
        $plain = self::estimate();
        $odd = self::estimate(['weigh_ins' => [['after' => 'Round 4', 'left' => '300 g']]]);
        self::assertSame(['Round 4'], array_map(fn(OddWeighIn $one): string => (string) $one->row, $odd->odd));
        self::assertSame(600.0, $odd->odd[0]->used);
        self::assertEqualsWithDelta(170, $odd->odd[0]->expected, 15);
        self::assertEqualsWithDelta($plain->grams->likely, $odd->grams->likely, 1e-6);
        self::assertLessThan(0.01, $odd->enough);
        // The next is counted from it, and teaches.
        $next = self::estimate(
            ['weigh_ins' => [['after' => 'Round 4', 'left' => '300 g'], ['after' => 'Round 8', 'left' => '90 g']]],
        );
        self::assertSame(['Round 4'], array_map(fn(OddWeighIn $one): string => (string) $one->row, $next->odd));
        self::assertGreaterThan($plain->grams->likely, $next->grams->likely);
        self::assertLessThan($plain->grams->relative, $next->grams->relative);
        // What is sensible is not odd, though it be off by a third.
        self::assertSame([], self::estimate(['weigh_ins' => [['after' => 'Round 8', 'left' => '520 g']]])->odd);
        $plan = Planner::plan(
            BagDocument::read(Documents::tote(['weigh_ins' => [['after' => 'Round 4', 'left' => '300 g']]])),
        );
        $notes = array_column(
            array_map(fn(Told $note): array => [$note->code, $note], Told::on($plan, MaterialEstimate::of($plan))),
            1,
            0,
        );
        self::assertSame('Round 4', (string) $notes['weigh-in-odd']->row);
        self::assertStringContainsString('By Round 4 600 g had gone', $notes['weigh-in-odd']->lead);
        self::assertNull(Lesson::of($plan));
    }

    public function testWhereItRunsOut(): void
    {
        self::assertNull(self::estimate()->runsOut());
        self::assertNull(self::estimate(['material/on_hand' => null])->runsOut());
        $short = self::estimate(['material/on_hand' => '600 g'])->runsOut();
        self::assertNotNull($short);
        self::assertSame('Round 14', (string) $short->row);
        self::assertGreaterThanOrEqual(1, $short->stitch);
        self::assertLessThanOrEqual(56, $short->stitch);
        $number = fn(?RowId $row): int => (int) filter_var((string) $row, FILTER_SANITIZE_NUMBER_INT);
        self::assertLessThan(14, $number($short->earliest));
        self::assertGreaterThan(14, $number($short->latest));
        self::assertSame('Round 1', (string) self::estimate(['material/on_hand' => '0 g'])->runsOut()?->row);
        // What is used already is not counted again.
        $mid = self::estimate(
            ['material/on_hand' => '900 g', 'weigh_ins' => [['after' => 'Round 8', 'left' => '200 g']]],
        );
        self::assertGreaterThan(8, $number($mid->runsOut()?->row));
    }

    public function testHowManyBallsToGet(): void
    {
        $estimate = MaterialEstimate::of(
            Planner::plan(BagDocument::read(Documents::tote(['material/unit' => '450 g']))),
        );
        self::assertSame([2, 3, 3], [$estimate->balls(0.80), $estimate->balls(0.95), $estimate->balls(0.999)]);
        self::assertNull(self::estimate()->balls(0.8));
        $byLength = MaterialEstimate::of(
            Planner::plan(BagDocument::read(Documents::tote(['material/unit' => '50 m']))),
        );
        self::assertEqualsWithDelta(410, $byLength->unit?->grams, 1e-9);
        // Beside 300 g there must be as many as bring the same.
        $with = fn(?string $onHand): MaterialEstimate => self::estimate(
            ['material/unit' => '450 g', 'material/on_hand' => $onHand],
        );
        foreach ([0.8, 0.95, 0.99] as $sure) {
            self::assertSame((int) ceil(($estimate->grams->at($sure) - 300) / 450), $with('300 g')->ballsMore($sure));
        }
        self::assertSame([0, null], [$with('5 kg')->ballsMore(0.99), $with(null)->ballsMore(0.8)]);
    }

    public function testSwatchesTeachTheHandInPlaceOfAGauge(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote(['gauge' => null, 'swatches' => self::SWATCHES])));
        self::assertEqualsWithDelta(12, $plan->gauge->width->mm, 0.4);
        $estimate = MaterialEstimate::of($plan);
        self::assertSame(Origin::Learned, $estimate->origin);
        self::assertGreaterThan(self::estimate()->grams->relative, $estimate->grams->relative);
        self::assertLessThan(self::estimate(['gauge/mass' => null])->grams->relative, $estimate->grams->relative);
        self::assertEqualsWithDelta(
            self::estimate()->grams->likely,
            $estimate->grams->likely,
            0.06 * $estimate->grams->likely,
        );
    }

    public function testTheDocumentSaysItAllAgainstItsSchema(): void
    {
        $document = Documents::tote(
            [
                'gauge' => null,
                'swatches' => self::SWATCHES,
                'material/unit' => '450 g',
                'material/on_hand' => '700 g',
                'weigh_ins' => [['after' => 'Round 5', 'left' => '450 g']],
            ],
        );
        $schema = fn(string $name): string => (string) file_get_contents(
            __DIR__."/../../../docs/formats/{$name}.schema.json",
        );
        self::assertTrue(
            (new Validator())->validate(
                json_decode((string) json_encode($document)),
                $schema('fescue-bag-1'),
            )->isValid(),
        );
        $json = PlanDocument::toJson(Planner::plan(BagDocument::read($document)));
        self::assertTrue((new Validator())->validate(json_decode($json), $schema('fescue-plan-1'))->isValid());
        $material = json_decode($json, true, 16, JSON_THROW_ON_ERROR)['material'];
        self::assertSame(
            ['base', 'body', 'handles', 'edge', 'tails', 'joins'],
            array_column($material['per_part'], 'part'),
        );
        self::assertEqualsWithDelta(
            $material['mass_g']['likely'],
            array_sum(array_column($material['per_part'], 'mass_g')),
            0.5,
        );
        self::assertMatchesRegularExpression('/^Round \d+$/', $material['runs_out']['row']);
        self::assertEqualsWithDelta(450, $material['buy']['unit_g'], 1e-9);
        self::assertLessThanOrEqual($material['buy']['p99'], $material['buy']['p80']);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function bad(): array
    {
        return [
            'a row that is not there' => [
                ['weigh_ins' => [['after' => 'Round 99', 'left' => '600 g']]],
                '/weigh_ins/0/after',
                'no “Round 99”; its rows run from Round 1 to Round 18.',
            ],
            'heavier than on hand' => [
                ['weigh_ins' => [['after' => 'Round 5', 'left' => '950 g']]],
                '/weigh_ins/0/left',
                'on hand',
            ],
            'heavier than the last' => [
                ['weigh_ins' => [['after' => 'Round 5', 'left' => '600 g'], ['after' => 'Round 6', 'left' => '610 g']]],
                '/weigh_ins/1/left',
                'weigh-in before',
            ],
            'out of order' => [
                ['weigh_ins' => [['after' => 'Round 6', 'left' => '600 g'], ['after' => 'Round 5', 'left' => '590 g']]],
                '/weigh_ins/1/after',
                'order',
            ],
            'no unit' => [['weigh_ins' => [['after' => 'Round 5', 'left' => '600']]], '/weigh_ins/0/left', 'no unit'],
            'no list' => [['weigh_ins' => 'Round 5: 600 g'], '/weigh_ins', 'list in brackets'],
            'no object' => [['weigh_ins' => ['600 g']], '/weigh_ins/0', 'braces'],
            'a ball of nothing' => [['material/unit' => '0 g'], '/material/unit', 'outside'],
            'a ball of colour' => [['material/unit' => 'red'], '/material/unit', 'not understood'],
            'a swatch perhaps' => [['gauge/from_on_hand' => 'yes'], '/gauge/from_on_hand', 'true or false'],
            'more waste than cloth' => [['material/waste' => 40], '/material/waste', 'at most 20'],
            'both' => [['swatches' => self::SWATCHES], '/swatches', 'not both'],
            'no swatches' => [['gauge' => null, 'swatches' => []], '/swatches', 'at least one'],
            'a swatch without its hook' => [
                ['gauge' => null, 'swatches' => [array_diff_key(self::SWATCHES[0], ['hook' => 1])]],
                '/swatches/0/hook',
                'missing',
            ],
            'a swatch of no width' => [
                ['gauge' => null, 'swatches' => [['width' => '0 cm'] + self::SWATCHES[0]]],
                '/swatches/0/width',
                'outside',
            ],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('bad')]
    public function testBadWeighInsAndSwatchesAreNamed(array $changes, string $path, string $message): void
    {
        try {
            Planner::plan(BagDocument::read(Documents::tote($changes)));
            self::fail('Was planned.');
        } catch (Refused $e) {
            $found = array_filter($e->problems, fn(Problem $problem): bool => $problem->path === $path);
            self::assertNotSame([], $found, $e->getMessage());
            self::assertStringContainsString($message, reset($found)->message);
        }
    }

    public function testEveryRowSaysWhatTheBallShouldWeighAfterIt(): void
    {
        $of = fn(array $changes = []): Breakdown => Breakdown::of(
            Planner::plan(BagDocument::read(Documents::tote($changes))),
        );
        $plain = $of();
        self::assertCount(18, $plain->rows);
        $grams = array_sum(array_map(fn(RowTakes $row): float => $row->grams, $plain->rows));
        self::assertEqualsWithDelta(self::estimate()->grams->likely, $grams + 2 * 0.175 * 8.2, 1e-6);
        $left = 900 - 0.175 * 8.2;
        foreach ($plain->rows as $row) {
            $left -= $row->grams;
            self::assertEqualsWithDelta(max(0.0, $left), $row->left, 1e-6);
            self::assertTrue($row->low <= $row->left && $row->left <= $row->high);
        }
        // Weighed, a row says no more what should be left; those after it are surer.
        $weighed = $of(['weigh_ins' => [['after' => 'Round 5', 'left' => '640 g']]]);
        self::assertSame([null, null], [$weighed->rows[0]->left, $weighed->rows[4]->left]);
        self::assertLessThan(
            $plain->rows[9]->high - $plain->rows[9]->low,
            $weighed->rows[9]->high - $weighed->rows[9]->low,
        );
        self::assertNull($of(['material/on_hand' => null])->rows[3]->left);
        // One stitch of each kind, as the swatch says: 79 g over a hundred.
        self::assertEqualsWithDelta(79 / 100 / 8.2, $plain->each['sc'], 1e-9);
        self::assertSame(['ch', 'sc'], array_keys($plain->each));
    }

    /** Handbook 4: add tails, joins and what the swatch itself used. */
    public function testSwatchJoinsAndCuttingWasteAreListed(): void
    {
        $plain = self::estimate();
        $grams = fn(MaterialEstimate $of, string $part): float => array_column(
            array_map(fn(PartTakes $one): array => [$one->part, $one->grams], $of->parts),
            1,
            0,
        )[$part] ?? 0.0;
        $swatch = self::estimate(['gauge/from_on_hand' => true]);
        self::assertEqualsWithDelta(79, $grams($swatch, 'swatch'), 1e-9);
        self::assertEqualsWithDelta($plain->grams->likely + 79, $swatch->grams->likely, 1e-9);
        self::assertLessThan($plain->enough, $swatch->enough);
        // Not weighed, its own loops say what it took: 100 stitches.
        self::assertEqualsWithDelta(
            100 * Loops::mm('sc', 12, 11.5, 4) / 1000 * 8.2,
            $grams(self::estimate(['gauge/from_on_hand' => true, 'gauge/mass' => null]), 'swatch'),
            1e-9,
        );
        // Balls of 150 g: every ball but the first is laid in over two tails.
        $balls = self::estimate(['material/unit' => '150 g']);
        $joins = (int) ceil($plain->grams->likely / 150) - 1;
        self::assertEqualsWithDelta($joins * 2 * 0.175 * 8.2, $grams($balls, 'joins'), 1e-9);
        self::assertEqualsWithDelta(
            $balls->grams->likely,
            array_sum(array_map(fn(PartTakes $one): float => $one->grams, $balls->parts)),
            1e-6,
        );
        // What cutting throws away is told beside it, and is no part of it.
        $cut = self::estimate(['material/waste' => 0.25]);
        self::assertSame(
            [$plain->grams->likely, 0.25 * $plain->grams->likely],
            [$cut->grams->likely, $cut->waste->likely],
        );
        self::assertSame(0.0, $plain->waste->likely);
    }

    /**
     * What went into the swatch before the first round is no hand's doing: the same weigh-in after it says the same of
     * the rounds.
     */
    public function testAWeighInKnowsOfTheSwatch(): void
    {
        $plain = self::estimate(['weigh_ins' => [['after' => 'Round 5', 'left' => '640 g']]]);
        $swatch = self::estimate(
            ['gauge/from_on_hand' => true, 'weigh_ins' => [['after' => 'Round 5', 'left' => '561 g']]],
        );
        self::assertEqualsWithDelta($plain->remaining->likely, $swatch->remaining->likely, 1e-6);
    }

    /**
     * Ten thousand are drawn by fescue:calibrate; these few must not be far from it, and the document tells of these.
     */
    #[Group('slow')]
    public function testEstimatesAreAsSureAsTheySay(): void
    {
        $calibration = new Calibration(new Chance(new Randomizer(new Mt19937(4))));
        $calibration->draw(800);
        self::assertStringContainsString(
            implode("\n", $calibration->told()),
            (string) file_get_contents(dirname(__DIR__, 3).'/docs/calibration.md'),
            'Print it anew: php artisan fescue:calibrate, and with --makers=800.',
        );
        foreach (['before', 'after'] as $stage) {
            $all = array_filter(
                $calibration->held,
                fn(string $key): bool => str_starts_with($key, $stage),
                ARRAY_FILTER_USE_KEY,
            );
            self::assertEqualsWithDelta(
                0.9,
                array_sum(array_column($all, 0)) / array_sum(array_column($all, 1)),
                0.025,
                $stage,
            );
            $said = array_sum(array_column($calibration->tenths[$stage], 0));
            $was = array_sum(array_column($calibration->tenths[$stage], 1));
            self::assertEqualsWithDelta(
                0,
                ($said - $was) / array_sum(array_column($calibration->tenths[$stage], 2)),
                0.03,
                $stage,
            );
        }
    }
}
