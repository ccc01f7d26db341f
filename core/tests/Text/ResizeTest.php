<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Text;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Sheet\Sheets;
use Fescue\Core\Text\Checked;
use Fescue\Core\Text\ProvenRow;
use Fescue\Core\Text\Resize;
use Fescue\Core\Text\Resized;
use PHPUnit\Framework\TestCase;

final class ResizeTest extends TestCase
{
    private const OVAL = <<<'TEXT'
        Ch 23.
        Round 1: 2 sc in 2nd ch from hook, sc in next 20 ch, 4 sc in last ch, working along other side sc in next 20, 2 sc in same ch as first (48)
        Round 2: 2 sc in next 2 sts, sc in next 20, 2 sc in next 4 sts, sc in next 20, 2 sc in next 2 sts (56)
        Rounds 3-16: sc around. [56]
        Round 17: sc in next 8, ch 14, sk 12, sc in next 16, ch 14, sk 12, sc in next 8 (60)
        Round 18: sc in each st and ch around (60)
        TEXT;

    private static function resized(string $text, int $across, int $rounds = 0, int $grows = 0): ?string
    {
        return Resize::of(Checked::of($text), $text, $across, $rounds, $grows)?->text;
    }

    /** @return list<int> */
    private static function leaves(string $text): array
    {
        return array_map(fn(ProvenRow $row): int => $row->outcome->leaves, Checked::of($text)->rows);
    }

    /** Handbook 4 A: 2 and 2 in each end of a chain of n, 2n + 4 after the first round, 8 more after the second. */
    public function testAnOvalStretchesAlongItsChain(): void
    {
        self::assertSame(<<<'TEXT'
            Ch 27.
            Round 1: 2 sc in 2nd ch from hook, sc in next 24 ch, 4 sc in last ch, working along other side sc in next 24, 2 sc in same ch as first (56)
            Round 2: 2 sc in next 2 sts, sc in next 24, 2 sc in next 4 sts, sc in next 24, 2 sc in next 2 sts (64)
            Rounds 3-18: sc around. [64]
            Round 19: sc in next 10, ch 14, sk 12, sc in next 20, ch 14, sk 12, sc in next 10 (68)
            Round 20: sc in each st and ch around (68)
            TEXT, self::resized(self::OVAL, 4, 2));
    }

    /** Above rounds that are plain all along nothing says where openings go: everywhere else corners do. */
    public function testWhereARowAloneSaysWhereItStretchesEachOfItsWaysIsShown(): void
    {
        $handles = fn(string $text): array => array_map(
            fn(Resized $one): string => explode("\n", $one->text)[4],
            Resize::ways(Checked::of($text), $text, 4, 0),
        );
        self::assertSame([
            'Round 17: sc in next 10, ch 14, sk 12, sc in next 20, ch 14, sk 12, sc in next 10 (68)',
            'Round 17: sc in next 12, ch 14, sk 12, sc in next 16, ch 14, sk 12, sc in next 12 (68)',
            'Round 17: sc in next 8, ch 14, sk 12, sc in next 24, ch 14, sk 12, sc in next 8 (68)',
        ], $handles(self::OVAL));
        foreach (Resize::ways(Checked::of(self::OVAL), self::OVAL, 4, 0) as $one) {
            self::assertTrue(Checked::of($one->text)->isRight());
        }
        $base = implode("\n", array_slice(explode("\n", self::OVAL), 0, 4));
        self::assertCount(1, Resize::ways(Checked::of($base), $base, 4, 0), 'Corners stay above corners.');
        $flat = "Ch 31\nRow 1: sc in 2nd ch from hook and in each ch across (30)\nRow 2: ch 1, turn, sc in each st across (30)\n"
            ."Row 3: ch 1, turn, sc in next 9, ch 12, sk 12, sc in next 9 (30)\nRow 4: ch 1, turn, sc in each st and ch across";
        self::assertSame(['11, ch 12, sk 12, sc in next 11 (34)', '13, ch 12, sk 12, sc in next 9 (34)', '9, ch 12, sk 12, sc in next 13 (34)'], array_map(
            fn(Resized $one): string => (string) preg_replace('/.*Row 3: ch 1, turn, sc in next (.*?)\n.*/s', '$1', $one->text),
            Resize::ways(Checked::of($flat), $flat, 4, 0),
        ));
    }

    public function testARoundOneGrowsByARoundMore(): void
    {
        $text = "Round 1: 6 sc in magic ring (6)\nRound 2: 2 sc in each st around (12)\n"
            ."Round 3: *sc in next st, 2 sc in next st; rep from * around (18)\n"
            ."Round 4: *sc in next 2 sts, 2 sc in next st; rep from * around (24)\nRounds 5-8: sc around (24)";
        self::assertSame(
            "Round 1: 6 sc in magic ring (6)\nRound 2: 2 sc in each st around (12)\n"
                ."Round 3: *sc in next st, 2 sc in next st; rep from * around (18)\n"
                ."Round 4: *sc in next 2 sts, 2 sc in next st; rep from * around (24)\n"
                ."Round 5: *sc in next 3 sts, 2 sc in next st; rep from * around (30)\n"
                ."Round 6: *sc in next 4 sts, 2 sc in next st; rep from * around (36)\nRounds 7-9: sc around (36)",
            self::resized($text, 0, -1, 2),
        );
        self::assertNull(self::resized($text, 4), 'A ring has no length.');
    }

