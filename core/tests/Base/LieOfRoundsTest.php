<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Base;

use Fescue\Core\Base\LieOfRounds;
use Fescue\Core\Piece\Remark;
use Fescue\Core\Shape\Flatness;
use PHPUnit\Framework\TestCase;

/** A stitch and a half too many or too few shows (from memory); what later rounds even out is said as that. */
final class LieOfRoundsTest extends TestCase
{
    /**
     * @param list<float> $excess
     *
     * @return list<string>
     */
    private static function said(array $excess): array
    {
        return array_map(
            fn(Remark $one): string => "{$one->code} {$one->row}",
            LieOfRounds::remarks(array_map(fn(float $one): Flatness => new Flatness(6, 6.3, $one), $excess)),
        );
    }

    public function testWhatShowsIsSaidOfTheLastRoundAndOfTheWorstThatIsEvenedOut(): void
    {
        self::assertSame([], self::said([0.4, 1.4, -1.4]));
        // Rounds are those after the first: the first of them is 1.
        self::assertSame(['wavy 2'], self::said([0.0, 1.5]));
        self::assertSame(['cups 2'], self::said([0.0, -1.5]));
        self::assertSame(['evens-out 2'], self::said([1.6, 2.2, 1.7, 0.3]));
        self::assertSame(['cups 3'], self::said([-1.6, -2.2, -2.4]), 'What goes on to the last is said of the last.');
        self::assertSame(['cups 4', 'evens-out 1'], self::said([1.9, 0.2, -0.9, -2.0]));
    }
}
