<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Top;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Bag\Plans;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Report\Told;
use Fescue\Core\Top\ChainHandle;
use PHPUnit\Framework\TestCase;

final class ChainHandleTest extends TestCase
{
    /** @param array<string, int> $counts */
    private static function plan(array $counts = [], array $changes = []): BagPlan
    {
        return Planner::plan(
            BagDocument::read(Documents::tote(['handles' => ['type' => 'chain'] + $counts] + $changes)),
        );
    }

    /** Handbook 10D [check]: 50 chains between marks, front and back alike. Common practice, no source. */
    public function testFiftyChainsOnEachSide(): void
    {
        $plan = self::plan(['skip' => 4, 'chain' => 50, 'edge_rounds' => 2]);
        $writer = new Writer(Terms::US);
        $rows = array_slice($plan->work->rows, -3);
        // 56 around: the middle of a side at 14 and 42.
        self::assertSame(
            'Sc in next 12 sts, ch 50, sk next 4 sts, sc in next 24 sts, ch 50, sk next 4 sts, sc in next 12 sts. (48 sc, 2 ch-50 sps)',
            $writer->line($rows[0]),
        );
        self::assertSame(
            'Sc in next 12 sc, 50 sc in ch-50 sp, sc in next 24 sc, 50 sc in ch-50 sp, sc in next 12 sc. (148)',
            $writer->line($rows[1]),
        );
        self::assertSame('Sc in each st around. (148)', $writer->line($rows[2]));
        self::assertSame([false, true, true], array_map(fn(Row $row): bool => $row->bearsJoin, $rows));
    }

    /** A mend takes no chain below what it spans. */
    public function testNoChainIsShorterThanWhatItSpans(): void
    {
        self::assertSame(
            [13, 800],
            [
                (new ChainHandle(['skip' => 13]))->settings()[1]->bounds->least,
                (new ChainHandle(['skip' => 13]))->settings()[1]->bounds->most,
            ],
        );
        self::assertSame(1, ChainHandle::open()->settings()[1]->bounds->least);
    }

    /** At 12 mm: 60 cm are 50 chains, 15 cm an even 12 on a middle between two stitches. */
    public function testIsLongEnoughForAShoulderWhereNothingIsSaid(): void
    {
        $plan = self::plan();
        self::assertSame(
            [12, 50, 1],
            [
                Plans::count($plan, '/handles/skip'),
                Plans::count($plan, '/handles/chain'),
                Plans::count($plan, '/handles/edge_rounds'),
            ],
        );
        self::assertCount(2 + 14 + 1 + 1, $plan->work->rows);
        self::assertSame(
            10,
            Plans::count(self::plan(['chain' => 11]), '/handles/skip'),
            'No more than the chain spans.',
        );
    }

    /** Length under a load is its length × (1 + stretch), handbook 7; a tenth is our guess. */
    public function testSaysHowLongItHangs(): void
    {
        $plan = self::plan(['skip' => 4, 'chain' => 50]);
        $all = Told::on($plan, MaterialEstimate::of($plan));
        $notes = array_column($all, 'lead', 'code');
        self::assertSame('Round 17', (string) array_column($all, 'row', 'code')['handle-hangs']);
        self::assertSame('A handle lies 60.0 cm long and hangs about 66.0 cm.', $notes['handle-hangs']);
        self::assertArrayNotHasKey('handle-off-centre', $notes);
        self::assertArrayHasKey('hang-test', $notes);
        $odd = self::plan(['skip' => 5, 'chain' => 50]);
        self::assertArrayHasKey(
            'handle-off-centre',
            array_column(Told::on($odd, MaterialEstimate::of($odd)), 'lead', 'code'),
        );
    }

    /** Handbook 5: more stitches may go around a chain than it has loops; into it goes one a chain. */
    public function testStitchesOnTheChain(): void
    {
        $of = fn(array $more): array => ['handles' => ['type' => 'slot', 'skip' => 10, 'chain' => 16] + $more];
        $lines = fn(array $more): string => Ways::lines(Ways::plan($of($more)))['Round 18'];
        self::assertStringContainsString('16 sc in ch-16 sp', $lines([]));
        self::assertStringContainsString('sc in next 16 ch', $lines(['worked' => 'into']));
        self::assertStringContainsString('20 sc in ch-16 sp', $lines(['stitches' => 20]));
        $plan = Ways::plan($of(['stitches' => 20, 'edge_rounds' => 3]));
        // 56, and 6 chains more over each side; then four stitches more on each.
        self::assertSame([56, 68, 76, 76, 76], array_slice(Ways::leaves($plan), -5));
        self::assertSame(
            ['/handles/stitches', true],
            [
                Ways::refused($of(['worked' => 'into', 'stitches' => 20]))[0],
                str_contains(Ways::refused($of(['worked' => 'into', 'stitches' => 20]))[1], 'a stitch a chain, 16'),
            ],
        );
    }

    /** Hung under a load it is a tenth longer than it lies: 66 cm are 60 of chain, 50 of 12 mm. */
    public function testAHandleFollowsTheLengthItHangs(): void
    {
        $plan = Ways::plan(['handles' => ['type' => 'chain', 'hangs' => '66 cm']]);
        self::assertSame(50, Plans::count($plan, '/handles/chain'));
        self::assertStringContainsString('60.0 cm long and hangs about 66.0 cm', Ways::notes($plan)['handle-hangs']);
    }

    /** Once one of hers has hung, it is as it gave: a quarter, 66 cm of 52.8 lying; and it is said. */
    public function testAMeasuredStretchTakesThePlaceOfTheGuess(): void
    {
        $chain = ['handles' => ['type' => 'chain', 'hangs' => '66 cm'], 'stretch' => 0.25];
        $plan = Ways::plan($chain);
        self::assertSame(44, Plans::count($plan, '/handles/chain'));
        self::assertStringContainsString('52.8 cm long and hangs about 66.0 cm', Ways::notes($plan)['handle-hangs']);
        self::assertStringContainsString('yours gave 25.0 % under a load', Ways::notes($plan)['handle-hangs']);
        Ways::plan(['handles' => ['type' => 'straps', 'hangs' => '200 cm']]);
        [$path, $said] = Ways::refused(['handles' => ['type' => 'straps', 'hangs' => '200.1 cm']]);
        self::assertSame('/handles/hangs', $path);
        self::assertStringContainsString('200 cm', $said);
        $straps = Ways::plan(['handles' => ['type' => 'straps', 'hangs' => '80 cm'], 'stretch' => 0.25]);
        $rows = Plans::count($straps, '/handles/rows');
        self::assertEqualsWithDelta(640, $rows * 11.5, 11.5, 'In an even number of rows.');
        self::assertStringContainsString('yours gave', Ways::notes($straps)['straps-hang']);
        $hooked = Ways::plan(['handles' => ['type' => 'hooked', 'hangs' => '60 cm'], 'stretch' => 0.25]);
        self::assertSame(40, Plans::count($hooked, '/handles/chain'));
        self::assertSame('/stretch', Ways::refused(['stretch' => 1.01])[0]);
        self::assertSame('/stretch', Ways::refused(['stretch' => 0])[0]);
        self::assertSame(0.25, $plan->spec->sized($plan->spec->choices->wish)->school()->flat()->stretch);
    }
}
