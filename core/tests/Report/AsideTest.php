<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Report;

use Fescue\Core\Measure\Length;
use Fescue\Core\Piece\Bounds;
use Fescue\Core\Piece\Counted;
use Fescue\Core\Piece\Serves;
use Fescue\Core\Piece\Setting;
use Fescue\Core\Piece\Side;
use Fescue\Core\Piece\Unsaid;
use Fescue\Core\Report\Aside;
use PHPUnit\Framework\TestCase;

final class AsideTest extends TestCase
{
    /** By hand: rows of 12 mm against a wish of 300; steps of one and of four, and no fewer than make the thing. */
    public function testHowManyMoreComeNearest(): void
    {
        $mend = function (float $mm, int $now, int $least = 1, int $every = 1, ?float $step = 12): int {
            $by = new Setting(
                'rounds',
                'Rounds',
                new Counted('round'),
                $now,
                new Bounds($least, 400, $every),
                Unsaid::settled(),
                $step === null ? null : new Serves(Side::Height, Length::mm($step)),
            );

            return (new Aside(Side::Height, Length::mm(300), Length::mm($mm), $by))->mend();
        };
        self::assertSame([0, 0, 1, -1, -2], array_map(fn(int $mm): int => $mend($mm, 25), [300, 305, 290, 307, 321]));
        self::assertSame([-2, -1, 0], [$mend(360, 5, 3), $mend(360, 5, 4), $mend(360, 5, 5)]);
        self::assertSame([-4, 4, 0], [$mend(340, 28, 4, 4), $mend(260, 24, 4, 4), $mend(310, 28, 4, 4)]);
        self::assertSame(0, $mend(400, 25, step: null));
        $alone = new Aside(Side::Height, Length::mm(300), Length::mm(400), null);
        self::assertSame([0, 100.0], [$alone->mend(), $alone->miss()]);
        self::assertNull((new Aside(Side::Height, null, Length::mm(400), null))->miss());
    }
}
