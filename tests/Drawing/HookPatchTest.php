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

    /** @return list<list<array{float, float}>> of each row's legs and then its tops the middles and where they begin */
    private static function drawn(\SimpleXMLElement $svg): array
    {
        $drawn = [];
        foreach ($svg->xpath('//*[@stroke-linejoin="round"]/*[@d]') ?? [] as $path) {
            $drawn[(string) $path['d']] ??= array_map(self::middle(...), explode('M', substr((string) $path['d'], 1)));
        }

        return array_values($drawn);
    }

    /** @return array{float, float} */
    private static function middle(string $way): array
    {
        preg_match_all('/([mlq ]?)(-?[\d.]+) (-?[\d.]+)/', $way, $steps, PREG_SET_ORDER);
        $from = $at = [(float) $steps[0][2], (float) $steps[0][3]];
        $xs = [$at[0]];
        foreach (array_slice($steps, 1) as [, $kind, $right, $under]) {
            // Both places of a curve are told from where it begins.
            $from = $kind === ' ' ? $from : $at;
            $xs[] = ($at = [$from[0] + (float) $right, $from[1] + (float) $under])[0];
        }

        return [(min($xs) + max($xs)) / 2, (float) $steps[0][3]];
    }

    public function testStitchesRowsAndStrandAreAsLargeAsTheyAre(): void
    {
        $svg = self::patch(12, 11, 4);
        self::assertEqualsWithDelta(45 * self::PIXELS, (float) $svg['width'], 0.01);
        $drawn = self::drawn($svg);
        // 32 mm hold three rows of 11 mm, and a fourth stands behind the tape; each has legs and tops.
        self::assertCount(2 * 4, $drawn);
        foreach ($drawn as $nth => $row) {
            // 45 mm hold four stitches of 12 mm, the last cut off.
            self::assertEqualsWithDelta(
                array_map(fn(float $nth): float => $nth * 12 * self::PIXELS, [0.5, 1.5, 2.5, 3.5]),
                array_column($row, 0),
                0.15,
            );
            $under = $drawn[$nth % 2];
            self::assertEqualsWithDelta(intdiv($nth, 2) * 11 * self::PIXELS, $under[0][1] - $row[0][1], 0.15);
        }
        preg_match_all('/stroke-width="([\d.]+)"/', (string) $svg->g[0]->asXML(), $broad);
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
            // Parts of four rows at least, and of each row five stitches.
            $drawn = self::drawn(self::patch(10, 10, 4, $motif));
            self::assertGreaterThan(6, count($drawn), $motif->key);
            self::assertGreaterThan(4 * 2 * 4, array_sum(array_map(count(...), $drawn)), $motif->key);
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
