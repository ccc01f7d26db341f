<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\Lesson;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Estimate\RowTakes;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Report\Told;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bags of several materials: what each takes, where each runs out, and what a weigh-in of one says of the others. */
final class ChangesTest extends TestCase
{
    private const CORD = ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m', 'on_hand' => '900 g'];

    /** Two rounds of the other, two of the bag's own, and again: rounds 5–6 and 9–10. */
    private const STRIPES = [
        ['from' => 'Round 5', 'to' => 1],
        ['from' => 'Round 7', 'to' => 0],
        ['from' => 'Round 9', 'to' => 1],
        ['from' => 'Round 11', 'to' => 0],
    ];

    /** A tail of 15 to 20 cm, in cord of 8.2 g/m. Common practice, no source. */
    private const TAIL = 0.175 * 8.2;

    /**
     * @param array<string, mixed> $material
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function document(string $from = 'Round 9', array $material = [], array $more = []): array
    {
        return Documents::tote(
            $more + ['others' => [$material + self::CORD], 'changes' => [['from' => $from, 'to' => 1]]],
        );
    }

    /**
     * @param array<string, mixed> $material
     * @param array<string, mixed> $more
     */
    private static function plan(string $from = 'Round 9', array $material = [], array $more = []): BagPlan
    {
        return Planner::plan(BagDocument::read(self::document($from, $material, $more)));
    }

    /** @param array<string, mixed> $more */
    private static function striped(array $more = []): BagPlan
    {
        return self::plan(more: $more + ['changes' => self::STRIPES]);
    }

