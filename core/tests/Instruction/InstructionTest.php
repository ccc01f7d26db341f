<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Instruction;

use Fescue\Core\Instruction\Along;
use Fescue\Core\Instruction\Between;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\CountedFrom;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\InOne;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Instruction\JoinAt;
use Fescue\Core\Instruction\Loops;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\MoveOn;
use Fescue\Core\Instruction\NotRead;
use Fescue\Core\Instruction\Placed;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Reader;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Sewn;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\SlipSeam;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Instruction\Through;
use Fescue\Core\Instruction\Together;
use Fescue\Core\Instruction\Turn;
use Fescue\Core\Instruction\Under;
use Fescue\Core\Instruction\Vocabulary;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\EdgeKind;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\School;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Miscount;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\TestCase;

final class InstructionTest extends TestCase
{
    /** @param list<\Fescue\Core\Pattern\Instruction> $instructions */
    private static function row(array $instructions, int $there = 9): Row
    {
        return new Row(Part::Body, Motif::single(), $instructions, [Edge::tops($there)]);
    }

    /** Handbook 7 [check], on 56: 8, ch 16, sk next 10 sts, 19, ch 16, sk next 10 sts, 9 leaves 68. Common practice, no source. */
    public function testSlotRoundOnFiftySix(): void
    {
        $slot = self::row([
            new Each(Stitch::Single, 8), new Chains(16), new Skip(10), new Each(Stitch::Single, 19),
            new Chains(16), new Skip(10), new Each(Stitch::Single, 9),
        ]);
        self::assertSame([56, 68], [Count::of($slot->instructions)->takes, Count::of($slot->instructions)->leaves]);
    }

    /** Handbook 7 [check], on 72: sk next 10 sts, chain 15. Common practice, no source. */
    public function testSlotRoundOnSeventyTwo(): void
    {
        $half = [new Each(Stitch::Single, 13), new Chains(15), new Skip(10), new Each(Stitch::Single, 13)];
        $slot = self::row([new Repeat($half, 2)]);
        self::assertSame([72, 82], [Count::of($slot->instructions)->takes, Count::of($slot->instructions)->leaves]);
    }

    /** Handbook 5: every stitch takes and leaves as said; a starting chain and a join take and leave nothing. */
    public function testEachInstructionCounts(): void
    {
        $row = self::row([
            new StartingChain(1), new Each(Stitch::HalfDouble, 3), new Several(Stitch::Double, 3, 2), new Skip(2), new Chains(4), new Join(),
        ]);
        $count = Count::of($row->instructions);
        self::assertSame([7, 13], [$count->takes, $count->leaves]);
        $hands = StitchCount::of($row->instructions);
        self::assertSame(
            [3, 6, 5, 1],
            [
                $hands->many(Stitch::HalfDouble),
                $hands->many(Stitch::Double),
                $hands->many(Stitch::Chain),
                $hands->many(Stitch::Slip),
            ],
        );
        self::assertCount(13, Placement::of($row->instructions));
    }

    public function testAPieceThatDoesNotFitNamesItsRow(): void
    {
        $this->expectException(Miscount::class);
        $this->expectExceptionMessage('Round 2 takes 9 where 10 are there.');
        new Piece(
            new Start(10),
            [self::row([new Each(Stitch::Single, 10)], 10), self::row([new Each(Stitch::Single, 9)], 10)],
        );
    }

    public function testARowMustStandOnWhatTheOneBeforeLeft(): void
    {
        $this->expectException(Miscount::class);
        $this->expectExceptionMessage('Round 2 takes 9 where 10 are there.');
        new Piece(
            new Start(10),
            [self::row([new Each(Stitch::Single, 10)], 10), self::row([new Each(Stitch::Single, 9)], 9)],
        );
    }

    public function testTheOtherSideOfAChainMustBeFilledExactly(): void
    {
        $along = new Each(Stitch::Single, 4, into: Into::NextChain);
        $row = new Row(
            Part::Base,
            Motif::single(),
            [
                new Several(Stitch::Single, 2, into: Into::FirstChain),
                $along,
                new Several(Stitch::Single, 4, into: Into::LastChain),
                new Along(1, 'other-side', [$along]),
            ],
            [new Edge(EdgeKind::Chain, 6), new Edge(EdgeKind::OtherSide, 5)],
        );
        $this->expectException(Miscount::class);
        $this->expectExceptionMessage('Round 1 takes 4 where 5 are there.');
        new Piece(new Start(6), [$row]);
    }

