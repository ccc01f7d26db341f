<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Chart\BaseChart;
use Fescue\Core\Chart\Symbol;
use Fescue\Core\Shape\Rectangle;
use Fescue\Core\Shape\Stand;
use Fescue\Core\Tests\Bag\Documents;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

/** Where a base says that its sides have their middles, by counting, its chart shows them, by geometry. */
final class SidesTest extends TestCase
{
    public function testMiddlesOfSidesAreCountedWhereTheyAreDrawn(): void
    {
        Draw::sow(4);
        $drawn = 0;
        for ($bag = 0; $bag < 300; $bag++) {
            $base = match ($bag % 6) {
                0 => [
                    'type' => 'oval', 'ends' => ['two-and-two', 'three', 'six', 2, 5][mt_rand(0, 4)], 'chain' => mt_rand(8, 30),
                    'rounds' => mt_rand(2, 8), 'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)],
                ],
                1 => ['type' => 'square', 'chain' => mt_rand(4, 20), 'rounds' => mt_rand(2, 8)],
                2 => [
                    'type' => 'rows', 'stitch' => 'sc', 'across' => mt_rand(8, 40), 'rows' => mt_rand(3, 12),
                    'corner' => mt_rand(1, 3),
                ],
                3 => [
                    'type' => 'holes', 'holes' => 4 * mt_rand(8, 20), 'length' => mt_rand(24, 40).' cm',
                    'width' => mt_rand(10, 22).' cm', 'corners' => 4, 'first_hook' => '3.5 mm', 'hole' => '4 mm',
                ],
                4 => [
                    'type' => 'hexagon', 'stitch' => ['sc', 'hdc', 'dc'][mt_rand(0, 2)], 'corner' => mt_rand(1, 2),
                    'rounds' => mt_rand(2, 9),
                ],
                default => ['type' => 'round', 'stitch' => 'sc', 'start' => mt_rand(5, 8), 'rounds' => mt_rand(3, 9)],
            };
            $plan = Planner::plan(
                BagDocument::read(Documents::tote(['base' => $base, 'handles' => null, 'body/rounds' => 5])),
            );
            $edge = $plan->parts[0]->made->open;
            $all = BaseChart::of($plan);
            $last = max(array_map(fn(Symbol $one): int => $one->round, $all));
            for ($nth = $base['type'] === 'rows' ? $last : 1; $nth <= $last; $nth++) {
                $this->goesRound(
                    array_values(array_filter($all, fn(Symbol $one): bool => $one->round === $nth)),
                    $plan->gauge->singleWidth()->mm,
                    $base,
                );
            }
            $round = array_values(array_filter($all, fn(Symbol $one): bool => $one->round === $last));
            if (count($round) !== $edge->anchors) {
                continue;
            }
            $drawn++;
            self::assertCount(2, $edge->middles);
            self::assertEqualsWithDelta($edge->anchors / 2, abs($edge->middles[1] - $edge->middles[0]), 1e-9);
            foreach ($edge->middles as $middle) {
                // Between the two that stand nearest to the middle.
                $at = fn(int $place): Stand => $round[($place + $edge->anchors) % $edge->anchors]->stand;
                $before = (int) floor($middle - 0.5);
                $share = $middle - 0.5 - $before;
                // On the long side, whose stitches look up or down; to the sides where rows are more than they are
                // wide.
                $sideways = $base['type'] === 'rows' && 12 * $base['across'] < 11.5 * $base['rows'];
                $along = fn(Stand $stand): float => $sideways ? $stand->y : $stand->x;
                $x = (1 - $share) * $along($at($before)) + $share * $along($at($before + 1));
                $apart = abs($along($at($before)) - $along($at($before + 1)));
                $said = json_encode($base)." {$middle} {$x}";
                self::assertLessThanOrEqual(0.51 * $apart, abs($x), $said);
                $looks = deg2rad($at($before)->degrees + ($sideways ? 90 : 0));
                self::assertGreaterThan(0.95, abs(cos($looks)), $said);
            }
        }
        self::assertGreaterThan(200, $drawn);
    }

    /**
     * To the left along the top and on, half as the other half, each beside the next, looking out.
     *
     * @param list<Symbol> $round
     * @param array<string, mixed> $base
     */
    private function goesRound(array $round, float $wide, array $base): void
    {
        $many = count($round);
        $said = json_encode($base, JSON_THROW_ON_ERROR);
        foreach ($round as $place => $symbol) {
            $one = $symbol->stand;
            $next = $round[($place + 1) % $many]->stand;
            $before = $round[($place + $many - 1) % $many]->stand;
            if ($many % 2 === 0) {
                $other = $round[($place + intdiv($many, 2)) % $many]->stand;
                self::assertEqualsWithDelta([-$one->x, -$one->y], [$other->x, $other->y], 0.01, $said);
            }
            self::assertLessThanOrEqual(1e-6, $one->x * $next->y - $one->y * $next->x, $said);
            self::assertGreaterThan(0.25 * $wide, hypot($one->x - $next->x, $one->y - $next->y), $said);
            $looks = [sin(deg2rad($one->degrees)), -cos(deg2rad($one->degrees))];
            self::assertGreaterThan(0.0, $looks[0] * $one->x + $looks[1] * $one->y, $said);
            // Across the way from the one before to the one after, but for corners.
            if (! in_array($base['type'], ['holes', 'rows'], true)) {
                $way = [$next->x - $before->x, $next->y - $before->y];
                $along = abs($looks[0] * $way[0] + $looks[1] * $way[1]) / hypot(...$way);
                self::assertLessThan(0.45, $along, $said);
            }
        }
    }

    /** Evenly spread, each looks straight out of its side, and the one at a corner between both. */
    public function testWhatStandsRoundARectangleLooksOutward(): void
    {
        Draw::sow(5);
        for ($base = 0; $base < 40; $base++) {
            [$long, $short] = [mt_rand(1, 12), mt_rand(1, 8)];
            [$length, $width] = [mt_rand(100, 400), mt_rand(60, 200)];
            $rectangle = new Rectangle($length, $width);
            $many = 2 * ($long + $short + 2);
            $first = mt_rand(0, $many - 1);
            $places = $rectangle->places($long, $short, $first);
            $corners = [];
            for ($place = 0; $place < $many; $place++) {
                $stand = $places->stand($place, $many);
                $side = [abs(abs($stand->x) - $length / 2) < 1e-9, abs(abs($stand->y) - $width / 2) < 1e-9];
                self::assertContains(true, $side);
                // Up is 0, and on round by the clock: y runs down.
                $looks = [sin(deg2rad($stand->degrees)), -cos(deg2rad($stand->degrees))];
                $out = [$side[0] ? $stand->x <=> 0 : 0, $side[1] ? $stand->y <=> 0 : 0];
                $far = hypot(...$out);
                self::assertEqualsWithDelta($out[0] / $far, $looks[0], 1e-9);
                self::assertEqualsWithDelta($out[1] / $far, $looks[1], 1e-9);
                if ($side === [true, true]) {
                    $corners[] = [$stand->x <=> 0, $stand->y <=> 0];
                }
                // To the left along the top, and on round.
                $next = $places->stand(($place + 1) % $many, $many);
                self::assertLessThan(0, $stand->x * $next->y - $stand->y * $next->x);
            }
            self::assertCount(4, array_unique($corners, SORT_REGULAR));
        }
    }
}
