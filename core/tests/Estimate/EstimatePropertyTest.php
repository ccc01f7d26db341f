<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\BallEnd;
use Fescue\Core\Estimate\Balls;
use Fescue\Core\Estimate\Breakdown;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\Mends;
use Fescue\Core\Estimate\PartTakes;
use Fescue\Core\Gauge\LearnedHand;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Material\Kind;
use Fescue\Core\Report\PlanDocument;
use Fescue\Core\Statistics\Chance;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Whatever is asked, sensible or not: an estimate is a number, its parts come to its whole, and what it says of rows is
 * of rows that are there.
 */
final class EstimatePropertyTest extends TestCase
{
    private Chance $chance;

    protected function setUp(): void
    {
        $this->chance = new Chance(new Randomizer(new Mt19937(2026)));
    }

    #[Group('slow')]
    public function testAnyBagIsEstimatedSoundly(): void
    {
        $hand = LearnedHand::of([]);
        $estimated = $mended = $odd = $short = 0;
        for ($try = 0; $try < 500; $try++) {
            $document = $this->document();
            $said = (string) json_encode($document);
            try {
                $plan = Planner::plan(BagDocument::read($document));
            } catch (Refused) {
                continue;
            }
            $estimated++;
            $estimate = MaterialEstimate::of($plan);
            $odd += count($estimate->odd);
            foreach ([$estimate, ...$estimate->others] as $one) {
                $this->mustBeSound($one, $plan, $said);
                $short += (int) ($one->runsOut() !== null);
            }
            foreach (Breakdown::of($plan)->rows as $row) {
                self::assertTrue(is_finite($row->grams) && $row->grams >= 0, $said);
            }
            self::assertContainsOnlyInstancesOf(BallEnd::class, Balls::of($plan));
            self::assertJson(PlanDocument::toJson($plan), $said);
            foreach ($try % 8 === 0 ? Mends::of($plan, $estimate, hand: $hand) : [] as $mend) {
                $mended++;
                self::assertTrue(
                    $mend->plan === null || MaterialEstimate::of($mend->plan)->isSure() === true,
                    "{$mend->do->english()}: {$said}",
                );
            }
        }
        foreach ([$estimated, $mended, $odd, $short] as $many) {
            self::assertGreaterThan(10, $many);
        }
    }

    private function mustBeSound(MaterialEstimate $one, BagPlan $plan, string $said): void
    {
        foreach ([$one->grams, $one->metres, $one->remaining, $one->waste] as $spread) {
            self::assertTrue(is_finite($spread->likely) && is_finite($spread->relative), $said);
            self::assertLessThanOrEqual($spread->likely, $spread->low(), $said);
            self::assertGreaterThanOrEqual($spread->likely, $spread->high(), $said);
        }
        self::assertEqualsWithDelta(
            $one->grams->likely,
            array_sum(array_map(fn(PartTakes $part): float => $part->grams, $one->parts)),
            1e-6 * (1 + $one->grams->likely),
            $said,
        );
        if ($one->enough !== null) {
            self::assertGreaterThanOrEqual(0.0, $one->enough, $said);
            self::assertLessThanOrEqual(1.0, $one->enough, $said);
        }
        if ($one->runsOut() !== null) {
            $names = array_flip($plan->work->names());
            self::assertLessThanOrEqual(
                $names[(string) $one->runsOut()->row],
                $names[(string) $one->runsOut()->earliest],
                $said,
            );
            self::assertGreaterThanOrEqual(
                $names[(string) $one->runsOut()->row],
                $names[(string) ($one->runsOut()->latest ?? $one->runsOut()->row)],
                $said,
            );
            self::assertGreaterThanOrEqual(1, $one->runsOut()->stitch, $said);
            self::assertLessThan(0.5 + 1e-9, $one->enough, $said);
        }
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        $perhaps = fn(mixed $value): mixed => $this->chance->share() < 0.5 ? $value : null;
        $document = [
            'format' => BagDocument::FORMAT,
            'name' => 'Drawn',
            'hook' => "{$this->chance->whole(2, 25)} mm",
            'working' => $this->chance->of(['spiral', 'joined']),
            'size' => [
                'length' => "{$this->chance->whole(8, 60)} cm",
                'width' => "{$this->chance->whole(4, 30)} cm",
                'height' => "{$this->chance->whole(4, 60)} cm",
            ],
            'material' => $this->material() + array_filter(
                [
                    'on_hand' => $perhaps("{$this->chance->whole(0, 3000)} g"),
                    'unit' => $perhaps(
                        $this->chance->of(["{$this->chance->whole(1, 500)} g", "{$this->chance->whole(1, 200)} m"]),
                    ),
                    'waste' => $perhaps(0.2),
                ],
            ),
            'base' => ['type' => 'oval', 'ends' => $this->chance->of(['three', 'two-and-two'])] + array_filter(
                ['chain' => $perhaps($this->chance->whole(3, 40)), 'rounds' => $perhaps($this->chance->whole(1, 9))],
            ),
            'body' => [
                'stitch' => $this->chance->of(array_values(Motif::all()))->key,
            ] + array_filter(['rounds' => $perhaps($this->chance->whole(1, 30))]),
        ];
        if ($this->chance->share() < 0.5) {
            $document['gauge'] = $this->swatch();
        } else {
            for ($many = $this->chance->whole(1, 4); $many > 0; $many--) {
                $document['swatches'][] = $this->swatch() + [
                    'hook' => "{$this->chance->whole(3, 15)} mm",
                    'material' => $this->material(),
                    'blocked' => $this->chance->share() < 0.3,
                ];
            }
        }
        if ($this->chance->share() < 0.5) {
            $document['handles'] = ['type' => 'slot', 'edge_rounds' => $this->chance->whole(0, 2)];
        }
        if ($this->chance->share() < 0.3) {
            $document['others'] = [$this->material() + ['on_hand' => "{$this->chance->whole(0, 2000)} g"]];
            $document['changes'] = [['from' => "Round {$this->chance->whole(2, 8)}", 'to' => 1]];
        }
        if ($this->chance->share() < 0.5) {
            $left = $this->chance->whole(200, 3000);
            $row = 0;
            for ($many = $this->chance->whole(1, 4); $many > 0; $many--) {
                $row += $this->chance->whole(1, 4);
                $left = max(0, $left - $this->chance->whole(0, 150));
                $document['weigh_ins'][] = ['after' => "Round {$row}", 'left' => "{$left} g"];
            }
        }

        return $document;
    }

    /** @return array<string, string> */
    private function material(): array
    {
        return [
            'kind' => $this->chance->of(Kind::strands())->value,
            'diameter' => "{$this->chance->whole(1, 12)} mm",
            'density' => "{$this->chance->whole(1, 40)} g/m",
        ];
    }

    /** @return array<string, int|float|string> */
    private function swatch(): array
    {
        return [
            'stitch' => $this->chance->of(array_values(Motif::all()))->key,
            'stitches' => $this->chance->whole(2, 20),
            'width' => "{$this->chance->whole(3, 30)} cm",
            'rows' => $this->chance->whole(2, 20),
            'height' => "{$this->chance->whole(3, 30)} cm",
        ]
            + ($this->chance->share() < 0.5 ? ['mass' => "{$this->chance->whole(1, 300)} g"] : [])
            + ($this->chance->share() < 0.3 ? ['width_spread' => 0.03] : []);
    }
}
