<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Statistics\LinearModel;

/**
 * How fast a maker works. Before any log, 12 s a stitch of bulky material, 20 % either way for the maker, 10 % for each
 * part and 8 % for each bag; what she logs of any of her bags narrows the maker's share and the parts', and that of its
 * own bag
 * (a Bayesian linear model). All from memory.
 */
final readonly class Pace
{
    public const SECONDS_A_STITCH = 12.0;

    public const MAKER = 0.20;

    public const PART = 0.10;

    public const BAG = 0.08;

    /** How far a log is off: breaks, and counting aloud. */
    public const LOG = 0.05;

    /**
     * @param LinearModel $model the maker's share, one of each part, one of each bag that was logged, and one of any
     *         other bag
     * @param list<int> $bags numbers of those that were logged
     */
    private function __construct(private LinearModel $model, private array $bags) {}

    /** @param array<int, Timed> $timed by the number of the bag */
    public static function of(array $timed): self
    {
        $bags = array_keys(array_filter($timed, fn(Timed $one): bool => $one->counted() !== []));
        $deviations = [
            self::MAKER,
            ...array_fill(0, count(Part::cases()), self::PART),
            ...array_fill(0, count($bags) + 1, self::BAG),
        ];
        $rows = $values = [];
        foreach ($bags as $bag) {
            foreach ($timed[$bag]->counted() as $one) {
                $rows[] = self::row([$one->part->value => 1.0], $bags, $bag);
                $values[] = $one->minutes / $timed[$bag]->expected[$one->part->value] - 1;
            }
        }
        $model = LinearModel::prior(array_fill(0, count($deviations), 0.0), $deviations);

        return new self(
            $rows === [] ? $model : $model->observing($rows, $values, array_fill(0, count($rows), self::LOG)),
            $bags,
        );
    }

    /** Bags that were logged and taught it. */
    public function bags(): int
    {
        return count($this->bags);
    }

    /**
     * Minutes of a whole bag: what was logged of it, and what is still to come.
     *
     * @param ?int $bag its number, where it has one
     */
    public function minutes(Timed $timed, ?int $bag = null): Spread
    {
        $rest = $timed->expected;
        $sure = 0.0;
        foreach ($timed->counted() as $one) {
            $sure += $one->minutes;
            unset($rest[$one->part->value]);
        }
        $row = self::row($rest, $this->bags, $bag);
        $all = max(0.0, $sure + array_sum($rest) + $this->model->expected($row) + $timed->finish);

        return new Spread($all, $all > 0 ? sqrt($this->model->variance($row)) / $all : 0.0);
    }

    /**
     * Minutes of each part before anything is known of the maker.
     *
     * @return array<string, float> by the part's value, those it has
     */
    public static function expected(BagPlan $plan): array
    {
        $minutes = [];
        $takes = Consumption::of($plan);
        foreach ($takes->counts as $place => $count) {
            $part = $takes->parts[$place]->value;
            $minutes[$part] = ($minutes[$part] ?? 0.0) + $count->total() * self::SECONDS_A_STITCH / 60;
        }

        return $minutes;
    }

    /**
     * @param array<string, float> $minutes of each part
     * @param list<int> $bags that were logged
     * @param ?int $bag whose minutes they are
     *
     * @return list<float> what each factor has of them
     */
    private static function row(array $minutes, array $bags, ?int $bag): array
    {
        $all = array_sum($minutes);

        return [
            $all,
            ...array_map(fn(Part $part): float => $minutes[$part->value] ?? 0.0, Part::cases()),
            ...array_map(fn(int $one): float => $one === $bag ? $all : 0.0, $bags),
            in_array($bag, $bags, true) ? 0.0 : $all,
        ];
    }
}
