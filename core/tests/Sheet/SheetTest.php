<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Sheet;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Report\Notes;
use Fescue\Core\Sheet\Section;
use Fescue\Core\Sheet\Sheet;
use Fescue\Core\Sheet\SheetMaker;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Recorded;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Panel\Built;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A sheet read as a pattern editor would. */
final class SheetTest extends TestCase
{
    /** @return list<string> */
    private static function titles(Sheet $sheet): array
    {
        return array_map(fn(Section $one): string => $one->title, $sheet->sections);
    }

    /** Abbreviations carry their meaning wherever they stand by themselves, at a line's beginning too. */
    public function testALineInPartsWithWhatTheyStandFor(): void
    {
        $plan = Ways::plan(['body/rounds' => 6]);
        $of = fn(Terms $terms, string $line): array => Sheets::of($plan, $terms)->meanings($line);
        self::assertSame(
            [
                ['Sc', 'single crochet (UK names: dc)'], [' in each ', ''], ['st', 'stitch'], [', ', ''],
                ['sl st', 'slip stitch'], [' in first ', ''], ['sc', 'single crochet (UK names: dc)'],
                [', sc2tog.', ''],
            ],
            $of(Terms::US, 'Sc in each st, sl st in first sc, sc2tog.'),
        );
        foreach (Terms::cases() as $terms) {
            foreach (Sheets::of($plan, $terms)->sections as $section) {
                foreach ($section->lines as $line) {
                    $parts = $of($terms, $line->text);
                    self::assertSame($line->text, implode('', array_column($parts, 0)));
                }
            }
            self::assertNotSame([], array_filter(array_column($of($terms, Vocabulary::of($terms)->abbreviation(
                Stitch::Single,
            ).'.'), 1)), $terms->value);
        }
    }

    /** Seven hundred and fifty bags of every way and finish, each in every tongue. */
    #[Group('slow')]
    public function testAnEditorFindsNothing(): void
    {
        foreach ([...Recorded::bags(), ...Recorded::told()] as $nth => ['document' => $document]) {
            $plan = Planner::plan(BagDocument::read($document));
            foreach (Terms::cases() as $terms) {
                Editor::reads(Sheets::of($plan, $terms), $plan, $terms, "Bag {$nth}, {$terms->value}");
            }
        }
    }

    /** Three thousand more, drawn anew each day. */
    #[Group('slow')]
    public function testAnEditorFindsNothingInBagsOfTheDay(): void
    {
        Draw::sow(1312);
        $read = 0;
        for ($bag = 0; $bag < 3000; $bag++) {
            $document = Documents::random();
            try {
                $plan = Planner::plan(BagDocument::read($document));
            } catch (Refused) {
                continue;
            }
            $terms = Terms::cases()[$bag % 3];
            Editor::reads(Sheets::of($plan, $terms), $plan, $terms, json_encode($document, JSON_THROW_ON_ERROR));
            $read++;
        }
        self::assertGreaterThan(1000, $read);
    }

