<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\StashShape;
use Fescue\Core\Material\Kind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A strand on the shelf is as large as there is of it. */
final class StashShapeTest extends TestCase
{
    /** @return array<string, array{Kind}> */
    public static function kinds(): array
    {
        return ['cone' => [Kind::Cord], 'ball' => [Kind::TShirt], 'roll' => [Kind::Ribbon], 'hank' => [Kind::Raffia]];
    }

    /** @return array{float, float} pixels across and high, of its outline */
    private static function measured(Kind $kind, float $metres, float $mm): array
    {
        $svg = simplexml_load_string(StashShape::of($kind, '#886644', $metres, $mm, 0.0, 'one'));
        self::assertNotFalse($svg);
        preg_match_all('/([MLQ]) ?([\d.]+) ([\d.]+)|a([\d.]+) [\d.]+ 0 1 0/', (string) $svg->path[0]['d'], $found, PREG_SET_ORDER);
        $xs = $ys = [];
        foreach ($found as $one) {
            if (isset($one[4])) {
                // A circle about the point left of its middle.
                return [2 * (float) $one[4], 2 * (float) $one[4]];
            }
            [$xs[], $ys[]] = [(float) $one[2], (float) $one[3]];
        }

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }

    /** Eight times as much is twice as wide and high: so is a strand 2√2 times as thick. */
    #[DataProvider('kinds')]
    public function testItIsAsLargeAsThereIsOfIt(Kind $kind): void
    {
        [$wide, $high] = self::measured($kind, 8, 4);
        foreach ([[64, 4.0], [8, 4 * sqrt(8)]] as [$metres, $mm]) {
            [$also, $tall] = self::measured($kind, $metres, $mm);
            self::assertEqualsWithDelta(2.0, $also / $wide, 0.03);
            self::assertEqualsWithDelta(2.0, $tall / $high, 0.03);
        }
        // However much, it stays in its picture.
        [$huge, $tower] = self::measured($kind, 1e6, 12);
        self::assertLessThan(StashShape::WIDE + 8, $huge);
        self::assertLessThan(StashShape::HIGH + 9, $tower);
        self::assertGreaterThan(5, self::measured($kind, 0.001, 1)[0]);
    }

    /** A ball of 120 m of 4 mm: 4/3·π·r³ of 1.51 litres over 0.62, at 0.52 pixels a millimetre. */
    public function testABallByGeometry(): void
    {
        $litres = 120 * M_PI * 0.002 ** 2 * 1000 / 0.62;
        self::assertEqualsWithDelta(
            2 * 100 * (3 * $litres / (4 * M_PI)) ** (1 / 3) * 0.52,
            self::measured(Kind::TShirt, 120, 4)[0],
            0.3,
        );
    }

    public function testWhatIsReservedIsHatchedFromItsFoot(): void
    {
        $hatched = function (float $share): float {
            preg_match('/<svg y="[\d.]+" height="([\d.]+)"/', StashShape::of(Kind::TShirt, '#886644', 120, 4, $share, 'one'), $of);

            return (float) ($of[1] ?? 0);
        };
        $high = self::measured(Kind::TShirt, 120, 4)[1];
        self::assertSame(0.0, $hatched(0.0));
        self::assertEqualsWithDelta($high / 4, $hatched(0.25), 0.2);
        self::assertEqualsWithDelta($high, $hatched(3.0), 0.2);
    }
}
