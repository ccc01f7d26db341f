<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Pattern;

use Fescue\Core\Chart\SideView;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Edge;
use Fescue\Core\Pattern\School;
use Fescue\Core\Tests\Bag\Ways;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SchoolTest extends TestCase
{
    /**
     * Handbook 5 and 10 A: turning chains count as a stitch or not, and the text says which; joined and turned each
     * round. Common practice, no source.
     */
    #[TestWith(['joined', 'apart', 'Ch 3, dc in each st around, join. (56)'])]
    #[TestWith(['joined', 'counts', 'Ch 3 (counts as dc), dc in next 55 sts, join. (56)'])]
    #[TestWith(['joined-turned', 'apart', 'Ch 3, turn, dc in each st around, join. (56)'])]
    #[TestWith(['joined-turned', 'counts', 'Ch 3 (counts as dc), turn, dc in next 55 sts, join. (56)'])]
    #[TestWith(['spiral', 'counts', 'Dc in each st around. (56)'])]
    public function testAPlainRound(string $working, string $chain, string $line): void
    {
        $plan = Ways::plan(
            ['working' => $working, 'starting_chain' => $chain, 'body' => ['stitch' => 'dc', 'rounds' => 3]],
        );
        self::assertSame($line, Ways::lines($plan)['Round 5']);
        self::assertSame([48, 56, 56, 56, 56], Ways::leaves($plan));
    }

    /** Where both halves of a round meet, increases on either side are told as one. */
    public function testIncreasesOfBothHalvesAreToldTogether(): void
    {
        $plan = Ways::plan([
            'working' => 'joined',
            'starting_chain' => 'counts',
            'base' => [
                'type' => 'oval', 'ends' => 'six', 'stitch' => 'dc', 'chain' => 14, 'rounds' => 2, 'growth' => [12],
            ],
        ]);
        self::assertSame(
            'Ch 3 (counts as dc), dc in same st, 2 dc in each of next 2 sts, dc in next 12 sts, 2 dc in each of next 6 sts, dc in next 12 sts, 2 dc in each of next 3 sts, join. (48)',
            Ways::lines($plan)['Round 2'],
        );
    }

    /** An increase whose first stitch is the chain: the rest of it goes beside it. */
    public function testAnIncreaseUnderAChainThatCounts(): void
    {
        $plan = Ways::plan(['working' => 'joined', 'starting_chain' => 'counts', 'base/rounds' => 3]);
        self::assertStringStartsWith(
            'Ch 1 (counts as sc), sc in same st, 2 sc in next st, sc in next 20 sts, ',
            Ways::lines($plan)['Round 2'],
        );
        // What begins with no stitch that a chain can stand for says that it does not count.
        $posts = Ways::plan(
            ['working' => 'joined', 'starting_chain' => 'counts', 'body' => ['stitch' => 'posts', 'rounds' => 2]],
        );
        self::assertStringStartsWith('Ch 3, [sk next st', Ways::lines($posts)['Round 3']);
    }

    /** What lies flat is never turned, and the explanation says so; each school says what its chains are. */
    public function testWhatIsExplained(): void
    {
        $turned = Ways::plan(['working' => 'joined-turned', 'base/rounds' => 3]);
        self::assertStringStartsWith('Ch 1, [sc', Ways::lines($turned)['Round 3']);
        self::assertStringStartsWith('Ch 1, turn', Ways::lines($turned)['Round 4']);
    }

    /** The middle of a side met from the other face, from a later beginning, and where the start leans. */
    public function testTheMiddlesOfAnEdge(): void
    {
        $edge = Edge::around(56, 13.5);
        self::assertSame([13.5, 41.5], $edge->middles);
        self::assertSame([55.5, 27.5], $edge->folds);
        self::assertSame([-0.5, 27.5], $edge->front());
        // The front's comes first, wherever the round begins; turned, stitch i stands on stitch 2 − i.
        self::assertSame([[43.5, 15.5], [1.5, 29.5]], [$edge->turned()->middles, $edge->turned()->folds]);
        self::assertSame([29.5, 57.5], $edge->turned()->front());
        self::assertSame([3.5, 31.5], $edge->begun(10)->middles);
        self::assertSame([49.5, 21.5], $edge->begun(20)->middles);
        self::assertSame([20, 0], [$edge->begun(20)->moved, $edge->moved]);
        self::assertEqualsWithDelta([12.3, 40.3], $edge->leaning(1.2)->middles, 1e-9);
        self::assertEqualsWithDelta([55.5, 27.5], $edge->leaning(14)->middles, 1e-9);
        self::assertSame(14, Edge::around(56, 0.0)->fromFold()->moved);
        self::assertSame([42.0, 14.0], Edge::around(56, 0.0)->fromFold()->middles);
    }

    /**
     * Handbook 7: the start leans a fraction of a stitch each round: measure it once, then plan with it. After 14
     * rounds
     * of 0.25 the slots stand three and a half stitches nearer the beginning.
     */
    public function testSlotsArePlannedWithTheLean(): void
    {
        $before = fn(float $lean): int => (int) preg_replace('/^Sc in next (\d+) sts.*$/', '$1', Ways::lines(
            Ways::plan(['lean' => $lean, 'handles' => ['type' => 'slot', 'skip' => 9, 'chain' => 14]]),
        )['Round 17']);
        self::assertSame([10, 6, 13], [$before(0), $before(0.25), $before(-0.25)]);
        self::assertSame('/lean', Ways::refused(['lean' => 3])[0]);
        self::assertSame('/lean', Ways::refused(['lean' => '0.2'])[0]);
        self::assertSame('/starting_chain', Ways::refused(['starting_chain' => 'maybe'])[0]);
    }

    /**
     * Where an opening would run over the beginning, rounds begin at the fold from there on; the front shows it
     * whole.
     */
    public function testRoundsMoveOnToTheFold(): void
    {
        $plan = Ways::plan([
            'base' => ['type' => 'holes', 'holes' => 44, 'length' => '25 cm', 'width' => '10 cm'],
            'handles' => ['type' => 'slot', 'skip' => 9, 'chain' => 14],
        ]);
        self::assertStringStartsWith(
            'Sl st in each of next 14 sts: rounds begin here from now on, sc in next ',
            Ways::lines($plan)['Round 16'],
        );
        $view = SideView::of($plan);
        self::assertCount(1, $view->openings);
        self::assertEqualsWithDelta(0, $view->openings[0]->x, 6.01);
        self::assertGreaterThan(
            MaterialEstimate::of(Ways::plan(['base' => ['type' => 'holes', 'holes' => 44, 'length' => '25 cm', 'width' => '10 cm']]))
                ->grams->likely,
            MaterialEstimate::of($plan)->grams->likely,
        );
    }
}
