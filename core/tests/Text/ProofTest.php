<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

use Fescue\Core\Saying\Saying;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\Correction;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Speech;
use Fescue\Core\Text\TextProblem;
use Fescue\Core\Text\TextWriter;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class ProofTest extends TestCase
{
    /** @return list<int> */
    private static function leaves(Checked $checked): array
    {
        return array_map(fn(ProvenRow $row): int => $row->outcome->leaves, $checked->rows);
    }

    /** @return list<string> each at its row */
    private static function problems(Checked $checked): array
    {
        return array_map(
            fn(TextProblem $one): string => "{$one->row} {$one->said->english()}",
            $checked->problems,
        );
    }

    #[Group('slow')]
    public function testWhatIsRightIsProvenAndWrittenItIsTheSameInEachTongue(): void
    {
        Draw::sow(331);
        for ($time = 0; $time < 80; $time++) {
            [$lines, $leaves] = Programs::rounds();
            $text = implode("\n", $lines);
            $checked = Checked::of($text);
            self::assertSame([], self::problems($checked), $text);
            self::assertSame($leaves, self::leaves($checked), $text);
            foreach (array_keys(Speech::TONGUES) as $tongue) {
                $writer = new TextWriter($tongue);
                $written = implode(
                    "\n",
                    array_map(fn(ProvenRow $row): string => $writer->row($row->line), $checked->rows),
                );
                $again = Checked::of($written, $tongue);
                self::assertSame([], self::problems($again), $written);
                self::assertSame($leaves, self::leaves($again), $written);
                self::assertSame(
                    $written,
                    implode("\n", array_map(fn(ProvenRow $row): string => $writer->row($row->line), $again->rows)),
                );
            }
        }
    }

    /** Of slips that change a count, 95 in 100 are found, and 90 put at their row. */
    #[Group('slow')]
    public function testOneSlipIsFoundAtItsRow(): void
    {
        Draw::sow(332);
        $slips = $found = $placed = $mended = 0;
        $missed = [];
        while ($slips < 400) {
            [$lines] = Programs::rounds();
            $slip = Programs::slip($lines);
            if ($slip === null) {
                continue;
            }
            [$wrong, $nth] = $slip;
            $checked = Checked::of(implode("\n", $wrong));
            $slips++;
            if ($checked->problems === []) {
                $missed[] = "{$lines[$nth]} | {$wrong[$nth]}";

                continue;
            }
            $found++;
            $placed += $checked->problems[0]->line === $nth + 1 ? 1 : 0;
            $mended += $checked->problems[0]->mends !== [] ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(0.95 * $slips, $found, implode("\n", $missed));
        self::assertGreaterThanOrEqual(0.90 * $slips, $placed);
        self::assertGreaterThan(0.72 * $slips, $mended);
    }

    public function testAMendThatIsTakenProves(): void
    {
        $wrong = "Rnd 1: 8 sc in magic ring (8)\nRnd 2: 2 sc in each st around (16)\n"
            ."Rnd 3: (sc in next st, 2 sc in next st) 7 times (24)\nRnd 4: (sc in next 2 sts, 2 sc in next st) 8 times (32)";
        $problem = Checked::of($wrong)->problems[0];
        $mend = $problem->mends[0];
        self::assertSame('Write 8 for 7 (line 3, letter 41).', $mend->said->english());
        self::assertSame([3, 41, '7', '8'], [$mend->at->line, $mend->at->column, $mend->at->text, $mend->to]);
        self::assertSame([], Checked::of(str_replace('7 times', '8 times', $wrong))->problems);
        foreach ([14, 15, 16, 17, 18, 19, 21, 22, 23, 24, 25, 26] as $slip) {
            $problem = Checked::of("Rnd 1: sc in each st around (20)\nRnd 2: sc in next {$slip} sts (20)")->problems[0];
            self::assertSame(['20'], array_column($problem->mends, 'to'), "{$slip}");
        }
        // The count is wrong, and the row right.
        $stated = Checked::of(str_replace(['7 times', '(24)'], ['8 times', '(26)'], $wrong))->problems;
        self::assertCount(1, $stated);
        self::assertSame([TextProblem::STATED_OTHERWISE, 3], [$stated[0]->code, $stated[0]->line]);
        self::assertContains('Say 24.', array_map(self::said(...), $stated[0]->mends));
    }

    /** Whatever is sent is answered, and soon: nothing here is worked through without bound. */
    #[Group('slow')]
    public function testBadTextIsAnsweredSoon(): void
    {
        $many = [
            'five megabytes' => str_repeat("Rnd 1: sc in each st around (6)\n", 160_000),
            'a line of a million letters' => 'Rnd 1: '.str_repeat('sc, ', 249_000),
            'a hundred thousand brackets' => 'Rnd 1: '.str_repeat('(', 100_000).'sc'.str_repeat(')', 100_000),
            'a clause without an end' => 'Rnd 1: '.str_repeat('sc in sc ', 60_000),
            'a clause of spaces' => 'Rnd 1: '.str_repeat('sc ch-2 sp ', 60_000),
            'to the last, again and again' => 'Rnd 1: '.str_repeat('to last 2 sc, ', 60_000),
            'all of them, again and again' => 'Rnd 1: '.str_repeat('(each st) ', 60_000),
            'a star at each' => 'Rnd 1: '.str_repeat('*sc ', 60_000),
            'stars' => 'Rnd 1: '.str_repeat('*sc; rep from ', 20_000),
            'repeats of repeats' => 'Rnd 1: '.str_repeat('[', 30).'sc'.str_repeat('] 9999999 times', 30),
            'a great number' => 'Rnd 1: sc in next 99999999999999999999 sts (99999999999999999999)',
            'a great range' => 'Rnds 1-99999: sc around (6)',
            'signs that show nothing' => "Rnd 1: 6 sc in \u{202E}magic\u{200B} ring\x00 (6)",
            'no text' => "\xff\xd8\xff\xe0\x00\x10JFIF\x00".random_bytes(4000),
            'nothing' => '',
            'dashes' => str_repeat('- ', 200_000),
            'a row of nothing' => "Row 1:\nRow 2:\nRow 3:",
            'a repeat of itself' => "Rnd 1: sc around (6)\nRepeat rnd 1 9999999 times.",
        ];
        foreach ($many as $name => $text) {
            $begun = microtime(true);
            $checked = Checked::of($text);
            json_encode($checked->document(), JSON_THROW_ON_ERROR);
            // A bound far off: what has none takes minutes.
            self::assertLessThan(10, microtime(true) - $begun, $name);
        }
        self::assertSame(TextProblem::TOO_LONG, Checked::of($many['five megabytes'])->problems[0]->code);
        self::assertSame(TextProblem::NOT_A_PATTERN, Checked::of($many['no text'])->problems[0]->code);
        self::assertSame(TextProblem::NOT_A_PATTERN, Checked::of('')->problems[0]->code);
        self::assertSame([], Checked::of($many['signs that show nothing'])->problems);
    }

    public function testWhatIsNotUnderstoodIsMarkedAtItsPlaceWithTheNearestWord(): void
    {
        $problem = Checked::of("Rnd 1: 6 sc in magic ring (6)\nRnd 2: 2 sc in each stich aruond (12)")->problems[0];
        self::assertSame([2, 27, TextProblem::NOT_UNDERSTOOD], [$problem->line, $problem->column, $problem->code]);
        self::assertSame(['Write “around”.'], array_map(self::said(...), $problem->mends));
    }

    public function testEachTongueIsFoundOutAndMayBeTold(): void
    {
        $text = "Row 1: dc in each st across (20)\nRow 2: ch 1, turn, dc in each st across (20)";
        self::assertSame('en-GB', Checked::of($text)->tongue);
        self::assertSame('en-US', Checked::of($text, 'en-US')->tongue);
        $writer = new TextWriter('en-US');
        self::assertSame('Row 1: sc in each st across (20)', $writer->row(Checked::of($text)->rows[0]->line));
        self::assertSame(
            'Row 1: dc in each st across (20)',
            $writer->row(Checked::of($text, 'en-US')->rows[0]->line),
        );
    }

    private static function said(Correction $mend): string
    {
        return $mend->said->english();
    }

    /** Rows go there and back, rounds only where they are turned: 5 and 3 beside a space do not come out from both. */
    public function testRowsAreMetFromTheirOtherEnd(): void
    {
        $first = ': sc in next 5 sts, ch 2, sk 2, sc in next 3 sts (8 sc, 1 ch-2 sp)';
        $five = 'sc in next 5 sts, 2 sc in ch-2 sp, sc in next 3 sts (10)';
        $three = 'sc in next 3 sts, 2 sc in ch-2 sp, sc in next 5 sts (10)';
        $is = fn(string $text): bool => Checked::of($text)->problems === [];
        foreach ([
            ['Row', $three, true], ['Row', "ch 1, turn, {$three}", true],
            ['Rnd', $five, true], ['Rnd', $three, false], ['Rnd', "ch 1, turn, {$three}", true],
        ] as [$kind, $second, $proves]) {
            $text = "{$kind} 1: sc in each st (10)\n{$kind} 2{$first}\n{$kind} 3: {$second}";
            self::assertSame($proves, $is($text), $text);
        }
    }

    public function testTheRowsOfEachPieceStandTogether(): void
    {
        $checked = Checked::of("Panel\nCh 11\nRow 1: sc in 2nd ch from hook and in each ch across (10)\n"
            ."Row 2: ch 1, turn, sc across (10)\n\nHandle\nCh 31\nRow 1: sc in 2nd ch from hook and in each ch across (30)");
        self::assertSame([[10, 10], [30]], array_map(
            fn(array $rows): array => array_map(fn(ProvenRow $row): int => $row->outcome->leaves, $rows),
            $checked->pieces(),
        ));
    }

    public function testRowsOfOneLineThatComeOutAlikeAreOne(): void
    {
        $checked = Checked::of("Rnd 1: 6 sc in magic ring (6)\nRnds 2-4: sc around (6)\nRnd 5: sc around (6)\n"
            .'Rnds 6-7: sc in next 5 sts (6)');
        self::assertSame(
            [['Round 1', 1], ['Round 2', 4], ['Round 5', 5], ['Round 6', 6], ['Round 7', 7]],
            array_map(fn(array $run): array => [$run[0]->line->name, $run[1]], $checked->runs()),
        );
    }

    public function testWhichOfTwoMeaningsProvedIsSaidAndWritten(): void
    {
        $text = <<<'TEXT'
            Rnd 1: 6 sc in ring (6)
            Rnd 2: (2 sc in next 2 sts) 3 times (12)
            Rnd 3: *sc in next st, 2 sc in next st; rep from * 5 times (18)
            Rnd 4: *sc in next 2 sts, 2 sc in next st; rep from * 6 times (24)
            Rnd 5: *sc in next 3 sts, 2 sc in next st; rep from * around (30)
            TEXT;
        $checked = Checked::of($text);
        self::assertTrue($checked->isRight());
        self::assertSame([
            null,
            '“2 in next 2” is 2 in each here: so the row comes out.',
            '“5 times” is 6 in all here: so the row comes out.',
            '“6 times” is 6 in all here: so the row comes out.',
            null,
        ], array_map(fn(ProvenRow $row): ?string => $row->meant?->english(), $checked->rows));
        // Written again it has one meaning, and the same.
        $writer = new TextWriter('en-US');
        $told = array_map(fn(ProvenRow $row): string => $writer->row($row->line), $checked->rows);
        self::assertSame('Round 4: [sc in next 2 sts, 2 sc in next st] 6 times (24)', $told[3]);
        $again = Checked::of(implode("\n", $told), 'en-US');
        self::assertTrue($again->isRight());
        self::assertSame([], array_filter(array_map(fn(ProvenRow $row): ?Saying => $row->meant, $again->rows)));
    }

    public function testALineThatRepeatsRowsIsNoPartOfTheRowBefore(): void
    {
        $checked = Checked::of("Ch 11\nRow 1: sc in 2nd ch from hook and in next 9 ch (10)\nRow 2: ch 1, turn, sc in each st across (10)\n"
            .'Repeat rows 1 and 2 three times');
        self::assertCount(8, $checked->rows);
        $checked = Checked::of("Ch 11\nRow 1: sc in 2nd ch from hook and in next 9 ch (10)\nRow 2: ch 1, turn, sc in each st across\n"
            .'Rep Row 2 four times.');
        self::assertCount(6, $checked->rows);
        self::assertSame('Row 6', $checked->rows[5]->line->name);
        self::assertTrue($checked->isRight());
    }

    public function testWhatTheFirstStandsOnIsAsManyAsAllOfThemComeOutOver(): void
    {
        $checked = Checked::of("Rnd 1: sc in each st around\nRnd 2: *sc in next 3 sts, 2 sc in next st; rep from * around\n"
            .'Rnd 3: *sc in next 4 sts, sc2tog; rep from * around');
        self::assertTrue($checked->isRight());
        self::assertSame(24, $checked->rows[0]->outcome->there);
        // A repeat of more than it tries is taken at its word; what never meets stays a problem.
        self::assertFalse(Checked::of("Rnd 1: sc in each st around\nRnd 2: sc in next 7 sts\nRnd 3: sc in next 8 sts")->isRight());
        $wide = Checked::of('Rnd 1: *sc in next 40 sts, ch 2, sk 2; rep from * around');
        self::assertSame([42, 42], [$wide->rows[0]->outcome->there, $wide->rows[0]->outcome->leaves]);
    }

    public function testAChainThatCountsAsAStitchAndMore(): void
    {
        foreach (['(counts as dc, ch 1)', '(counts as dc and ch 1)', '(counts as first dc + ch 1)'] as $said) {
            $checked = Checked::of("Rnd 1: sc in next 24 sts\nRnd 2: ch 4 {$said}, sk 1, *dc in next st, ch 1, sk 1; rep from * around, join");
            self::assertTrue($checked->isRight(), $said);
            self::assertSame(24, $checked->rows[1]->outcome->leaves, $said);
        }
        // A count in brackets is none.
        self::assertSame(12, Checked::of('Rnd 1: 12 dc in ring (counts 12 dc)')->rows[0]->line->stated?->all());
    }

    /** @return list<string> what is wrong, and at which row */
    private static function codes(string $text, string $tongue): array
    {
        return array_map(
            fn(TextProblem $one): string => "{$one->row} {$one->code}",
            Checked::of($text, $tongue)->problems,
        );
    }

    public function testLongSpacesAreGoneAlongChainByChainBesideShortOnesTakenWhole(): void
    {
        $text = fn(int $times): string => 'Rnd 1: [sc in next hole, ch 3] 4 times, '
            ."sc in next hole, ch 16. (5 sc, 5 sps)\n"
            .'Rnd 2: [sk next st, 4 dc in ch-3 sp] 4 times, sk next 3 sts, 4 dc in next st, '
            ."[sk next 2 sts, 4 dc in next st] {$times} times, sk next st.";
        // A stitch and 16 chains: 3 + 1, 4 times 3, 1.
        self::assertSame([], self::codes($text(4), 'en-US'));
        self::assertSame(['Round 2 takes-too-few'], self::codes($text(3), 'en-US'));
        self::assertSame(['Round 2 takes-too-many'], self::codes($text(5), 'en-US'));
    }

    public function testARowAroundARingTakesTheStitchesBelow(): void
    {
        $text = fn(int $many): string => "9 cat\nRiga 1: mb nella 2ª cat dall’uncinetto, mb nelle 7 cat succ (8)\n"
            .'Riga 2: 1 cat, girare, mb nelle 3 m succ, '
            ."mb intorno all’anello e in ciascuna delle {$many} m succ, mb nelle 3 m succ (8)";
        self::assertSame([], self::codes($text(2), 'it'));
        self::assertSame(['Row 2 takes-too-many'], self::codes($text(3), 'it'));
    }

    public function testADecreaseWorkedSeveralTimesBehindAComma(): void
    {
        $text = fn(int $many): string => "V 1: 6 pb en un anillo mágico (6)\nV 2: 2 pb en cada p (12)\n"
            ."V 3: pb en los 4 p sig, 2 pb juntos, {$many} veces, pb en los 4 p sig (10)";
        self::assertSame([], self::codes($text(2), 'es'));
        self::assertNotSame([], self::codes($text(1), 'es'));
    }

    public function testWherePlacesAreNamedBeforeWhatIsWorkedInThem(): void
    {
        $text = fn(int $many): string => "Tur 1: sihirli halkaya 6 si (6)\nTur 2: [sonraki ilmeğe (2 si, 1 zn, 2 si), "
            ."sonraki {$many} ilmeği atla] 3 kez (12 si, 3 1 zn boşluğu)";
        self::assertSame([], self::codes($text(1), 'tr'));
        self::assertSame(['Round 2 takes-too-many'], self::codes($text(2), 'tr'));
        self::assertSame([], self::codes(
            "Rnd 1: 6 sc in ring (6)\nRnd 2: *in next st (hdc, ch 1, dc); rep from * around (18)",
            'en-US',
        ));
    }

    public function testAnEdgeClosedThroughItsLayersIsToldInEachTongue(): void
    {
        $text = 'V 1: Doblar los lados hacia dentro y cerrar con 20 pb por todas las capas. (20)';
        $row = Checked::of($text, 'es')->rows[0];
        self::assertSame(20, $row->outcome->leaves);
        self::assertSame(
            'Round 1: fold the sides in, 20 sc through all layers to close (20)',
            (new TextWriter('en-US'))->row($row->line),
        );
        self::assertSame(['Round 1 stated-otherwise'], self::codes(str_replace('(20)', '(21)', $text), 'es'));
        self::assertSame([20], self::leaves(Checked::of('Row 1: sl st in next 20 sts through both layers', 'en-US')));
        self::assertSame([1], self::leaves(Checked::of('Row 1: sc through both layers', 'en-US')));
    }

    public function testAChainBeforeSkippedStitchesIsASpaceOfTheNextRow(): void
    {
        $checked = Checked::of("Ch 21\nRow 1: sc in 2nd ch from hook and in each ch across (20)\n"
            ."Row 2: ch 6, turn, sk 3 sts, [dc in next st, ch 3, sk next 3 sts] 4 times, dc in last st\n"
            .'Row 3: ch 1, turn, sc in next dc, [3 sc in ch-3 sp, sc in next dc] 4 times, '
            .'3 sc in last sp (20)', 'en-US');
        self::assertSame([], self::problems($checked));
        self::assertSame([20, 20, 10], array_map(
            fn(ProvenRow $row): int => $row->outcome->there,
            $checked->rows,
        ));
        // A dash parts a space's name, and stands before a count.
        self::assertSame(['Round 3 stated-otherwise'], self::codes("Rnd 1: 12 sc in ring (12)\n"
            ."Rnd 2: [sc in next st, ch 2, sk next st] 6 times (6 sc, 6 ch-2 sps)\n"
            .'Rnd 3: 3 dc in each ch-2 sp around – 17', 'en-US'));
    }

    public function testTabs(): void
    {
        foreach ([
            'en-US' => "Row 1: 6 sc through the holes of both tabs where two meet, two a pair. (6)\n"
                ."Row 2: Ch 3, turn, 2 sc in each of next 3 tabs. (6)\n"
                .'Rnd 1: [6 sc in next tab, 2 sc in next tab] twice (16)',
            'pt' => "C 1: 6 pb pelos furos dos dois lacres que se tocam, dois por par. (6)\n"
                ."C 2: 3 corr, virar, 2 pb em cada um dos 3 lacres seg. (6)\n"
                .'V 1: [6 pb no lacre seg, 2 pb no lacre seg] duas vezes (16)',
        ] as $tongue => $text) {
            $checked = Checked::of($text, $tongue);
            self::assertSame([], self::problems($checked));
            self::assertSame([6, 6, 16], self::leaves($checked));
            self::assertNull($checked->rows[0]->meant, 'It has one meaning.');
            self::assertSame(
                ['Row 2 stated-otherwise'],
                self::codes(str_replace(' 3 ', ' 4 ', $text), $tongue),
            );
        }
    }

    public function testAChainOfMetalIsNoneToBeginOn(): void
    {
        foreach (['Chain, 1100 mm', 'Chain strap of 110 cm'] as $thing) {
            self::assertSame([], self::codes("{$thing}\nRnd 1: Sc in next 44 holes, join. (44)", 'en-US'), $thing);
            self::assertSame([], self::codes("{$thing}\nRow 1: Sc in next 8 sts. (8)", 'en-US'), $thing);
        }
        self::assertSame(
            ['Row 1 takes-too-few'],
            self::codes("Chain 11.\nRow 1: Sc in next 8 sts. (8)", 'en-US'),
        );
    }
}
