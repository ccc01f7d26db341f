<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Measure;

use Fescue\Core\Measure\Decimal;
use PHPUnit\Framework\TestCase;

final class DecimalTest extends TestCase
{
    public function testOrdinals(): void
    {
        self::assertSame(
            ['1st', '2nd', '3rd', '4th', '10th', '11th', '12th', '13th', '20th', '21st', '22nd', '101st', '111th', '123rd'],
            array_map(Decimal::ordinal(...), [1, 2, 3, 4, 10, 11, 12, 13, 20, 21, 22, 101, 111, 123]),
        );
    }
}
