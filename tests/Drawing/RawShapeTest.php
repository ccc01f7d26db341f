<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\RawShape;
use App\Models\RawPiece;
use PHPUnit\Framework\TestCase;

final class RawShapeTest extends TestCase
{
    /** @return array{float, float} of the whole picture, pixels */
    private static function measured(string $svg): array
    {
        self::assertNotFalse(simplexml_load_string($svg));
        self::assertSame(1, preg_match('/width="([\d.]+)" height="([\d.]+)"/', $svg, $found));

        return [(float) ($found[1] ?? 0), (float) ($found[2] ?? 0)];
    }

    public function testPiecesLieToScaleAndAlikeOnesAsAPile(): void
    {
        // 2 pixels beside it on each side, and 4 for each more of a pile, of which three are seen.
        self::assertSame([104.0, 54.0], self::measured(RawShape::of('panel', '#445566', 1000, 500, 1, 0.1)));
        self::assertSame([108.0, 58.0], self::measured(RawShape::of('tube', '#445566', 1000, 500, 2, 0.1)));
        $pile = RawShape::of('bag', '#445566', 1000, 500, 40, 0.1);
        self::assertSame([112.0, 62.0], self::measured($pile));
        self::assertSame(3, substr_count($pile, '<g '));
        self::assertSame([12.0, 12.0], self::measured(RawShape::of('panel', '#445566', 1, 1, 1, 0.1)));
    }

    /** Wound up, as much room as it takes lying: half a millimetre thick. */
    public function testRibbonIsADiscOfItsArea(): void
    {
        [$across] = self::measured(RawShape::of('ribbon', '#445566', 18, 40_000, 1, 1));
        self::assertEqualsWithDelta(40_000 * 0.5, M_PI * (($across - 4) / 2) ** 2, 20);
    }

    public function testSeveralAreAtOneScale(): void
    {
        $of = fn(string $form, string $wide, string $high): RawPiece => new RawPiece(
            ['form' => $form, 'colour' => '#445566', 'count' => 1, 'measures' => ['flat_width' => $wide, 'height' => $high]],
        );
        $pieces = [$of('tube', '50 cm', '40 cm'), $of('panel', '90 cm', '1.4 m'), $of('ribbon', '18 mm', '90 m'), $of('bag', '', 'wide')];
        self::assertEqualsWithDelta(140 / 1400, RawPiece::scale($pieces, 140), 1e-9);
        self::assertSame([54.0, 44.0], self::measured($pieces[0]->drawn(0.1)));
        self::assertSame([12.0, 12.0], self::measured($pieces[3]->drawn(0.1)));
    }
}
