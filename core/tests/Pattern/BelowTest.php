<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Instruction;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Repeat;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\TestCase;

/** What a row goes into is told where chains lie below it, and nowhere else. */
final class BelowTest extends TestCase
{
    /** @param non-empty-list<Instruction> $below @param non-empty-list<Instruction> $row */
    private static function words(array $below, array $row, int $on, Terms $terms = Terms::US): string
    {
        $first = new Row(Part::Body, Motif::single(), $below, [Edge::tops($on)]);

        return (new Writer($terms))->words(new Row(Part::Body, Motif::single(), $row, [Edge::left($first)]));
    }

    private static function one(Stitch $stitch = Stitch::Single, int $many = 1, Into $into = Into::Stitch): Each
    {
        return new Each($stitch, $many, Loop::Both, $into);
    }

    public function testSpacesStitchesAndChains(): void
    {
        // A single, two chains over two: six anchors, twice.
        $below = [new Repeat([self::one(), new Chains(2), new Skip(2)], 2)];
        foreach ([
            '[sc in next sc, sk next ch-2 sp] twice.' => [self::one(), new Skip(2)],
            '[sk next sc, sc in next ch, sk next ch] twice.' => [new Skip(1), self::one(), new Skip(1)],
            '[sk next sc, sc in next 2 ch] twice.' => [new Skip(1), self::one(many: 2)],
            '[sc in each of next 3 sts and chs] twice.' => [self::one(many: 3)],
        ] as $words => $row) {
            self::assertSame($words, lcfirst(self::words($below, [new Repeat($row, 2)], 6)));
        }
        self::assertSame('Sc in each st and ch around.', self::words($below, [self::one(many: 6)], 6));
        self::assertSame(
            '[miss next ch-1 sp, dc in next dc] 3 times.',
            self::words(
                [new Repeat([new Chains(1), new Skip(1), self::one()], 3)],
                [new Repeat([new Skip(1), self::one()], 3)],
                6,
                Terms::UK,
            ),
        );
        self::assertSame(
            '[sc in next ch-1 sp, sk next dc] 3 times.',
            self::words(
                [new Repeat([new Chains(1), new Skip(1), self::one(Stitch::Double)], 3)],
                [new Repeat([self::one(into: Into::Space), new Skip(1)], 3)],
                6,
            ),
        );
    }

    public function testUponStitchesAloneTheNextIsEnough(): void
    {
        $below = [self::one(Stitch::Double, 2), self::one(many: 2)];
        self::assertSame('[sc in next st, sk next st] twice.', self::words(
            $below,
            [new Repeat([self::one(), new Skip(1)], 2)],
            4,
        ));
        // Stitches of two kinds among chains are stitches.
        $mixed = [self::one(Stitch::Double), new Chains(1), new Skip(1), self::one(), new Chains(1), new Skip(1)];
        self::assertSame('[sc in next st, sk next ch-1 sp] twice.', self::words(
            $mixed,
            [new Repeat([self::one(), new Skip(1)], 2)],
            4,
        ));
    }

    /** A hole in a plain row: as many as before, and what is worked on it goes into its chains. */
    public function testAHoleIsLeftInAPlainRow(): void
    {
        $row = new Row(Part::Body, Motif::single(), [self::one(many: 20)], [Edge::tops(20)]);
        $holed = $row->holed(7, 3);
        $writer = new Writer(Terms::US);
        self::assertSame('Sc in next 7 sts, ch 3, sk next 3 sts, sc in next 10 sts. (17 sc, 1 ch-3 sp)', $writer->line($holed));
        self::assertSame([20, 20], [$holed->count->takes, $holed->count->leaves]);
        self::assertSame('Sc in each st and ch around. (20)', $writer->line($row->again(Edge::left($holed))));
        foreach ([[0, 3], [17, 3], [18, 3]] as $none) {
            self::assertSame($row, $row->holed(...$none));
        }
        $halves = new Row(Part::Body, Motif::single(), [self::one(many: 10), self::one(Stitch::Double, 10)], [Edge::tops(20)]);
        self::assertSame($halves, $halves->holed(3, 2));
    }
}
