<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Bag;

use Fescue\Core\Bag\BagDocument;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Bag\Planner;
use Fescue\Core\Document\Refused;
use Fescue\Core\Estimate\MaterialEstimate;
use Fescue\Core\Pattern\Row;
use Fescue\Core\Pattern\Writer;
use Fescue\Core\Stitch\Terms;
use Fescue\Core\Tests\Report\Told;
use PHPUnit\Framework\Assert;

/** Bags of one way or another, for tests. */
final class Ways
{
    /** @param array<string, mixed> $changes by path; no size and no handles where nothing is said */
    public static function plan(array $changes): BagPlan
    {
        return Planner::plan(
            BagDocument::read(Documents::tote($changes + ['size' => null, 'handles' => null, 'body/loop' => 'both'])),
        );
    }

    /** @param array<string, mixed> $changes @return array{string, string} path and message of the first refusal */
    public static function refused(array $changes): array
    {
        try {
            self::plan($changes);
        } catch (Refused $e) {
            return [$e->problems[0]->path, $e->problems[0]->message];
        }
        throw new \LogicException('It was planned.');
    }

    /** @return list<int> */
    public static function leaves(BagPlan $plan): array
    {
        return array_map(fn(Row $row): int => $row->count->leaves, $plan->work->rows);
    }

    /** @return array<string, string> lines by the row's name */
    public static function lines(BagPlan $plan): array
    {
        $writer = new Writer(Terms::US);

        return array_combine($plan->work->names(), array_map($writer->line(...), $plan->work->rows));
    }

    /** @return array<string, string> by code */
    public static function notes(BagPlan $plan): array
    {
        $notes = Told::on($plan, MaterialEstimate::of($plan));

        return array_combine(array_column($notes, 'code'), array_map(fn(Told $note): string => $note->text(), $notes));
    }

    /** "1 row", not "1 rows"; "2nd", not "2th". */
    public static function isSaidOfOneAsOfOne(string $said): void
    {
        Assert::assertDoesNotMatchRegularExpression(
            '/(?<![\d.,×–-]|\d )\b1 (?!less|this)\w+s\b|(?<!1)[123]th\b/u',
            $said,
        );
    }
}