    /** Craft Yarn Council, "Crochet abbreviations": US sc, hdc, dc, tr are UK dc, htr, tr, dtr; from memory. */
    public function testTermsOfBothCountries(): void
    {
        $us = array_map(Vocabulary::of(Terms::US)->abbreviation(...), Stitch::cases());
        $uk = array_map(Vocabulary::of(Terms::UK)->abbreviation(...), Stitch::cases());
        self::assertSame(['ch', 'sl st', 'sc', 'hdc', 'dc', 'tr', 'crab st', 'whip st'], $us);
        self::assertSame(['ch', 'ss', 'dc', 'htr', 'tr', 'dtr', 'crab st', 'whip st'], $uk);
    }

    public function testWords(): void
    {
        $uk = new Writer(Terms::UK);
        $us = new Writer(Terms::US);
        self::assertSame(
            'Sc in each st around, BLO. (56)',
            $us->line(self::row([new Each(Stitch::Single, 56, Loop::Back)])),
        );
        self::assertSame('Dc in each st around. (56)', $uk->line(self::row([new Each(Stitch::Single, 56)])));
        self::assertSame(
            'Ch 1, dc in each st around, join. (9)',
            $uk->line(self::row([new StartingChain(1), new Each(Stitch::Single, 9), new Join()])),
        );
        self::assertSame(
            ['Ch 2, sk next 3 sts. (1 ch-2 sp)', 'Ch 2, miss next 3 sts. (1 ch-2 sp)'],
            array_map(fn(Writer $in): string => $in->line(self::row([new Chains(2), new Skip(3)])), [$us, $uk]),
        );
        self::assertSame(
            'Sc in next 9 sts. (9)',
            $us->line(self::row([...(new School(Working::Spiral))->close([new Each(Stitch::Single, 9)])])),
        );
        self::assertSame(
            '[2 sc in each of next 2 sts, sc in next st, 3 sc in next st] twice. (16)',
            $us->line(
                self::row(
                    [
                        new Repeat(
                            [
                                new Several(Stitch::Single, 2, 2),
                                new Each(Stitch::Single, 1),
                                new Several(Stitch::Single, 3),
                            ],
                            2,
                        ),
                    ],
                ),
            ),
        );
    }

    public function testLikeRowsAreWrittenOnce(): void
    {
        $plain = self::row([new Each(Stitch::Single, 6)], 6);
        $back = self::row([new Each(Stitch::Single, 6, Loop::Back)], 6);
        $piece = new Piece(new Start(6), [$plain, $plain, $back, $plain, $plain]);
        $names = fn(array $anew): array => array_map(
            fn(array $run): string => implode(' ', array_map(fn(Row $row): string => (string) $row->id->number, $run)),
            (new Writer(Terms::US))->runs($piece->rows, $anew),
        );
        self::assertSame(['1 2', '3', '4 5'], $names([]));
        self::assertSame(['1 2', '3', '4', '5'], $names([$piece->rows[4]]));
        self::assertSame(
            ['Round 4', 'Rounds 4–5'],
            [
                (new Writer(Terms::UK))->names($piece->rows[3], $piece->rows[3]),
                (new Writer(Terms::US))->names($piece->rows[3], $piece->rows[4]),
            ],
        );
    }