    public function testTheTwoTogetherTakeWhatOneDoesAndTwoTailsMore(): void
    {
        $one = MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote())));
        $two = MaterialEstimate::of(self::plan());
        self::assertCount(1, $two->others);
        self::assertSame(['Round 9'], array_map(strval(...), $two->others[0]->from));
        self::assertEqualsWithDelta(
            $one->grams->likely + 2 * self::TAIL,
            $two->grams->likely + $two->others[0]->grams->likely,
            1e-6,
        );
        foreach ([$two, $two->others[0]] as $estimate) {
            self::assertEqualsWithDelta(
                $estimate->grams->likely,
                array_sum(array_map(fn(PartTakes $part): float => $part->grams, $estimate->parts)),
                1e-6,
            );
        }
        self::assertGreaterThan($one->enough, $two->enough);
        self::assertSame([], $one->others);
    }

    public function testStripesTakeTwoTailsEach(): void
    {
        $one = MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote())));
        $plan = self::striped();
        self::assertSame([0, 0, 0, 0, 1, 1, 0, 0, 1, 1, 0, 0, 0, 0, 0, 0, 0, 0], $plan->materials);
        $two = MaterialEstimate::of($plan);
        self::assertEqualsWithDelta(
            $one->grams->likely + 4 * 2 * self::TAIL,
            $two->grams->likely + $two->others[0]->grams->likely,
            1e-6,
        );
        self::assertSame(['Round 5', 'Round 9'], array_map(strval(...), $two->others[0]->from));
        // Four rounds of 56 at 0.79 g, and its tails.
        self::assertEqualsWithDelta(4 * 56 * 0.79 + 4 * self::TAIL, $two->others[0]->grams->likely, 1e-6);
    }

    public function testTheSameLengthWeighsWhatItsOwnDensitySays(): void
    {
        $light = MaterialEstimate::of(self::plan(material: ['density' => '4.1 g/m']))->others[0];
        $heavy = MaterialEstimate::of(self::plan())->others[0];
        self::assertEqualsWithDelta($heavy->metres->likely, $light->metres->likely, 1e-9);
        self::assertEqualsWithDelta($heavy->grams->likely / 2, $light->grams->likely, 1e-9);
    }

    /** Each must reach: plenty of the one does not make up for another that runs out. */
    public function testItIsEnoughWhereAllAre(): void
    {
        $sure = MaterialEstimate::of(self::plan());
        self::assertTrue($sure->isSure());
        self::assertSame(
            min(99, (int) round(100 * min($sure->enough ?? 0, $sure->others[0]->enough ?? 0))),
            $sure->inHundred(),
        );
        $short = MaterialEstimate::of(self::plan(material: ['on_hand' => '300 g']));
        self::assertLessThan(0.1, $short->others[0]->enough ?? 1);
        self::assertFalse($short->isSure());
        $unweighed = MaterialEstimate::of(
            self::plan(more: ['others' => [array_diff_key(self::CORD, ['on_hand' => 1])]]),
        );
        self::assertNull($unweighed->isSure());
        self::assertNull($unweighed->inHundred(), 'Of one it is known, of the bag it is not.');
    }

    /** It runs out in one of its own rows, as far along as its grams reach. */
    public function testEachRunsOutInItsOwnRows(): void
    {
        // Three rounds and a half of the four, and three tails.
        $short = 3.5 * 56 * 0.79 + 3 * self::TAIL;
        $ends = MaterialEstimate::of(
            self::striped(['others' => [['on_hand' => "{$short} g"] + self::CORD]]),
        )->others[0]->runsOut();
        self::assertSame(['Round 10', 29], [(string) $ends?->row, $ends?->stitch]);
        self::assertSame('Round 10', (string) $ends->earliest);
    }

    public function testAWeighInOfTheOneTellsOfTheOtherToo(): void
    {
        $before = MaterialEstimate::of(self::plan())->others[0];
        $after = MaterialEstimate::of(
            self::plan(more: ['weigh_ins' => [['after' => 'Round 8', 'left' => '420 g']]]),
        )->others[0];
        self::assertGreaterThan($before->grams->likely, $after->grams->likely);
        self::assertLessThan($before->grams->relative, $after->grams->relative);
        // And of the other itself, in its own rows: as far off as what was used of it is.
        $plan = self::plan(more: ['others' => [['density' => '4.1 g/m', 'on_hand' => '450 g'] + self::CORD]]);
        $expected = MaterialEstimate::of($plan)->others[0];
        $used = 3 * 56 * 0.79 / 2 + self::TAIL / 2;
        $just = $plan->weighed(
            $plan->spec->facts->strands->own->onHand,
            BagDocument::read(
                self::document(more: ['weigh_ins' => [['after' => 'Round 11', 'left' => (450 - $used).' g']]]),
            )->facts->weighIns,
        );
        self::assertEqualsWithDelta(
            $expected->grams->likely,
            MaterialEstimate::of($just)->others[0]->grams->likely,
            1e-6,
        );
        self::assertEqualsWithDelta(
            $expected->grams->likely - $used,
            MaterialEstimate::of($just)->others[0]->remaining->likely,
            1e-6,
        );
        $more = $plan->weighed(
            $plan->spec->facts->strands->own->onHand,
            BagDocument::read(
                self::document(more: ['weigh_ins' => [['after' => 'Round 11', 'left' => (450 - 1.1 * $used).' g']]]),
            )->facts->weighIns,
        );
        self::assertGreaterThan(1.04 * $expected->grams->likely, MaterialEstimate::of($more)->others[0]->grams->likely);
        self::assertGreaterThan(MaterialEstimate::of($plan)->grams->likely, MaterialEstimate::of($more)->grams->likely);
        // What the other took is no lesson of the bag's own material.
        self::assertNull(Lesson::of($more));
    }

    public function testTheBallShouldWeighWhatIsLeftOfItsOwn(): void
    {
        $rows = array_column(
            array_map(fn(RowTakes $row): array => [(string) $row->row, $row], Breakdown::of(self::striped())->rows),
            1,
            0,
        );
        self::assertSame(
            [0, 1, 1, 0],
            array_map(fn(string $row): int => $rows[$row]->which, ['Round 4', 'Round 5', 'Round 10', 'Round 11']),
        );
        self::assertEqualsWithDelta(900 - self::TAIL - 56 * 0.79, $rows['Round 5']->left, 1e-6);
        self::assertEqualsWithDelta(900 - 3 * self::TAIL - 4 * 56 * 0.79, $rows['Round 10']->left, 1e-6);
        self::assertEqualsWithDelta($rows['Round 4']->left - 2 * self::TAIL - 56 * 0.79, $rows['Round 7']->left, 1e-6);
    }

    public function testItsRowSaysSo(): void
    {
        $notes = fn(BagPlan $plan): array => array_map(
            fn(Told $note): array => [$note->row?->written(), $note->tone->value],
            array_column(
                array_map(
                    fn(Told $note): array => [$note->code, $note],
                    Told::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre),
                ),
                1,
                0,
            ),
        );
        self::assertSame(['Round 9', 'better'], $notes(self::plan())['change']);
        self::assertArrayNotHasKey('change-late', $notes(self::plan()));
        // Of eighteen the last two are late.
        self::assertArrayNotHasKey('change-late', $notes(self::plan('Round 16')));
        self::assertSame(['Round 17', 'trouble'], $notes(self::plan('Round 17'))['change-late']);
        $short = $notes(self::plan(material: ['on_hand' => '300 g']));
        self::assertSame(['Round 9', 'trouble'], $short['other-short']);
        self::assertArrayNotHasKey('other-thickness', $short);
        self::assertArrayHasKey('other-thickness', $notes(self::plan(material: ['diameter' => '6 mm'])));
        // Said once, of the first.
        self::assertCount(
            1,
            array_filter(
                Told::on(self::striped(), MaterialEstimate::of(self::striped()), LengthUnit::Centimetre),
                fn(Told $note): bool => $note->code === 'change',
            ),
        );
    }

    public function testThePlanSaysItAgainstItsSchema(): void
    {
        $schema = fn(string $name): string => (string) file_get_contents(
            dirname(__DIR__, 3)."/docs/formats/{$name}.schema.json",
        );
        $document = self::document(
            'Round 9',
            ['density' => '7 g/m', 'on_hand' => '90 g', 'unit' => '30 m'],
            [
                'gauge/from_on_hand' => true,
                'material/waste' => 0.2,
                'body/above' => [['stitch' => 'mesh', 'rounds' => 2]],
            ],
        );
        self::assertTrue(
            (new Validator())->validate(
                json_decode((string) json_encode($document)),
                $schema('fescue-bag-1'),
            )->isValid(),
        );
        $json = PlanDocument::toJson(Planner::plan(BagDocument::read($document)));
        $result = (new Validator())->validate(json_decode($json), $schema('fescue-plan-1'));
        self::assertTrue($result->isValid(), (string) $result->error()?->message());
        $plan = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        self::assertSame(['Round 9'], $plan['others'][0]['from']);
        self::assertSame('Round 11', $plan['others'][0]['runs_out']['row']);
        // Thirty metres of 7 g/m; joins between balls add their tails.
        self::assertSame(210, $plan['others'][0]['buy']['unit_g']);
        $grams = MaterialEstimate::of(Planner::plan(BagDocument::read($document)))->others[0]->grams;
        self::assertSame((int) ceil($grams->at(0.8) / 210), $plan['others'][0]['buy']['p80']);
        self::assertGreaterThan($plan['others'][0]['buy']['p80'] - 1, $grams->likely / 210);
        self::assertSame([0, 1], [$plan['rows'][7]['material'], $plan['rows'][8]['material']]);
        self::assertContains('swatch', array_column($plan['material']['per_part'], 'part'));
        // Of each material by itself: the base is of the bag's own, the parts of the other come to its whole.
        self::assertNotContains('base', array_column($plan['others'][0]['per_part'], 'part'));
        self::assertEqualsWithDelta(
            $plan['others'][0]['mass_g']['likely'],
            array_sum(array_column($plan['others'][0]['per_part'], 'mass_g')),
            0.3,
        );
        self::assertGreaterThan(0, $plan['material']['cutting_waste_g']['likely']);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): array
    {
        return [
            'a row that is not there' => [
                ['changes' => [['from' => 'Round 90', 'to' => 1]]],
                '/changes/0/from',
                'Round 2 to Round 18',
            ],
            'the first row' => [
                ['changes' => [['from' => 'Round 1', 'to' => 1]]],
                '/changes/0/from',
                'Round 2 to Round 18',
            ],
            'backwards' => [
                ['changes' => [['from' => 'Round 9', 'to' => 1], ['from' => 'Round 5', 'to' => 0]]],
                '/changes/1/from',
                'in the order',
            ],
            'one round twice' => [
                ['changes' => [['from' => 'Round 9', 'to' => 1], ['from' => 'Round 9', 'to' => 0]]],
                '/changes/1/from',
                'one a round',
            ],
            'no change' => [
                ['changes' => [['from' => 'Round 9', 'to' => 1], ['from' => 'Round 11', 'to' => 1]]],
                '/changes/1/to',
                'already',
            ],
            'no such material' => [['changes' => [['from' => 'Round 9', 'to' => 2]]], '/changes/0/to', '0 to 1'],
            'which is not said' => [['changes' => [['from' => 'Round 9']]], '/changes/0/to', 'missing'],
            'never worked' => [['changes' => null], '/changes', 'from which round'],
            'no material' => [['others' => [[]]], '/others/0', 'braces'],
            'no strand' => [['others' => [['density' => '9 kg/m'] + self::CORD]], '/others/0/density', '500'],
            'more left than there was' => [
                ['weigh_ins' => [['after' => 'Round 8', 'left' => '400 g'], ['after' => 'Round 9', 'left' => '950 g']]],
                '/weigh_ins/1/left',
                'that were on hand',
            ],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testBadOnesAreRefusedWhereTheyStand(array $changes, string $path, string $message): void
    {
        try {
            $document = self::document();
            foreach ($changes as $field => $value) {
                $document[$field] = $value;
            }
            Planner::plan(BagDocument::read(array_filter($document, fn(mixed $value): bool => $value !== null)));
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertSame($path, $e->problems[0]->path);
            self::assertStringContainsString($message, $e->problems[0]->message);
        }
    }
}
