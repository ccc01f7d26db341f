<?php

declare(strict_types=1);

namespace Fescue\Core\Statistics;

/**
 * A Bayesian linear model of rows that come in groups: every group is off by something of its own, and every row by
 * its noise. How far groups lie apart, and rows of one group do, is learned with the coefficients by expectation and
 * maximisation, from what is known of both before (McLachlan and Krishnan, The EM Algorithm; Searle, Casella and
 * McCulloch, Variance Components).
 *
 * A group is never a coefficient: with w = 1/d² of its rows' deviations, W their sum, b how far groups lie apart and
 * s = b²W/(1 + b²W), its rows less 1 − √(1 − s) of their mean are independent, and what it is off by is expected at s
 * of what its mean is off by, with variance b²(1 − s).
 */
final readonly class GroupedModel
{
    /** Steps in which variances and coefficients are found by turns. */
    private const STEPS = 3;

    /** Below that no deviation is believed. */
    private const LEAST = 0.015;

    /**
     * @param float $noise deviation of rows of one group
     * @param float $between deviation of groups
     * @param array<string, array{float, list<float>, float}> $groups share s, mean row and mean value
     */
    private function __construct(
        private LinearModel $model,
        public float $noise,
        public float $between,
        private array $groups,
    ) {}

    /**
     * @param list<list<float>> $rows
     * @param list<float> $values
     * @param list<float> $own deviation of each row that is known, beside the noise
     * @param list<?string> $of group of each; null of one that is in none and teaches no deviation
     * @param array{float, float} $noise deviation expected of rows in a group, and how many rows it counts as much as
     * @param array{float, float} $between of groups, and how many groups
     */
    public static function learn(
        LinearModel $prior,
        array $rows,
        array $values,
        array $own,
        array $of,
        array $noise,
        array $between,
    ): self {
        $model = self::observing($prior, $rows, $values, $own, $of, $noise[0], $between[0]);
        $grouped = array_filter($of, fn(?string $group): bool => $group !== null);
        for ($step = 0; $grouped !== [] && $step < self::STEPS; $step++) {
            $rest = $apart = 0.0;
            foreach ($grouped as $place => $group) {
                $rest += ($values[$place] - $model->expected($rows[$place], $group)) ** 2
                    + $model->variance($rows[$place], $group) - $own[$place] ** 2;
            }
            foreach ($model->groups as [$share, $row, $value]) {
                $apart += ($share * ($value - $model->model->expected($row))) ** 2
                    + $share ** 2 * $model->model->variance($row) + $model->between ** 2 * (1 - $share);
            }
            $model = self::observing(
                $prior,
                $rows,
                $values,
                $own,
                $of,
                self::deviation($noise, $rest, count($grouped)),
                self::deviation($between, $apart, count($model->groups)),
            );
        }

        return $model;
    }

    /**
     * @param list<list<float>> $rows
     * @param list<float> $values
     * @param list<float> $own
     * @param list<?string> $of
     */
    private static function observing(
        LinearModel $prior,
        array $rows,
        array $values,
        array $own,
        array $of,
        float $noise,
        float $between,
    ): self {
        $members = [];
        foreach ($of as $place => $group) {
            $members[$group ?? "\0{$place}"][] = $place;
        }
        $deviations = array_map(fn(float $one): float => hypot($noise, $one), $own);
        $groups = [];
        foreach ($members as $group => $places) {
            $weight = $value = 0.0;
            $mean = array_fill(0, count($rows[0]), 0.0);
            foreach ($places as $place) {
                $one = $deviations[$place] ** -2;
                $weight += $one;
                $value += $one * $values[$place];
                foreach ($rows[$place] as $column => $x) {
                    $mean[$column] += $one * $x;
                }
            }
            $mean = array_values(array_map(fn(float $x): float => $x / $weight, $mean));
            $share = $between ** 2 * $weight / (1 + $between ** 2 * $weight);
            $groups[$group] = [$share, $mean, $value / $weight];
            foreach ($places as $place) {
                $less = 1 - sqrt(1 - $share);
                $rows[$place] = self::less($rows[$place], $less, $mean);
                $values[$place] -= $less * $value / $weight;
            }
        }

        return new self(
            $prior->observing($rows, array_values($values), $deviations),
            $noise,
            $between,
            array_filter($groups, fn(string $group): bool => $group[0] !== "\0", ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * What a row is expected at; of a group that taught it, with what that is off by.
     *
     * @param list<float> $row
     */
    public function expected(array $row, ?string $group = null): float
    {
        return ($this->groups[$group][0] ?? 0.0) * ($this->groups[$group][2] ?? 0.0)
            + $this->model->expected($this->of($row, $group));
    }

    /**
     * Of what a row is expected at, its own noise not included.
     *
     * @param list<float> $row
     */
    public function variance(array $row, ?string $group): float
    {
        return $this->model->variance($this->of($row, $group)) + $this->apart($group);
    }

    /**
     * Of what two rows of one group differ by, their own noise not included.
     *
     * @param list<float> $beside the one less the other
     */
    public function varianceBeside(array $beside): float
    {
        return $this->model->variance($beside);
    }

    /**
     * Of what two rows of one group differ by, and one of its rows.
     *
     * @param list<float> $beside
     * @param list<float> $row
     */
    public function covariance(array $beside, array $row, ?string $group): float
    {
        return $this->model->covariance($beside, $this->of($row, $group));
    }

    /**
     * How far a row that taught it is off what the others alone would expect, and how far it may be. One row is taken
     * out without learning anew: with m and v the row's mean and variance, d² its noise and h = v/d², the mean is
     * (m − h·y)/(1 − h) and the variance v/(1 − h) (the Sherman–Morrison update).
     *
     * @param list<float> $row
     *
     * @return array{float, float}
     */
    public function without(array $row, float $value, float $own, string $group): array
    {
        $noise = $this->noise ** 2 + $own ** 2;
        $variance = $this->variance($row, $group);
        $share = $variance / $noise;
        $mean = ($this->expected($row, $group) - $share * $value) / (1 - $share);

        return [$value - $mean, sqrt($variance / (1 - $share) + $noise)];
    }

    /**
     * What is left of a row where its group's mean is known.
     *
     * @param list<float> $row
     *
     * @return list<float>
     */
    private function of(array $row, ?string $group): array
    {
        return isset($this->groups[$group])
            ? self::less($row, $this->groups[$group][0], $this->groups[$group][1])
            : $row;
    }

    private function apart(?string $group): float
    {
        return $this->between ** 2 * (1 - ($this->groups[$group][0] ?? 0.0));
    }

    /**
     * @param list<float> $row
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function less(array $row, float $times, array $other): array
    {
        return array_map(fn(float $one, float $of): float => $one - $times * $of, $row, $other);
    }

    /**
     * Of what is known before, and of so many squares.
     *
     * @param array{float, float} $before and how many it counts as much as
     */
    private static function deviation(array $before, float $squares, int $many): float
    {
        [$deviation, $known] = $before;

        return max(self::LEAST, sqrt(max(0.0, ($known * $deviation ** 2 + $squares) / ($known + $many))));
    }
}
