<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Solid;

use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Panel\Built;
use PHPUnit\Framework\TestCase;

final class GrowthTest extends TestCase
{
    /** Rounds of the base from its middle out, then those of the wall from the floor up; every row once. */
    public function testRowByRow(): void
    {
        $plan = Ways::plan(['working' => 'joined', 'body/rounds' => 9]);
        $rows = $plan->growth()->rows;
        self::assertSame(range(0, count($plan->work->rows) - 1), array_column($rows, 0));
        $lies = array_values(array_filter($rows, fn(array $row): bool => $row[2][0][1] === 0.0));
        self::assertCount($plan->parts[0]->to(), $lies);
        $wide = fn(array $line): float => max(array_column($line, 0)) - min(array_column($line, 0));
        foreach (array_slice($rows, 1) as $nth => [, $below, $above]) {
            // It begins where the one before it ended.
            self::assertEqualsWithDelta($rows[$nth][2], $below, 0.5);
            self::assertGreaterThanOrEqual($wide($below) - 0.5, $wide($above));
        }
        $last = $rows[count($rows) - 1];
        self::assertEqualsWithDelta($plan->comesOut->height->mm, $last[2][0][1], 1e-6);
        self::assertEqualsWithDelta($plan->comesOut->baseLength->mm, $wide($lies[count($lies) - 1][2]), 0.5);
        self::assertLessThan($wide($lies[0][2]), $wide($lies[0][1]));
    }

    /** From frames downward; of pieces there is nothing to grow around. */
    public function testWhatHangsGrowsDown(): void
    {
        $plan = Ways::plan([
            'base' => ['type' => 'frame', 'holes' => 8, 'length' => '24 cm', 'between' => 2], 'working' => 'joined',
            'body' => ['stitch' => 'sc', 'rounds' => 6],
        ]);
        $rows = $plan->growth()->rows;
        self::assertSame(0.0, abs($rows[0][1][0][1]));
        self::assertEqualsWithDelta(-$plan->comesOut->height->mm, $rows[count($rows) - 1][2][0][1], 1e-6);
        self::assertSame([], Built::plan(['type' => 'net', 'across' => 12, 'net' => 9])->growth()->rows);
    }
}
