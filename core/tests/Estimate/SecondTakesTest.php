<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Tally\Note;
use Fescue\Core\Tally\Notes;
use Fescue\Core\Tally\PlanDocument;
use Fescue\Core\Tests\Bag\Documents;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SecondTakesTest extends TestCase
{
    /** @param array<string, mixed> $material @param array<string, mixed> $changes */
    private static function plan(string $from = 'Round 9', array $material = [], array $changes = []): BagPlan
    {
        return Planner::plan(BagDocument::read(self::document($from, $material, $changes)));
    }

    /**
     * @param array<string, mixed> $material
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function document(string $from, array $material, array $changes = []): array
    {
        return Documents::tote($changes + ['second' => ['from' => $from, 'material' => $material + ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m', 'on_hand' => '900 g']]]);
    }

    public function testTheTwoTogetherTakeWhatOneDoesAndTwoTailsMore(): void
    {
        $one = MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote())));
        $two = MaterialEstimate::of(self::plan());
        self::assertNotNull($two->second);
        self::assertEqualsWithDelta($one->grams->likely + 2 * 0.175 * 8.2, $two->grams->likely + $two->second->grams->likely, 1e-6);
        self::assertEqualsWithDelta($two->grams->likely, array_sum(array_map(fn(PartTakes $part): float => $part->grams, $two->parts)), 1e-6);
        self::assertGreaterThan($one->enough, $two->enough);
        self::assertNull($one->second);
    }

    public function testTheSameLengthWeighsWhatItsOwnDensitySays(): void
    {
        $light = MaterialEstimate::of(self::plan(material: ['density' => '4.1 g/m']))->second;
        $heavy = MaterialEstimate::of(self::plan())->second;
        self::assertEqualsWithDelta($heavy?->metres->likely, $light?->metres->likely, 1e-9);
        self::assertEqualsWithDelta(($heavy->grams->likely ?? 0) / 2, $light?->grams->likely, 1e-9);
    }

    /** Both must reach: a first of plenty does not make up for a second that runs out. */
    public function testItIsEnoughWhereBothAre(): void
    {
        self::assertTrue(MaterialEstimate::of(self::plan())->isSure());
        $short = MaterialEstimate::of(self::plan(material: ['on_hand' => '300 g']));
        self::assertLessThan(0.1, $short->second->enough ?? 1);
        self::assertFalse($short->isSure());
        $unknown = ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m'];
        $plan = Planner::plan(BagDocument::read(Documents::tote(['second' => ['from' => 'Round 9', 'material' => $unknown]])));
        self::assertNull(MaterialEstimate::of($plan)->isSure());
    }

    public function testAWeighInOfTheFirstTellsOfTheSecondToo(): void
    {
        $before = MaterialEstimate::of(self::plan())->second;
        $after = MaterialEstimate::of(self::plan(changes: ['weigh_ins' => [['after' => 'Round 8', 'left' => '420 g']]]))->second;
        self::assertGreaterThan($before?->grams->likely, $after?->grams->likely);
        self::assertLessThan($before?->grams->relative, $after?->grams->relative);
    }

    public function testItsRowSaysSo(): void
    {
        $notes = fn(BagPlan $plan): array => array_map(fn(Note $note): array => [$note->row, $note->tone->value], array_column(array_map(fn(Note $note): array => [$note->code, $note], Notes::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre)), 1, 0));
        self::assertSame(['Round 9', 'better'], $notes(self::plan())['second-material']);
        self::assertArrayNotHasKey('second-late', $notes(self::plan()));
        self::assertSame(['Round 17', 'trouble'], $notes(self::plan('Round 17'))['second-late']);
        self::assertArrayHasKey('second-short', $notes(self::plan(material: ['on_hand' => '300 g'])));
        self::assertArrayHasKey('second-thickness', $notes(self::plan(material: ['diameter' => '6 mm'])));
    }

    public function testThePlanSaysItAgainstItsSchema(): void
    {
        $schema = fn(string $name): string => (string) file_get_contents(dirname(__DIR__, 3)."/docs/formats/{$name}.schema.json");
        $document = self::document('Round 9', ['density' => '7 g/m'], ['gauge/from_on_hand' => true, 'material/waste' => 0.2, 'body/above' => [['stitch' => 'mesh', 'rounds' => 2]]]);
        self::assertTrue((new Validator())->validate(json_decode((string) json_encode($document)), $schema('fescue-bag-1'))->isValid());
        $json = PlanDocument::toJson(Planner::plan(BagDocument::read($document)));
        $result = (new Validator())->validate(json_decode($json), $schema('fescue-plan-1'));
        self::assertTrue($result->isValid(), (string) $result->error()?->message());
        $plan = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        self::assertSame('Round 9', $plan['second']['from']);
        self::assertContains('swatch', array_column($plan['material']['per_part'], 'part'));
        self::assertGreaterThan(0, $plan['material']['cutting_waste_g']['likely']);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): array
    {
        $cord = ['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8.2 g/m'];

        return [
            'a row that is not there' => [['second' => ['from' => 'Round 90', 'material' => $cord]], '/second/from', 'Round 2 to Round 18'],
            'the first row' => [['second' => ['from' => 'Round 1', 'material' => $cord]], '/second/from', 'Round 2 to Round 18'],
            'no material' => [['second' => ['from' => 'Round 9']], '/second/material/kind', 'missing'],
            'no strand' => [['second' => ['from' => 'Round 9', 'material' => ['density' => '9 kg/m'] + $cord]], '/second/material/density', '500'],
            'weighed when it was done' => [['second' => ['from' => 'Round 9', 'material' => $cord], 'weigh_ins' => [['after' => 'Round 9', 'left' => '300 g']]], '/weigh_ins/0/after', 'of the first'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('wrong')]
    public function testBadSecondsAreRefusedWhereTheyStand(array $changes, string $path, string $message): void
    {
        try {
            Planner::plan(BagDocument::read(Documents::tote($changes)));
            self::fail('Was planned.');
        } catch (Refused $e) {
            self::assertSame($path, $e->problems[0]->path);
            self::assertStringContainsString($message, $e->problems[0]->message);
        }
    }
}
