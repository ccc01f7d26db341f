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

    /** @return array<string, list<float>> how far to the right what is used stands, by how high it stands */
    private static function feet(\SimpleXMLElement $svg): array
    {
        $feet = [];
        foreach ($svg->g[0]->use as $one) {
            preg_match('/^(?:translate\(|matrix\(1 0 \S+ 1 )(\S+) (\S+)\)$/', (string) $one['transform'], $at);
            $feet[$at[2]][] = (float) $at[1];
        }

        return $feet;
    }

    public function testStitchesRowsAndStrandAreAsLargeAsTheyAre(): void
    {
        $svg = self::patch(12, 11, 4);
        self::assertEqualsWithDelta(45 * self::PIXELS, (float) $svg['width'], 0.01);
        $feet = self::feet($svg);
        // 32 mm hold three rows of 11 mm, and a fourth stands behind the tape.
        self::assertSame(
            array_map(fn(int $row): float => round(-$row * 11 * self::PIXELS, 2), range(0, 3)),
            array_map(floatval(...), array_keys($feet)),
        );
        // 45 mm hold four stitches of 12 mm, the last cut off; each has legs and a top.
        foreach ($feet as $row) {
            self::assertEqualsWithDelta(
                array_map(fn(float $nth): float => $nth * 12 * self::PIXELS, [0.5, 0.5, 1.5, 1.5, 2.5, 2.5, 3.5, 3.5]),
                (function (array $all): array {
                    sort($all);

                    return $all;
                })($row),
                0.01,
            );
        }
        preg_match_all('/stroke-width="([\d.]+)"/', (string) $svg->g[0]->defs->asXML(), $broad);
        self::assertEqualsWithDelta(4 * self::PIXELS, max(array_map(floatval(...), $broad[1])), 0.01);
    }

    public function testAMeshShowsWhatLiesBehindAndAFirmFabricDoesNot(): void
    {
        self::assertCount(0, self::patch(12, 24, 4, Motif::named('mesh'))->g[0]->rect);
        $ground = self::patch(12, 24, 4, Motif::named('dc'))->g[0]->rect;
        self::assertCount(1, $ground);
        // No hole is as dark as ink: strand shows in the shade of strand.
        self::assertMatchesRegularExpression('/^#[89a-f].[7-9a-f].[5-9a-f].$/i', (string) $ground[0]['fill']);
    }

    /** Every fabric of the catalogue is drawn as its rows are worked. */
    public function testEachFabric(): void
    {
        foreach (Motif::all() as $motif) {
            $feet = self::feet(self::patch(10, 10, 4, $motif));
            self::assertGreaterThan(3, count($feet), $motif->key);
            self::assertGreaterThan(4, min(array_map(count(...), $feet)), $motif->key);
        }
    }

    public function testTheTapeIsInTheMakersUnit(): void
    {
        $numbers = fn(LengthUnit $unit): array => array_map(
            fn(\SimpleXMLElement $text): array => [(string) $text, round((float) $text['x'] + 3)],
            iterator_to_array(self::patch(12, 11, 4, unit: $unit)->g[1]->text, false),
        );
        self::assertEquals(
            array_map(fn(int $cm): array => [(string) $cm, round(10 * $cm * self::PIXELS)], [1, 2, 3, 4]),
            $numbers(LengthUnit::Centimetre),
        );
        self::assertEquals([['1', 96.0]], $numbers(LengthUnit::Inch));
    }
}
