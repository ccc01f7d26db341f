<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Shape;

use Fescue\Core\Shape\Pulled;
use PHPUnit\Framework\TestCase;

final class PulledTest extends TestCase
{
    /** A triangle of 3, 4 and 5 on each side of a hand of 80 mm. */
    public function testItGoesStraightUpToTheHand(): void
    {
        $pulled = Pulled::of(80 + 2 * 150, 80 + 2 * 250);
        self::assertEqualsWithDelta(200.0, $pulled->height(), 1e-9);
        $along = $pulled->along(58);
        foreach ($along as $nth => $one) {
            // Places of 10 mm each, told from the left foot.
            $at = 10 * $nth + 5;
            self::assertEqualsWithDelta(
                match (true) {
                    $at < 250 => [-190 + 0.6 * $at, -0.8 * $at, -rad2deg(atan2(4, 3))],
                    $at > 330 => [190 - 0.6 * (580 - $at), -0.8 * (580 - $at), rad2deg(atan2(4, 3))],
                    default => [$at - 290, -200, 0],
                },
                [$one->x, $one->y, $one->degrees],
                1e-9,
            );
        }
    }

    public function testOverAGapThatIsNarrowerThanAHandItGoesUpright(): void
    {
        $pulled = Pulled::of(40, 340);
        self::assertEqualsWithDelta(150.0, $pulled->height(), 1e-9);
        $along = $pulled->along(34);
        self::assertEqualsWithDelta([-20.0, -5.0, -90.0], [$along[0]->x, $along[0]->y, $along[0]->degrees], 1e-9);
        self::assertEqualsWithDelta([20.0, -5.0, 90.0], [$along[33]->x, $along[33]->y, $along[33]->degrees], 1e-9);
    }

    /** As long as it is over a gap: hardly anything is left to rise. */
    public function testOneThatIsHardlyLongerLiesNearlyFlat(): void
    {
        self::assertEqualsWithDelta(0.0, Pulled::of(200, 200)->height(), 1e-9);
        self::assertLessThan(15.0, Pulled::of(200, 202)->height());
    }
}
