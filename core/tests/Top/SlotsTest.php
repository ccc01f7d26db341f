<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Top;

use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\School;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Piece\Ground;
use Fescue\Core\Piece\Unmakeable;
use Fescue\Core\Piece\Wish;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Top\Slots;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class SlotsTest extends TestCase
{
    private static function ground(float $width = 12): Ground
    {
        return new Ground(new Gauge(Motif::single(), Length::mm($width), Length::mm(11.5)), new School(Working::Spiral));
    }

    /** @param array<string, int> $counts @return list<Row> */
    private static function rows(int $around, float $centre, array $counts): array
    {
        return (new Slots($counts))->settle(
            new Wish(),
            self::ground(),
            Edge::around($around, $centre),
        )->make(self::ground(), Edge::around($around, $centre))->rows;
    }

    /**
     * Handbook 7 [check]: skip 10 and ch 16 twice on 56 leaves 68. Common practice, no source; ours stand one stitch
     * nearer the middle.
     */
    public function testOnFiftySix(): void
    {
        [$slot, $edge] = self::rows(56, 14, ['skip' => 10, 'chain' => 16]);
        $writer = new Writer(Terms::US);
        self::assertSame(
            'Sc in next 9 sts, ch 16, sk next 10 sts, sc in next 18 sts, ch 16, sk next 10 sts, sc in next 9 sts. (36 sc, 2 ch-16 sps)',
            $writer->line($slot),
        );
        self::assertSame(
            'Sc in next 9 sc, 16 sc in ch-16 sp, sc in next 18 sc, 16 sc in ch-16 sp, sc in next 9 sc. (68)',
            $writer->line($edge),
        );
        self::assertSame([56, 68], [Count::of($slot->instructions)->takes, Count::of($edge->instructions)->takes]);
        self::assertSame(
            [Part::Handles, Part::Edge, false, true],
            [$slot->part, $edge->part, $slot->bearsJoin, $edge->bearsJoin],
        );
    }

    /** Handbook 7 [check]: skip 10 and chain 15 on 72, then 15 around the chain. Common practice, no source. */
    public function testOnSeventyTwo(): void
    {
        $rows = self::rows(72, 18, ['skip' => 10, 'chain' => 15, 'edge_rounds' => 3]);
        self::assertCount(4, $rows);
        self::assertStringStartsWith(
            'Sc in next 13 sts, ch 15, sk next 10 sts, sc in next 26 sts,',
            (new Writer(Terms::US))->line($rows[0]),
        );
        self::assertSame(
            [82, 82, 82, 82],
            array_map(fn(Row $row): int => Count::of($row->instructions)->leaves, $rows),
        );
        self::assertCount(1, self::rows(72, 18, ['edge_rounds' => 0]));
        self::assertEqualsWithDelta(4 * 11.5, (new Slots(['edge_rounds' => 3]))->height(self::ground())->mm, 1e-9);
    }

    /** Of a half of 20 there is room from the middle to the nearer fold, less 2: whichever fold that is. */
    public function testNoSlotComesNearerThanTwoStitchesToAFold(): void
    {
        foreach ([[12.0, 12], [8.0, 12], [10.0, 16]] as [$middle, $most]) {
            self::assertCount(2, self::rows(40, $middle, ['skip' => $most, 'chain' => $most]));
            try {
                self::rows(40, $middle, ['skip' => $most + 1, 'chain' => $most + 1]);
                self::fail('It reaches the fold.');
            } catch (Unmakeable $e) {
                self::assertStringContainsString("skip at most {$most},", $e->getMessage());
            }
        }
    }

    /**
     * Solved, a slot is about 12 cm wide and stands on the middle of its side wherever that can be: whole stitches on
     * both sides of it.
     */
    public function testASolvedSlotIsCentred(): void
    {
        foreach ([
            [56, 14.0, 12.0, 10],
            [56, 14.0, 13.2, 10],
            [56, 14.0, 13.5, 8],
            [58, 14.5, 12.0, 11],
            [58, 14.5, 12.2, 9],
            [20, 5.0, 12.0, 6],
            [18, 4.5, 12.0, 5],
            [12, 3.0, 12.0, 2],
            [11, 2.5, 12.0, 1],
            [400, 100.0, 300.0, 1],
        ] as [$around, $centre, $width, $skip]) {
            $slots = (new Slots())->settle(new Wish(), self::ground($width), Edge::around($around, $centre));
            self::assertSame($skip, $slots->write()['skip'], "{$around} {$width}");
            self::assertSame((int) round(1.6 * $skip), $slots->write()['chain']);
        }
        $given = (new Slots(['chain' => 7]))->settle(new Wish(), self::ground(), Edge::around(56, 14));
        self::assertSame(6, $given->write()['skip'], 'No more than its chain spans.');
    }

    /** Front and back are half a round apart, wherever the middle stands and whatever is skipped. */
    #[Group('slow')]
    public function testFrontAndBackFaceEachOther(): void
    {
        for ($half = 10; $half < 60; $half++) {
            for ($centre = 4.0; $centre <= $half - 4; $centre += 0.5) {
                $most = (int) floor(2 * (min($centre, $half - $centre) - 2));
                for ($skip = 1; $skip <= $most; $skip += 3) {
                    $row = self::rows(2 * $half, $centre, ['skip' => $skip, 'chain' => $skip + 4])[0];
                    $takes = array_map(fn($one): int => $one->takes(), $row->instructions);
                    $front = $takes[0] + $skip / 2;
                    self::assertEqualsWithDelta($half, $skip / 2 + $takes[3] + $skip / 2, 1e-9);
                    self::assertLessThanOrEqual(0.5, abs($front - $centre));
                    self::assertGreaterThanOrEqual(1, min($takes[0], $takes[3], $takes[6]));
                    self::assertSame(2 * $half + 8, Count::of($row->instructions)->leaves);
                }
            }
        }
    }

    public function testRefusesWhatDoesNotFit(): void
    {
        foreach ([
            [56, 14, 25, 40, 'skip', 'at most 24'],
            [56, 14, 10, 9, 'chain', 'at least 10'],
            [8, 2, 1, 2, '', 'no room'],
        ] as [$around, $centre, $skip, $chain, $path, $said]) {
            try {
                self::rows($around, $centre, ['skip' => $skip, 'chain' => $chain]);
                self::fail("A slot over {$skip} of {$around} was made.");
            } catch (Unmakeable $e) {
                self::assertSame($path, $e->path);
                self::assertStringContainsString($said, $e->getMessage());
            }
        }
        self::assertSame(
            24,
            (new Slots(['skip' => 24, 'chain' => 24]))->settle(
                new Wish(),
                self::ground(),
                Edge::around(56, 14),
            )->write()['skip'],
        );
    }
}
