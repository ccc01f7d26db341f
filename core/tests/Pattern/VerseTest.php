<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Instruction\Against;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Sewn;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Pattern\Verse;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Panel\Built;
use PHPUnit\Framework\TestCase;

final class VerseTest extends TestCase
{
    /** @return list<Row> a row a letter: a in both loops, b in the back one, c in the front one, d in part the edge */
    private static function rows(string $letters): array
    {
        $loops = ['a' => Loop::Both, 'b' => Loop::Back, 'c' => Loop::Front, 'd' => Loop::Both];
        $rows = array_map(fn(string $letter): Row => new Row(
            $letter === 'd' ? Part::Edge : Part::Body,
            Motif::single(),
            [new Each(Stitch::Single, 6, $loops[$letter])],
            [Edge::tops(6)],
        ), str_split($letters));

        return (new Piece(new Start(6), $rows))->rows;
    }

    /** @param list<int> $anew @return list<string> */
    private static function told(string $letters, array $anew = []): array
    {
        $rows = self::rows($letters);

        return array_map(
            fn(Verse $verse): string => strtr("{$verse->name}: {$verse->text}", [
                'Sc in each st around' => 'Sc', ', BLO' => ' back', ', FLO' => ' front',
            ]),
            Verse::all(new Writer(Terms::US), $rows, array_map(fn(int $nth): Row => $rows[$nth - 1], $anew)),
        );
    }

    public function testWhatComesOverAndOverIsToldOnce(): void
    {
        $again = fn(string $what, int $last): string => "Repeat Rnds {$what}; the last is as Rnd {$last}.";
        self::assertSame(['Rnd 1: Sc.', 'Rnd 2: Sc back.', 'Rnds 3–5: '.$again('1–2', 1)], self::told('ababa'));
        self::assertSame(['Rnd 1: Sc.', 'Rnd 2: Sc back.', 'Rnds 3–6: '.$again('1–2', 2)], self::told('ababab'));
        self::assertSame(
            ['Rnd 1: Sc.', 'Rnd 2: Sc back.', 'Rnd 3: Sc front.', 'Rnds 4–7: '.$again('1–3', 1)],
            self::told('abcabca'),
        );
        // Once more but for a row is not over and over, nor is what turns to another part.
        self::assertCount(3, self::told('aba'));
        self::assertCount(5, self::told('abcab'));
        self::assertSame(['Rnd 1: Sc.', 'Rnd 2: Sc back.', 'Rnd 3: Sc.', 'Rnd 4: Sc.'], self::told('abad'));
        // Four at most, so that nobody counts on her fingers.
        self::assertCount(5, self::told('abcbabcbabcb'));
        // Like ones are told as like ones, the rest as it comes.
        self::assertSame(
            ['Rnds 1–2: Sc.', 'Rnd 3: Sc back.', 'Rnds 4–5: Sc.'],
            self::told('aabaa'),
        );
        self::assertSame('Rnds 5–6: '.$again('3–4', 4), self::told('aababa')[3] ?? null);
        // A row with a word of its own is told by itself, where it comes round too.
        self::assertCount(6, self::told('ababab', [3]));
        self::assertSame(
            ['Rnd 1: Sc.', 'Rnd 2: Sc back.', 'Rnds 3–4: '.$again('1–2', 2), 'Rnd 5: Sc.', 'Rnd 6: Sc back.'],
            self::told('ababab', [5]),
        );
    }

    /** @param list<array{int, int, int}> $seams stitches, and the squares that each joins @return list<Verse> */
    private static function joined(array $seams): array
    {
        $rows = [];
        foreach ($seams as $nth => [$stitches, $from, $to]) {
            $rows[] = new Row(
                Part::Piece,
                Motif::single(),
                [
                    new Sewn(Stitch::Single, $stitches, $stitches, ['square', $from], ['square', $to]),
                    new Against($stitches, 0),
                ],
                [Edge::tops($stitches), Edge::tops($stitches)],
                kind: RowKind::Seam,
                id: new RowId(RowKind::Seam, $nth + 1),
            );
        }

        return Verse::all(new Writer(Terms::US), $rows);
    }

    public function testSeamsAlikeAreAList(): void
    {
        [$one] = self::joined([[14, 2, 1], [14, 4, 3], [14, 6, 6]]);
        self::assertSame('Seams A–C', $one->name);
        self::assertSame(
            '14 sc through both edges, a stitch to a stitch, in this order: A, square 2 and square 1; B, square 4 and square 3; C, square 6 on itself.',
            str_replace("\u{a0}", ' ', $one->text),
        );
        self::assertSame(['14'], $one->leaves);
        // Seams are not done over and over.
        self::assertCount(4, self::joined([[14, 2, 1], [12, 2, 1], [14, 2, 1], [12, 2, 1]]));
        $apart = self::joined([[14, 2, 1], [14, 4, 3], [12, 6, 5]]);
        self::assertSame(['Seam A', 'Seam B', 'Seam C'], array_column($apart, 'name'));
        self::assertSame(
            'Square 2 and square 1 together: 14 sc through both edges, a stitch to a stitch.',
            $apart[0]->text,
        );
    }

    /** Every row of a bag is told once, in its order, and by what is counted there. */
    public function testNothingIsLeftOut(): void
    {
        $writer = new Writer(Terms::US);
        foreach ([
            Ways::plan(['body/stitch' => 'mesh-plain', 'body/rounds' => 9, 'base/chain' => 21]),
            Built::plan(['type' => 'panels', 'across' => 19, 'rows' => 10, 'shape' => 'slipped', 'border' => 'dc']),
            Built::plan([
                'type' => 'tabs', 'rows' => 7, 'across' => 11, 'net' => [2, 4, 5, 4, 2],
                'tab' => ['width' => '16 mm', 'height' => '24 mm'],
            ]),
        ] as $plan) {
            foreach ($plan->work->pieces as $piece) {
                $verses = Verse::all($writer, $piece->rows);
                self::assertSame($piece->rows, array_merge(...array_column($verses, 'rows')));
                foreach ($verses as $verse) {
                    $counted = array_unique(array_map($writer->counted(...), $verse->rows));
                    self::assertSame([], array_diff($counted, $verse->leaves), $verse->name);
                }
            }
        }
    }

    /** The outside is the right side of the rounds, whatever rows come before them. */
    public function testRoundsShowTheirRightSide(): void
    {
        foreach ([3, 4] as $rows) {
            $strip = ['type' => 'folded-rows', 'stitch' => 'sc', 'across' => 20, 'rows' => $rows];
            $plan = Ways::plan(['base' => $strip]);
            $sides = $plan->sides();
            self::assertSame([true], array_unique(array_slice($sides, $rows)));
            self::assertSame([false, true, false], array_slice($sides, $rows - 3, 3), 'They come turned onto.');
        }
        // Both straps begin on it too, an even number of rows or not.
        foreach ([7, 8] as $rows) {
            $plan = Ways::plan(['handles' => ['type' => 'straps', 'stitch' => 'sc', 'wide' => 3, 'rows' => $rows]]);
            $faces = array_slice($plan->sides(), -2 * $rows);
            self::assertSame([true, false, true], array_slice($faces, 0, 3));
            self::assertSame([true, false, true], array_slice($faces, $rows, 3));
        }
        // Where nothing is turned nothing is said of sides; pieces of rows alone begin on their right side.
        self::assertSame([null], array_unique(Ways::plan([])->sides()));
        $pieces = Built::plan(['type' => 'panels', 'across' => 19, 'rows' => 10, 'border' => 'dc']);
        self::assertSame([true, false, true], array_slice($pieces->sides(), 0, 3));
    }
}