    /** Nodes that ways of making need, each counted, tallied, said and read back. */
    public function testEveryNodeCountsAndReadsBack(): void
    {
        [$sc, $dc] = [Stitch::Single, Stitch::Double];
        foreach ([
            ['(sc, dc) in next st', new InOne([new Each($sc, 1), new Each($dc, 1)]), 1, 2, [1, 1, 0]],
            [
                '(2 dc, ch 1, 2 dc) in next sp',
                new InOne([new Each($dc, 2), new Chains(1), new Each($dc, 2)], Into::Space),
                1,
                5,
                [0, 4, 1],
            ],
            ['dc2tog', new Together($dc, 2), 2, 1, [0, 2, 0]],
            ['sc3tog 4 times', new Together($sc, 3, 4), 12, 4, [12, 0, 0]],
            ['FPdc around next st', new Each($dc, 1, into: Into::FrontPost), 1, 1, [0, 1, 0]],
            ['BPsc around each of next 5 sts', new Each($sc, 5, into: Into::BackPost), 5, 5, [5, 0, 0]],
            ['2 sc in each of next 3 row ends', new Several($sc, 2, 3, into: Into::RowEnd), 3, 6, [6, 0, 0]],
            [
                '[sc in next 2 sts, 3 sc in next st, BLO, sk next st] 5 times',
                new Repeat([new Each($sc, 2), new Several($sc, 3, 1, Loop::Back), new Skip(1)], 5),
                20,
                25,
                [25, 0, 0],
            ],
        ] as [$text, $node, $takes, $leaves, $works]) {
            self::assertSame($text, Vocabulary::of(Terms::US)->list([$node]));
            self::assertEquals([$node], (new Reader(Terms::US))->read($text));
            self::assertSame([$takes, $leaves], [Count::of([$node])->takes, Count::of([$node])->leaves], $text);
            $tally = StitchCount::of([$node]);
            self::assertSame($works, [$tally->many($sc), $tally->many($dc), $tally->many(Stitch::Chain)], $text);
            self::assertCount($leaves, Placement::of([$node]), $text);
            foreach (Placement::of([$node]) as $placed) {
                self::assertLessThanOrEqual($takes, $placed->first + $placed->anchors, $text);
            }
        }
        self::assertSame(
            ['10 sc in ch-8 sp', 8, 10],
            [
                Vocabulary::of(Terms::US)->list([new Under($sc, 10, 8)]),
                Count::of([new Under($sc, 10, 8)])->takes,
                Count::of([new Under($sc, 10, 8)])->leaves,
            ],
        );
        self::assertSame(
            ['ch 3, turn', 3, 0],
            [
                Vocabulary::of(Terms::US)->list([new Turn(3)]),
                StitchCount::of([new Turn(3)])->total(),
                Count::of([new Turn(3)])->leaves,
            ],
        );
        foreach (['', 'sew it', 'sc in next 0 sts', '[sc in next st] 1 times', 'back loop only'] as $bad) {
            try {
                (new Reader(Terms::US))->read($bad);
                self::fail("“{$bad}” was read.");
            } catch (NotRead $e) {
                self::assertStringContainsString('was not understood', $e->getMessage());
            }
        }
    }

    public function testTopsStandOverTheirAnchors(): void
    {
        $tops = Placement::of(
            [
                new Each(Stitch::Single, 2),
                new Together(Stitch::Single, 2),
                new Several(Stitch::Single, 2),
                new Chains(2),
                new Skip(3),
                new Under(Stitch::Single, 2, 4),
                new Each(Stitch::Single, 1),
            ],
        );
        self::assertSame(
            [[0, 1], [1, 1], [2, 2], [4, 1], [4, 1], [5, 0], [5, 0], [8, 2], [10, 2], [12, 1]],
            array_map(fn(Placed $one): array => [$one->first, $one->anchors], $tops),
        );
    }

    /** An increase is of two or more, in an anchor or more; a move, a seam, a gap and a join are of one or more. */
    public function testWhatIsNoInstruction(): void
    {
        $none = [
            fn() => new Several(Stitch::Single, 1), fn() => new Several(Stitch::Single, 2, 0), fn() => new MoveOn(0),
            fn() => new SlipSeam(0, 1), fn() => new SlipSeam(1, 0), fn() => new Between(Stitch::Double, 0),
            fn() => new JoinAt(0, 1, CountedFrom::Join),
            fn() => new Loops(0, 1), fn() => new Loops(1, 0), fn() => new Skip(0), fn() => new Chains(0),
            fn() => new Each(Stitch::Single, 0), fn() => new Together(Stitch::Single, 1),
            fn() => new Under(Stitch::Single, 0, 1),
            fn() => new Sewn(Stitch::Slip, 0, 1, ['', 0], ['', 0]),
            fn() => new Sewn(Stitch::Slip, 1, 0, ['', 0], ['', 0]),
            fn() => new Repeat([new Skip(1)], 1), fn() => new Together(Stitch::Single, 2, 0),
            fn() => new Through(Stitch::Single, 0, 4), fn() => new Through(Stitch::Single, 5, 4), fn() => Repeat::found([]),
        ];
        foreach ($none as $nth => $make) {
            try {
                $make();
                self::fail("It was made: {$nth}");
            } catch (\InvalidArgumentException) {
                continue;
            }
        }
        // One is enough of each.
        foreach ([
            [0, 0, new MoveOn(1)], [0, 1, new Between(Stitch::Double, 1)], [1, 1, new Loops(1, 1)], [1, 0, new Skip(1)],
            [0, 1, new Chains(1)], [1, 1, new Each(Stitch::Single, 1)], [2, 1, new Together(Stitch::Single, 2, 1)],
            [1, 1, new Under(Stitch::Single, 1, 1)], [1, 0, new Sewn(Stitch::Slip, 1, 1, ['', 0], ['', 0])],
        ] as [$takes, $leaves, $one]) {
            self::assertSame([$takes, $leaves], [Count::of([$one])->takes, Count::of([$one])->leaves], $one::class);
        }
        self::assertSame(2, (new Several(Stitch::Single, 2))->works()[0]->count);
        self::assertSame([4, 4], [
            (new Through(Stitch::Single, 4, 4))->takes(), Count::of([new Through(Stitch::Single, 4, 4)])->leaves,
        ]);
    }

