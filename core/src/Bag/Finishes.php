<?php

declare(strict_types=1);

namespace Fescue\Core\Bag;

use Fescue\Core\Document\Fields;
use Fescue\Core\Document\Refused;
use Fescue\Core\Finish\Finishing;
use Fescue\Core\Finish\Finishings;
use Fescue\Core\Finish\Overlap;
use Fescue\Core\Piece\Unmakeable;

/** Reads and writes what a bag is finished with, and fits it. */
final class Finishes
{
    public const MOST = 20;

    /** @return list<Finishing> fewer where something was wrong, which is noted */
    public static function read(Fields $top): array
    {
        $finish = [];
        $ways = Finishings::byKey();
        foreach ($top->objects('finish', self::MOST) as $one) {
            $key = $one->word('type', array_keys($ways));
            if ($key !== null) {
                $finish[] = $ways[$key]::read($one);
            }
        }

        return $finish;
    }

    /**
     * @param list<Finishing> $finish
     *
     * @return list<array<string, int|string|bool|array<int|string, int|string>>> as a document has them
     */
    public static function write(array $finish): array
    {
        return array_map(fn(Finishing $one): array => ['type' => $one::key()] + $one->write(), $finish);
    }

    /**
     * As another bag has them: without what was taped of this one, and where its size is another, without what fits
     * this one alone.
     *
     * @param list<Finishing> $finish
     *
     * @return list<Finishing>
     */
    public static function again(array $finish, bool $sized): array
    {
        return array_map(function (Finishing $one) use ($sized): Finishing {
            /** @var list<string> $open */
            $open = [...$one::TAPED, ...($sized ? $one::OF_SIZE : [])];

            return $one->with(array_fill_keys($open, null));
        }, $finish);
    }

    /** @throws Refused where the bag has no room for one of them */
    public static function fit(BagPlan $plan): BagPlan
    {
        if ($plan->spec->choices->finish === []) {
            return $plan;
        }
        $shell = $plan->shell();
        $fitted = [];
        foreach ($plan->spec->choices->finish as $place => $one) {
            try {
                $fitted[] = $one->fit($shell);
            } catch (Unmakeable $e) {
                throw Refused::at("/finish/{$place}/{$e->path}", $e->said);
            }
        }

        return $plan->finished(Overlap::told($plan->spec->choices->finish, $fitted, $shell));
    }
}