    /** Tongues that patterns alone are told in have every message that a sheet tells: nothing of one is in English. */
    public function testASheetIsOfOneTongue(): void
    {
        $told = fn(Terms $terms): array => json_decode(
            (string) file_get_contents(dirname(__DIR__, 3)."/lang/{$terms->value}.json"),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $all = array_map(fn(string $_): string => '⟦', $told(Terms::ES));
        Draw::sow(61);
        $bags = Recorded::documents();
        foreach ([Terms::PT, Terms::IT, Terms::TR, Terms::ID] as $terms) {
            $tongue = new Tongue($terms, messages: $told($terms) + $all);
            foreach ((array) array_rand($bags, 12) as $nth) {
                $plan = Planner::plan(BagDocument::read($bags[$nth]));
                $estimate = MaterialEstimate::of($plan);
                $text = SheetMaker::of($plan, $estimate, Notes::on($plan, $estimate), $tongue)->text();
                self::assertStringNotContainsString('⟦', $text, "{$terms->value} ".Draw::seed()." {$nth}");
            }
        }
    }

    public function testItsOrderAndItsHead(): void
    {
        $plan = Ways::plan(['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16], 'edge' => ['stitch' => 'sc']]);
        $sheet = Sheets::of($plan);
        self::assertSame(['Base', 'Body', 'Handles', 'Edge'], self::titles($sheet));
        self::assertSame('Level: Easy (hand holes)', $sheet->level);
        self::assertMatchesRegularExpression('/^\d+\.\d cm \(\d+( \d\/\d)? in\) wide/', $sheet->size[0]);
        self::assertSame('A', $sheet->materials[0][0]);
        self::assertStringContainsString('yd)', $sheet->materials[0][1]);
        self::assertContains(['', '5 stitch markers'], $sheet->materials);
        $lines = $sheet->sections[2]->lines;
        self::assertSame('36 sc, 2 ch-16 sps', $lines[0]->count);
        self::assertStringStartsWith('Before Rnd 17: Lay the bag flat', $lines[0]->before[0]);
        self::assertSame('Rnds 3–16', $sheet->sections[1]->lines[0]->head);
        // How rounds meet is told once, at the head, and the strand's end where it is reached.
        self::assertSame(1, substr_count($sheet->text(), 'spiral: do not join'));
        self::assertStringStartsWith('Sl st in next st to even', $sheet->sections[3]->lines[2]->text ?? $sheet->sections[3]->lines[1]->text);
        self::assertContains(['sc', 'single crochet (UK names: dc)'], $sheet->abbreviations);
        self::assertContains(['sk', 'skip'], $sheet->abbreviations);
        self::assertNotContains('dc', array_column($sheet->abbreviations, 0));
    }

    public function testRowsAreNumberedAnewWhereSheWantsIt(): void
    {
        $plan = Ways::plan(['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16], 'body/stitch' => 'mesh-plain', 'body/rounds' => 9]);
        $estimate = MaterialEstimate::of($plan);
        $sheet = SheetMaker::of(
            $plan,
            $estimate,
            Notes::on($plan, $estimate),
            Sheets::tongue(Terms::US),
            [],
            'Ilse of the pier',
            'For you alone',
            true,
        );
        self::assertStringStartsWith("{$plan->spec->choices->name}\nBy Ilse of the pier\nLevel: ", $sheet->text());
        self::assertStringContainsString("\nFor you alone\n", $sheet->text());
        $heads = array_map(fn(Section $one): string => $one->lines[$one->title === 'Base' ? 1 : 0]->head, $sheet->sections);
        self::assertSame(['Rnd 1', 'Rnd 1', 'Rnd 1', 'Rnd 1'], array_slice($heads, 0, 4));
        self::assertStringStartsWith('Before Rnd 1: Lay', $sheet->sections[2]->lines[0]->before[0]);
        self::assertMatchesRegularExpression('/^Repeat Rnds [234]–[345]; the last is as Rnd/', $sheet->sections[1]->lines[count($sheet->sections[1]->lines) - 1]->text);
        // What they are is the same.
        self::assertSame('Round 12', (string) $sheet->sections[2]->lines[0]->rows[0]);
    }

    /**
     * Whole sheets, read aloud once and kept: what they say is changed with open eyes alone.
     *
     * @return array<string, array{\Closure(): BagPlan, Terms}>
     */
    public static function read(): array
    {
        return [
            'striped' => [fn(): BagPlan => Ways::plan([
                'others' => [['kind' => 'ribbon', 'diameter' => '4.5 mm', 'density' => '7 g/m', 'fibre' => 'polyester',
                    'weight_class' => '5 bulky']],
                'changes' => [['from' => 'Round 7', 'to' => 1], ['from' => 'Round 9', 'to' => 0]],
                'material/unit' => '300 g', 'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16],
                'edge' => ['stitch' => 'crab'], 'finish' => [['type' => 'turn-lock'], ['type' => 'lining']],
            ]), Terms::US],
            'mesh' => [fn(): BagPlan => Ways::plan([
                'working' => 'joined', 'starting_chain' => 'counts', 'body' => ['stitch' => 'mesh', 'rounds' => 4],
                'handles' => ['type' => 'straps', 'wide' => 4, 'rows' => 10], 'material/kind' => 'tshirt',
            ]), Terms::UK],
            'envelope' => [fn(): BagPlan => Built::plan([
                'type' => 'envelope', 'hang' => 'ring', 'join' => 'whip', 'across' => 16, 'front' => 10, 'bottom' => 5,
                'back' => 9, 'flap' => 8,
            ]), Terms::US],
            'net' => [fn(): BagPlan => Built::plan(['type' => 'net', 'across' => 12, 'net' => 9]), Terms::ES],
            'tabs' => [fn(): BagPlan => Built::plan([
                'type' => 'tabs', 'rows' => 3, 'across' => 3, 'net' => [2, 2],
                'tab' => ['width' => '16 mm', 'height' => '24 mm'],
            ]), Terms::UK],
            'canvas' => [fn(): BagPlan => Built::plan([
                'type' => 'canvas', 'sheet_across' => 50, 'sheet_high' => 95, 'pitch' => '3.8 mm', 'clasp' => '36 mm',
                'front' => 30, 'bottom' => 14, 'back' => 30, 'flap' => 20,
            ]), Terms::US],
            'clutch' => [fn(): BagPlan => Built::plan([
                'type' => 'end-and-back', 'chain' => 45, 'meets' => 44, 'rows' => 6, 'tassels' => 'tassels',
            ]), Terms::ES],
            'holes' => [fn(): BagPlan => Ways::plan([
                'base' => [
                    'type' => 'holes', 'holes' => 40, 'length' => '30 cm', 'width' => '12 cm', 'corners' => 4,
                    'first_hook' => '3.5 mm', 'hole' => '5 mm',
                ],
                'working' => 'joined-turned', 'body' => ['stitch' => 'posts', 'rounds' => 3, 'even' => true],
            ]), Terms::US],
            'panels' => [fn(): BagPlan => Built::plan(
                ['type' => 'panels', 'across' => 19, 'rows' => 10, 'shape' => 'slipped', 'border' => 'dc', 'join' => 'whip'],
                ['handles' => ['type' => 'straps', 'wide' => 3, 'rows' => 6], 'working' => 'joined'],
            ), Terms::US],
            'corners' => [fn(): BagPlan => Ways::plan([
                'base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 20, 'rows' => 6], 'working' => 'joined',
                'body' => ['stitch' => 'mesh', 'rounds' => 3, 'corners' => true],
            ]), Terms::US],
            'frame' => [fn(): BagPlan => Ways::plan([
                'base' => ['type' => 'frame', 'holes' => 5, 'length' => '20 cm', 'between' => 2], 'working' => 'joined',
                'body' => ['stitch' => 'dc', 'rounds' => 4],
            ]), Terms::US],
            'several' => [fn(): BagPlan => Ways::plan([
                'body' => ['stitch' => 'dc', 'rounds' => 3, 'above' => [['stitch' => 'hdc', 'rounds' => 2]]],
                'others' => [['kind' => 'cord', 'diameter' => '4 mm', 'density' => '8 g/m']],
                'changes' => [['from' => 'Round 4', 'to' => 1]],
                'handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16], 'finish' => [['type' => 'tassels']],
            ]), Terms::UK],
        ];
    }

    /** @param \Closure(): BagPlan $plan */
    #[DataProvider('read')]
    public function testWholeSheets(\Closure $plan, Terms $terms): void
    {
        self::assertStringEqualsFile(__DIR__."/sheets/{$this->dataName()}.txt", Sheets::of($plan(), $terms)->text());
    }

    public function testStrapsAreMadeTwiceAndAfterTheBodyIsFastenedOff(): void
    {
        $sheet = Sheets::of(Ways::plan([
            'body/rounds' => 4, 'working' => 'joined', 'handles' => ['type' => 'straps', 'wide' => 4, 'rows' => 10],
        ]));
        self::assertSame(['Base', 'Body', 'Strap (make 2)'], self::titles($sheet));
        self::assertSame('Fasten off.', $sheet->sections[1]->lines[count($sheet->sections[1]->lines) - 1]->text);
        $strap = $sheet->sections[2]->lines;
        self::assertSame(['Row 1', 'Rows 2–9', 'Row 10', '', ''], array_column($strap, 'head'));
        self::assertStringStartsWith('Strap 2: begin in st ', $strap[4]->text);
    }

    public function testPiecesAreToldOnceAndSewnAfter(): void
    {
        $sheet = Sheets::of(Built::plan(['type' => 'envelope', 'hang' => 'ring', 'join' => 'whip', 'across' => 16, 'front' => 10, 'bottom' => 5, 'back' => 9, 'flap' => 8]));
        self::assertSame('Panel', self::titles($sheet)[0]);
        self::assertContains('Left gusset, Right gusset (make 2)', self::titles($sheet));
        self::assertSame('Assembly', self::titles($sheet)[2]);
        self::assertMatchesRegularExpression(
            '/^Fasten off, leaving a tail of \d+ cm for the seam\.$/',
            $sheet->sections[0]->lines[count($sheet->sections[0]->lines) - 1]->text,
        );
        self::assertStringStartsWith('Row 1 is on the right side', $sheet->sections[0]->lines[1]->before[0]);
    }

    public function testAFabricOfSeveralStitchesIsToldAsOne(): void
    {
        $sheet = Sheets::of(Ways::plan(['body' => ['stitch' => 'linen', 'rounds' => 3], 'working' => 'joined']));
        self::assertSame('Linen stitch', $sheet->specials[0][0]);
        self::assertSame(
            'over a multiple of 2 sts. First row: sc in next st, ch 1, sk next st. Repeat row 1: ch 1, sk next st, '
                .'sc in next sp. Repeat row 2: sc in next sp, ch 1, sk next st.',
            $sheet->specials[0][1],
        );
    }

    /** Every message of the sheet has its translation, with the same places to fill. */
    public function testRowsOfARepeatThatAreAlikeAreToldOnce(): void
    {
        $said = Sheets::of(Ways::plan(['base/chain' => 24, 'body' => ['stitch' => 'basket', 'rounds' => 7]]))->text();
        self::assertStringContainsString('First row: dc in next 6 sts. Repeat rows 1 to 3: FPdc', $said);
        self::assertStringContainsString('Repeat rows 4 to 6: BPdc', $said);
    }

    /** The chain that starts a round is as high as what stands beside it. */
    public function testARoundIsLiftedForItsFirstStitch(): void
    {
        $said = Sheets::of(Ways::plan(['working' => 'joined', 'base/chain' => 24, 'body' => ['stitch' => 'fans', 'rounds' => 4]]))->text();
        self::assertStringContainsString('Ch 1, [sc in next st, sk next 2 sts, 5 dc', $said);
        self::assertStringContainsString('Ch 3, [5 dc in next st', $said);
        $said = Sheets::of(Ways::plan(['working' => 'joined', 'body' => ['stitch' => 'two-in-one', 'rounds' => 4]]))->text();
        self::assertStringContainsString('Ch 1, [(sc, dc) in next st, sk next st]', $said);
    }

    public function testSpanishLacksNothing(): void
    {
        /** @var array<string, string> $es */
        $es = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/lang/es.json'), true, flags: JSON_THROW_ON_ERROR);
        $found = [];
        foreach (glob(dirname(__DIR__, 2).'/src/Sheet/*.php') ?: [] as $file) {
            preg_match_all(
                "/(?:tell\\(|\\? |: |=> \\[|=> |^\\s+\\? )('(?:[^'\\\\]|\\\\.)*'(?:\\s*\\.\\s*'(?:[^'\\\\]|\\\\.)*')*)/m",
                (string) file_get_contents($file),
                $all,
            );
            foreach ($all[1] as $one) {
                preg_match_all("/'((?:[^'\\\\]|\\\\.)*)'/", $one, $parts);
                $message = implode('', $parts[1]);
                if (preg_match('/^[A-Z{].*[a-z}]|^[a-z]+ [a-z]+/', $message) === 1) {
                    $found[] = $message;
                }
            }
        }
        self::assertGreaterThan(45, count($found));
        foreach ($found as $message) {
            self::assertArrayHasKey($message, $es);
        }
        // A sheet of a bag is told in one tongue: no heading or row of it in another.
        $sheet = Sheets::of(Ways::plan(['working' => 'joined']), Terms::ES);
        self::assertDoesNotMatchRegularExpression('/\b(?:the|and|stitch|round|with|of)\b/', $sheet->text());
        self::assertSame('En español', Vocabulary::of(Terms::ES)->called);
    }
}
