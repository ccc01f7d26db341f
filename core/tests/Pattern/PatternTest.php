<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Pattern\Counter;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Join;
use Fescue\Core\Pattern\Miscount;
use Fescue\Core\Pattern\OtherSide;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Pattern;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Instruction\Several;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Instruction\StartingChain;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\TestCase;

final class PatternTest extends TestCase
{
    /** @param list<\Fescue\Core\Pattern\Instruction> $instructions */
    private static function row(array $instructions, string $name = 'Round 2'): Row
    {
        return new Row($name, Part::Body, $instructions);
    }

    /** Handbook 7 [check], on 56: 8, ch 16, skip 10, 19, ch 16, skip 10, 9 leaves 68. Common practice, no source. */
    public function testSlotRoundOnFiftySix(): void
    {
        $slot = self::row([
            new Each(Stitch::Single, 8), new Chains(16), new Skip(10), new Each(Stitch::Single, 19),
            new Chains(16), new Skip(10), new Each(Stitch::Single, 9),
        ]);
        self::assertSame([56, 68], [Counter::count($slot)->takes, Counter::count($slot)->leaves]);
    }

    /** Handbook 7 [check], on 72: skip 10, chain 15. Common practice, no source. */
    public function testSlotRoundOnSeventyTwo(): void
    {
        $half = [new Each(Stitch::Single, 13), new Chains(15), new Skip(10), new Each(Stitch::Single, 13)];
        $slot = self::row([new Repeat($half, 2)]);
        self::assertSame([72, 82], [Counter::count($slot)->takes, Counter::count($slot)->leaves]);
    }

    /** Handbook 5: every stitch takes and leaves as said; a starting chain and a join take and leave nothing. */
    public function testEachInstructionCounts(): void
    {
        $row = self::row([
            new StartingChain(1), new Each(Stitch::HalfDouble, 3), new Several(Stitch::Double, 3, 2), new Skip(2), new Chains(4), new Join(),
        ]);
        $count = Counter::count($row);
        self::assertSame([7, 13], [$count->takes, $count->leaves]);
        $hands = StitchCount::of($row);
        self::assertSame([3, 6, 5, 1], [$hands->many(Stitch::HalfDouble), $hands->many(Stitch::Double), $hands->many(Stitch::Chain), $hands->many(Stitch::Slip)]);
        self::assertCount(13, Placement::of($row));
    }

    public function testAPatternThatDoesNotFitNamesItsRow(): void
    {
        $this->expectException(Miscount::class);
        $this->expectExceptionMessage('Round 3 takes 9 where 10 are there.');
        new Pattern(10, [self::row([new Each(Stitch::Single, 10)]), self::row([new Each(Stitch::Single, 9)], 'Round 3')]);
    }

    public function testTheOtherSideOfAChainMustBeFilledExactly(): void
    {
        $along = new Each(Stitch::Single, 4, into: Into::NextChain);
        $this->expectException(Miscount::class);
        $this->expectExceptionMessage('takes 4 chains on the other side where 5 are there');
        Counter::count(self::row([new Several(Stitch::Single, 2, into: Into::FirstChain), $along, new Several(Stitch::Single, 4, into: Into::LastChain), new OtherSide([$along])]));
    }

    /** Craft Yarn Council, "Crochet abbreviations": US sc, hdc, dc, tr are UK dc, htr, tr, dtr; from memory. */
    public function testTermsOfBothCountries(): void
    {
        $us = array_map(fn(Stitch $stitch): string => $stitch->abbreviation(Terms::US), Stitch::cases());
        $uk = array_map(fn(Stitch $stitch): string => $stitch->abbreviation(Terms::UK), Stitch::cases());
        self::assertSame(['ch', 'sl st', 'sc', 'hdc', 'dc', 'tr'], $us);
        self::assertSame(['ch', 'ss', 'dc', 'htr', 'tr', 'dtr'], $uk);
    }

    public function testWords(): void
    {
        $uk = new Writer(Terms::UK);
        $us = new Writer(Terms::US);
        self::assertSame('Sc in each st around, back loop only. (56)', $us->line(self::row([new Each(Stitch::Single, 56, Loop::Back)])));
        self::assertSame('Dc in each st around. (56)', $uk->line(self::row([new Each(Stitch::Single, 56)])));
        self::assertSame(
            'Ch 1 (does not count as a stitch; start in the st of the join), dc in each st around, ss in first st to join. (9)',
            $uk->line(self::row([new StartingChain(1), new Each(Stitch::Single, 9), new Join()])),
        );
        self::assertSame(['Ch 2, skip 3. (2)', 'Ch 2, miss 3. (2)'], array_map(fn(Writer $in): string => $in->line(self::row([new Chains(2), new Skip(3)])), [$us, $uk]));
        self::assertSame('Sc in next 9 sts, do not join: mark the first st of the round and move the marker up each round. (9)', $us->line(self::row([...Working::Spiral->close([new Each(Stitch::Single, 9)])])));
        self::assertSame(
            '[2 sc in each of next 2 sts, sc in next st, 3 sc in next st] twice. (16)',
            $us->line(self::row([new Repeat([new Several(Stitch::Single, 2, 2), new Each(Stitch::Single, 1), new Several(Stitch::Single, 3)], 2)])),
        );
    }

    public function testLikeRowsAreWrittenOnce(): void
    {
        $plain = fn(int $number): Row => self::row([new Each(Stitch::Single, 6)], "Round {$number}");
        $back = self::row([new Each(Stitch::Single, 6, Loop::Back)], 'Round 3');
        $runs = (new Writer(Terms::US))->runs(new Pattern(6, [$plain(1), $plain(2), $back, $plain(4)]));
        self::assertSame([['Round 1', 'Round 2'], ['Round 3', 'Round 3'], ['Round 4', 'Round 4']], array_map(fn(array $run): array => [$run[0]->name, $run[1]->name], $runs));
    }
}
