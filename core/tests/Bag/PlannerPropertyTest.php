<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Base\OvalRing;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Instruction\Count;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Instruction\Placement;
use Fescue\Core\Instruction\Skip;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What must hold for any bag at all: random sizes, gauges and options, seeded so that a failure can be met again. */
final class PlannerPropertyTest extends TestCase
{
    private const BAGS = 6000;

    #[Group('slow')]
    public function testAnyBagIsRefusedWithAReasonOrRight(): void
    {
        Draw::sow(77);
        $planned = 0;
        $refused = 0;
        for ($bag = 0; $bag < self::BAGS; $bag++) {
            $document = Documents::random();
            try {
                $plan = Planner::plan(BagDocument::read($document));
            } catch (Refused $e) {
                self::assertGreaterThan(15, strlen($e->problems[0]->message));
                self::assertStringStartsWith('/', $e->problems[0]->path);
                $refused++;

                continue;
            }
            $planned++;
            $said = json_encode($document, JSON_THROW_ON_ERROR);
            $this->takesExactlyWhatIsThere($plan, $said);
            $this->comesWithinOneStitchAndOneRound($plan, $document, $said);
            $this->slotsFaceEachOther($plan, $said);
            if ($bag % 20 === 0) {
                $this->drawsAndEstimates($plan, $said);
            }
        }
        self::assertGreaterThan(self::BAGS / 3, $planned);
        self::assertGreaterThan(100, $refused);
    }

    private function takesExactlyWhatIsThere(BagPlan $plan, string $said): void
    {
        $there = $plan->work->start->chain;
        foreach ($plan->work->rows as $row) {
            $count = Count::of($row->instructions);
            self::assertSame($there, $count->takesOf(0), "{$row->name} of {$said}");
            $there = $count->leaves;
        }
    }

    /** @param array<string, mixed> $document */
    private function comesWithinOneStitchAndOneRound(BagPlan $plan, array $document, string $said): void
    {
        $out = $plan->comesOut;
        $wish = $plan->spec->choices->wish;
        $stitch = $plan->gauge->width->mm;
        $round = $plan->gauge->singleHeight()->mm;
        if (! isset($document['base']['chain'])) {
            self::assertLessThanOrEqual($stitch + 1e-6, abs($out->baseLength->mm - $wish->length?->mm), $said);
        }
        if (! isset($document['base']['rounds'])) {
            self::assertLessThanOrEqual($round + 1e-6, abs($out->baseWidth->mm - $wish->width?->mm), $said);
        }
        if (! isset($document['body']['rounds'])) {
            self::assertLessThanOrEqual(
                $plan->gauge->heightOf(Motif::named($document['body']['stitch']))->mm + 1e-6,
                abs($out->height->mm - $wish->height?->mm),
                $said,
            );
        }
    }

    /** Counted from the row itself, not from the planner's own figures. */
    private function slotsFaceEachOther(BagPlan $plan, string $said): void
    {
        foreach ($plan->work->rows as $row) {
            if ($row->part !== Part::Handles) {
                continue;
            }
            $worked = 0;
            $middles = [];
            $skip = 0;
            foreach ($row->instructions as $instruction) {
                $count = Count::of([$instruction]);
                if ($instruction instanceof Skip) {
                    $skip = $instruction->count;
                    $middles[] = $worked + $skip / 2;
                }
                $worked += $count->takes;
            }
            self::assertCount(2, $middles, $said);
            $half = Plans::around($plan) / 2;
            self::assertEqualsWithDelta($half, $middles[1] - $middles[0], 1e-9, $said);
            // The middle of the front, by the base: half way along its straight side.
            $ring = $plan->work->rows[Plans::count($plan, '/base/rounds') - 1]->path;
            self::assertInstanceOf(OvalRing::class, $ring);
            // Its second half is the first, half a turn on.
            foreach ([0, 1, $ring->half() - 1] as $place) {
                $is = $ring->stand($ring->half() + $place, $ring->stitches());
                $opposite = $ring->stand($place, $ring->stitches())->opposite();
                self::assertEqualsWithDelta([$opposite->x, $opposite->y], [$is->x, $is->y], 1e-9, $said);
            }
            $centre = $ring->head + (Plans::count($plan, '/base/chain') - 2) / 2;
            self::assertLessThanOrEqual(1.0, abs($middles[0] - $centre), $said);
        }
    }

    private function drawsAndEstimates(BagPlan $plan, string $said): void
    {
        $symbols = BaseChart::of($plan);
        $expected = $plan->work->start->chain + array_sum(
            array_slice(Ways::leaves($plan), 0, Plans::count($plan, '/base/rounds')),
        );
        self::assertCount($expected, $symbols, $said);
        $estimate = MaterialEstimate::of($plan);
        self::assertGreaterThan(0, $estimate->metres->low(), $said);
        self::assertLessThan($estimate->metres->high(), $estimate->metres->likely, $said);
        self::assertIsArray(json_decode(PlanDocument::toJson($plan), true, 16, JSON_THROW_ON_ERROR));
        $placed = array_map(fn($row): int => count(Placement::of($row->instructions)), $plan->work->rows);
        self::assertSame(Ways::leaves($plan), $placed, $said);
    }
}
