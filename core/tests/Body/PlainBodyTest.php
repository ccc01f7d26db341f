<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Body;

use Fescue\Core\Body\PlainBody;
use Fescue\Core\Gauge\Gauge;
use Fescue\Core\Measure\Length;
use Fescue\Core\Pattern\Counter;
use Fescue\Core\Pattern\StitchCount;
use Fescue\Core\Pattern\Working;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Loop;
use Fescue\Core\Stitch\Stitch;
use Fescue\Core\Stitch\Terms;
use PHPUnit\Framework\TestCase;

final class PlainBodyTest extends TestCase
{
    private static function body(Stitch $stitch, Loop $loop, Working $working, int $rounds = 5): PlainBody
    {
        return new PlainBody($stitch, $loop, $rounds, new Gauge(Stitch::Single, Length::mm(12), Length::mm(10)), $working);
    }

    public function testEveryStitchAndLoopInBothSchoolsTakesAndLeavesAllOfIt(): void
    {
        foreach ([Stitch::Single, Stitch::HalfDouble, Stitch::Double, Stitch::Treble] as $stitch) {
            foreach (Loop::cases() as $loop) {
                foreach (Working::cases() as $working) {
                    $rows = self::body($stitch, $loop, $working)->rows(44, 3);
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
        foreach ([[Stitch::Single, 50, 1], [Stitch::HalfDouble, 75, 2], [Stitch::Double, 100, 3], [Stitch::Treble, 150, 4]] as [$stitch, $height, $chains]) {
            self::assertEqualsWithDelta($height, self::body($stitch, Loop::Both, Working::Spiral)->height()->mm, 1e-9);
            $joined = StitchCount::of(self::body($stitch, Loop::Both, Working::Joined)->rows(44, 1)[0]);
            self::assertSame([$chains, 1, 44], [$joined->many(Stitch::Chain), $joined->many(Stitch::Slip), $joined->many($stitch)]);
            $spiral = StitchCount::of(self::body($stitch, Loop::Both, Working::Spiral)->rows(44, 1)[0]);
            self::assertSame(44, $spiral->total());
        }
    }

    public function testTheWordsSayWhichLoopAndWhatTheChainCounts(): void
    {
        $words = fn(Loop $loop, Working $working): string => (new Writer(Terms::US))->words(self::body(Stitch::Double, $loop, $working)->rows(44, 1)[0]);
        self::assertSame('Dc in each st around, front loop only.', $words(Loop::Front, Working::Spiral));
        self::assertSame('Ch 3 (does not count as a stitch), dc in each st around, back loop only, sl st in first st to join.', $words(Loop::Back, Working::Joined));
        self::assertStringContainsString('do not join', Working::Spiral->explained());
        self::assertStringContainsString('do not count', Working::Joined->explained());
    }
}
