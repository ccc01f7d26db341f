<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\RecordPlot;
use Illuminate\Foundation\Testing\TestCase;

final class RecordPlotTest extends TestCase
{
    public function testHoursAreBarsToOneScaleUnderTheirNames(): void
    {
        $svg = simplexml_load_string(RecordPlot::hours(['First lantern', 'Bait-shed <tote>', 'Anchor'], [2.0, null, 8.0]));
        self::assertNotFalse($svg);
        $bars = $svg->xpath('//*[local-name()="rect"]');
        self::assertIsArray($bars);
        // What was not kept has none.
        self::assertCount(2, $bars);
        [$few, $many] = array_map(fn(\SimpleXMLElement $one): float => (float) $one['height'], $bars);
        self::assertEqualsWithDelta(4, $many / $few, 0.05);
        $said = array_map(strval(...), (array) $svg->xpath('//*[local-name()="text"]'));
        foreach (['2.0', '8.0', 'First lantern', 'Bait-shed <tote>', 'Anchor'] as $one) {
            self::assertContains($one, $said);
        }
    }

    public function testManyAreNumberedNowAndThen(): void
    {
        $svg = RecordPlot::hours(array_fill(0, 60, 'A tote of a long name'), array_fill(0, 60, 3.0));
        self::assertStringNotContainsString('tote', $svg);
        self::assertStringContainsString('>1</text>', $svg);
        self::assertStringNotContainsString('>2</text>', $svg);
        self::assertStringNotContainsString('>3.0</text>', $svg);
        self::assertSame(60, substr_count($svg, '<rect'));
    }
}
