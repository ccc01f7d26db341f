<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\LoggedTime;
use Fescue\Core\Estimate\Pace;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    private static function plan(): BagPlan
    {
        return Planner::plan(BagDocument::read(Documents::tote(['handles' => null])));
    }

    /** 12 s a stitch, 20 % for the maker and 10 % a part. From memory. */
    public function testBeforeAnyLogThePriorSpeaks(): void
    {
        $plan = self::plan();
        $minutes = Pace::of($plan);
        self::assertEqualsWithDelta($plan->pattern->stitches()->total() * 0.2, $minutes->likely, 1e-9);
        self::assertGreaterThan(0.2, $minutes->relative);
        self::assertLessThan(0.23, $minutes->relative);
    }

    /** By hand: a base that took a quarter longer tells the maker's share as 0.25·0.04/(0.04 + 0.01 + 0.0025). */
    public function testALogTellsTheRest(): void
    {
        $plan = self::plan();
        $base = Pace::of($plan)->likely - self::body($plan);
        $after = Pace::of($plan, [new LoggedTime(Part::Base, 1.25 * $base)]);
        self::assertEqualsWithDelta(1.25 * $base + self::body($plan) * (1 + 0.25 * 0.04 / 0.0525), $after->likely, 1e-6);
        self::assertLessThan(Pace::of($plan)->relative, $after->relative);
        $all = Pace::of($plan, [new LoggedTime(Part::Base, 30), new LoggedTime(Part::Body, 140)]);
        self::assertEqualsWithDelta([170, 0], [$all->likely, $all->relative], 1e-9);
        // A part this bag has not says nothing.
        self::assertEqualsWithDelta(Pace::of($plan)->likely, Pace::of($plan, [new LoggedTime(Part::Handles, 10)])->likely, 1e-9);
    }

    private static function body(BagPlan $plan): float
    {
        return 14 * 56 * 0.2;
    }
}
