<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Finish;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Finish\Closure;
use Fescue\Core\Finish\ClothPiece;
use Fescue\Core\Finish\Drawstring;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Finish\Tassels;
use Fescue\Core\Measure\Length;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Panel\Built;
use Fescue\Core\Tests\Shape\Outside;
use PHPUnit\Framework\TestCase;

/** What comes between the last stitch and the shoulder. */
final class FinishTest extends TestCase
{
    /** 24 cm of opening, 70 cm of string: twice the opening and 11 cm at each end. Common practice, no source. */
    public function testADrawstring(): void
    {
        $string = Drawstring::of(48, Length::mm(10));
        self::assertEqualsWithDelta(700.0, $string->length->mm, 1e-9);
        self::assertSame([24, [], [3, 3]], [$string->gaps, $string->doubled, $string->out]);
        for ($stitches = 8; $stitches < 200; $stitches++) {
            $string = Drawstring::of($stitches, Length::mm(12));
            self::assertSame(0, $string->gaps % 2, 'An even number draws alike.');
            self::assertSame($stitches, 2 * $string->gaps + count($string->doubled), 'Every stitch is passed.');
            self::assertGreaterThanOrEqual(2 * 12 * $stitches / 2, $string->length->mm);
        }
        self::assertEqualsWithDelta(2 * 300 + 2 * 50, Drawstring::of(50, Length::mm(12), Length::mm(50))->length->mm, 1e-9);
    }

    /** 50 wraps on 5.5 cm, a tie of 15 cm, a binding of 30 cm, one on every sixth stitch. Common practice, no source. */
    public function testTassels(): void
    {
        $tassels = Tassels::along(50);
        self::assertSame(8, $tassels->many);
        self::assertEqualsWithDelta(50 * 110 + 150 + 300, $tassels->each->mm, 1e-9);
        self::assertEqualsWithDelta(8 * 5950.0, $tassels->strand->mm, 1e-9);
        self::assertSame(1, Tassels::along(4)->many);
    }

    /** (19 − 5) ÷ 2: as the clasp of a case. Common practice, no source. */
    public function testAClosureStandsInTheMiddle(): void
    {
        // 56 stitches of 12 mm: 33.6 cm flat, 28 a side.
        $plan = Ways::plan([]);
        $closure = Closure::middle($plan, Length::mm(24));
        self::assertSame([28, 14.5, 0.0, 'Round 15'], [
            $closure?->side, $closure?->stitch, $closure?->off, $closure?->row,
        ]);
        self::assertEqualsWithDelta((336 - 24) / 2, $closure->from->mm ?? 0.0, 1e-9);
        self::assertSame(0.5, Closure::middle($plan, Length::mm(36))?->off, 'Three stitches on twenty-eight.');
        self::assertNull(Closure::middle($plan, Length::mm(400)));
        self::assertSame('Round 13', Closure::middle($plan, Length::mm(24), 3)?->row);
    }

