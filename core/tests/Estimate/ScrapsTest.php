<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Reach;
use Fescue\Core\Estimate\Scrap;
use Fescue\Core\Estimate\Scraps;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class ScrapsTest extends TestCase
{
    /** @param list<?float> $shares of the bag that each is long enough for; null where it was not weighed */
    private static function scraps(array $shares): Scraps
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote()));
        $all = MaterialEstimate::of($plan)->metres->likely;
        $strands = array_map(
            fn(?float $share, int $place): Strand => new Strand(
                "Scrap {$place}",
                new Material(
                    Kind::Cord,
                    Length::mm(4),
                    LinearDensity::gramsPerMetre(8),
                    $share === null ? null : Mass::grams(8 * $share * $all),
                ),
                1,
            ),
            $shares,
            array_keys($shares),
        );

        return Scraps::of($plan, $strands);
    }

    private static function number(?RowId $row): int
    {
        return (int) filter_var((string) $row, FILTER_SANITIZE_NUMBER_INT);
    }

    public function testTheyFollowEachOtherWithoutAGapAndReachTheEnd(): void
    {
        $run = self::scraps([0.4, 0.5, 0.6]);
        self::assertSame(0.0, $run->missing);
        $next = 1;
        foreach ($run->scraps as $scrap) {
            self::assertFalse($scrap->short);
            self::assertSame($next, self::number($scrap->from));
            self::assertGreaterThanOrEqual($next, self::number($scrap->to));
            self::assertGreaterThanOrEqual(0, $scrap->left);
            $next = self::number($scrap->to) + 1;
        }
        self::assertSame(19, $next);
    }

    /**
     * A scrap is given no more rows than it is surely enough for, and joins stand two rows apart, off the slots, below
     * the last two rounds.
     */
    public function testNoJoinComesTooLate(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote()));
        $reach = Reach::of($plan);
        $all = MaterialEstimate::of($plan)->metres->likely;
        Draw::sow(5);
        for ($try = 0; $try < 60; $try++) {
            $shares = array_map(fn(): float => mt_rand(4, 60) / 100, range(1, mt_rand(2, 6)));
            $run = self::scraps($shares);
            $joins = [];
            $worked = array_values(array_filter($run->scraps, fn(Scrap $scrap): bool => $scrap->from !== null));
            foreach ($worked as $place => $scrap) {
                [$from, $to] = [self::number($scrap->from) - 1, self::number($scrap->to) - 1];
                if ($place < count($worked) - 1) {
                    $share = $shares[(int) filter_var($scrap->strand->name, FILTER_SANITIZE_NUMBER_INT)];
                    self::assertLessThan($reach->earliest($share * $all, $from) ?? PHP_INT_MAX, $to);
                    self::assertLessThan(16, $to);
                    $joins[] = $to;
                }
            }
            for ($place = 1; $place < count($joins); $place++) {
                self::assertGreaterThanOrEqual(2, $joins[$place] - $joins[$place - 1]);
            }
        }
    }

    public function testWhatIsWantingIsTold(): void
    {
        $run = self::scraps([0.3, 0.3]);
        self::assertTrue($run->scraps[1]->short);
        self::assertGreaterThan(0, $run->wanting()->mm);
        $all = MaterialEstimate::of(Planner::plan(BagDocument::read(Documents::tote())))->metres->likely;
        // What was left over of the first is lost to the second: more is wanting than the sum alone says.
        self::assertGreaterThan(0.38 * $all, $run->missing);
    }

    public function testShortOnesSparesAndUnweighedAreSetAside(): void
    {
        $run = self::scraps([null, 0.001, 1.4, 0.5]);
        self::assertSame(
            [null, null, 'Round 1', null],
            array_map(fn(Scrap $scrap): ?string => $scrap->from?->written(), $run->scraps),
        );
        self::assertNull($run->scraps[0]->left);
        self::assertTrue($run->scraps[1]->short);
        self::assertSame('Round 18', (string) $run->scraps[2]->to);
        self::assertGreaterThan(0, $run->scraps[3]->left);
        self::assertSame([], self::scraps([])->scraps);
    }
}
