<?php

declare(strict_types=1);

namespace Tests\Drawing;

use App\Drawing\Canvas;
use App\Drawing\Typeset;
use Fescue\Core\Measure\LengthUnit;
use FontLib\Font;
use PHPUnit\Framework\TestCase;

final class TypesetTest extends TestCase
{
    /** @return array{float, float, float, float} least and most x and y of a path's points */
    private static function box(string $path): array
    {
        preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $points);
        [$x, $y] = [array_map(floatval(...), $points[1]), array_map(floatval(...), $points[2])];

        return [min($x), max($x), min($y), max($y)];
    }

    /** @return list<string> */
    private static function paths(string $text, string $anchor = 'start', int $size = 20, int $weight = 400): array
    {
        $canvas = new Canvas('A drawing', 'Of letters', 100, 1.0, LengthUnit::Centimetre, 0, 0, false);
        $canvas->text(50, 60, $text, '#22302B', $anchor, $weight, $size);
        $svg = Typeset::outlined($canvas->alone());
        self::assertStringNotContainsString('<text', $svg);
        preg_match_all('/<path d="([^"]*)" fill="#22302B"\/>/', $svg, $paths);

        return $paths[1];
    }

    /**
     * An H is as high as its font says capitals are, stands on its line, and a line is as long as its letters'
     * advances.
     */
    public function testLettersStandWhereTheTextStood(): void
    {
        $font = Font::load(Typeset::folder().'/text-latin-plain.ttf') ?? self::fail();
        $font->parse();
        $advance = $font->getData('hmtx')[$font->getUnicodeCharMap()[ord('H')]][0] / 1000;
        [$left, $right, $top, $foot] = self::box(self::paths('H')[0]);
        self::assertEqualsWithDelta(60, $foot, 0.05);
        preg_match_all(
            '/,(-?[\d.]+)/',
            $font->getData('glyf')[$font->getUnicodeCharMap()[ord('H')]]->getSVGContours(),
            $heights,
        );
        self::assertEqualsWithDelta(60 - 20 * max(array_map(floatval(...), $heights[1])) / 1000, $top, 0.02);
        [$left2, $right2] = self::box(self::paths('HH')[0]);
        self::assertEqualsWithDelta($left, $left2, 0.02);
        self::assertEqualsWithDelta($right + 20 * $advance, $right2, 0.02);
        foreach (['middle' => 1.0, 'end' => 2.0] as $anchor => $advances) {
            self::assertEqualsWithDelta(
                $left2 - 20 * $advance * $advances,
                self::box(self::paths('HH', $anchor)[0])[0],
                0.02,
            );
        }
        self::assertGreaterThan(0, self::box(self::paths('H', weight: 600)[0])[1] - $right);
    }

    public function testAccentsStandOverTheirLetters(): void
    {
        $e = self::box(self::paths('e')[0]);
        foreach (['é', 'ě'] as $accented) {
            $box = self::box(self::paths($accented)[0]);
            self::assertLessThan($e[2] - 2, $box[2], $accented);
            self::assertEqualsWithDelta($e[3], $box[3], 0.1, $accented);
        }
    }

    public function testLettersBeyondThePlainAlphabetAreNamedInAPage(): void
    {
        self::assertSame(
            '<title>Š</title><body><p class="é">caf&eacute; <span class="ext">Š</span>t<span '
                .'class="ext">ěł</span> “œ” é</p>',
            Typeset::marked('<title>Š</title><body><p class="é">caf&eacute; Štěł “œ” é</p>'),
        );
    }
}
