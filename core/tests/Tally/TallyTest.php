<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Tally;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tally\Note;
use Fescue\Core\Tally\Notes;
use Fescue\Core\Tally\PlanDocument;
use Fescue\Core\Tests\Bag\Documents;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

final class TallyTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, Note> by code
     */
    private static function notes(array $changes = [], LengthUnit $unit = LengthUnit::Centimetre): array
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote($changes)));
        $notes = [];
        foreach (Notes::on($plan, MaterialEstimate::of($plan), $unit) as $note) {
            $notes[$note->code] = $note;
        }

        return $notes;
    }

    public function testSaysByHowMuchEachSideMissesAndWhatMendsIt(): void
    {
        $notes = self::notes();
        self::assertSame('7.6 cm lower than wished.', $notes['misses-height']->lead);
        self::assertSame('7 more body rounds reach 26.5 cm.', $notes['misses-height']->rest);
        self::assertSame('7.4 cm narrower than wished.', $notes['misses-width']->lead);
        self::assertArrayNotHasKey('misses-length', $notes);
        self::assertSame('3 in lower than wished.', self::notes([], LengthUnit::Inch)['misses-height']->lead);
        self::assertStringContainsString('fewer starting chain', self::notes(['size/length' => '25 cm'])['misses-length']->rest);
    }

    public function testSaysAgainstTheWishForEverySide(): void
    {
        self::assertSame('0.2 cm shorter, 7.4 cm narrower, 7.6 cm lower.', self::notes()['against-wish']->rest);
        self::assertSame('0.5 cm shorter, 0.5 cm narrower, 0.5 cm higher.', self::notes(['base/chain' => null, 'base/rounds' => null, 'body/rounds' => null])['against-wish']->rest);
        self::assertSame('as high.', self::notes(['size' => ['height' => '18.4 cm']])['against-wish']->rest);
        self::assertArrayNotHasKey('against-wish', self::notes(['size' => null]));
    }

    public function testNeverTakesAwayMoreThanCanBeSpared(): void
    {
        $notes = self::notes(['base/chain' => 5, 'size/length' => '4 cm', 'handles' => null]);
        self::assertStringStartsWith('2 fewer starting chains', $notes['misses-length']->rest);
        self::assertArrayNotHasKey('misses-width', self::notes(['base/rounds' => 1, 'size/width' => '1 cm', 'handles' => null]));
    }

    public function testNotesSpeakTheMakersTerms(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote(['body/stitch' => 'dc'])));
        $texts = array_map(fn(Note $note): string => $note->text(), Notes::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre, Terms::UK));
        self::assertStringContainsString('The swatch was dc alone.', implode(' ', $texts));
    }

    public function testTiesTheWavyRoundToItsRow(): void
    {
        self::assertSame('Round 2', self::notes()['wavy']->row);
        self::assertSame('At Round 2 there are 2.0 stitches more than lie flat. It adds 8 where 6.0 would. The wall above pulls it straight; stiff material may ripple.', self::notes()['wavy']->text());
        self::assertArrayNotHasKey('wavy', self::notes(['base/ends' => 'three']));
    }

    public function testWarnsOfWhatRunsShort(): void
    {
        self::assertArrayNotHasKey('may-run-short', self::notes());
        self::assertArrayHasKey('may-run-short', self::notes(['material/on_hand' => '830 g']));
        self::assertArrayHasKey('runs-short', self::notes(['material/on_hand' => '500 g']));
        self::assertArrayHasKey('on-hand-unknown', self::notes(['material/on_hand' => null]));
    }

    public function testSaysWhatIsGuessed(): void
    {
        self::assertArrayHasKey('material-guessed', self::notes(['gauge/mass' => null]));
        self::assertArrayHasKey('swatch-small', self::notes(['gauge/rows' => 4, 'gauge/height' => '4.6 cm']));
        self::assertArrayHasKey('height-derived', self::notes(['body/stitch' => 'dc']));
        self::assertArrayHasKey('hook-unusual', self::notes(['hook' => '3 mm']));
    }

    /** 79 g are 0.79 g a stitch, 9.6 cm where loops take 9.4; ten times that is no stitch of such a cord. */
    public function testAWeightThatCannotBeTheStitchesIsSaid(): void
    {
        self::assertArrayNotHasKey('swatch-weight-odd', self::notes());
        self::assertArrayNotHasKey('swatch-weight-odd', self::notes(['gauge/mass' => null]));
        self::assertSame('The swatch weighs 10.2 times what its loops would take.', self::notes(['gauge/mass' => '790 g'])['swatch-weight-odd']->lead);
        self::assertStringContainsString('weighs 0.4 times', self::notes(['gauge/mass' => '31 g'])['swatch-weight-odd']->lead);
    }

    /** Two swatches of the same cord and hook, one twice as wide: the plan learned from them says so, by name where they have one. */
    public function testASwatchThatDisagreesIsSaid(): void
    {
        $swatch = fn(string $width): array => ['width' => $width] + Documents::tote()['gauge'] + ['hook' => '8 mm', 'material' => ['kind' => 'cord', 'diameter' => '4 mm']];
        $plan = fn(array $swatches): BagPlan => Planner::plan(BagDocument::read(Documents::tote(['gauge' => null, 'swatches' => $swatches])));
        $notes = fn(BagPlan $of, array $names = []): array => array_values(array_filter(Notes::on($of, MaterialEstimate::of($of), swatches: $names), fn(Note $note): bool => $note->code === 'swatch-disagrees'));
        self::assertSame([], $notes($plan([$swatch('12 cm'), $swatch('12.3 cm')])));
        $odd = $plan([$swatch('12 cm'), $swatch('21 cm')]);
        self::assertSame(['Swatch 1 disagrees with the others this is learned from.', 'Swatch 2 disagrees with the others this is learned from.'], array_map(fn(Note $note): string => $note->lead, $notes($odd)));
        self::assertStringContainsString('more wide than your other swatch says', $notes($odd)[1]->rest);
        self::assertStringStartsWith('“Grey, on 8”', $notes($odd, ['Red', 'Grey, on 8'])[1]->lead);
    }

    /** How far the size may be off: by the measuring of its swatch, or by what a hand is not known by. */
    public function testASwatchSaysHowSureItIs(): void
    {
        $plan = fn(array $changes): BagPlan => Planner::plan(BagDocument::read(Documents::tote($changes)));
        self::assertSame([0.0, 0.0], $plan([])->spec->sizeSpread());
        self::assertSame([0.02, 0.0], $plan(['gauge/width_spread' => 0.02])->spec->sizeSpread());
        [$wide, $high] = $plan(['gauge' => null, 'swatches' => [Documents::tote()['gauge'] + ['hook' => '9 mm', 'material' => ['kind' => 'cord', 'diameter' => '4 mm']]]])->spec->sizeSpread();
        self::assertGreaterThan(0.04, $wide);
        self::assertLessThan(0.15, $wide);
        self::assertGreaterThan(0.04, $high);
        foreach (['gauge/width_spread' => 0.7, 'gauge/height_spread' => 'a little'] as $path => $value) {
            try {
                $plan([$path => $value]);
                self::fail("Read {$path}.");
            } catch (Refused $e) {
                self::assertSame(["/{$path}"], array_map(fn(Problem $problem): string => $problem->path, $e->problems));
            }
        }
    }

    public function testCautionsStandWhereTheyApply(): void
    {
        self::assertArrayHasKey('hang-test', self::notes());
        self::assertArrayNotHasKey('hang-test', self::notes(['handles' => null]));
        self::assertArrayHasKey('tight-hands', self::notes(['hook' => '4 mm']));
        self::assertSame('Round 17', self::notes()['compare-slots']->row);
        self::assertArrayHasKey('slot-off-centre', self::notes(['handles/skip' => 9]));
        self::assertArrayHasKey('slot-narrow', self::notes(['handles/skip' => 4]));
    }

    public function testPlansAreAsTheirSchemaSays(): void
    {
        $validator = new Validator();
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-plan-1.schema.json');
        foreach ([[], ['material/on_hand' => null, 'gauge/mass' => null], ['working' => 'joined', 'handles' => null]] as $changes) {
            $plan = PlanDocument::toJson(Planner::plan(BagDocument::read(Documents::tote($changes))));
            $result = $validator->validate(json_decode($plan, flags: JSON_THROW_ON_ERROR), $schema);
            self::assertTrue($result->isValid(), (string) $result->error()?->message());
        }
    }

    /** The reader and the schema agree on what a bag is, for all that a schema can say. */
    public function testBagsAreAsTheirSchemaSays(): void
    {
        $validator = new Validator();
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-bag-1.schema.json');
        $changes = [[], ['null' => true], ['size' => null], ['handles' => null], ['body/loop' => null], ['base/chain' => 2], ['base/chain' => '22'], ['gauge/rows' => 0],
            ['gauge/rows' => null], ['extra' => 1], ['working' => 'turned'], ['body/stitch' => 'ch'], ['material/kind' => 'wool'], ['name' => ''],
            ['handles/edge_rounds' => 21], ['body/rounds' => 10_000], ['format' => 'x'], ['hook' => 8], ['size/length' => 30], ['material/density' => null],
            ['gauge/width_spread' => 0.02], ['gauge/width_spread' => 0], ['gauge/height_spread' => 0.7]];
        foreach ($changes as $change) {
            $document = $change === ['null' => true] ? ['handles' => null] + Documents::tote() : Documents::tote($change);
            $json = json_encode($document, JSON_THROW_ON_ERROR);
            try {
                BagDocument::fromJson($json);
                $read = true;
            } catch (Refused) {
                $read = false;
            }
            self::assertSame($read, $validator->validate(json_decode($json, flags: JSON_THROW_ON_ERROR), $schema)->isValid(), $json);
        }
    }
}
