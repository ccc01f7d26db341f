<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Written;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Chosen;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Asked;
use Fescue\Core\Piece\Choice;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Recorded;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Sheet\Sheets;
use Fescue\Core\Text\Checked;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class AsWrittenTest extends TestCase
{
    private const STRAND = [
        'format' => 'fescue-bag/1',
        'name' => 'As written',
        'material' => ['kind' => 'cord', 'diameter' => '5 mm', 'density' => '12 g/m'],
        'hook' => '8 mm',
        'gauge' => ['stitch' => 'sc', 'stitches' => 10, 'width' => '10 cm', 'rows' => 10, 'height' => '10 cm'],
    ];

    private const ROUND = <<<'TEXT'
        Round 1: 6 sc in magic ring (6)
        Round 2: 2 sc in each st around (12)
        Round 3: (sc in next st, 2 sc in next st) x 6 (18)
        Rounds 4-9: sc in each st around (18)
        TEXT;

    /** @param array<string, mixed> $with */
    private static function plan(string $text, array $with = []): BagPlan
    {
        return Planner::plan(BagDocument::read(
            $with + self::STRAND + ['build' => ['type' => 'written', 'pattern' => $text]],
        ));
    }

    private static function refusal(string $text): string
    {
        try {
            self::plan($text);
        } catch (Refused $e) {
            return "{$e->problems[0]->path}: {$e->problems[0]->said->english()}";
        }

        return '';
    }

    /** @return list<int> */
    private static function leaves(BagPlan $plan): array
    {
        return array_map(fn(Row $row): int => $row->count->leaves, $plan->work->rows);
    }

    /** @return list<string> */
    private static function words(BagPlan $plan): array
    {
        return array_map(
            fn(Row $row): string => Vocabulary::of(Terms::US)->list($row->instructions),
            $plan->work->rows,
        );
    }

    /**
     * What Fescue plans, told as a sheet and read as any text, is the same bag again: row for row, stitch for stitch of
     * each kind, and of the same strand.
     */
    public function testASheetIsTheBagItTellsOf(): void
    {
        self::assertGreaterThan(2, self::again(5, 90));
    }

    #[Group('slow')]
    public function testASheetIsTheBagItTellsOfWhateverItsWay(): void
    {
        self::assertGreaterThan(28, self::again(6, 11));
    }

    private static function again(int $own, int $every): int
    {
        Draw::sow($own);
        $bags = Recorded::documents();
        $same = 0;
        for ($nth = mt_rand(0, $every - 1); $nth < count($bags); $nth += $every) {
            $document = array_diff_key(
                $bags[$nth],
                array_flip(['finish', 'changes', 'others', 'weigh_ins', 'handles']),
            );
            $plan = Planner::plan(BagDocument::read($document));
            $text = Sheets::of($plan, Terms::cases()[$nth % count(Terms::cases())])->text();
            if ($plan->assembly() !== null || ! Checked::of($text)->isRight()) {
                continue;
            }
            $written = Planner::plan(BagDocument::read(
                ['build' => ['type' => 'written', 'pattern' => $text], 'size' => []]
                    + array_diff_key($document, array_flip(['base', 'body', 'edge'])),
            ));
            $where = Draw::seed()." {$nth}\n{$text}";
            self::assertSame(self::leaves($plan), self::leaves($written), $where);
            foreach (Stitch::cases() as $stitch) {
                // How a chain lifts, and where a slip stitch evens a spiral out, is not counted.
                if (! in_array($stitch, [Stitch::Chain, Stitch::Slip], true)) {
                    self::assertSame(
                        $plan->work->stitches()->many($stitch),
                        $written->work->stitches()->many($stitch),
                        "{$stitch->value} {$where}",
                    );
                }
            }
            $grams = fn(BagPlan $of): float => MaterialEstimate::of($of)->grams->likely;
            self::assertEqualsWithDelta(1.0, $grams($written) / $grams($plan), 0.05, $where);
            self::assertEqualsWithDelta(
                $plan->comesOut->flatWidth->mm,
                $written->comesOut->flatWidth->mm,
                0.02 * $plan->comesOut->flatWidth->mm + 30.0,
                $where,
            );
            $same++;
        }

        return $same;
    }

    /** At 10 × 10 sc over 10 cm: a disc of three rounds, 6 cm across, and six rounds of 18 stitches on it. */
    public function testItIsAsLargeAsItsStitchesMake(): void
    {
        $plan = self::plan(self::ROUND);
        self::assertSame([60.0, 60.0], [$plan->comesOut->baseLength->mm, $plan->comesOut->baseWidth->mm]);
        self::assertEqualsWithDelta(90.0, $plan->comesOut->flatWidth->mm, 1e-9);
        self::assertEqualsWithDelta(60.0, $plan->comesOut->height->mm, 1e-9);
        // π · 3² · 6 cm³
        self::assertEqualsWithDelta(M_PI * 9 * 6 / 1000, $plan->comesOut->litres, 1e-6);
        self::assertSame(6 + 12 + 18 + 6 * 18, $plan->work->stitches()->many(Stitch::Single));
    }

    /** A stitch is as wide as a row is high: an oval of a chain of 11 is 10 + 2·2 long, 4 wide after two rounds. */
    public function testAnOvalLiesOnItsChain(): void
    {
        $plan = self::plan(<<<'TEXT'
            Ch 12.
            Round 1: 3 sc in 2nd ch from hook, sc in next 9 ch, 3 sc in last ch, working on other side sc in next 9 ch (24)
            Round 2: 2 sc in each of next 3, sc in next 9, 2 sc in each of next 3, sc in next 9 (30)
            Rounds 3-6: sc in each st around (30)
            TEXT);
        self::assertSame(12, $plan->work->start->chains());
        self::assertEqualsWithDelta(140.0, $plan->comesOut->baseLength->mm, 1e-9);
        self::assertEqualsWithDelta(40.0, $plan->comesOut->baseWidth->mm, 1e-9);
        self::assertEqualsWithDelta(150.0, $plan->comesOut->flatWidth->mm, 1e-9);
        self::assertEqualsWithDelta(40.0, $plan->comesOut->height->mm, 1e-9);
    }

    /** A wall that widens and narrows stands as wide as each of its rounds: litres by Simpson over every one. */
    public function testAWallGoesAsItsRoundsGo(): void
    {
        $wide = self::plan(self::ROUND."\nRound 10: (sc in next 2 sts, 2 sc in next st) x 6 (24)\n"
            ."Rounds 11-14: sc in each st around (24)\nRound 15: (sc2tog, sc in next 2 sts) x 6 (18)");
        // Areas of the base times the square of how far it goes around.
        $base = M_PI * 9;
        $cone = fn(int $from, int $to): float => $base * ($from ** 2 + $from * $to + $to ** 2) / 3 / 18 ** 2;
        $litres = (6 * $base + $cone(18, 24) + 4 * $base * (24 / 18) ** 2 + $cone(24, 18)) / 1000;
        self::assertEqualsWithDelta($litres, $wide->comesOut->litres, 1e-6);
    }

    /** @return array<string, array{string, list<string>}> */
    public static function rows(): array
    {
        return [
            'a chain that counts, spaces passed' => [
                "Rnd 1: ch 3, 11 dc in ring, join (12)\nRnd 2: ch 1, (sc in next st, ch 1) x 12, join (24)\n"
                    ."Rnd 3: 2 sc in each ch-1 sp around (24)\nRnd 4-6: sc around",
                [
                    'ch 3 (counts as dc), 11 dc in same st, join',
                    'ch 1 (does not count), [sc in next st, ch 1] 12 times, join',
                    '[sk next st, 2 sc in next sp] 12 times',
                    'sc in next 24 sts', 'sc in next 24 sts', 'sc in next 24 sts',
                ],
            ],
            'a square, slip stitches on to its corner' => [
                "Ch 4, sl st in first ch to form a ring.\n"
                    ."Rnd 1: ch 3, 2 dc in ring, ch 2, *3 dc in ring, ch 2; rep from * twice more, join. (12 dc, 4 ch-2 sps)\n"
                    .'Rnd 2: sl st to next ch-2 sp, ch 3, (2 dc, ch 2, 3 dc) in same sp, *ch 1, (3 dc, ch 2, 3 dc) in '
                    ."next ch-2 sp; rep from * around, ch 1, join.\nRnd 3-6: sc in each st around",
                [
                    '(ch 3 (counts as dc), 2 dc, ch 2, 3 dc, ch 2, 3 dc, ch 2, 3 dc) in first ch, ch 2, join',
                    'sl st in next 3 sts, (ch 3 (counts as dc), 2 dc, ch 2, 3 dc) in next sp, [ch 1, sk next 3 sts, '
                        .'(3 dc, ch 2, 3 dc) in next sp] 3 times, ch 1, join',
                    '[sc in next 3 sts, sk next 2 sts, sc in next 3 sts, sk next st] 4 times',
                    'sc in next 24 sts', 'sc in next 24 sts', 'sc in next 24 sts',
                ],
            ],
            'rows, then around them' => [
                "Ch 6\nRow 1: sc in 2nd ch from hook, sc in each ch across (5)\nRow 2-3: ch 1, turn, sc across (5)\n"
                    .'Round 1: sc in each st across, 3 sc evenly along row ends, sc in next 5 ch, 3 sc evenly along row '
                    ."ends (16)\nRound 2: sc around (16)",
                [
                    'sc in 2nd ch from hook, sc in next 4 ch', 'ch 1, turn, sc in next 5 sts',
                    'ch 1, turn, sc in next 5 sts',
                    'ch 1, turn, sc in next 5 sts, along the row ends: sc in next 3 row ends, go on along the other '
                        .'side of the chain: sc in next 5 ch, along the row ends: sc in next 3 row ends, do not join: '
                        .'mark the first st of the round and move the marker up each round',
                    'sc in next 16 sts',
                ],
            ],
            'chains passed that count, a turning chain at the end' => [
                "Ch 12\nRow 1: dc in 4th ch from hook and in each ch across, ch 1, turn (10)\n"
                    ."Row 2: sc in each st across, ch 3, turn (10)\nRow 3: sk first st, dc in each st across (10)",
                [
                    'the 3 skipped ch count as dc, dc in 4th ch from hook, dc in next 8 ch',
                    'ch 1, turn, sc in next 10 sts', 'turn, ch 3 (counts as dc), dc in next 9 sts',
                ],
            ],
            'front and back posts, more in the same place' => [
                "Round 1: dc in each st around (8)\nRound 2: (fpdc around next st, bpdc around next st) x 4 (8)\n"
                    .'Round 3: sc in next 3 sts, dc in same st, sc in next 5 sts (9)',
                [
                    'dc in next 8 ch, do not join: mark the first st of the round and move the marker up each round',
                    '[FPdc around next st, BPdc around next st] 4 times',
                    'sc in next 2 sts, (sc, dc) in next st, sc in next 5 sts',
                ],
            ],
        ];
    }

    /** @param list<string> $words */
    #[DataProvider('rows')]
    public function testRowsAreWorkedAsTheyAreWritten(string $text, array $words): void
    {
        self::assertTrue(Checked::of($text)->isRight());
        self::assertSame($words, self::words(self::plan($text)));
    }

    public function testPiecesBesideAreMadeApartAsOftenAsTheHeadingSays(): void
    {
        $plan = self::plan(self::ROUND."\nStrap (make 2)\nCh 31\nRow 1: sc in 2nd ch from hook and in each ch across (30)\n"
            .'Row 2: ch 1, turn, sc in each st across (30)');
        self::assertCount(9 + 4, $plan->work->rows);
        self::assertSame('Part 2: Row 2', $plan->work->rows[12]->name);
        self::assertEqualsWithDelta(60.0, $plan->comesOut->height->mm, 1e-9);
        self::assertSame(144 + 4 * 30, $plan->work->stitches()->many(Stitch::Single));
    }

    public function testSeveralPiecesInOneHeading(): void
    {
        $rows = "Chain 21\nRow 1: sc in 2nd ch from hook and in each ch across (20)\nFasten off.\n";
        $plan = self::plan("Front panel, Back panel (make 2)\n{$rows}\nStrap\n{$rows}");
        self::assertCount(3, $plan->work->rows);
    }

    public function testWhatIsFoldedShutTakesAllThatIsThere(): void
    {
        $plan = self::plan(self::ROUND."\nRound 10: fold the sides in, 7 sc through all layers to close (7)");
        $last = $plan->work->rows[9];
        self::assertSame([18, 7], [$last->count->takes, $last->count->leaves]);
        self::assertSame(60.0, round($plan->comesOut->height->mm, 9));
        self::assertStringContainsString('no bag can be made', self::refusal(
            self::ROUND."\nRound 10: fold the sides in, 19 sc through all layers to close (19)",
        ));
    }

    public function testARoundThatPassesRowEndsFirst(): void
    {
        $rows = self::plan("Chain 9\nRow 1: sc in 2nd ch from hook, sc in next 7 ch (8)\n"
            ."Rows 2-6: ch 1, turn, sc in each st across (8)\n"
            .'Rnd 1: ch 1, turn, sc in next 8 sts, along the row ends: sk next row end, sc in next 4 row ends, '
            ."sk next row end, sc in next row end, sk next 5 row ends, join (13)\n"
            .'Rnds 2-9: sc in each st around, join (13)')->work->rows;
        self::assertSame([8, 12], array_map(fn(Edge $edge): int => $edge->anchors, $rows[6]->into));
        self::assertSame(13, $rows[14]->count->leaves);
    }

    /** Ends of rows are found where rows are, not on what goes round a net. */
    public function testARowThatFitsNowhereIsNamed(): void
    {
        $text = "Chain 13\nRow 1: Hdc in 3rd ch from hook, hdc in next 10 ch. (11)\n"
            ."Row 2: Turn, [ch 6, sc in next st] 11 times. (11 ch-6 loops)\n"
            ."Row 3: Ch 2, turn, hdc in each of next 11 sps. (11)\n"
            ."Rnd 1: Ch 36, along the row ends and end loops: sc in next 9 row ends. (9 sc, 1 ch-36 sp)\n"
            .'Rnds 2-3: Sc in each st around. (45)';
        self::assertStringStartsWith('/build/pattern: Round 1 comes out', self::refusal($text));
    }

    public function testRowsAloneLieAsTheyAre(): void
    {
        $plan = self::plan("Ch 21\nRow 1: sc in 2nd ch from hook and in each ch across (20)\n"
            .'Rows 2-30: ch 1, turn, sc in each st across (20)');
        self::assertSame([200.0, 300.0, 0.0], [
            $plan->comesOut->baseLength->mm, round($plan->comesOut->height->mm, 6), $plan->comesOut->litres,
        ]);
        self::assertCount(1, $plan->solid()->skins);
    }

    /** Its first row is at the foot, as it is worked: 12 cm wide there, and 2 cm at the top. */
    public function testWhatNarrowsStandsOnItsWidestRow(): void
    {
        $text = "Ch 13\nRow 1: sc in 2nd ch from hook and in each ch across (12)\n";
        for ($row = 2; $row <= 6; $row++) {
            $many = 14 - 2 * $row;
            $text .= "Row {$row}: ch 1, turn, sc2tog, sc in next ".($many - 2)." sts, sc2tog ({$many})\n";
        }
        $text = str_replace('sc in next 0 sts, ', '', $text);
        $face = self::plan($text)->solid()->skins[0]->faces()[0][1];
        $up = array_column($face, 1);
        $across = function (float $at) use ($face): float {
            $there = array_column(array_filter($face, fn(array $one): bool => abs($one[1] - $at) < 1e-6), 0);

            return max($there) - min($there);
        };
        self::assertEqualsWithDelta([60.0, 120.0, 20.0], [
            max($up) - min($up), $across(min($up)), $across(max($up)),
        ], 1e-6);
    }

    public function testItsGaugeIsOfTheStitchThatItIsMostlyOf(): void
    {
        $plan = self::plan("Rnd 1: 12 dc in ring (12)\nRnd 2: 2 dc in each st around (24)\nRnd 3-6: dc around (24)");
        self::assertSame('dc', $plan->spec->motif()->key);
        self::assertSame('sc', self::plan(self::ROUND)->spec->motif()->key);
    }

    public function testHandlesAndAnEdgeMayStandOnIt(): void
    {
        $plan = self::plan(str_replace('18)', '18)', self::ROUND), [
            'edge' => ['stitch' => 'sc', 'rounds' => 1],
        ]);
        self::assertCount(10, $plan->work->rows);
        self::assertSame(18, $plan->work->rows[9]->count->leaves);
    }

    public function testWhatMakesNoBagIsSaid(): void
    {
        self::assertStringContainsString('Line 3 does not come out yet: It takes 10 of 12', self::refusal(
            "Rnd 1: 6 sc in ring (6)\nRnd 2: inc around (12)\nRnd 3: (sc, inc) x 5\nRnd 4: sc around (18)",
        ));
        self::assertStringContainsString('All its rounds lie flat', self::refusal(
            "Rnd 1: 6 sc in ring (6)\nRnd 2: inc around (12)",
        ));
        self::assertStringContainsString('There is no row of a pattern', self::refusal('Two cups of flour, an egg.'));
        self::assertStringStartsWith('/build/pattern: ', self::refusal("a\u{0007}b"));
    }

    /** A text of many rows costs about as much again when it is planned as when it is proven. */
    public function testALongTextIsPlannedAtOnce(): void
    {
        $rows = ['Rnd 1: 6 sc in ring (6)', 'Rnd 2: inc around (12)', 'Rnd 3: (sc, inc) x 6 (18)'];
        for ($nth = 4; $nth < 300; $nth++) {
            $rows[] = "Rnd {$nth}: (sc in next st, dc in next st) x 9 (18)";
        }
        self::assertCount(299, self::plan(implode("\n", $rows))->work->rows);
    }

    public function testOfATextOfSeveralSizesTheChosenOneIsMade(): void
    {
        $text = <<<'TEXT'
            Round 1: 6 (8, 6) sc in magic ring (6, 8, 6)
            Round 2: 2 sc in each st around (12, 16, 12)
            Round 3: (sc in next st, 2 sc in next st) around (18, 24, 18)
            Rounds 4-9: sc in each st around (18, 24, 18)
            TEXT;
        $of = fn(?int $size): BagPlan => Planner::plan(BagDocument::read(self::STRAND + ['build' => [
            'type' => 'written', 'pattern' => $text,
        ] + ($size === null ? [] : ['size' => $size])]));
        self::assertSame(self::leaves($of(null)), self::leaves($of(1)));
        self::assertSame([6, 12, 18], array_slice(self::leaves($of(3)), 0, 3));
        self::assertSame([8, 16, 24, ...array_fill(0, 6, 24)], self::leaves($large = $of(2)));
        // It is asked for where there are several, kept in the file, and one of them.
        $maker = $large->spec->choices->parts[0]->maker;
        $names = array_map(fn(Asked $one): string => $one->name, $maker->settings());
        self::assertSame(['pattern', 'stitch', 'size'], $names);
        self::assertSame('2', $maker->settings()[2] instanceof Choice ? $maker->settings()[2]->value : '');
        self::assertSame(['1', '2', '3'], $maker->settings()[2] instanceof Choice ? $maker->settings()[2]->values() : []);
        self::assertSame(2, $maker->write()['size']);
        self::assertSame(['pattern', 'stitch'], array_map(
            fn(Asked $one): string => $one->name,
            $maker->with(['pattern' => self::ROUND])->settings(),
        ));
        self::assertSame(6, self::leaves(Planner::plan($large->spec->shaped([new Chosen(
            $large->spec->choices->parts[0]->path,
            $maker->with(['size' => '1']),
        )])))[0]);
        // What is wrong in another size is none of this one's.
        $slip = str_replace("(18, 24, 18)\nRounds", "(18, 24, 20)\nRounds", $text);
        self::assertFalse(Checked::of($slip)->isRight());
        self::assertTrue(Checked::of($slip, size: 2)->isRight());
        self::assertFalse(Checked::of($slip, size: 3)->isRight());
        self::assertSame([3, 1], [Checked::of($text)->sizes, Checked::of(self::ROUND)->sizes]);
    }
}
