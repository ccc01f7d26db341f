<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Finish;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Finish\ClothPiece;
use Fescue\Core\Finish\Drawstring;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Finish\Fitted;
use Fescue\Core\Finish\Level;
use Fescue\Core\Finish\Lining;
use Fescue\Core\Finish\Shell;
use Fescue\Core\Instruction\Chains;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Each;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Pattern\RowKind;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Tests\Gauge\Loops;
use Fescue\Core\Tests\Panel\Built;
use Fescue\Core\Tests\Report\Told;
use Fescue\Core\Tests\Shape\Outside;
use Fescue\Core\Tongue\Tongue;
use PHPUnit\Framework\TestCase;

/** What comes between the last stitch and the shoulder. */
final class FinishTest extends TestCase
{
    /** @param array<string, mixed> $finish @param array<string, mixed> $changes by path */
    private static function fitted(array $finish, array $changes = []): Fitted
    {
        return Ways::plan($changes + ['finish' => [$finish]])->fitted[0];
    }

    private static function said(Saying $step): string
    {
        return (new Tongue(Terms::US))->say($step);
    }

    private static function mm(mixed $length): ?float
    {
        return $length instanceof Length ? $length->mm : null;
    }

    /** 24 cm of opening, 70 cm of string: twice the opening and 11 cm at each end. Common practice, no source. */
    public function testADrawstring(): void
    {
        $string = Drawstring::open();
        self::assertSame([24, null], array_slice($string->led(48, Length::mm(240)), 1));
        self::assertEqualsWithDelta(700.0, $string->led(48, Length::mm(240))[0]->mm, 1e-9);
        for ($stitches = 8; $stitches < 200; $stitches++) {
            [$long, $under, $doubled] = $string->led($stitches, Length::mm(6 * $stitches));
            // Walked stitch by stitch: outside, it goes over the first; at the end it is outside again.
            [$outside, $times] = [true, 0];
            for ($nth = 1; $nth <= $stitches; $nth++) {
                $times += (int) ! $outside;
                $nth += (int) ($doubled !== null && $nth === $doubled + 1);
                $outside = ! $outside;
            }
            self::assertSame([true, $under], [$outside, $times], "{$stitches} stitches");
            self::assertEqualsWithDelta(12 * $stitches + 220, $long->mm, 1e-9);
        }
        // 56 stitches of 12 mm, 33.6 cm flat: a chain takes 3.2 times its length, and two tails of 17.5 cm.
        $chain = self::fitted(['type' => 'drawstring', 'tie' => '5 cm']);
        self::assertEqualsWithDelta(3.2 * 772 + 350, $chain->strand->mm ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(
            6.4 * 772 + 350,
            self::fitted(['type' => 'drawstring', 'tie' => '5 cm', 'as' => 'double'])->strand->mm ?? 0.0,
            1e-9,
        );
        $bought = self::fitted(['type' => 'drawstring', 'as' => 'bought']);
        self::assertNull($bought->strand);
        self::assertEqualsWithDelta(892.0, $bought->needs[0]->size->mm ?? 0.0, 1e-9);
        self::assertStringContainsString(
            'over one and under one, 25 times under in 50 stitches, both ends out on the front, 3 stitches either side',
            self::said($chain->figures),
        );
        self::assertSame(['drawstring-round', 'cords-strangle'], array_column($chain->remarks, 'code'));
        self::assertSame('Round 15', Ways::plan([])->work->rows[(int) $chain->remarks[0]->row]->name);
    }

    /**
     * On 5.5 cm, a tie of 15, a binding of 30 cm, one on every sixth stitch; 50 wraps of a yarn of 1.7 mm are as thick as
     * a finger. Common practice, no source.
     */
    public function testTassels(): void
    {
        $tassels = self::fitted(['type' => 'tassels', 'wraps' => 50]);
        self::assertEqualsWithDelta(9 * (50 * 110 + 150 + 300), $tassels->strand->mm ?? 0.0, 1e-9);
        $guessed = fn(string $thick): Fitted => self::fitted(['type' => 'tassels'], ['material/diameter' => $thick]);
        self::assertEqualsWithDelta(50, $guessed('1.7 mm')->settled['wraps'], 3);
        // Neck: 18 strands of 4 mm fill it to three quarters of a circle 20 mm through.
        self::assertSame([9, 4], [$guessed('4 mm')->settled['wraps'], $guessed('10 mm')->settled['wraps']]);
        self::assertStringStartsWith('Wind about 9 times round a card', self::said($guessed('4 mm')->steps[0]));
        self::assertStringStartsWith('Wind 50 times round a card', self::said($tassels->steps[0]));
        self::assertStringContainsString(
            'first on stitch 3, then one every 6 stitches: 9 in all; 2 stitches left',
            self::said($tassels->steps[1]),
        );
        self::assertCount(4, $tassels->fixtures, 'Those of the front.');
        self::assertEqualsWithDelta(0.0, array_sum(array_column($tassels->fixtures, 'x')), 1e-9);
        $few = self::fitted(['type' => 'tassels', 'where' => 'folds', 'wraps' => 20, 'card' => '10 cm']);
        self::assertEqualsWithDelta(2 * (20 * 200 + 450), $few->strand->mm ?? 0.0, 1e-9);
        self::assertSame([-168.0, 168.0], array_column($few->fixtures, 'x'));
        $said = fn(int $every): string => self::said(self::fitted(['type' => 'tassels', 'every' => $every])->steps[1]);
        self::assertStringContainsString('first on stitch 1, then one on every stitch: 56 in all.', $said(1));
        self::assertStringContainsString('first on stitch 27, then one every 55 stitches: 1 in all; 1 stitch left', $said(55));
        self::assertSame(
            ['/finish/0/every', 'The edge has 56 stitches: no tassel on every 57th. Take fewer.'],
            Ways::refused(['finish' => [['type' => 'tassels', 'every' => 57]]]),
        );
    }

    /** (19 − 5) ÷ 2 = 7 cm: the clasp of a case on canvas. Common practice, no source. */
    /** Of a round of 40, its front's middle between its 10th and 11th stitch, its back's on its 31st. */
    public function testWhereAMiddleIsSaidToBe(): void
    {
        $level = new Level(3, new RowId(RowKind::Round, 4), Length::mm(20), 40, 10.0, 30.5, Length::mm(12));
        self::assertSame(
            ['between stitches 10 and 11', 'on stitch 31', 'on stitch 1', 'between the last stitch and the first'],
            array_map(fn(float $from): string => $level->at($from)->english(), [10.0, 30.5, 0.5, 0.0]),
        );
        self::assertSame('between the last stitch and the first', $level->at(40.0)->english());
        self::assertSame('on stitch 40', $level->at(39.5)->english());
        self::assertSame([1, 1, 2, 3], array_map(
            fn(float $wide): int => $level->covers(Length::mm($wide)),
            [1.0, 17.9, 18.1, 36.0],
        ));
    }

    public function testAClosureStandsInTheMiddle(): void
    {
        // 38 rounds of 10 mm, half of it 19 cm.
        $gauge = ['gauge/width' => '10 cm', 'base/chain' => 16, 'base/rounds' => 1];
        $clasp = self::fitted(['type' => 'clasp', 'wide' => '5 cm'], $gauge);
        self::assertEqualsWithDelta(
            (10.0 * (2 * 16 + 4) / 2 - 50) / 2,
            $clasp->steps === [] ? 0.0 : self::mm($clasp->figures->with['side']),
            1e-6,
        );
        // 56 stitches of 12 mm: 33.6 cm flat, 28 a side; the front's middle after 14, the back's after 42.
        $magnet = self::fitted(['type' => 'magnet', 'wide' => '24 mm', 'under' => '2 cm']);
        self::assertSame(
            'It stands in the middle: 15.6 cm from either fold, 1.7 cm below the edge; in Round 15, 1 below the last of '
                .'the wall, with 13 of the side’s 28 stitches free at either side.',
            self::said($magnet->figures),
        );
        self::assertStringContainsString(
            'middle between stitches 14 and 15, the back’s between stitches 42 and 43',
            (new Tongue(Terms::US))->say($magnet->remarks[0]->rest()),
        );
        // Sewn, it stands in the middle whatever it covers: of three stitches between two of them, by halves.
        self::assertStringContainsString(
            '15.0 cm from either fold, 2.9 cm below the edge; in Round 14, 2 below the last of the wall, with 12½ of',
            self::said(self::fitted(['type' => 'snap', 'wide' => '36 mm'])->figures),
        );
        self::assertSame(
            ['/finish/0/wide', '40.0 cm is wider than the opening, 33.6 cm lying flat. Take a smaller one.'],
            Ways::refused(['finish' => [['type' => 'magnet', 'wide' => '40 cm']]]),
        );
        self::assertSame('/finish/0/under', Ways::refused(['finish' => [['type' => 'magnet', 'under' => '20 cm']]])[0]);
        self::assertSame('small-parts', $magnet->remarks[1]->code);
    }

    /** Half the loop's way round is the button's width and thickness, beside its reach from the back's edge. */
    public function testALoopPassesOverItsButton(): void
    {
        foreach ([12, 25, 40] as $wide) {
            $button = self::fitted(['type' => 'button', 'wide' => "{$wide} mm", 'under' => '2 cm']);
            preg_match('/chain (\d+), ([\d.]+) cm/', self::said($button->steps[0]), $chain);
            $long = 12 * (int) $chain[1];
            self::assertEqualsWithDelta($long, 10 * (float) $chain[2], 0.5);
            self::assertGreaterThanOrEqual(2 * 1.2 * $wide + 40 - 1e-6, $long);
            self::assertLessThan(2 * 1.2 * $wide + 40 + 12, $long, 'No chain more than it needs.');
        }
    }

    /** A zip ends a stitch or more before each fold, in whole centimetres as it is sold. */
    public function testAZip(): void
    {
        self::assertEqualsWithDelta(310.0, self::fitted(['type' => 'zip'])->needs[0]->size->mm ?? 0.0, 1e-9);
        self::assertSame('/finish/0/length', Ways::refused(['finish' => [['type' => 'zip', 'length' => '34 cm']]])[0]);
    }

    /** 110 cm, woven: strand thicker than a link is wide is halved, and half of it is enough. */
    public function testAChainStrap(): void
    {
        $whole = self::fitted(['type' => 'chain-strap', 'link' => '6 mm']);
        $half = self::fitted(['type' => 'chain-strap', 'link' => '3 mm']);
        self::assertEqualsWithDelta(1.3 * 1100 + 300, $whole->strand->mm ?? 0.0, 1e-9);
        self::assertEqualsWithDelta(($whole->strand->mm ?? 0.0) / 2, $half->strand->mm ?? 0.0, 1e-9);
        self::assertStringContainsString('Halve', self::said($half->steps[1]));
        self::assertNull(self::fitted(['type' => 'chain-strap', 'woven' => 'no'])->strand);
        self::assertSame([1.0, 2.0, 2.0], array_column($whole->needs, 'amount'));
    }

    /** The third stitch from the front and the third row from the top, mirrored: handbook 10 H. */
    public function testStrapBars(): void
    {
        $canvas = [
            'type' => 'canvas', 'sheet_across' => 55, 'sheet_high' => 130, 'pitch' => '3.8 mm', 'front' => 36, 'bottom' => 18,
        ];
        $bars = Built::plan($canvas, ['finish' => [['type' => 'strap-bars']]])->fitted[0];
        // Two and a half stitches of 12 mm, as many rows of 11.5.
        self::assertSame('In stitch 3 from the front, 3.0 cm, and row 3 from the top, 2.9 cm; on the other side the same, '
            .'from the front too.', self::said($bars->figures));
        self::assertEqualsWithDelta(
            [0.0, 28.75],
            [array_sum(array_column($bars->fixtures, 'x')), $bars->fixtures[0]->y],
            1e-9,
        );
        self::assertSame([2.0], array_column($bars->needs, 'amount'));
        self::assertSame(
            '/finish/0/from_front',
            Ways::refused(['finish' => [['type' => 'strap-bars', 'from_front' => 11]]])[0],
        );
        self::assertSame(
            '/finish/0/from_top',
            Ways::refused(['finish' => [['type' => 'strap-bars', 'from_top' => 15]]])[0],
        );
    }

    /** What it takes is in the estimate, on its own line, and is still to come when the last row is weighed. */
    public function testWhatItTakesIsInTheEstimate(): void
    {
        $plain = MaterialEstimate::of(Ways::plan([]));
        $tasselled = MaterialEstimate::of(
            Ways::plan(['finish' => [['type' => 'tassels'], ['type' => 'flap', 'across' => 20, 'long' => '11.5 cm']]]),
        );
        // 12 s a stitch of a flap, six minutes a tassel. From memory.
        $flap = self::fitted(['type' => 'flap', 'across' => 20, 'long' => '11.5 cm']);
        preg_match('/(\d+) rows/', self::said($flap->figures), $worked);
        self::assertEqualsWithDelta(20 * (int) $worked[1] / 5, $flap->minutes, 1e-9);
        // An even rest is left in halves; of an odd one it is said what a whole number does.
        self::assertStringNotContainsString('whole number', self::said($flap->steps[0]));
        self::assertMatchesRegularExpression(
            '/Leave \d+\.5 stitches from the right fold \(a whole number/',
            self::said(self::fitted(['type' => 'flap', 'across' => 19])->steps[0]),
        );
        // As many are left at one fold as at the other: with the flap they are the back.
        preg_match('/Leave (\d+) stitch/', self::said($flap->steps[0]), $left);
        $leaves = Ways::leaves(Ways::plan([]));
        self::assertSame(end($leaves) / 2, 2 * (int) ($left[1] ?? 0) + 20);
        self::assertEqualsWithDelta(54.0, self::fitted(['type' => 'tassels'])->minutes, 1e-9);
        self::assertEqualsWithDelta(62.0, self::fitted(['type' => 'zip'])->minutes, 1e-9, 'Two a centimetre.');
        $parts = array_column($tasselled->parts, 'grams', 'part');
        // 20 stitches of sc, ten rows over the front and half the depth of the base in rows.
        $rows = (int) round((115 + Ways::plan([])->comesOut->baseWidth->mm / 2) / 11.5);
        $metres = 9 * (9 * 0.11 + 0.45) + 20 * $rows * Loops::mm('sc', 12, 11.5, 4) / 1000 + 0.35;
        self::assertEqualsWithDelta(8.2 * $metres, $parts['finish'], 1e-6);
        self::assertEqualsWithDelta($plain->grams->likely + 8.2 * $metres, $tasselled->grams->likely, 1e-6);
        self::assertEqualsWithDelta(
            array_column($plain->parts, 'grams', 'part'),
            array_diff_key($parts, ['finish' => 1]),
            1e-9,
        );
        $weighed = MaterialEstimate::of(Ways::plan([
            'finish' => [['type' => 'tassels']], 'weigh_ins' => [['after' => 'Round 16', 'left' => '500 g']],
        ]));
        self::assertEqualsWithDelta(8.2 * 9 * (9 * 0.11 + 0.45) + 8.2 * 0.175, $weighed->remaining->likely, 1e-6);
    }

    /**
     * Every closure of every bag stands as far from one fold as from the other; a lock where its hole is, which takes
     * whole stitches and keeps the count.
     */
    public function testEveryClosureStandsWhereItSays(): void
    {
        $seed = Draw::seed();
        Draw::sow(31);
        $off = $even = 0;
        foreach (range(1, 90) as $nth) {
            $wide = mt_rand(5, 90);
            $type = ['magnet', 'turn-lock', 'snap', 'turn-lock', 'clasp', 'button', 'turn-lock', 'label'][$nth % 8];
            $base = [
                ['type' => 'oval', 'ends' => 'three', 'chain' => mt_rand(12, 30), 'rounds' => mt_rand(1, 3)],
                ['type' => 'rows', 'stitch' => 'sc', 'across' => mt_rand(12, 30), 'rows' => mt_rand(2, 8),
                    'corner' => mt_rand(1, 3)],
                ['type' => 'round', 'stitch' => 'sc', 'rounds' => mt_rand(4, 9)],
            ][$nth % 3];
            $plan = Ways::plan([
                'base' => $base, 'body/loop' => 'both',
                'finish' => [['type' => $type, 'wide' => "{$wide} mm", 'under' => '4 cm']],
            ]);
            $fitted = $plan->fitted[0];
            $figures = self::said($fitted->figures);
            Ways::isSaidOfOneAsOfOne(implode(' ', [
                $figures, ...array_map(self::said(...), $fitted->steps),
                ...array_map(Told::remark(...), $fitted->remarks),
            ]));
            self::assertEqualsWithDelta(0.0, $fitted->fixtures[0]->x, 1e-9);
            $halves = fn(string $text): float => (float) $text + (str_contains($text, '½') ? 0.5 : 0.0);
            self::assertSame(1, preg_match('/in Round (\d+),/', $figures, $at));
            $row = (int) $plan->work->place(RowId::read("Round {$at[1]}"));
            $around = $plan->work->rows[$row]->count->takes;
            $middle = $plan->work->rows[$row]->into[0]->middles[0];
            if ($type !== 'turn-lock') {
                preg_match('/ with ([\d½]+) of the side’s ([\d½]+) stitches/u', $figures, $free);
                self::assertEqualsWithDelta($around / 2, $halves($free[2]), 1e-9);
                $covers = max(1, (int) round($wide / 12));
                self::assertEqualsWithDelta($around / 2, 2 * $halves($free[1]) + $covers, 1e-9, 'Both sides are the same.');

                continue;
            }
            preg_match('/work (\d+), chain (\d+), skip (\d+)/', Told::remark($fitted->remarks[0]), $hole);
            [$first, $chain, $skip] = [(int) $hole[1], (int) $hole[2], (int) $hole[3]];
            $worked = Count::of([
                new Each(Stitch::Single, $first), new Chains($chain), new Skip($skip),
                new Each(Stitch::Single, $around - $first - $skip),
            ]);
            self::assertSame([$around, $around], [$worked->takes, $worked->leaves]);
            self::assertTrue($skip === 1 || 12 * $skip < $wide, 'The frame covers its hole.');
            // Counted from either fold; in millimetres the frame stands where the hole does.
            [$before, $behind] = [$first - ($middle - $around / 4), $middle + $around / 4 - $first - $skip];
            $lengths = array_map(fn(string $name): ?float => self::mm($fitted->figures->with[$name]), ['before', 'behind']);
            self::assertEqualsWithDelta(12 * ($before - $behind), $lengths[0] - $lengths[1], 1e-6, "seed {$seed}");
            if (preg_match('/stitches, ([\d½]+) free at either side/u', $figures, $free) === 1) {
                $even++;
                self::assertEqualsWithDelta([$halves($free[1]), $halves($free[1])], [$before, $behind], 1e-9);
            } else {
                $off++;
                preg_match('/stitches, ([\d½]+) free before it and ([\d½]+) behind/u', $figures, $free);
                self::assertEqualsWithDelta([$before, $behind], [$halves($free[1]), $halves($free[2])], 1e-9);
                self::assertEqualsWithDelta(1.0, abs($before - $behind), 1e-9);
            }
        }
        self::assertGreaterThan(0, $off, "seed {$seed}");
        self::assertGreaterThan(10, $even, "seed {$seed}");
    }

    /** What lies on another thing is told, and how it is kept apart; set so, nothing is told any more. */
    public function testWhatIsInOneAnothersWayIsTold(): void
    {
        $told = fn(array ...$finish): array => array_values(array_map(
            Told::remark(...),
            array_filter(
                array_merge(...array_map(fn(Fitted $one): array => $one->remarks, Ways::plan(['finish' => $finish])->fitted)),
                fn(Remark $one): bool => $one->code === 'finishes-meet',
            ),
        ));
        $lock = ['type' => 'turn-lock', 'wide' => '40 mm', 'under' => '6 cm'];
        $meet = $told($lock, ['type' => 'magnet', 'wide' => '20 mm', 'under' => '7 cm']);
        self::assertSame(
            ['In one another’s way: turn lock and magnetic snap. Set the lower of the two 9.3 cm below the edge or lower, or '
                .'leave one of them out.'],
            $meet,
        );
        self::assertSame([], $told($lock, ['type' => 'magnet', 'wide' => '20 mm', 'under' => '12 cm']));
        self::assertSame(
            ['The flap comes over this: button and loop. Set the half that closes on the flap, and the other under it on the front.'],
            $told(['type' => 'flap'], ['type' => 'button', 'under' => '6 cm']),
        );
        self::assertStringContainsString('The flap covers this: label.', implode($told(['type' => 'flap'], ['type' => 'label'])));
        self::assertStringContainsString('Tassels hang over this: zip.', implode($told(['type' => 'zip'], ['type' => 'tassels'])));
        self::assertSame([], $told(['type' => 'zip'], ['type' => 'lining']));
        // Every two of all: drawn over one another they are told, and no others.
        foreach (Finishings::byKey() as $one => $_) {
            foreach (Finishings::byKey() as $other => $__) {
                if ($one !== $other) {
                    $plan = Ways::plan(['finish' => [['type' => $one], ['type' => $other]]]);
                    $over = false;
                    foreach ($plan->fitted[0]->fixtures as $a) {
                        foreach ($plan->fitted[1]->fixtures as $b) {
                            $drawn = ! in_array('cord', [$a->shape->value, $b->shape->value], true)
                                && ! in_array('chain', [$a->shape->value, $b->shape->value], true);
                            $over = $over || ($drawn && max($a->x - $a->wide / 2, $b->x - $b->wide / 2)
                                < min($a->x + $a->wide / 2, $b->x + $b->wide / 2) - 1e-3
                                && max($a->y - $a->high / 2, $b->y - $b->high / 2)
                                < min($a->y + $a->high / 2, $b->y + $b->high / 2) - 1e-3);
                        }
                    }
                    $said = $told(['type' => $one], ['type' => $other]) !== [];
                    self::assertSame($over, $said, "{$one} and {$other}");
                }
            }
        }
    }

    /** Under hand holes a lining ends, or it would close them: 16 + 2 rounds of 11.5 mm, of which the slots take some. */
    public function testALiningEndsUnderHandHoles(): void
    {
        $slots = ['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1]];
        $plan = Ways::plan($slots + ['finish' => [['type' => 'lining']]]);
        $holes = array_keys(array_filter($plan->work->rows, fn($row): bool => $row->opening() !== null));
        $under = 11.5 * (count($plan->work->rows) - $holes[0]);
        self::assertEqualsWithDelta($under, $plan->shell()->holes->mm ?? 0.0, 1e-6);
        $lining = $plan->fitted[0]->lining;
        self::assertEqualsWithDelta(0.98 * ($plan->comesOut->height->mm - $under), $lining->high ?? 0.0, 1e-6);
        $steps = array_map(self::said(...), $plan->fitted[0]->steps);
        self::assertStringContainsString('below the hand holes', $steps[count($steps) - 1]);
        $none = Ways::plan(['finish' => [['type' => 'lining']]]);
        self::assertNull($none->shell()->holes);
        self::assertEqualsWithDelta(0.98 * $none->comesOut->height->mm, $none->fitted[0]->lining->high ?? 0.0, 1e-6);
        // A pocket goes on the back between its corners, and not half way round: 30 of 40 cm fit on none of these.
        $flat = Ways::plan(['finish' => [['type' => 'lining', 'as' => 'gussets']]])->fitted[0]->lining;
        $strip = ($flat?->pieces[0]->width() ?? 0.0) - 20;
        self::assertEqualsWithDelta($strip, $flat->back ?? 0.0, 0.1);
        $pocket = fn(float $wide): array => ['finish' => [['type' => 'lining', 'as' => 'gussets', 'pocket' => ['width' => "{$wide} mm", 'height' => '10 cm']]]];
        self::assertSame('/finish/0/pocket', Ways::refused($pocket(ceil($strip) + 1))[0]);
        self::assertCount(3, Ways::plan($pocket(floor($strip) - 1))->fitted[0]->lining->pieces ?? []);
    }

    /** Asked for where handles are, a closure stands lower, and that is told. */
    public function testAClosureThatStandsLowerThanAskedIsTold(): void
    {
        $slots = ['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16, 'edge_rounds' => 1]];
        $moved = self::fitted(['type' => 'magnet', 'under' => '5 mm'], $slots)->remarks[1];
        self::assertSame(['closure-moved', 5.0], [$moved->code, $moved->of['asked']->mm]);
        self::assertEqualsWithDelta(2.5 * 11.5, $moved->of['under']->mm, 1e-6);
        $codes = fn(string $under): array => array_column(self::fitted(['type' => 'magnet', 'under' => $under], $slots)->remarks, 'code');
        self::assertNotContains('closure-moved', $codes('3 cm'));
        self::assertNotContains('closure-moved', array_column(self::fitted(['type' => 'magnet', 'under' => '5 mm'])->remarks, 'code'));
    }

    /** Of bags of pieces too: in length, where there are no rounds to count. */
    public function testABagOfPiecesIsFinished(): void
    {
        $plan = Built::plan(
            ['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5],
            ['finish' => array_map(fn(string $key): array => ['type' => $key], array_keys(Finishings::byKey()))],
        );
        self::assertCount(count(Finishings::ALL), $plan->fitted);
        foreach ($plan->fitted as $fitted) {
            self::assertStringNotContainsString(
                '{',
                self::said($fitted->figures).implode('', array_map(self::said(...), $fitted->steps)),
            );
            foreach ($fitted->remarks as $remark) {
                self::assertNull($remark->row);
            }
        }
        self::assertStringContainsString(
            '7.1 cm from either side',
            self::said($plan->fitted[5]->figures),
            '(19.2 − 5) ÷ 2',
        );
    }

    /** A pocket within the lining's back, a drawn top as wide as the lining, a wrong way refused. */
    public function testALiningWithPocketAndDrawnTop(): void
    {
        $lining = self::fitted([
            'type' => 'lining', 'drawn' => true, 'pocket' => ['width' => '15 cm', 'height' => '10 cm'],
        ])->lining;
        self::assertSame(['bottom', 'wall', 'drawn top', 'pocket'], array_column($lining->pieces ?? [], 'name'));
        // The edge is not turned in after the sack has taken it, and its string is among what is needed.
        self::assertNotContains('Turn the upper edge in and press it.', array_map(self::said(...), $lining->order ?? []));
        $needs = self::fitted(['type' => 'lining', 'drawn' => true])->needs;
        self::assertSame('String for the lining’s drawn top', $needs[1]->name ?? '');
        self::assertEqualsWithDelta(($lining->around ?? 0.0) + 200, $needs[1]->size->mm ?? 0.0, 1e-9);
        self::assertCount(1, self::fitted(['type' => 'lining'])->needs);
        self::assertSame([170.0, 140.0], [$lining?->pieces[3]->width(), $lining?->pieces[3]->height()]);
        self::assertEqualsWithDelta($lining?->pieces[1]->width(), $lining?->pieces[2]->width(), 1e-9);
        // Two in a hundred less around than the bag, or as many as are asked for; 10 mm of seam on either side.
        $around = 2 * Ways::plan([])->comesOut->flatWidth->mm;
        self::assertEqualsWithDelta(0.98 * $around + 20, $lining?->pieces[1]->width(), 1e-6);
        $eased = self::fitted(['type' => 'lining', 'ease' => 7])->lining;
        self::assertEqualsWithDelta(0.93 * $around + 20, $eased?->pieces[1]->width(), 1e-6);
        $pocket = ['width' => '34 cm', 'height' => '10 cm'];
        self::assertSame(
            '/finish/0/pocket',
            Ways::refused(['finish' => [['type' => 'lining', 'pocket' => $pocket]]])[0],
        );
        // Just too narrow: what is wanted is not said as wide as what there is.
        $wide = (int) floor($lining?->pieces[1]->width() / 10);
        [$at, $said] = Ways::refused(['finish' => [['type' => 'lining', 'cloth' => "{$wide} cm"]]]);
        self::assertSame('/finish/0/cloth', $at);
        self::assertMatchesRegularExpression(
            '/up to '.($wide + 1)."(\.0)? cm wide .* cloth of {$wide}(\\.0)? cm/",
            $said,
        );
        self::assertSame('/finish/0/as', Ways::refused([
            'base' => ['type' => 'folded-chain', 'chain' => 30], 'body' => ['stitch' => 'mesh', 'rounds' => 9],
            'finish' => [['type' => 'lining', 'as' => 'boxed']],
        ])[0]);
    }

    /** @param array<string, mixed> $changes by path */
    private static function shell(array $changes): Shell
    {
        return Ways::plan($changes)->shell();
    }

    /** The opening has the stitches of the last round: 56 of the wall, 68 over its slots, straps or not. */
    public function testTheEdgeIsTheLastRound(): void
    {
        self::assertSame(56, self::shell([])->edge);
        self::assertSame(68, self::shell(['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16]])->edge);
        self::assertSame(56, self::shell([
            'handles' => ['type' => 'straps', 'stitch' => 'sc', 'wide' => 3, 'rows' => 20],
        ])->edge);
        self::assertNull(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9])->shell()->edge);
    }

    /** Boxed: 30 × 12 around in rows, 74 stitches of 12 mm less two in a hundred. */
    public function testALiningOfEveryShape(): void
    {
        $boxed = Lining::of(self::shell(['base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 31, 'rows' => 6]]));
        self::assertSame('boxed corners', $boxed->as->english());
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
        // A rectangle with round corners touches its sides where its arcs end.
        foreach ([[ClothPiece::rounded('bottom', 200, 120, 40, 10)->sewn, 10, 40, 200, 120], [
            ClothPiece::rounded('bottom', 200, 120, 40, 10)->cut, 0, 50, 220, 140,
        ]] as [$line, $at, $corner, $wide, $high]) {
            [$x, $y] = [$at + $wide, $at + $high];
            foreach ([
                [$at + $corner, $at], [$x - $corner, $at], [$x, $at + $corner], [$x, $y - $corner], [$x - $corner, $y],
                [$at + $corner, $y], [$at, $y - $corner], [$at, $at + $corner],
            ] as $touched) {
                self::assertNotSame([], array_filter(
                    $line,
                    fn(array $one): bool => hypot($one[0] - $touched[0], $one[1] - $touched[1]) < 1e-6,
                ));
            }
            [[$area]] = Outside::polygons([$line]);
            self::assertEqualsWithDelta($wide * $high - (4 - M_PI) * $corner ** 2, $area, 0.002 * $area);
        }
        // Cut a centimetre outside of where it is sewn, in the notches too.
        [$f, $t, $half] = [37 * 12 * 0.98, $boxed->high, $deep / 2];
        self::assertEqualsWithDelta([
            [0, 0], [$f + 20, 0],
            [$f + 20, $t + 20], [$f - $half + 20, $t + 20], [$f - $half + 20, $t + $deep], [$f + 20, $t + $deep],
            [$f + 20, 2 * $t + $deep + 20], [0, 2 * $t + $deep + 20],
            [0, $t + $deep], [$half, $t + $deep], [$half, $t + 20], [0, $t + 20],
        ], $box->cut, 1e-6);
        // Of a base that is no deeper than its seams no square is cut out.
        $narrow = Lining::of(
            self::shell(['base' => ['type' => 'rows', 'stitch' => 'sc', 'across' => 31, 'rows' => 2]]),
            as: 'boxed',
        );
        [$f, $high] = [$narrow->around / 2 + 20, 2 * $narrow->high + $narrow->seams[1][1] + 20];
        self::assertEqualsWithDelta([[0, 0], [$f, 0], [$f, $high], [0, $high]], $narrow->pieces[0]->cut, 1e-6);
        $oval = Lining::of(self::shell([]));
        self::assertSame(['bottom and wall', 2], [$oval->as->english(), count($oval->pieces)]);
        self::assertSame('flat, folded at the foot', Lining::of(self::shell([
            'base' => ['type' => 'folded-chain', 'chain' => 30], 'body' => ['stitch' => 'mesh', 'rounds' => 9],
        ]))->as->english());
        $envelope = Lining::of(
            Built::plan(['type' => 'envelope', 'across' => 16, 'front' => 10, 'bottom' => 5])->shell(),
        );
        self::assertSame(['strip and gussets', 1, 2], [
            $envelope->as->english(), $envelope->pieces[0]->count, $envelope->pieces[1]->count,
        ]);
        self::assertEqualsWithDelta(192 * 0.98 + 20, $envelope->pieces[0]->width(), 1e-6);
        self::assertEqualsWithDelta((2 * 115 + 57.5) * 0.98 + 20, $envelope->pieces[0]->height(), 1e-6);
        self::assertSame(
            'flat, folded at the foot',
            Lining::of(Built::plan(['type' => 'net', 'across' => 12, 'net' => 9])->shell())->as->english(),
        );
        // A seam's width inside all round, corners or not.
        $square = ['type' => 'square', 'stitch' => 'sc', 'chain' => 12, 'rounds' => 4];
        foreach ([$oval, $envelope, Lining::of(self::shell(['base' => $square]))] as $one) {
            foreach ($one->pieces as $piece) {
                [$x, $y] = [array_column($piece->sewn, 0), array_column($piece->sewn, 1)];
                self::assertEqualsWithDelta(
                    [10.0, 10.0, $piece->width() - 10, $piece->height() - 10],
                    [min($x), min($y), max($x), max($y)],
                    1e-6,
                    "{$piece->name}, {$one->as->english()}",
                );
            }
        }
        // By the tape: what she measures wins.
        $measured = Lining::of(self::shell([]), 0.0, 0.0, Length::mm(320), Length::mm(200));
        self::assertEqualsWithDelta([640.0, 200.0], [$measured->around, $measured->high], 1e-6);
    }

    /** Every bag has a lining that fits inside within the ease, whose sewn edges meet within half a hundredth. */
    public function testEveryBagHasALiningThatMeets(): void
    {
        Draw::sow(15);
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
            $lining = Lining::of(
                $plan->shell(),
                10.0,
                $ease,
                as: ['fit', 'flat', 'boxed', 'gussets'][$plan->comesOut->baseWidth->mm < 15 ? 0 : $bag % 4],
            );
            self::assertEqualsWithDelta(2 * $plan->comesOut->flatWidth->mm * (1 - $ease), $lining->around, 1e-6);
            self::assertLessThanOrEqual($plan->comesOut->height->mm + 1e-9, $lining->high);
            foreach ($lining->seams as [$where, $one, $other]) {
                self::assertEqualsWithDelta($one, $other, 0.005 * $one, "{$where} of {$lining->as->english()}");
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
