<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Problem;
use Fescue\Core\Document\Refused;
use Fescue\Core\Finish\ClothPiece;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Into;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Start;
use Fescue\Core\Piece\Misfit;
use Fescue\Core\Piece\Piece;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;
use PHPUnit\Framework\TestCase;

/** What outsiders found wrong on tapered, turned, folded and hung bags. Stitches and rows of 12 mm. */
final class TaperedAndTurnedTest extends TestCase
{
    private const FRAME = ['type' => 'frame', 'holes' => 9, 'length' => '20 cm'];

    /** @param array<string, mixed> $choices */
    private static function plan(array $choices): BagPlan
    {
        return Planner::plan(BagDocument::read($choices + Documents::SQUARE));
    }

    /** @param array<string, mixed> $choices */
    private static function problem(array $choices): Problem
    {
        try {
            self::plan($choices);
        } catch (Refused $e) {
            return $e->problems[0];
        }
        self::fail('It was planned.');
    }

    /**
     * 30 × 12 cm on rows, 25 high: frusta of 6.7, 9.1 and 13.9 litres (geometry); a strip of 60 cm around holds less
     * than a circle, and more than half of it.
     */
    public function testLitres(): void
    {
        $size = ['size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '25 cm']];
        foreach ([30 => 6.7, 42 => 9.1, 60 => 13.9] as $top => $litres) {
            $plan = self::plan($size + [
                'base' => ['type' => 'rows', 'stitch' => 'sc'],
                'body' => ['stitch' => 'sc', 'top_width' => "{$top} cm"],
            ]);
            self::assertEqualsWithDelta($litres, $plan->comesOut->litres, 0.051);
            // A rim stands on the wall as it ends, which it reaches the sooner.
            $rimmed = self::plan($size + [
                'base' => ['type' => 'rows', 'stitch' => 'sc'], 'edge' => ['stitch' => 'sc', 'rounds' => 3],
                'body' => ['stitch' => 'sc', 'top_width' => "{$top} cm"],
            ]);
            self::assertSame($top <=> 42, round($rimmed->comesOut->litres, 2) <=> round($plan->comesOut->litres, 2));
        }
        $circle = 600 ** 2 / (4 * M_PI) * 252 / 1e6;
        foreach (['folded-rows' => [0.94, 0.97], 'folded-chain' => [0.66, 0.67]] as $type => [$least, $most]) {
            $base = ['type' => $type] + ($type === 'folded-rows' ? ['stitch' => 'sc'] : []);
            $share = self::plan($size + ['base' => $base, 'body' => ['stitch' => 'sc']])->comesOut->litres / $circle;
            self::assertGreaterThan($least, $share);
            self::assertLessThan($most, $share);
        }
        // What hangs from frames widens under them and closes to a line: half of what is under them at the least.
        $hung = self::plan(['size' => ['height' => '20 cm'], 'base' => self::FRAME, 'body' => ['stitch' => 'posts']]);
        $under = $hung->comesOut->baseLength->mm * $hung->comesOut->baseWidth->mm * $hung->comesOut->height->mm / 1e6;
        self::assertGreaterThan($under / 2, $hung->comesOut->litres);
        self::assertLessThan(0.7 * $under, $hung->comesOut->litres);
    }

    /** Panels follow the wall: as wide as the opening at the top, as the base at the foot, and their edges meet. */
    public function testLinings(): void
    {
        foreach ([30, 60] as $top) {
            $plan = self::plan([
                'size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '25 cm'],
                'base' => ['type' => 'rows', 'stitch' => 'sc'],
                'body' => ['stitch' => 'sc', 'top_width' => "{$top} cm"],
            ]);
            $rows = $plan->work->rows;
            $opening = 12 * $rows[count($rows) - 1]->count->leaves;
            foreach (['flat', 'boxed', 'gussets', 'bottom'] as $as) {
                $lining = Lining::of($plan->shell(), 10.0, 0.0, as: $as);
                self::assertEqualsWithDelta([$opening, 840.0], [$lining->around, $lining->foot], 1e-6, $as);
                foreach ($lining->seams as [$where, $one, $other]) {
                    self::assertEqualsWithDelta($one, $other, 0.005 * $one, "{$where} of {$as}");
                }
                $across = fn(ClothPiece $piece, float $down): float => self::across($piece, $down);
                $measured = match ($as) {
                    'flat' => [2 * $across($lining->pieces[0], 1e-6), 2 * $across($lining->pieces[0], 252.0)],
                    'boxed' => [2 * $across($lining->pieces[0], 1e-6), 2 * $across($lining->pieces[0], 252.0 - 1e-6)],
                    'gussets' => [
                        2 * ($across($lining->pieces[0], 1e-6) + $across($lining->pieces[1], 1e-6)),
                        2 * ($across($lining->pieces[0], 252.0) + self::across($lining->pieces[1], -1e-6)),
                    ],
                    default => [2 * $across($lining->pieces[1], 1e-6), 2 * $across($lining->pieces[1], -1e-6)],
                };
                self::assertEqualsWithDelta([$opening, 840.0], $measured, 0.01, $as);
                // A flat one reaches half along the bottom from either side.
                if ($as === 'flat') {
                    $y = array_column($lining->pieces[0]->sewn, 1);
                    self::assertEqualsWithDelta(2 * 252.0 + 120.0, max($y) - min($y), 1e-6);
                }
                // The seam lies 10 mm outside of every sewn edge: as a hull of both tells.
                $grown = ClothPiece::around($lining->pieces[0]->cut) - ClothPiece::around($lining->pieces[0]->sewn);
                self::assertGreaterThan(60.0, $grown);
                self::assertLessThan(110.0, $grown);
            }
        }
    }

    /** How wide a piece's sewn line is so far below its upper edge; below zero above its lower one. */
    private static function across(ClothPiece $piece, float $down): float
    {
        $ys = array_column($piece->sewn, 1);
        $y = $down < 0 ? max($ys) + $down : min($ys) + $down;
        $at = [];
        foreach ($piece->sewn as $place => [$x1, $y1]) {
            [$x2, $y2] = $piece->sewn[($place + 1) % count($piece->sewn)];
            if (min($y1, $y2) <= $y && $y <= max($y1, $y2) && abs($y2 - $y1) > 1e-9) {
                $at[] = $x1 + ($y - $y1) * ($x2 - $x1) / ($y2 - $y1);
            }
        }

        return max($at) - min($at);
    }

    /** A plain round first is lifted by its own chain: 21, hdc too; and twice 20 go round. */
    public function testAFoldedChainWithAPlainRoundFirst(): void
    {
        foreach (['dc' => 23, 'hdc' => 22, 'tr' => 24, 'sc' => 21] as $stitch => $chains) {
            foreach ([true, false] as $even) {
                $plan = self::plan([
                    'base' => ['type' => 'folded-chain', 'chain' => 20],
                    'body' => ['stitch' => $stitch, 'rounds' => 3, 'even' => $even],
                ]);
                self::assertSame($even ? 21 : $chains, $plan->work->start->works());
                self::assertSame(40, $plan->work->rows[0]->count->leaves);
                self::assertStringContainsString($even ? 'from the 2nd ch' : '', Ways::lines($plan)['Round 1']);
            }
        }
    }

    /** Posts go round what has one; what cannot stand is said with the field that mends it. */
    public function testWhatIsWorkedIntoWhatIsNotThere(): void
    {
        foreach ([['folded-chain', 20], ['folded-chain', 40]] as [$type, $chain]) {
            foreach (['spaced', 'mesh'] as $below) {
                $bag = fn(array $posts): array => [
                    'base' => ['type' => $type, 'chain' => $chain],
                    'body' => [
                        'stitch' => $below, 'rounds' => 2, 'above' => [['stitch' => 'posts', 'rounds' => 2] + $posts],
                    ],
                ];
                $problem = self::problem($bag([]));
                self::assertSame('/body/above/0/stitch', $problem->path);
                self::assertStringContainsString('Have a plain round worked first', $problem->message);
                self::assertEquals(
                    [['path' => '/body/above/0/even', 'value' => true, 'said' => new Saying('A plain round first')]],
                    $problem->ways,
                );
                self::assertSame(2 * $chain, Ways::leaves(self::plan($bag(['even' => true])))[4]);
            }
        }
        $single = Motif::single();
        $row = fn(Each $each, Edge $on): Row => new Row(Part::Body, $single, [$each], [$on]);
        foreach ([Into::Space, Into::RowEnd, Into::Hole] as $into) {
            try {
                new Piece(new Start(4), [
                    $row(new Each(Stitch::Single, 4), Edge::tops(4)),
                    $row(new Each(Stitch::Double, 4, into: $into), Edge::tops(4)),
                ]);
                self::fail("{$into->value} was found in plain stitches.");
            } catch (Misfit $e) {
                self::assertSame(['Round 2', 1, 'stitch'], [$e->row, $e->nth, $e->is->value]);
            }
        }
    }

    /** Fewer tassels than one step apart; a strap and a change on frames, whose closing round goes on counting. */
    public function testWhatStopped(): void
    {
        $clutch = self::plan(['size' => ['length' => '30 cm', 'height' => '20 cm'], 'build' => [
            'type' => 'end-and-back', 'rows' => 2, 'meets' => 44, 'end' => 3, 'tassels' => 'tassels',
        ]]);
        self::assertContains('tassels', array_column($clutch->parts[0]->made->remarks, 'code'));
        foreach (['hooked', 'foundation'] as $handle) {
            $plan = self::plan([
                'size' => ['height' => '20 cm'], 'base' => self::FRAME, 'body' => ['stitch' => 'posts'],
                'handles' => ['type' => $handle],
                'changes' => [['from' => 'Round 4', 'to' => 1]],
                'others' => [Documents::SQUARE['material']],
            ]);
            $names = $plan->work->names();
            self::assertCount(count($plan->work->rows), $names);
            self::assertSame(['Round 9', 'Strap: Row 1', 'Round 10'], array_slice($names, -3));
            self::assertJson(PlanDocument::toJson($plan));
        }
        $hung = ['size' => ['height' => '20 cm'], 'base' => self::FRAME, 'body' => ['stitch' => 'posts']];
        foreach ([['slot'], ['straps'], ['chain'], ['rings', 4]] as $top) {
            $problem = self::problem($hung + ['handles' => array_combine(
                array_slice(['type', 'count'], 0, count($top)),
                $top,
            )]);
            self::assertSame('/handles', $problem->path);
            self::assertStringContainsString('a strap on hooks', $problem->message);
        }
        self::assertSame('/edge', self::problem([
            'size' => ['height' => '20 cm'], 'base' => self::FRAME, 'body' => ['stitch' => 'posts'],
            'edge' => ['stitch' => 'sc'],
        ])->path);
    }

    /**
     * Handbook 11: a carry-all of 13 across and 32 rows has its handles on the row ends; whichever way rows run the
     * longer side is the front, unless she says otherwise. Common practice, no source.
     */
    public function testWhichSideIsTheFront(): void
    {
        $of = fn(int $across, int $rows, array $more = [], ?array $handles = null): BagPlan => self::plan([
            'base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => $across, 'rows' => $rows] + $more,
            'body' => ['stitch' => 'sc', 'rounds' => 5], ...($handles === null ? [] : ['handles' => $handles]),
        ]);
        $middle = fn(BagPlan $plan): float => $plan->parts[0]->made->open->middles[0];
        self::assertSame(8 + 15.0, $middle($of(8, 30)));
        self::assertSame(4.0, $middle($of(8, 30, ['front' => 'rows'])));
        self::assertSame(15.0, $middle($of(30, 8)));
        self::assertSame(30 + 4.0, $middle($of(30, 8, ['front' => 'ends'])));
        // As long as it is wide.
        self::assertSame(5.0, $middle($of(10, 10)));
        $carryAll = $of(13, 32, ['corner' => 3], ['type' => 'chain', 'skip' => 13, 'chain' => 40]);
        self::assertSame(94, $carryAll->parts[0]->made->open->anchors);
        self::assertStringContainsString(
            'sc in next 24 sts, ch 40, sk next 13 sts, sc',
            Ways::lines($carryAll)['Round 7'],
        );
        $shell = $of(8, 30)->shell();
        self::assertEqualsWithDelta([360.0, 96.0], [$shell->length->mm, $shell->depth->mm], 1e-9);
        self::assertStringContainsString('“longer”', self::problem([
            'base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 9, 'rows' => 9, 'front' => 'back'],
            'body' => ['stitch' => 'sc', 'rounds' => 5],
        ])->message);
    }

    /**
     * Handbook 10 A: in the first mesh round each corner has one increase, once, and the count stays even: in each
     * corner
     * stitch a stitch, a chain and a stitch, and one more skipped where an even number lies between two.
     */
    public function testAMeshOnCorners(): void
    {
        foreach (['spiral', 'joined', 'joined-turned'] as $working) {
            foreach ([1, 2, 3] as $corner) {
                foreach ([[13, 32], [20, 6], [7, 7], [16, 9]] as [$across, $rows]) {
                    $plan = self::plan([
                        'working' => $working, 'starting_chain' => 'counts',
                        'base' => [
                            'type' => 'rows', 'stitch' => 'sc', 'corner' => $corner, 'across' => $across, 'rows' => $rows,
                        ],
                        'body' => ['stitch' => 'mesh', 'rounds' => 3, 'corners' => true],
                    ]);
                    $said = json_encode([$working, $corner, $across, $rows]);
                    $around = 2 * $across + 2 * $rows + 4 * ($corner - 2);
                    [$ahead, $aside] = [$across + $corner - 3, $rows + $corner - 3];
                    // Between two corners an odd number stays as it is, of an even one goes; each corner has two more.
                    $expected = $around + 8 - 2 * (1 - $ahead % 2) - 2 * (1 - $aside % 2);
                    $leaves = Ways::leaves($plan);
                    self::assertSame($around, $leaves[$rows], $said);
                    self::assertSame(array_fill(0, 3, $expected), array_slice($leaves, $rows + 1), (string) $said);
                    $words = Ways::lines($plan)['Round 2'];
                    self::assertSame(4, substr_count($words, '(dc, ch 1, dc) in next st'), $words);
                    self::assertSame(2 * (2 - $ahead % 2 - $aside % 2), substr_count($words, 'sk next 2 sts'), $words);
                }
            }
        }
        foreach ([['oval', 'mesh'], ['rows', 'sc']] as [$type, $stitch]) {
            self::assertSame('/body/corners', self::problem([
                'base' => $type === 'oval'
                    ? ['type' => 'oval', 'ends' => 'three', 'chain' => 11, 'rounds' => 3]
                    : ['type' => 'rows', 'stitch' => 'sc', 'across' => 12, 'rows' => 6],
                'body' => ['stitch' => $stitch, 'rounds' => 3, 'corners' => true],
            ])->path);
        }
    }
}
