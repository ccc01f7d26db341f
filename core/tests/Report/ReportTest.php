<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Report;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Piece\Tone;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

final class ReportTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, Told> by code
     */
    private static function notes(array $changes = [], LengthUnit $unit = LengthUnit::Centimetre): array
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote($changes)));
        $notes = [];
        foreach (Told::on($plan, MaterialEstimate::of($plan), $unit) as $note) {
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
        self::assertStringContainsString(
            'fewer starting chain',
            self::notes(['size/length' => '25 cm'])['misses-length']->rest,
        );
    }

    public function testSaysAgainstTheWishForEverySide(): void
    {
        self::assertSame('0.2 cm shorter, 7.4 cm narrower, 7.6 cm lower.', self::notes()['against-wish']->rest);
        self::assertSame(
            '0.5 cm shorter, 0.5 cm narrower, 0.5 cm higher.',
            self::notes(['base/chain' => null, 'base/rounds' => null, 'body/rounds' => null])['against-wish']->rest,
        );
        self::assertSame('as high.', self::notes(['size' => ['height' => '18.4 cm']])['against-wish']->rest);
        self::assertArrayNotHasKey('against-wish', self::notes(['size' => null]));
    }

    public function testNeverTakesAwayMoreThanCanBeSpared(): void
    {
        $notes = self::notes(['base/chain' => 5, 'size/length' => '4 cm', 'handles' => null]);
        self::assertStringStartsWith('2 fewer starting chains', $notes['misses-length']->rest);
        self::assertArrayNotHasKey(
            'misses-width',
            self::notes(['base/rounds' => 1, 'size/width' => '1 cm', 'handles' => null]),
        );
    }

    public function testNotesSpeakTheMakersTerms(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote(['body/stitch' => 'dc'])));
        $texts = array_map(
            fn(Told $note): string => $note->text(),
            Told::on($plan, MaterialEstimate::of($plan), LengthUnit::Centimetre, Terms::UK),
        );
        self::assertStringContainsString('The swatch was dc alone.', implode(' ', $texts));
    }

    public function testTiesTheWavyRoundToItsRow(): void
    {
        self::assertSame('Round 2', (string) self::notes()['wavy']->row);
        self::assertSame(
            'At Round 2 there are 2.0 stitches more than lie flat. It adds 8 where 6.0 would. The wall above pulls '
                .'it straight; stiff material may ripple.',
            self::notes()['wavy']->text(),
        );
        self::assertArrayNotHasKey('wavy', self::notes(['base/ends' => 'three']));
    }

    public function testWarnsOfWhatRunsShort(): void
    {
        self::assertArrayNotHasKey('may-run-short', self::notes());
        self::assertArrayHasKey('may-run-short', self::notes(['material/on_hand' => '830 g']));
        self::assertArrayHasKey('runs-short', self::notes(['material/on_hand' => '500 g']));
        // More likely than not it is enough, or it is not.
        $likely = MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote())))->grams->likely;
        $codes = fn(float $grams): array => array_keys(array_intersect_key(
            self::notes(['material/on_hand' => "{$grams} g"]),
            ['may-run-short' => 1, 'runs-short' => 1],
        ));
        self::assertSame([['may-run-short'], ['runs-short']], [$codes(1.002 * $likely), $codes(0.998 * $likely)]);
        self::assertArrayHasKey('on-hand-unknown', self::notes(['material/on_hand' => null]));
    }

    public function testSaysWhatIsGuessed(): void
    {
        self::assertArrayHasKey('material-guessed', self::notes(['gauge/mass' => null]));
        self::assertArrayHasKey('swatch-small', self::notes(['gauge/rows' => 4, 'gauge/height' => '4.6 cm']));
        self::assertArrayHasKey('height-derived', self::notes(['body/stitch' => 'dc']));
        self::assertArrayHasKey('hook-unusual', self::notes(['hook' => '3 mm']));
    }

    /** 79 g are 0.79 g a stitch, 9.6 cm where loops take 9.7; ten times that is no stitch of such a cord. */
    public function testAWeightThatCannotBeTheStitchesIsSaid(): void
    {
        self::assertArrayNotHasKey('swatch-weight-odd', self::notes());
        self::assertArrayNotHasKey('swatch-weight-odd', self::notes(['gauge/mass' => null]));
        self::assertSame(
            'The swatch weighs 9.9 times what its loops would take.',
            self::notes(['gauge/mass' => '790 g'])['swatch-weight-odd']->lead,
        );
        self::assertStringContainsString(
            'weighs 0.4 times',
            self::notes(['gauge/mass' => '31 g'])['swatch-weight-odd']->lead,
        );
    }

    /**
     * Two swatches of the same cord and hook, one twice as wide: the plan learned from them says so, by name where they
     * have one.
     */
    public function testASwatchThatDisagreesIsSaid(): void
    {
        $swatch = fn(string $width): array => ['width' => $width] + Documents::tote()['gauge'] + [
            'hook' => '8 mm',
            'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
        ];
        $plan = fn(array $swatches): BagPlan => Planner::plan(
            BagDocument::read(Documents::tote(['gauge' => null, 'swatches' => $swatches])),
        );
        $notes = fn(BagPlan $of, array $names = []): array => array_values(
            array_filter(
                Told::on($of, MaterialEstimate::of($of), swatches: $names),
                fn(Told $note): bool => $note->code === 'swatch-disagrees',
            ),
        );
        self::assertSame([], $notes($plan([$swatch('12 cm'), $swatch('12.3 cm')])));
        $odd = $plan([$swatch('12 cm'), $swatch('21 cm')]);
        self::assertSame(
            [
                'Swatch 2 disagrees with the others this is learned from.',
            ],
            array_map(fn(Told $note): string => $note->lead, $notes($odd)),
        );
        self::assertStringContainsString('more wide than your other swatch says', $notes($odd)[0]->rest);
        self::assertStringStartsWith('“Grey, on 8”', $notes($odd, ['Red', 'Grey, on 8'])[0]->lead);
    }

    /** How far the size may be off: by the measuring of its swatch, or by what a hand is not known by. */
    public function testASwatchSaysHowSureItIs(): void
    {
        $plan = fn(array $changes): BagPlan => Planner::plan(BagDocument::read(Documents::tote($changes)));
        self::assertSame([0.0, 0.0], $plan([])->spec->facts->hands->sizeSpread());
        self::assertSame([0.02, 0.0], $plan(['gauge/width_spread' => 0.02])->spec->facts->hands->sizeSpread());
        [$wide, $high] = $plan(
            [
                'gauge' => null,
                'swatches' => [
                    Documents::tote()['gauge'] + [
                        'hook' => '9 mm',
                        'material' => ['kind' => 'cord', 'diameter' => '4 mm'],
                    ],
                ],
            ],
        )->spec->facts->hands->sizeSpread();
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
        self::assertSame('Round 17', (string) self::notes()['compare-slots']->row);
        self::assertArrayHasKey('slot-off-centre', self::notes(['handles/skip' => 9]));
        self::assertArrayHasKey('slot-narrow', self::notes(['handles/skip' => 4]));
    }

    /** What a note says to do can be done: the bag with it is planned, and the note is gone. */
    public function testSlotNotesSayWhatMendsThem(): void
    {
        self::assertSame(
            'Skipping 8 or 10 puts them on it.',
            self::notes(['handles/skip' => 9])['slot-off-centre']->rest,
        );
        self::assertSame(
            'Skipping 8 puts them on it.',
            self::notes(['handles/skip' => 9, 'handles/chain' => 9])['slot-off-centre']->rest,
        );
        self::assertArrayNotHasKey('slot-off-centre', self::notes(['handles/skip' => 8]));
        self::assertStringEndsWith(
            '; skip 8.',
            self::notes(['handles/skip' => 4, 'handles/chain' => 8])['slot-narrow']->rest,
        );
        self::assertStringEndsWith(
            '; skip 8 and chain as many or more.',
            self::notes(['handles/skip' => 4, 'handles/chain' => 7])['slot-narrow']->rest,
        );
        self::assertArrayNotHasKey('slot-narrow', self::notes(['handles/skip' => 8]));
        // A small base has no room: so many chains more make it.
        $small = ['base/chain' => 5, 'base/rounds' => 1, 'handles/skip' => null, 'handles/chain' => null];
        self::assertStringEndsWith(
            '; this side has room for 3 at most. 5 chains more at the start make room, or leave the handles out.',
            self::notes($small)['slot-narrow']->rest,
        );
        self::assertArrayNotHasKey('slot-narrow', self::notes(['base/chain' => 10] + $small));
        self::assertStringContainsString(
            'One chain more',
            self::notes(['base/chain' => 9] + $small)['slot-narrow']->rest,
        );
        // Solved, they stand on their middle, or nothing could.
        foreach (['two-and-two', 'three'] as $ends) {
            foreach (range(6, 40) as $chain) {
                $notes = self::notes(
                    [
                        'base/ends' => $ends,
                        'base/chain' => $chain,
                        'base/rounds' => 4,
                        'handles/skip' => null,
                        'handles/chain' => null,
                    ],
                );
                self::assertArrayNotHasKey('slot-off-centre', $notes, "{$ends} {$chain}");
            }
        }
    }

    /**
     * A base that is off where it ends is said to be, with its own figures; only what later rounds mend is said to even
     * out.
     */
    public function testWhatIsOffAtTheEndIsNotSaidToEvenOut(): void
    {
        $evened = $last = 0;
        foreach (['two-and-two', 'three'] as $ends) {
            foreach (range(80, 160, 4) as $height) {
                foreach ([2, 4, 7, 9] as $rounds) {
                    $changes = ['base/ends' => $ends, 'base/rounds' => $rounds, 'gauge/height' => "{$height} mm"];
                    $excess = self::excess(Planner::plan(BagDocument::read(Documents::tote($changes))));
                    $off = abs($excess[$rounds - 2]) >= 1.5;
                    $said = array_values(
                        array_intersect_key(self::notes($changes), ['wavy' => 1, 'cups' => 1, 'evens-out' => 1]),
                    );
                    $trouble = array_filter($said, fn(Told $note): bool => $note->tone === Tone::Trouble);
                    self::assertCount($off ? 1 : 0, $trouble, "{$ends} {$height} {$rounds}");
                    foreach ($said as $note) {
                        $place = (int) filter_var((string) $note->row, FILTER_SANITIZE_NUMBER_INT) - 2;
                        self::assertSame($note->tone === Tone::Better, str_contains($note->text(), 'even it out'));
                        self::assertSame($note->tone === Tone::Trouble, $place === $rounds - 2 && $off);
                        self::assertStringContainsString(
                            sprintf(
                                '%.1f stitches %s than lie flat',
                                abs($excess[$place]),
                                $excess[$place] > 0 ? 'more' : 'fewer',
                            ),
                            $note->lead,
                        );
                        $last += (int) ($note->tone === Tone::Trouble);
                        $evened += (int) ($note->tone === Tone::Better);
                    }
                }
            }
        }
        self::assertGreaterThan(10, min($evened, $last));
    }

    /** Stitches above what lies flat, 2π·h/w a round, of the second round and those after. @return list<float> */
    private static function excess(BagPlan $plan): array
    {
        $counts = array_slice(Ways::leaves($plan), 0, Plans::count($plan, '/base/rounds'));
        $flat = 2 * M_PI * $plan->gauge->singleHeight()->mm / $plan->gauge->singleWidth()->mm;

        return array_map(
            fn(int $round): float => $counts[$round] - $counts[0] - $round * $flat,
            range(1, count($counts) - 1),
        );
    }

    /**
     * Jersey of 450 g and 55 m, 8 mm thick, is worked on 8 mm: neither unusual nor a strain. Common practice, no
     * source.
     */
    public function testHooksAreJudgedByTheKind(): void
    {
        $of = fn(string $kind, string $hook, string $thick = '8 mm'): array => array_map(
            fn(Told $note): string => $note->text(),
            self::notes(
                ['hook' => $hook, 'material' => ['kind' => $kind, 'diameter' => $thick, 'density' => '8.18 g/m']],
            ),
        );
        self::assertArrayNotHasKey('hook-unusual', $of('tshirt', '8 mm'));
        self::assertArrayNotHasKey('tight-hands', $of('tshirt', '8 mm'));
        self::assertSame(
            'A hook of 8 mm (L-11) is unusual for this cord. A firm fabric starts near 16 mm (Q): twice as thick as the '
                .'strand, which is round and does not give.',
            $of('cord', '8 mm')['hook-unusual'],
        );
        self::assertArrayHasKey('tight-hands', $of('cord', '8 mm'));
        self::assertStringStartsWith(
            'A hook of 5 mm (H-8) is unusual for this yarn. A firm fabric starts near 8 mm (L-11): about as thick as '
                .'the yarn',
            $of('tshirt', '5 mm')['hook-unusual'],
        );
        foreach ([
            'tshirt' => [6.0, 16.0],
            'plarn' => [6.0, 16.0],
            'ribbon' => [8.0, 20.0],
            'raffia' => [10.0, 20.0],
            'strand' => [12.0, 20.0],
        ] as $kind => [$least, $most]) {
            self::assertArrayNotHasKey('hook-unusual', $of($kind, "{$least} mm"), $kind);
            self::assertArrayNotHasKey('hook-unusual', $of($kind, "{$most} mm"), $kind);
            self::assertArrayHasKey('hook-unusual', $of($kind, ($least - 0.6 - 0.05 * $least).' mm'), $kind);
        }
        self::assertStringContainsString('A hook of 11.5 mm', $of('raffia', '11.5 mm', '20 mm')['hook-unusual']);
    }

    /** A reader of the file alone knows what to do where a round begins. */
    public function testTheFileSaysHowRoundsMeet(): void
    {
        $texts = fn(array $changes, Terms $terms = Terms::US): array => array_column(
            json_decode(
                PlanDocument::toJson(Planner::plan(BagDocument::read(Documents::tote($changes))), $terms),
                true,
                16,
                JSON_THROW_ON_ERROR,
            )['rows'],
            'text',
        );
        self::assertStringEndsWith(
            '2 sc in same ch as first sc. (48)',
            $texts([])[0],
        );
        $joined = $texts(['working' => 'joined']);
        self::assertStringNotContainsString('ch 1', $joined[0]);
        foreach (array_slice($joined, 1) as $text) {
            self::assertStringStartsWith('Ch 1, ', $text);
        }
        self::assertSame('Dc in each st around, BLO. (56)', $texts(['body/stitch' => 'dc'])[3]);
        self::assertSame(
            'Sc in next st, hdc in next st, dc in next 54 sts, all in BLO. (56)',
            $texts(['body/stitch' => 'dc'])[2],
        );
        self::assertStringContainsString('ch 16, miss next 10 sts', $texts([], Terms::UK)[16]);
    }

    public function testPlansAreAsTheirSchemaSays(): void
    {
        $validator = new Validator();
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/fescue-plan-1.schema.json');
        foreach ([
            [],
            ['material/on_hand' => null, 'gauge/mass' => null],
            ['working' => 'joined', 'handles' => null],
        ] as $changes) {
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
            ['gauge/rows' => null],
            ['extra' => 1],
            ['working' => 'turned'],
            ['body/stitch' => 'ch'],
            ['material/kind' => 'wool'],
            ['name' => ''],
            ['handles/edge_rounds' => 21],
            ['body/rounds' => 10_000],
            ['format' => 'x'],
            ['hook' => 8],
            ['size/length' => 30],
            ['material/density' => null],
            ['gauge/width_spread' => 0.02], ['gauge/width_spread' => 0], ['gauge/height_spread' => 0.7]];
        foreach ($changes as $change) {
            $document = $change === ['null' => true]
                ? ['handles' => null] + Documents::tote()
                : Documents::tote($change);
            $json = json_encode($document, JSON_THROW_ON_ERROR);
            try {
                BagDocument::fromJson($json);
                $read = true;
            } catch (Refused) {
                $read = false;
            }
            self::assertSame(
                $read,
                $validator->validate(json_decode($json, flags: JSON_THROW_ON_ERROR), $schema)->isValid(),
                $json,
            );
        }
    }
}
