<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagPlan;

/** What a plan settled, read off its makers. */
final class Plans
{
    /** @return array<string, int|string|null> by its path in a document: "/base/chain" */
    public static function settled(BagPlan $plan): array
    {
        $counts = [];
        foreach ($plan->parts as $part) {
            foreach ($part->maker->settings() as $one) {
                $counts["{$part->path}/{$one->name}"] = $one->value;
            }
        }

        return $counts;
    }

    public static function count(BagPlan $plan, string $path): int
    {
        return (int) (self::settled($plan)[$path] ?? throw new \InvalidArgumentException("Nothing is settled at {$path}."));
    }

    /** @return list<int> rounds of each band of the wall */
    public static function bands(BagPlan $plan): array
    {
        return array_values(
            array_map(
                intval(...),
                array_filter(
                    self::settled($plan),
                    fn(string $path): bool => preg_match('~^/body(/above/\d+)?/rounds$~', $path) === 1,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
        );
    }

    /** Stitches around when the base is done. */
    public static function around(BagPlan $plan): int
    {
        return $plan->parts[0]->made->open->anchors;
    }
}
