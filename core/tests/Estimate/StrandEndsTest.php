<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Estimate;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Estimate\StrandEnd;
use Fescue\Core\Estimate\StrandEnds;
use Fescue\Core\Material\Kind;
use Fescue\Core\Material\Material;
use Fescue\Core\Material\Strand;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LinearDensity;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Tests\Bag\Documents;
use PHPUnit\Framework\TestCase;

final class StrandEndsTest extends TestCase
{
    /**
     * @param list<?float> $metres on hand of each thin strand
     *
     * @return list<Strand>
     */
    private static function strands(array $metres): array
    {
        return array_map(
            fn(?float $length, int $place): Strand => new Strand(
                "Strand {$place}",
                new Material(
                    Kind::Strand,
                    Length::mm(2),
                    LinearDensity::gramsPerMetre(2),
                    $length === null ? null : Mass::grams(2 * $length),
                ),
                1,
            ),
            $metres,
            array_keys($metres),
        );
    }

    /** @param list<?float> $metres @return list<StrandEnd> */
    private static function ends(array $metres): array
    {
        return StrandEnds::of(Planner::plan(BagDocument::read(Documents::tote())), self::strands($metres));
    }

    public function testEachEndsAtItsOwnPlaceAndTheFirstFirst(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote()));
        $all = MaterialEstimate::of($plan)->metres->likely;
        $ends = self::ends([0.5 * $all, 2 * $all, 0.3 * $all, null]);
        self::assertSame(['Strand 2', 'Strand 0'], array_map(fn(StrandEnd $end): string => $end->strand->name, $ends));
        $number = fn(?RowId $row): int => (int) filter_var((string) $row, FILTER_SANITIZE_NUMBER_INT);
        self::assertLessThan($number($ends[1]->row), $number($ends[0]->row));
        foreach ($ends as $end) {
            self::assertLessThanOrEqual($number($end->row), $number($end->earliest));
            self::assertLessThan($number($end->earliest), $number($end->join));
        }
        self::assertSame([], self::ends([3 * $all, 2 * $all]));
    }

    /** Common practice: joins apart from each other, away from slots, out of the last two rounds. */
    public function testJoinsStandApartAndWhereTheyBear(): void
    {
        $plan = Planner::plan(BagDocument::read(Documents::tote()));
        $rows = count($plan->work->rows);
        $all = MaterialEstimate::of($plan)->metres->likely;
        foreach ([0.4, 0.7, 0.95, 0.999] as $share) {
            $places = [];
            foreach (self::ends(array_fill(0, 4, $share * $all)) as $end) {
                if ($end->join === null) {
                    // Four joins two rounds apart want eight rounds before the end.
                    self::assertLessThan(0.5, $share);

                    continue;
                }
                $place = (int) filter_var($end->join, FILTER_SANITIZE_NUMBER_INT);
                self::assertLessThanOrEqual($rows - 2, $place);
                foreach ($places as $other) {
                    self::assertGreaterThanOrEqual(2, abs($place - $other));
                }
                $places[] = $place;
            }
        }
        // What ends in the first round has no row before it.
        self::assertNull(self::ends([0.5])[0]->join);
    }
}
