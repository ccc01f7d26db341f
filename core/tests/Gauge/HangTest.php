<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Gauge;

use Fescue\Core\Gauge\Hang;
use Fescue\Core\Gauge\Swatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Saying\Saying;
use PHPUnit\Framework\TestCase;

final class HangTest extends TestCase
{
    /**
     * Handbook 7: length under load = length × (1 + stretch); counted over other stitches, the same stitch is compared.
     */
    public function testTheSameStitchLyingAndHung(): void
    {
        $lay = new Swatch(Motif::single(), 10, Length::mm(120), 10, Length::mm(115));
        $hung = new Swatch(Motif::single(), 5, Length::mm(57), 20, Length::mm(253));
        $hang = Hang::of($lay, $hung, Mass::grams(2000));
        self::assertEqualsWithDelta(0.95, $hang->wide, 1e-12);
        self::assertEqualsWithDelta(1.1, $hang->high, 1e-12);
        self::assertEqualsWithDelta(286, $hang->height(Length::mm(260))->mm, 1e-9);
        self::assertSame('10 % longer, 5 % narrower', self::said($hang));
        self::assertSame('as it lay', self::said(Hang::of($lay, $lay, Mass::grams(2000))));
    }

    private static function said(Hang $hang): string
    {
        return implode(', ', array_map(fn(Saying $one): string => $one->english(), $hang->said()));
    }
}