    /** Boxed: 30 × 12 around in rows, 74 stitches of 12 mm less two in a hundred. */
    public function testALiningOfEveryShape(): void
    {
        $boxed = Lining::of(Ways::plan(['base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 31, 'rows' => 6]]));
        self::assertSame('boxed corners', $boxed->as);
        self::assertEqualsWithDelta(74 * 12 * 0.98, $boxed->around, 1e-6);
        self::assertCount(12, $boxed->pieces[0]->cut);
        $box = $boxed->pieces[0];
        // Two squares less: half the depth on either side of the fold.
        $deep = 74 * 6 * 0.98 * (6 * 11.5) / (31 * 12 + 6 * 11.5);
        self::assertEqualsWithDelta($deep, $boxed->seams[1][1], 1e-6);
        [[$sewn], [$cut]] = Outside::polygons([$box->sewn, $box->cut]);
        self::assertEqualsWithDelta(37 * 12 * 0.98 * (2 * $boxed->high + $deep) - $deep * $deep, $sewn, 1e-3);
        self::assertEqualsWithDelta(
            ($box->width()) * ($box->height()) - 2 * ($deep - 20) * $deep / 2,
            $cut,
            1e-3,
            'A centimetre all round.',
        );
        $oval = Lining::of(Ways::plan([]));
        self::assertSame(['bottom and wall', 2], [$oval->as, count($oval->pieces)]);
        self::assertSame('flat, folded at the foot', Lining::of(Ways::plan([
            'base' => ['type' => 'folded-chain', 'chain' => 30], 'body' => ['stitch' => 'mesh', 'rounds' => 9],
        ]))->as);
        $envelope = Lining::of(Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5]));
        self::assertSame(['strip and gussets', 1, 2], [
            $envelope->as, $envelope->pieces[0]->count, $envelope->pieces[1]->count,
        ]);
        self::assertEqualsWithDelta(192 * 0.98 + 20, $envelope->pieces[0]->width(), 1e-6);
        self::assertEqualsWithDelta((2 * 115 + 57.5) * 0.98 + 20, $envelope->pieces[0]->height(), 1e-6);
        self::assertSame('flat, folded at the foot', Lining::of(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9]))->as);
        // By the tape: what she measures wins.
        $measured = Lining::of(Ways::plan([]), 0.0, 0.0, Length::mm(320), Length::mm(200));
        self::assertEqualsWithDelta([640.0, 200.0], [$measured->around, $measured->high], 1e-6);
    }

    /** Every bag has a lining that fits inside within the ease, whose sewn edges meet within half a hundredth. */
    public function testEveryBagHasALiningThatMeets(): void
    {
        mt_srand(15);
        $bases = [
            ['type' => 'oval', 'ends' => 'three'], ['type' => 'square'], ['type' => 'round', 'stitch' => 'sc'],
            ['type' => 'rows', 'stitch' => 'sc'], ['type' => 'folded-chain'], ['type' => 'folded-rows', 'stitch' => 'sc', 'rows' => 3],
            ['type' => 'holes', 'holes' => 48, 'length' => '30 cm', 'width' => '14 cm'],
        ];
        $lines = $said = [];
        for ($bag = 0; $bag < 150; $bag++) {
            try {
                $plan = Planner::plan(BagDocument::read(Documents::open([
                    'base' => $bases[$bag % count($bases)], 'handles' => null,
                    'size/length' => mt_rand(14, 50).' cm', 'size/width' => mt_rand(3, 24).' cm',
                    'size/height' => mt_rand(8, 40).' cm', 'body/loop' => 'both',
                ])));
            } catch (Refused) {
                continue;
            }
            $ease = mt_rand(0, 50) / 1000;
            $lining = Lining::of($plan, 10.0, $ease);
            self::assertEqualsWithDelta(2 * $plan->comesOut->flatWidth->mm * (1 - $ease), $lining->around, 1e-6);
            self::assertLessThanOrEqual($plan->comesOut->height->mm + 1e-9, $lining->high);
            foreach ($lining->seams as [$where, $one, $other]) {
                self::assertEqualsWithDelta($one, $other, 0.005 * $one, "{$where} of {$lining->as}");
            }
            foreach ($lining->pieces as $piece) {
                [$lines[], $lines[]] = [$piece->cut, $piece->sewn];
                array_push($said, ClothPiece::around($piece->cut), ClothPiece::around($piece->sewn));
            }
            [$lay, $long] = $lining->lay(3000.0) ?? self::fail('It is wide enough for all.');
            self::assertCount(array_sum(array_column($lining->pieces, 'count')), $lay);
            foreach ($lay as $nth => [$one, $x, $y]) {
                self::assertLessThanOrEqual($long + 1e-6, $y + $lining->pieces[$one]->height());
                foreach (array_slice($lay, $nth + 1) as [$other, $x2, $y2]) {
                    $apart = $x + $lining->pieces[$one]->width() <= $x2 + 1e-6 || $x2 + $lining->pieces[$other]->width() <= $x + 1e-6
                        || $y + $lining->pieces[$one]->height() <= $y2 + 1e-6 || $y2 + $lining->pieces[$other]->height() <= $y + 1e-6;
                    self::assertTrue($apart, 'No piece lies on another.');
                }
            }
            self::assertNull($lining->lay(50.0));
        }
        foreach (Outside::polygons($lines) as $place => [, $around]) {
            self::assertEqualsWithDelta($around, $said[$place], 1e-6 * $around);
        }
        self::assertGreaterThan(150, count($lines));
    }
}