    public function testRepeatsStayWhole(): void
    {
        $fans = "Rnd 1: sc in each st around (24)\nRnd 2: *sk 2 sts, 5 dc in next st, sk 2 sts, sc in next st; rep from * "
            .'around (24)';
        self::assertSame(6, Resize::step(Checked::of($fans), $fans));
        self::assertNull(self::resized($fans, 4));
        self::assertStringContainsString('(36)', (string) self::resized($fans, 12));
        $mesh = "Ch 20\nRow 1: sc in 2nd ch from hook and in each ch across (19)\n"
            .'Row 2: ch 1, turn, *sc in next st, ch 1, sk 1; rep from * to last st, sc in last st (10 sc, 9 ch-1 sps)';
        self::assertSame(2, Resize::step(Checked::of($mesh), $mesh));
        self::assertStringEndsWith('(12 sc, 11 ch-1 sps)', (string) self::resized($mesh, 4));
    }

    public function testARoundAroundRowsIsAsMuchLongerAsItsSides(): void
    {
        $text = "Ch 16\nRow 1: sc in 2nd ch from hook, sc in each ch across (15)\nRow 2-8: ch 1, turn, sc across (15)\n"
            ."Round 1: sc in each st across, 8 sc evenly along row ends, sc in next 15 ch, 8 sc evenly along row ends (46)\n"
            ."Rounds 2-20: sc around (46)\nStrap\nCh 60\nRow 1: sc in 2nd ch from hook and in each ch across (59)";
        $wide = (string) self::resized($text, 4);
        self::assertStringContainsString('sc in next 19 ch, 8 sc evenly along row ends (54)', $wide);
        self::assertStringContainsString('Ch 60', $wide, 'A strap is as long as before.');
    }

    /** What is made wider, and as much narrower again, is what it was; and comes out in between. */
    public function testThereAndBackAgain(): void
    {
        $many = 0;
        foreach ((array) glob(__DIR__.'/corpus/*.txt') as $file) {
            [$text] = explode("\n=====", (string) file_get_contents((string) $file));
            $checked = Checked::of($text);
            $step = $checked->isRight() ? Resize::step($checked, $text) : null;
            if ($step === null) {
                continue;
            }
            $wide = (string) self::resized($text, 2 * $step);
            self::assertTrue(Checked::of($wide, $checked->tongue)->isRight(), "{$file}\n{$wide}");
            $first = Checked::of($wide, $checked->tongue)->rows[0]->outcome->there;
            self::assertSame($checked->rows[0]->outcome->there + 2 * $step, $first, (string) $file);
            self::assertSame(
                // What changed is in figures.
                str_replace('Chain twenty', 'Chain 20', $text),
                Resize::of(Checked::of($wide, $checked->tongue), $wide, -2 * $step, 0)?->text,
                (string) $file,
            );
            $many++;
        }
        self::assertGreaterThan(20, $many);
    }

    /** Against the planner: a sheet made wider has the counts of the bag planned on the longer chain. */
    public function testASheetMadeWiderIsTheBagOfALongerChain(): void
    {
        $sheet = fn(int $chain, int $rounds): string => Sheets::of(Planner::plan(BagDocument::read([
            'format' => 'fescue-bag/1', 'name' => 'Oval',
            'material' => ['kind' => 'cord', 'diameter' => '5 mm', 'density' => '12 g/m'],
            'hook' => '8 mm',
            'gauge' => ['stitch' => 'sc', 'stitches' => 10, 'width' => '9 cm', 'rows' => 10, 'height' => '8 cm'],
            'working' => 'spiral',
            'base' => ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => $chain, 'rounds' => 3],
            'body' => ['stitch' => 'sc', 'rounds' => $rounds],
        ])), Terms::ES)->text();
        self::assertSame(
            self::leaves($sheet(26, 15)),
            self::leaves((string) self::resized($sheet(20, 12), 6, 3)),
        );
    }

    public function testWhatDoesNotComeOutIsNotStretched(): void
    {
        self::assertNull(self::resized(str_replace('(56)', '(57)', self::OVAL), 4));
        self::assertNull(self::resized(self::OVAL, -30));
        self::assertNull(self::resized("Ch 5\nRow 1: sc in 2nd ch from hook, sc in next 3 ch (4)", 0, 2));
    }

    /** The last of its rounds goes on growing, too; whatever stands on it takes as many more. */
    public function testARoundIsPutInAsTheLastOneWouldGoOn(): void
    {
        $flat = "Round 1: 6 sc in magic ring (6)\nRound 2: 2 sc in each st around (12)\n"
            ."Round 3: (sc in next st, 2 sc in next st) x 6 (18)\nRound 4: (sc in next 2 sts, 2 sc in next st) x 6 (24)";
        $more = Resize::of(Checked::of($flat), $flat, 0, 0, 2);
        self::assertSame("{$flat}\nRound 5: (sc in next 3 sts, 2 sc in next st) x 6 (30)\n"
            .'Round 6: (sc in next 4 sts, 2 sc in next st) x 6 (36)', $more?->text);
        self::assertSame([
            '+ Round 5: (sc in next 3 sts, 2 sc in next st) x 6 (30)',
            '+ Round 6: (sc in next 4 sts, 2 sc in next st) x 6 (36)',
        ], $more->changed);
        $base = "Round 1: 6 sc in magic ring (6)\nRound 2: inc x 6 (12)\nRound 3: *sc in next st, 2 sc in next st; rep from * around (18)\n"
            .'Round 4: *sc in next 2 sts, 2 sc in next st; rep from * around (24)';
        $text = "{$base}\nRounds 5-9: sc in each st around (24)";
        self::assertSame("{$base}\nRound 5: *sc in next 3 sts, 2 sc in next st; rep from * around (30)\n"
            .'Rounds 6-10: sc in each st around (30)', Resize::of(Checked::of($text), $text, 0, 0, 1)?->text);
    }
}
