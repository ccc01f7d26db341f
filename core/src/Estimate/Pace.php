<?php

declare(strict_types=1);

namespace Fescue\Core\Estimate;

use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Measure\Spread;
use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\StitchCount;
use Fescue\Core\Statistics\LinearModel;

/**
 * How long a bag takes. Before any log, 12 s a stitch of bulky material, 20 % either way for the maker and 10 % for each
 * part; what she logs of a part narrows both (a Bayesian linear model). All from memory.
 */
final class Pace
{
    public const SECONDS_A_STITCH = 12.0;

    private const MAKER = 0.20;

    private const PART = 0.10;

    /** How far a log is off: breaks, and counting aloud. */
    private const LOG = 0.05;

    /**
     * Minutes of the whole bag: what was logged, and what is still to come.
     *
     * @param list<LoggedTime> $logged of whole parts, one each
     */
    public static function of(BagPlan $plan, array $logged = []): Spread
    {
        $expected = array_fill_keys(array_column(Part::cases(), 'value'), 0.0);
        foreach ($plan->pattern->rows as $place => $row) {
            $stitches = StitchCount::of($row)->total() + ($place === 0 ? $plan->pattern->foundation + 1 : 0);
            $expected[$row->part->value] += $stitches * self::SECONDS_A_STITCH / 60;
        }
        $row = fn(string $part): array => [1.0, ...array_map(fn(Part $one): float => $one->value === $part ? 1.0 : 0.0, Part::cases())];
        $model = LinearModel::prior(array_fill(0, 5, 0.0), [self::MAKER, ...array_fill(0, 4, self::PART)]);
        $sure = 0.0;
        $done = [];
        foreach ($logged as $one) {
            $part = $one->part->value;
            if ($expected[$part] > 0) {
                $model = $model->observing([$row($part)], [$one->minutes / $expected[$part] - 1], [self::LOG]);
                $sure += $one->minutes;
                $done[$part] = true;
            }
        }
        $rest = array_diff_key($expected, $done);
        $weights = [array_sum($rest), ...array_map(fn(Part $one): float => $rest[$one->value] ?? 0.0, Part::cases())];
        $all = max(0.0, $sure + $weights[0] + $model->expected($weights));

        return new Spread($all, $all > 0 ? sqrt($model->variance($weights)) / $all : 0.0);
    }
}
