<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Measure;

use Fescue\Core\Measure\Whole;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WholeTest extends TestCase
{
    #[TestWith([2.5, 3, 2])]
    #[TestWith([3.0, 3, 3])]
    #[TestWith([3.0000005, 3, 3])]
    #[TestWith([2.9999995, 3, 3])]
    #[TestWith([3.00001, 4, 3])]
    #[TestWith([2.99999, 3, 2])]
    #[TestWith([-0.5, 0, -1])]
    public function testWhatReckoningAddsCountsForNothing(float $of, int $up, int $down): void
    {
        self::assertSame([$up, $down], [Whole::up($of), Whole::down($of)]);
    }
}
