<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\HandCurve;
use Fescue\Core\Measure\Spread;
use Illuminate\Foundation\Testing\TestCase;

final class HandCurveTest extends TestCase
{
    private const HAND = ['6' => [9.0, 0.05], '8' => [12.0, 0.04], '10' => [15.0, 0.06]];

    /** @param list<array{float, float, bool}> $made */
    private static function drawn(array $made): \SimpleXMLElement
    {
        $spreads = fn(float $times): array => array_map(
            fn(array $one): Spread => new Spread($one[0], $times * $one[1]),
            self::HAND,
        );
        $svg = simplexml_load_string(HandCurve::of('A stitch is wide & so, mm', $spreads(1), $spreads(3), $made));
        self::assertNotFalse($svg);

        return $svg;
    }

    /** @return list<array{float, float}> corners of the path that is so drawn */
    private static function path(\SimpleXMLElement $svg, string $attribute, string $value): array
    {
        foreach ($svg->path as $path) {
            if ((string) $path[$attribute] === $value) {
                preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', (string) $path['d'], $corners, PREG_SET_ORDER);

                return array_map(fn(array $one): array => [(float) $one[1], (float) $one[2]], $corners);
            }
        }
        self::fail("Nothing is drawn with {$attribute} {$value}.");
    }

    /** A swatch just as expected lies on the line, one of the band's edge on its edge; the common band is the wider. */
    public function testWhatIsExpectedAndWhatWasMadeAreToOneScale(): void
    {
        $low = (new Spread(12.0, 0.04))->low();
        $svg = self::drawn([[8.0, 12.0, true], [8.0, $low, false], [9.0, 13.5, false]]);
        $line = self::path($svg, 'stroke-width', '2.5');
        $band = self::path($svg, 'fill-opacity', '.28');
        $common = self::path($svg, 'stroke-dasharray', '4 4');
        self::assertCount(3, $line);
        self::assertCount(6, $band);
        [$on, $edge, $between] = [$svg->circle[0], $svg->circle[1], $svg->circle[2]];
        self::assertEqualsWithDelta($line[1], [(float) $on['cx'], (float) $on['cy']], 0.02);
        // The band runs along its upper edge and back along its lower one.
        self::assertEqualsWithDelta($band[4], [(float) $edge['cx'], (float) $edge['cy']], 0.02);
        self::assertEqualsWithDelta(
            [($line[1][0] + $line[2][0]) / 2, ($line[1][1] + $line[2][1]) / 2],
            [(float) $between['cx'], (float) $between['cy']],
            0.02,
        );
        self::assertGreaterThan($band[4][1], $common[1][1]);
        self::assertNotSame((string) $on['fill'], (string) $edge['fill']);
        self::assertStringContainsString('A stitch is wide & so', (string) $svg->title);
    }

    /** Numbers along the axes are round and stand inside the drawing. */
    public function testItsNumbersStandApart(): void
    {
        $svg = self::drawn([]);
        [, , $width, $height] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
        $along = [];
        foreach ($svg->text as $text) {
            self::assertGreaterThanOrEqual(0, (float) $text['x']);
            self::assertLessThanOrEqual($width, (float) $text['x']);
            self::assertLessThanOrEqual($height, (float) $text['y']);
            if ((string) $text['text-anchor'] === 'middle') {
                $along[] = (float) $text['x'];
            }
        }
        self::assertGreaterThanOrEqual(3, count($along));
        for ($one = 1; $one < count($along); $one++) {
            self::assertGreaterThanOrEqual(28, $along[$one] - $along[$one - 1]);
        }
        // One hook alone is drawn too.
        $one = ['8' => new Spread(12.0, 0.1)];
        self::assertStringNotContainsString('NAN', strtoupper(HandCurve::of('A', $one, $one, [])));
    }
}
