<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Statistics;

use Fescue\Core\Statistics\Chance;
use Fescue\Core\Statistics\GroupedModel;
use Fescue\Core\Statistics\LinearModel;
use Fescue\Core\Tests\Draw;
use PHPUnit\Framework\TestCase;

final class GroupedModelTest extends TestCase
{
    /** So much is known of a deviation that no rows move it. */
    private const SURE = 1e15;

    private static function chance(): Chance
    {
        return Draw::chance(45);
    }

    /**
     * Rows, values, own deviations and groups; the last two rows are in none.
     *
     * @return array{list<list<float>>, list<float>, list<float>, list<?string>}
     */
    private static function drawn(Chance $chance, int $many, int $groups, float $noise, float $between): array
    {
        $apart = array_map(fn(): float => $between * $chance->normal(), range(1, $groups));
        $rows = $values = $own = $of = [];
        for ($place = 0; $place < $many; $place++) {
            $group = $chance->whole(0, $groups - 1);
            $x = $chance->between(-1, 1);
            $rows[] = [1.0, $x];
            $own[] = $one = $chance->between(0, 0.05);
            $values[] = 0.3 - 0.8 * $x + $apart[$group] + hypot($noise, $one) * $chance->normal();
            $of[] = "g{$group}";
        }

        return [[...$rows, [1.0, 0.5], [1.0, -0.5]], [...$values, 0.2, 0.4], [...$own, 0.1, 0.2], [...$of, null, null]];
    }

    private static function prior(int $more = 0): LinearModel
    {
        return LinearModel::prior(
            array_fill(0, 2 + $more, 0.0),
            [1.0, 0.7, ...array_fill(0, $more, 0.2)],
        );
    }

    /** With deviations that are known it is the model that has each group for a coefficient. */
    public function testAGroupIsACoefficientThatNeedNotBeSolvedFor(): void
    {
        $chance = self::chance();
        [$rows, $values, $own, $of] = self::drawn($chance, 17, 4, 0.1, 0.2);
        $grouped = GroupedModel::learn(
            self::prior(),
            $rows,
            $values,
            $own,
            $of,
            [0.1, self::SURE],
            [0.2, self::SURE],
        );
        $names = ['g0', 'g1', 'g2', 'g3'];
        $full = fn(array $row, ?string $group): array => [
            ...$row,
            ...array_map(fn(string $one): float => $one === $group ? 1.0 : 0.0, $names),
        ];
        $noise = array_map(
            fn(float $one, ?string $group): float => sqrt(0.1 ** 2 + $one ** 2 + ($group === null ? 0.2 ** 2 : 0.0)),
            $own,
            $of,
        );
        $dense = self::prior(4)->observing(array_map($full, $rows, $of), $values, $noise);
        foreach (['g0', 'g1', 'g2', 'g3'] as $group) {
            if (! in_array($group, $of, true)) {
                continue;
            }
            $row = [1.0, $chance->between(-2, 2)];
            $beside = [0.0, $chance->between(-1, 1)];
            self::assertEqualsWithDelta(
                [
                    $dense->expected($full($row, $group)),
                    $dense->variance($full($row, $group)),
                    $dense->covariance($full($beside, null), $full($row, $group)),
                ],
                [
                    $grouped->expected($row, $group),
                    $grouped->variance($row, $group),
                    $grouped->covariance($beside, $row, $group),
                ],
                1e-9,
            );
        }
        // One of no group, and of one that never taught it, is as far off as groups are.
        self::assertEqualsWithDelta(
            $dense->variance($full([1.0, 0.4], null)) + 0.2 ** 2,
            $grouped->variance([1.0, 0.4], 'never'),
            1e-9,
        );
        self::assertEqualsWithDelta($dense->expected($full([1.0, 0.4], null)), $grouped->expected([1.0, 0.4]), 1e-9);
        // A row taken out is a row that never was.
        $others = fn(array $all): array => array_values(array_diff_key($all, [0 => true]));
        $without = self::prior(4)->observing(
            $others(array_map($full, $rows, $of)),
            $others($values),
            $others($noise),
        );
        self::assertEqualsWithDelta(
            [
                $values[0] - $without->expected($full($rows[0], $of[0])),
                sqrt($without->variance($full($rows[0], $of[0])) + $noise[0] ** 2),
            ],
            $grouped->without($rows[0], $values[0], $own[0], (string) $of[0]),
            1e-9,
        );
    }

    /** How far groups and rows really lie apart is found, wherever it was expected. */
    public function testDeviationsAreLearned(): void
    {
        $chance = self::chance();
        foreach ([[0.05, 0.2], [0.2, 0.05], [0.1, 0.1]] as [$noise, $between]) {
            $learned = GroupedModel::learn(
                self::prior(),
                ...[...self::drawn($chance, 4800, 960, $noise, $between), [0.1, 5.0], [0.1, 5.0]],
            );
            // In a few steps: nearer than the tenth that was expected. The slowest stops at 0.48 ± 0.025 of ln 2 = 0.69.
            foreach ([[$noise, $learned->noise], [$between, $learned->between]] as [$true, $found]) {
                self::assertLessThan(0.12 + 0.71 * abs(log(0.1 / $true)), abs(log($found / $true)));
            }
        }
    }

    /**
     * Where nothing but groups of one row is off, by hand: of y a group is off by b²/(b² + n²)·y, with variance
     * b²n²/(b² + n²), and its row by the rest; both squares are of what was known and of these, three times over. What
     * is in no group teaches neither.
     */
    public function testDeviationsAreThoseOfExpectationAndMaximisation(): void
    {
        $values = [0.3, -0.1, 0.25, -0.4];
        [$n, $b] = [0.1 ** 2, 0.2 ** 2];
        for ($step = 0; $step < 3; $step++) {
            [$share, $left] = [$b / ($b + $n), $b * $n / ($b + $n)];
            $squares = array_sum(array_map(fn(float $y): float => $y ** 2, $values));
            [$n, $b] = [
                (2 * 0.1 ** 2 + (1 - $share) ** 2 * $squares + 4 * $left) / 6,
                (3 * 0.2 ** 2 + $share ** 2 * $squares + 4 * $left) / 7,
            ];
        }
        $learned = GroupedModel::learn(
            LinearModel::prior([0.0], [1e-9]),
            array_fill(0, 5, [1.0]),
            [...$values, 5.0],
            array_fill(0, 5, 0.0),
            ['a', 'b', 'c', 'd', null],
            [0.1, 2.0],
            [0.2, 3.0],
        );
        self::assertEqualsWithDelta([sqrt($n), sqrt($b)], [$learned->noise, $learned->between], 1e-9);
    }

    /** Nothing observed leaves what was known; no row that agrees too well makes it sure of itself. */
    public function testNothingAndAgreementDoNotMakeItSure(): void
    {
        $nothing = GroupedModel::learn(self::prior(), [], [], [], [], [0.1, 4.0], [0.2, 4.0]);
        self::assertEqualsWithDelta([0.1, 0.2], [$nothing->noise, $nothing->between], 1e-12);
        self::assertEqualsWithDelta(1.0 + 0.2 ** 2, $nothing->variance([1.0, 0.0], 'any'), 1e-9);
        $same = GroupedModel::learn(
            self::prior(),
            array_fill(0, 400, [1.0, 0.0]),
            array_fill(0, 400, 0.3),
            array_fill(0, 400, 0.0),
            array_fill(0, 400, 'one'),
            [0.1, 0.1],
            [0.2, 1.0],
        );
        self::assertEqualsWithDelta(0.015, $same->noise, 1e-12);
    }
}