    /** What comes again is told once: the longest run of it, and of two the one that comes first. */
    public function testWhatComesAgainIsFound(): void
    {
        $in = fn(int ...$counts): array => array_map(
            fn(int $count): Each|Skip => $count < 0 ? new Skip(-$count) : new Each(Stitch::Single, $count),
            $counts,
        );
        $told = fn(array $of): string => Vocabulary::of(Terms::US)->list(Repeat::found($of));
        self::assertSame('[sc in next st, sk next st] twice, sc in next 3 sts', $told($in(1, -1, 1, -1, 3)));
        self::assertSame('sc in next 5 sts, [sc in next st, sk next st] 3 times', $told($in(5, 1, -1, 1, -1, 1, -1)));
        // Four of two are more than two of two, and as many as two of four: the shorter is told.
        self::assertSame('[sc in next st, sk next st] 4 times', $told($in(1, -1, 1, -1, 1, -1, 1, -1)));
        self::assertSame(
            '[sc in next st, sk next st, sc in next 2 sts, sk next 2 sts] twice',
            $told($in(1, -1, 2, -2, 1, -1, 2, -2)),
        );
        self::assertSame('sc in next st, sc in next st', $told($in(1, 1)), 'One alone is no run.');
        foreach (['[sc in next st, sk next st] twice', '[sc in next st, sk next st] 4 times'] as $nth => $text) {
            self::assertEquals(
                [new Repeat([new Each(Stitch::Single, 1), new Skip(1)], [2, 4][$nth])],
                (new Reader(Terms::US))->read($text),
            );
        }
    }

    /** Three chains stand for the first double of a round: what is left of it follows, and the repeat goes on. */
    public function testAChainThatCounts(): void
    {
        $dc = Stitch::Double;
        $told = function (array $round) use ($dc): ?string {
            $counted = StartingChain::counted(3, $round);

            return $counted === null ? null : Vocabulary::of(Terms::US)->list(array_slice($counted, 1));
        };
        self::assertSame('dc in next 4 sts', $told([new Each($dc, 5)]));
        self::assertSame('sk next st', $told([new Each($dc, 1), new Skip(1)]));
        self::assertSame('2 dc in each of next 2 sts', $told([new Several($dc, 2, 3)]));
        $pair = [new Each($dc, 1), new Skip(1)];
        self::assertSame('sk next st, dc in next st, sk next st', $told([new Repeat($pair, 2)]));
        self::assertSame('sk next st, [dc in next st, sk next st] twice', $told([new Repeat($pair, 3)]));
        $pairs = [new Several($dc, 2, 1), new Several($dc, 2, 1)];
        self::assertSame(
            '2 dc in each of next 2 sts, 2 dc in next st',
            $told([new Repeat($pairs, 2)]),
        );
        self::assertNull($told([new Skip(1)]));
        self::assertNull(StartingChain::counted(0, [new Each($dc, 5)]));
        // Alone in its stitch it is no increase; with others beside it, it is one of them.
        $grows = fn(int $more): array => array_map(
            fn(Placed $one): bool => $one->increase,
            Placement::of([new StartingChain(3, $dc, $more)]),
        );
        self::assertSame([[false], [true, true]], [$grows(0), $grows(1)]);
        self::assertSame(
            [5, 5],
            [Count::of(StartingChain::counted(3, [new Each($dc, 5)]) ?? [])->takes, Count::of([new Each($dc, 5)])->leaves],
        );
    }
}
