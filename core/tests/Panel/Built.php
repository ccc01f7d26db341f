<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Panel;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Piece\Assembly;
use Fescue\Core\Tests\Bag\Documents;

/** Bags of pieces, for tests. */
final class Built
{
    /**
     * @param array<string, mixed> $build
     * @param array<string, mixed> $changes by path
     *
     * @return array<string, mixed>
     */
    public static function document(array $build, array $changes = []): array
    {
        return Documents::tote($changes + [
            'base' => null, 'body' => null, 'handles' => null, 'size' => null, 'build' => $build,
        ]);
    }

    /**
     * @param array<string, mixed> $build
     * @param array<string, mixed> $changes by path
     */
    public static function plan(array $build, array $changes = []): BagPlan
    {
        return Planner::plan(BagDocument::read(self::document($build, $changes)));
    }

    /** Its pieces and seams. */
    public static function assembly(BagPlan $plan): Assembly
    {
        return $plan->assembly() ?? throw new \LogicException('It is of one piece.');
    }

    /**
     * @param array<string, mixed> $build
     * @param array<string, mixed> $changes by path
     *
     * @return array{string, string} path and message of the first refusal
     */
    public static function refused(array $build, array $changes = []): array
    {
        try {
            self::plan($build, $changes);
        } catch (Refused $e) {
            return [$e->problems[0]->path, $e->problems[0]->message];
        }
        throw new \LogicException('It was planned.');
    }

    /** @return list<int> what each row of its so-manieth piece leaves, from 0 */
    public static function leaves(BagPlan $plan, int $piece): array
    {
        return array_map(fn(Row $row): int => $row->count->leaves, $plan->work->pieces[$piece]->rows);
    }
}
