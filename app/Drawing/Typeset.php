<?php

declare(strict_types=1);

namespace App\Drawing;

use DOMDocument;
use DOMElement;
use FontLib\Font;
use FontLib\TrueType\File;

/**
 * Our drawings on paper: the PDF writer knows no font of ours inside one, so its letters become outlines; nor does it
 * take on what surrounds a shape that is used again, so each stands there itself.
 */
final class Typeset
{
    /** Heavier than that is bold. */
    private const BOLD = 500;

    /** @var array<string, File> by file */
    private static array $fonts = [];

    /** Where the build leaves the fonts for paper. */
    public static function folder(): string
    {
        return dirname(__DIR__, 2).'/public/build/paper';
    }

    /** A drawing with every text as the shapes of its letters, and nothing used from elsewhere. */
    public static function outlined(string $svg): string
    {
        $document = new DOMDocument();
        $document->loadXML($svg);
        self::expand($document);
        foreach (iterator_to_array($document->getElementsByTagName('text')) as $text) {
            $weight = (int) self::inherited($text, 'font-weight', '400');
            $size = (float) self::inherited($text, 'font-size', '13');
            [$outline, $advance] = self::letters($text->textContent, $weight > self::BOLD);
            $scale = $size / 1000;
            $shift = match (self::inherited($text, 'text-anchor', 'start')) {
                'middle' => $advance / 2,
                'end' => $advance,
                default => 0.0,
            };
            $path = $document->createElementNS('http://www.w3.org/2000/svg', 'path');
            $path->setAttribute(
                'd',
                self::placed(
                    $outline,
                    (float) $text->getAttribute('x') - $scale * $shift,
                    (float) $text->getAttribute('y'),
                    $scale,
                ),
            );
            $path->setAttribute('fill', self::inherited($text, 'fill', Ink::INK));
            $text->parentNode?->replaceChild($path, $text);
        }

        return (string) $document->saveXML();
    }

    private static function expand(DOMDocument $document): void
    {
        $shapes = [];
        foreach ((new \DOMXPath($document))->query('//*[@id]') ?: [] as $shape) {
            if ($shape instanceof DOMElement) {
                $shapes['#'.$shape->getAttribute('id')] = $shape;
            }
        }
        foreach (iterator_to_array($document->getElementsByTagName('use')) as $use) {
            $shape = ($shapes[$use->getAttribute('href')]
                ?? throw new \LogicException('A drawing uses what it has not.'))
                ->cloneNode(true);
            if ($shape instanceof DOMElement) {
                $shape->removeAttribute('id');
                $at = "{$use->getAttribute('x')} {$use->getAttribute('y')}";
                $moved = $use->getAttribute('transform') ?: ($at === ' ' ? '' : "translate({$at})");
                if ($moved !== '') {
                    $shape->setAttribute('transform', $moved);
                }
                $use->parentNode?->replaceChild($shape, $use);
            }
        }
        foreach (iterator_to_array($document->getElementsByTagName('defs')) as $defs) {
            $defs->parentNode?->removeChild($defs);
        }
    }

    /** Letters beyond the plain alphabet stand in a font of their own: a page names it for them. */
    public static function marked(string $html): string
    {
        [$head, $body] = explode('<body>', $html, 2);

        return $head.'<body>'.preg_replace_callback(
            '/>[^<]+</',
            fn(array $text): string => (string) preg_replace(
                '/[\x{100}-\x{130}\x{132}-\x{151}\x{154}-\x{24F}\x{1E00}-\x{1EFF}]+/u',
                '<span class="ext">$0</span>',
                $text[0],
            ),
            $body,
        );
    }

    private static function inherited(DOMElement $element, string $name, string $else): string
    {
        for ($node = $element; $node instanceof DOMElement; $node = $node->parentNode) {
            if ($node->hasAttribute($name)) {
                return $node->getAttribute($name);
            }
        }

        return $else;
    }

    /**
     * @return array{list<array{string, float}>, float} outline and place of each letter, and how far the line runs;
     *         thousandths of its size
     */
    private static function letters(string $text, bool $bold): array
    {
        $outlines = [];
        $at = 0.0;
        foreach (mb_str_split($text) as $letter) {
            foreach (['latin', 'latin-ext'] as $subset) {
                $font = self::font("text-{$subset}-".($bold ? 'bold' : 'plain'));
                $glyph = $font->getUnicodeCharMap()[mb_ord($letter)] ?? null;
                if ($glyph !== null) {
                    $outline = $font->getData('glyf')[$glyph];
                    $outline->parseData();
                    $outlines[] = [self::outline($outline->getSVGContours()), $at];
                    $at += $font->getData('hmtx')[$glyph][0] * 1000 / $font->getData('head', 'unitsPerEm');

                    break;
                }
            }
        }

        return [$outlines, $at];
    }

    /**
     * A letter may be put together of others, an é of an e and its accent: each moved and turned by six numbers.
     *
     * @param string|list<array{contours: mixed, transform: list<float>}> $contours
     */
    private static function outline(mixed $contours): string
    {
        if (! is_array($contours)) {
            return (string) $contours;
        }

        return implode('', array_map(function (array $part): string {
            [$a, $b, $c, $d, $e, $f] = $part['transform'];

            return (string) preg_replace_callback('/(-?[\d.]+),(-?[\d.]+)/', function (array $point) use (
                $a,
                $b,
                $c,
                $d,
                $e,
                $f,
            ): string {
                [$x, $y] = [(float) $point[1], (float) $point[2]];

                return ($a * $x + $c * $y + $e).','.($b * $x + $d * $y + $f);
            }, self::outline($part['contours']));
        }, $contours));
    }

    /** @param list<array{string, float}> $outlines */
    private static function placed(array $outlines, float $x, float $y, float $scale): string
    {
        $d = '';
        foreach ($outlines as [$outline, $at]) {
            $d .= preg_replace_callback(
                '/(-?[\d.]+),(-?[\d.]+)/',
                fn(array $point): string => Canvas::number($x + $scale * ($at + (float) $point[1]))
                    .' '
                    .Canvas::number($y - $scale * (float) $point[2]),
                $outline,
            );
        }

        return $d;
    }

    private static function font(string $name): File
    {
        if (! isset(self::$fonts[$name])) {
            $font = Font::load(self::folder()."/{$name}.ttf");
            if (! $font instanceof File) {
                throw new \RuntimeException("The font {$name} is missing: npm run build makes it.");
            }
            $font->parse();
            self::$fonts[$name] = $font;
        }

        return self::$fonts[$name];
    }
}
