<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\LoggedTime;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Estimate\Timed;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\Chance;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PaceTest extends TestCase
{
    private static function plan(): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote(['handles' => null])));
    }

    /** 12 s a stitch, 20 % for the maker, 10 % a part, 8 % a bag. From memory. */
    public function testBeforeAnyLogThePriorSpeaks(): void
    {
        $plan = self::plan();
        $minutes = Pace::of([])->minutes(new Timed($plan));
        self::assertEqualsWithDelta($plan->work->stitches()->total() * 0.2, $minutes->likely, 1e-9);
        self::assertGreaterThan(0.21, $minutes->relative);
        self::assertLessThan(0.24, $minutes->relative);
        self::assertSame(0, Pace::of([7 => new Timed($plan)])->bags());
    }

    /** A whole bag's minutes are shared out as each part was expected; what it is finished with has its own share. */
    public function testAFinishTakesItsTimeWhereItIsOfTheBag(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote(['finish' => [['type' => 'tassels', 'every' => 7]]])));
        $whole = new Timed($plan);
        self::assertGreaterThan(0.0, $whole->finish);
        self::assertSame(0.0, (new Timed($plan, finished: false))->finish);
        $all = array_sum(Pace::expected($plan)) + $whole->finish;
        $minutes = array_column(Timed::whole($plan, 2 * $all)->counted(), 'minutes');
        self::assertEqualsWithDelta(2 * array_sum(Pace::expected($plan)), array_sum($minutes), 1e-9);
    }

    /**
     * By hand: a base that took a quarter longer tells the share of maker and bag as 0.25·0.0464/(0.0464 + 0.01 +
     * 0.0025).
     */
    public function testALogTellsTheRestOfItsBag(): void
    {
        $plan = self::plan();
        $before = Pace::of([])->minutes(new Timed($plan));
        $base = $before->likely - self::body($plan);
        $said = function (array $logged) use ($plan): Spread {
            $timed = new Timed($plan, $logged);

            return Pace::of([7 => $timed])->minutes($timed, 7);
        };
        $after = $said([new LoggedTime(Part::Base, 1.25 * $base)]);
        self::assertEqualsWithDelta(
            1.25 * $base + self::body($plan) * (1 + 0.25 * 0.0464 / 0.0589),
            $after->likely,
            1e-6,
        );
        self::assertLessThan($before->relative, $after->relative);
        $all = $said([new LoggedTime(Part::Base, 30), new LoggedTime(Part::Body, 140)]);
        self::assertEqualsWithDelta([170, 0], [$all->likely, $all->relative], 1e-9);
        // A part this bag has not says nothing.
        self::assertEqualsWithDelta($before->likely, $said([new LoggedTime(Part::Handles, 10)])->likely, 1e-9);
    }

    /** By hand: another bag's base tells of a base as 0.25·0.05/0.0589, and of a body as 0.25·0.04/0.0589. */
    public function testALogTellsOfOtherBagsLess(): void
    {
        $plan = self::plan();
        $base = Pace::expected($plan)['base'];
        $pace = Pace::of([7 => new Timed($plan, [new LoggedTime(Part::Base, 1.25 * $base)])]);
        self::assertSame(1, $pace->bags());
        foreach ([null, 8] as $other) {
            $minutes = $pace->minutes(new Timed($plan), $other);
            self::assertEqualsWithDelta(
                $base * (1 + 0.25 * 0.05 / 0.0589) + self::body($plan) * (1 + 0.25 * 0.04 / 0.0589),
                $minutes->likely,
                1e-6,
            );
            self::assertLessThan(Pace::of([])->minutes(new Timed($plan))->relative, $minutes->relative);
        }
    }

    /** Makers drawn from the stated prior: nine times in ten the next bag takes what is said. */
    #[Group('slow')]
    public function testItIsAsSureAsItSays(): void
    {
        $chance = new Chance(new Randomizer(new Mt19937(23)));
        $plan = self::plan();
        $expected = Pace::expected($plan);
        $held = 0;
        $makers = 1000;
        for ($maker = 0; $maker < $makers; $maker++) {
            $own = Pace::MAKER * $chance->normal();
            $parts = array_map(fn(): float => Pace::PART * $chance->normal(), $expected);
            $takes = function () use ($chance, $expected, $own, $parts): array {
                $bag = Pace::BAG * $chance->normal();

                return array_map(
                    fn(float $minutes, float $part): float => $minutes * max(0.05, 1 + $own + $part + $bag),
                    $expected,
                    $parts,
                );
            };
            $timed = [];
            for ($bag = $chance->whole(0, 4); $bag > 0; $bag--) {
                [$base, $body] = array_values($takes());
                $log = fn(Part $part, float $minutes): LoggedTime => new LoggedTime(
                    $part,
                    $minutes + Pace::LOG * $expected[$part->value] * $chance->normal(),
                );
                $timed[$bag] = new Timed(
                    $plan,
                    $chance->share() < 0.5 ? [$log(Part::Base, $base)] : [
                        $log(Part::Base, $base),
                        $log(Part::Body, $body),
                    ],
                );
            }
            $said = Pace::of($timed)->minutes(new Timed($plan));
            $true = array_sum($takes());
            $held += (int) ($true >= $said->low() && $true <= $said->high());
        }
        self::assertEqualsWithDelta(0.9, $held / $makers, 0.025);
    }

    private static function body(BagPlan $plan): float
    {
        return 14 * 56 * 0.2;
    }

    /** Known of the whole bag alone, each part has its share of it: a bag half as fast again teaches just that. */
    public function testAWholeBagsMinutesAreSharedByItsParts(): void
    {
        $plan = self::plan();
        $plain = new Timed($plan);
        $whole = Timed::whole($plan, 1.5 * array_sum($plain->expected));
        foreach ($whole->counted() as $one) {
            self::assertEqualsWithDelta(1.5 * $plain->expected[$one->part->value], $one->minutes, 1e-9);
        }
        self::assertCount(count($plain->expected), $whole->counted());
        $before = Pace::of([])->minutes($plain)->likely;
        self::assertEqualsWithDelta(array_sum($plain->expected), $before, 1e-9);
        $after = Pace::of([7 => $whole])->minutes($plain)->likely;
        self::assertGreaterThan(1.3 * $before, $after);
        self::assertLessThan(1.5 * $before, $after);
    }
}
