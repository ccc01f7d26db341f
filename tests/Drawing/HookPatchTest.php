<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\HookPatch;
use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use PHPUnit\Framework\TestCase;

final class HookPatchTest extends TestCase
{
    /** CSS pixels to the millimetre: 96 to the inch of 25.4 mm. */
    private const PIXELS = 96 / 25.4;

    private static function patch(
        float $width,
        float $height,
        float $strand,
        ?Motif $motif = null,
        LengthUnit $unit = LengthUnit::Centimetre,
    ): \SimpleXMLElement {
        $svg = simplexml_load_string(
            HookPatch::of(
                '#C9B891',
                Length::mm($width),
                Length::mm($height),
                Length::mm($strand),
                $motif ?? Motif::single(),
                $unit,
            ),
        );
        self::assertNotFalse($svg);

        return $svg;
    }

    /** @return list<\SimpleXMLElement> strands drawn in the material's own colour, from the lowest row up */
    private static function rows(\SimpleXMLElement $svg): array
    {
        return array_values(
            array_filter(
                iterator_to_array($svg->path, false),
                fn(\SimpleXMLElement $path): bool => (string) $path['stroke'] === '#C9B891',
            ),
        );
    }

    public function testStitchesRowsAndStrandAreAsLargeAsTheyAre(): void
    {
        $svg = self::patch(12, 11, 4);
        self::assertEqualsWithDelta(45 * self::PIXELS, (float) $svg['width'], 0.01);
        $rows = self::rows($svg);
        // 32 mm hold three rows of 11 mm, the topmost cut off.
        self::assertCount(3, $rows);
        $starts = array_map(fn(\SimpleXMLElement $row): float => (float) explode(' ', (string) $row['d'])[1], $rows);
        self::assertEqualsWithDelta(11 * self::PIXELS, $starts[0] - $starts[1], 0.02);
        // Down and up again, and on to the next: one stitch.
        preg_match('/l([\d.]+) \S+ ([\d.]+) \S+?m([\d.]+) 0/', (string) $rows[0]['d'], $found);
        self::assertEqualsWithDelta(
            12 * self::PIXELS,
            array_sum(array_slice(array_map(floatval(...), $found), 1)),
            0.03,
        );
        $outline = array_values(
            array_filter(
                iterator_to_array($svg->path, false),
                fn(\SimpleXMLElement $path): bool => $path['stroke-width'] !== null,
            ),
        );
        self::assertEqualsWithDelta(4 * self::PIXELS, (float) $outline[0]['stroke-width'], 0.01);
    }

    public function testAMeshShowsItsWindows(): void
    {
        $holes = array_filter(
            iterator_to_array(self::patch(12, 24, 4, Motif::named('mesh'))->path, false),
            fn(\SimpleXMLElement $path): bool => (string) $path['fill'] === '#FBF8F1',
        );
        self::assertCount(1, $holes);
        // Two rows of two repeats of two stitches, of which one is a chain over a window.
        self::assertSame(4, substr_count((string) array_values($holes)[0]['d'], 'z'));
        self::assertCount(
            0,
            array_filter(
                iterator_to_array(self::patch(12, 24, 4, Motif::named('dc'))->path, false),
                fn(\SimpleXMLElement $path): bool => (string) $path['fill'] === '#FBF8F1',
            ),
        );
    }

    public function testTheTapeIsInTheMakersUnit(): void
    {
        $numbers = fn(LengthUnit $unit): array => array_map(
            fn(\SimpleXMLElement $text): array => [(string) $text, round((float) $text['x'] + 3)],
            iterator_to_array(self::patch(12, 11, 4, unit: $unit)->g->text, false),
        );
        self::assertEquals(
            array_map(fn(int $cm): array => [(string) $cm, round(10 * $cm * self::PIXELS)], [1, 2, 3, 4]),
            $numbers(LengthUnit::Centimetre),
        );
        self::assertEquals([['1', 96.0]], $numbers(LengthUnit::Inch));
    }
}
