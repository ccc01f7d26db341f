<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Measure;

use Fescue\Core\Measure\Duration;
use Fescue\Core\Measure\NotUnderstood;
use PHPUnit\Framework\TestCase;

final class DurationTest extends TestCase
{
    public function testPrintsMinutesAsTimed(): void
    {
        self::assertSame(
            ['0 min', '59 min', '1 h 00', '1 h 12', '25 h 07'],
            array_map(Duration::print(...), [0.2, 59.4, 59.6, 72.0, 1507.0]),
        );
    }

    public function testWhatWasNotTimedIsToFiveMinutes(): void
    {
        self::assertSame(
            ['12 min', '59 min', '1 h 00', '8 h 05', '8 h 00'],
            array_map(Duration::about(...), [12.4, 59.4, 62.0, 483.0, 479.0]),
        );
    }

    public function testIsReadAsItIsTyped(): void
    {
        self::assertSame([0, 45, 45, 80, 120], array_map(Duration::parse(...), ['', '45', '45 min', '1 h 20', '2h']));
        self::assertSame(10_000, Duration::parse('10000', 5));
        $this->expectException(NotUnderstood::class);
        Duration::parse('10000');
    }
}
