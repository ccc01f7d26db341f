<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Body;

use Fescue\Core\Body\Band;
use Fescue\Core\Body\Body;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Counter;
use Fescue\Core\Instruction\StitchCount;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\TestCase;

final class BodyTest extends TestCase
{
    private static function body(Motif $motif, Loop $loop, Working $working, int $rounds = 5): Body
    {
        return new Body([new Band($motif, $loop, $rounds)], new Gauge(Motif::single(), Length::mm(12), Length::mm(10)), $working);
    }

    public function testEveryStitchAndLoopInBothSchoolsTakesAndLeavesAllOfIt(): void
    {
        foreach (array_values(Motif::all()) as $motif) {
            foreach (Loop::cases() as $loop) {
                foreach (Working::cases() as $working) {
                    $rows = self::body($motif, $loop, $working)->rows(44, 3);
                    self::assertSame(['Round 3', 'Round 7'], [$rows[0]->name, $rows[4]->name]);
                    foreach ($rows as $row) {
                        self::assertSame([44, 44], [Counter::count($row)->takes, Counter::count($row)->leaves]);
                    }
                }
            }
        }
    }

    /** Handbook 4: turning chain sc 1, hdc 2, dc 3, tr 4; real heights about 1, 1.5, 2, 3. Common practice, no source. */
    public function testHeightsAndStartingChains(): void
    {
        foreach ([[Motif::single(), 50, 1], [Motif::named('hdc'), 75, 2], [Motif::named('dc'), 100, 3], [Motif::named('tr'), 150, 4]] as [$motif, $height, $chains]) {
            self::assertEqualsWithDelta($height, self::body($motif, Loop::Both, Working::Spiral)->height()->mm, 1e-9);
            $joined = StitchCount::of(self::body($motif, Loop::Both, Working::Joined)->rows(44, 1)[0]);
            self::assertSame([$chains, 1, 44], [$joined->many(Stitch::Chain), $joined->many(Stitch::Slip), $joined->many($motif->post())]);
            $spiral = StitchCount::of(self::body($motif, Loop::Both, Working::Spiral)->rows(44, 1)[0]);
            self::assertSame(44, $spiral->total());
        }
    }

    public function testBandsStandOneUponAnother(): void
    {
        $gauge = new Gauge(Motif::single(), Length::mm(12), Length::mm(10));
        $body = new Body([new Band(Motif::single(), Loop::Back, 3), new Band(Motif::named('mesh'), Loop::Both, 2), new Band(Motif::named('hdc'), Loop::Both, 1)], $gauge, Working::Joined);
        self::assertSame(6, $body->rounds);
        self::assertEqualsWithDelta(3 * 10 + 2 * 20 + 15, $body->height()->mm, 1e-9);
        self::assertSame([Motif::single(), Motif::single(), Motif::single(), Motif::named('mesh'), Motif::named('mesh'), Motif::named('hdc')], array_map(fn(Band $band): Motif => $band->motif, $body->byRound()));
        $rows = $body->rows(44, 3);
        self::assertSame(['Round 3', 'Round 8'], [$rows[0]->name, $rows[5]->name]);
        $mesh = StitchCount::of($rows[3]);
        // Three chains lift the round, one slip stitch joins it.
        self::assertSame([22, 22 + 3, 1], [$mesh->many(Stitch::Double), $mesh->many(Stitch::Chain), $mesh->many(Stitch::Slip)]);
        self::assertSame('Ch 3 (does not count as a stitch; start in the st of the join), [dc in next st, ch 1, skip 1] 22 times, sl st in first st to join.', (new Writer(Terms::US))->words($rows[3]));
        self::assertSame('Ch 3 (does not count as a stitch; start in the st of the join), [tr in next st, ch 1, miss 1] 22 times, ss in first st to join.', (new Writer(Terms::UK))->words($rows[3]));
    }

    public function testABandHasARoundAtLeast(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        new Band(Motif::single(), Loop::Both, 0);
    }

    public function testTheWordsSayWhichLoopAndWhatTheChainCounts(): void
    {
        $words = fn(Loop $loop, Working $working): string => (new Writer(Terms::US))->words(self::body(Motif::named('dc'), $loop, $working)->rows(44, 1)[0]);
        self::assertSame('Sc in next st, front loop only, hdc in next st, front loop only, dc in next 42 sts, front loop only.', $words(Loop::Front, Working::Spiral));
        self::assertSame('Ch 3 (does not count as a stitch; start in the st of the join), dc in each st around, back loop only, sl st in first st to join.', $words(Loop::Back, Working::Joined));
        self::assertStringContainsString('do not join', Working::Spiral->explained());
        self::assertStringContainsString('do not count', Working::Joined->explained());
    }
}
