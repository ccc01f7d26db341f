<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\HandGauge;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\WhatIf;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\HookSize;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Piece\Maker;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\TestCase;

final class WhatIfTest extends TestCase
{
    /** Measured, it is what was measured, not what a hand would make: 15 mm a stitch where 12 were planned. */
    public function testWhatWasMeasuredWins(): void
    {
        $plan = Ways::plan([
            'size' => ['length' => '30 cm', 'width' => '12 cm', 'height' => '26 cm'], 'body/rounds' => null,
        ]);
        $wide = new Swatch(Motif::single(), 10, Length::mm(150), 10, Length::mm(130), Mass::grams(110));
        $hand = LearnedHand::of([]);
        $own = $plan->spec->facts->strands->own;
        $measured = WhatIf::of($plan, $hand, $own, HookSize::mm(10), $wide);
        self::assertNull($measured->predicted);
        self::assertEqualsWithDelta(4 / 15, $measured->firmness, 1e-9);
        self::assertEqualsWithDelta(28 * 15.0, $measured->counts?->comesOut->flatWidth->mm, 1e-6);
        // Its size kept: 26 cm of rows that are 13 mm high.
        self::assertEqualsWithDelta(260.0, $measured->sized?->comesOut->height->mm, 6.5);
        self::assertSame(20, $measured->sized->parts[1]->maker->write()['rounds']);
        $guessed = WhatIf::of($plan, $hand, $own, HookSize::mm(10));
        self::assertNotNull($guessed->predicted);
        self::assertGreaterThan(Length::mm(12)->mm, 4 / $guessed->firmness, 'A thicker hook makes wider stitches.');
    }

    /** Of the same hook and strand it takes what the plan does, with all that it is finished with. */
    public function testItIsFinishedAsThePlanIs(): void
    {
        $finish = [['type' => 'tassels'], ['type' => 'button']];
        foreach ([[], $finish] as $with) {
            $plan = Ways::plan(['finish' => $with]);
            $hands = $plan->spec->facts->hands;
            $same = WhatIf::of($plan, LearnedHand::of([]), $plan->spec->facts->strands->own, $hands->hook, $hands->swatch);
            foreach ([$same->counts, $same->sized] as $one) {
                self::assertNotNull($one);
                self::assertEqualsWithDelta(
                    MaterialEstimate::of($plan)->grams->likely,
                    MaterialEstimate::of($one)->grams->likely,
                    1e-6,
                );
            }
        }
    }

    /** A bag is told of the stitches that it is worked in alone: all others would change nothing. */
    public function testNoProportionIsLacking(): void
    {
        $hand = LearnedHand::of([]);
        $hook = HookSize::mm(10);
        foreach (['sc', 'mesh', 'posts', 'two-in-one', 'mesh-plain'] as $stitch) {
            foreach ([null, ['type' => 'straps', 'stitch' => 'hdc', 'wide' => 3, 'rows' => 20]] as $top) {
                $plan = Ways::plan([
                    'base/chain' => 22, 'body/stitch' => $stitch, 'body/rounds' => 8, 'handles' => $top,
                    'working' => 'joined', 'finish' => [['type' => 'flap'], ['type' => 'drawstring']],
                ]);
                $own = $plan->spec->facts->strands->own;
                foreach ([null, $plan->spec->facts->hands->swatch] as $measured) {
                    $all = $measured === null
                        ? HandGauge::predicted($hook, $hand->predictBag($hook, $own, $plan->spec->motif()), $own)
                        : new HandGauge($hook, $measured, proportions: $hand->proportions($measured->motif));
                    $full = Planner::plan($plan->settled()->alone(WhatIf::size($plan), $own, $all));
                    $lean = WhatIf::of($plan, $hand, $own, $hook, $measured)->counts;
                    self::assertNotNull($lean);
                    self::assertEquals(MaterialEstimate::of($full)->grams, MaterialEstimate::of($lean)->grams, $stitch);
                    self::assertEquals($full->comesOut, $lean->comesOut, $stitch);
                }
            }
        }
    }

    /** Of stitches that come out otherwise every round holds what it held: what is worked is not planned anew. */
    public function testCountsThatAreKeptAreKeptOnAnyGauge(): void
    {
        $planned = 0;
        foreach ([
            ['type' => 'oval', 'ends' => 'two-and-two'], ['type' => 'oval', 'ends' => 'three'],
            ['type' => 'oval', 'ends' => 'six', 'rise' => true], ['type' => 'oval', 'ends' => 4, 'growth' => [10]],
            ['type' => 'rows', 'stitch' => 'hdc'], ['type' => 'square'], ['type' => 'folded-chain'],
            ['type' => 'folded-rows', 'stitch' => 'sc'],
            ['type' => 'holes', 'holes' => 56, 'length' => '30 cm', 'width' => '14 cm'],
            ['type' => 'frame', 'holes' => 12, 'length' => '24 cm'],
        ] as $base) {
            foreach ([
                null, ['type' => 'slot', 'hangs' => '40 cm'], ['type' => 'straps', 'hangs' => '50 cm', 'wide' => 4],
            ] as $top) {
                $changes = [
                    'base' => $base, 'handles' => $top, 'body/rounds' => null,
                    'size' => ['length' => '30 cm', 'width' => '14 cm', 'height' => '24 cm'],
                ];
                try {
                    $plan = Ways::plan($changes);
                } catch (Refused) {
                    continue;
                }
                $planned++;
                foreach ([[1.2, 1.0], [1.0, 1.2], [0.85, 1.1]] as [$wide, $high]) {
                    $taped = Planner::plan($plan->settled()->taped($wide, $high));
                    self::assertSame(
                        Ways::leaves($plan),
                        Ways::leaves($taped),
                        json_encode($base, JSON_THROW_ON_ERROR),
                    );
                }
            }
        }
        self::assertGreaterThan(15, $planned);
    }

    /** A round fewer, those that are left grow as they did; of another size they are planned anew. */
    public function testTheGrowthOfAnOvalFollowsItsRounds(): void
    {
        $of = fn(array $base): Maker => Ways::plan(
            ['base' => ['type' => 'oval', 'ends' => 'two-and-two', 'chain' => 22] + $base],
        )->parts[0]->maker;
        $four = $of(['rounds' => 4]);
        self::assertSame([8, 4, 8], $four->write()['growth']);
        self::assertSame([8, 4], $four->with(['rounds' => 3])->write()['growth']);
        self::assertSame([8, 4, 8], $four->with(['chain' => 30])->write()['growth']);
        self::assertSame([2], $four->with(['rounds' => 2, 'growth' => [2]])->write()['growth']);
        $risen = $of(['rounds' => 4, 'rise' => true]);
        foreach ([
            $four->with(['rounds' => null]), $four->with(['rounds' => 1]), $risen->with(['rounds' => 3]),
        ] as $open) {
            self::assertArrayNotHasKey('growth', $open->write());
        }
        self::assertSame('/base/growth', Ways::refused(
            ['base' => ['type' => 'oval', 'ends' => 'three', 'chain' => 22, 'rounds' => 2, 'growth' => [6, 6]]],
        )[0]);
    }
}
