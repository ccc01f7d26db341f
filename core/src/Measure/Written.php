<?php

declare(strict_types=1);

namespace Fescue\Core\Measure;

use Fescue\Core\Saying\Saying;

/**
 * A quantity as people write it: numbers with their units, in the order written.
 *
 * Takes decimal comma or point, vulgar fractions (`7 1/2`, `7½`), spaces between
 * thousands, and several parts (`5 ft 6 in`).
 */
final readonly class Written
{
    private const AS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3',
        '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
        '⁄' => '/', '″' => '"', '”' => '"', '“' => '"', '′' => "'", '’' => "'",
    ];

    /** What a number without a unit is written with, as a pattern. */
    public const BARE = '[\d\s.,\/½¼¾⅓⅔⅛⅜⅝⅞]+';

    private const NUMBER = '\d{1,3}(?: \d{3})+(?:[.,]\d+)?(?![\d\/])|\d+ +\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d*)?|[.,]\d+';

    /** @param list<array{float, string}> $parts each a number and its unit, '' where none was written */
    private function __construct(public array $parts) {}

    /**
     * @param Saying $thing what is being read: "a length"
     * @param Saying $example how to write one
     *
     * @throws NotUnderstood
     */
    public static function read(string $text, Saying $thing, Saying $example): self
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw new NotUnderstood(
                new Saying(
                    '{example}',
                    [
                        'example' => self::tell(
                            'This is not readable text; write {thing} like {example}.',
                            '',
                            $thing,
                            $example,
                        ),
                    ],
                ),
            );
        }
        $plain = self::plain($text);
        if ($plain === '') {
            throw new NotUnderstood(
                new Saying(
                    '{example}',
                    [
                        'example' => self::tell(
                            'Nothing is written here; write {thing} like {example}.',
                            '',
                            $thing,
                            $example,
                        ),
                    ],
                ),
            );
        }
        $shown = mb_strlen($plain) > 40 ? mb_substr($plain, 0, 40).'…' : $plain;
        if (preg_match('/^[-−–]\s*[\d.,]/u', $plain) === 1) {
            throw new NotUnderstood(
                new Saying(
                    '{example}',
                    [
                        'example' => self::tell(
                            '“{text}” is less than nothing; write {thing} like {example}.',
                            $shown,
                            $thing,
                            $example,
                        ),
                    ],
                ),
            );
        }
        $parts = [];
        $rest = $plain;
        while ($rest !== '') {
            if (preg_match('/^('.self::NUMBER.')\s*((?:[^\d.,]|\.(?!\d))*)/u', $rest, $found) !== 1) {
                throw new NotUnderstood(
                    new Saying(
                        '{example}',
                        [
                            'example' => self::tell(
                                '“{text}” was not understood; write {thing} like {example}.',
                                $shown,
                                $thing,
                                $example,
                            ),
                        ],
                    ),
                );
            }
            $parts[] = [self::number($found[1], $shown), trim($found[2])];
            $rest = ltrim(substr($rest, strlen($found[0])));
        }

        if (count($parts) > 1 && in_array('', array_column($parts, 1), true)) {
            throw new NotUnderstood(new Saying(
                '{example}',
                [
                    'example' => self::tell(
                        '“{text}” was not understood: every number needs its unit. Write {thing} like {example}.',
                        $shown,
                        $thing,
                        $example,
                    ),
                ],
            ));
        }

        return new self($parts);
    }

    private static function tell(string $message, string $text, Saying $thing, Saying $example): Saying
    {
        return new Saying($message, ['text' => $text, 'thing' => $thing, 'example' => $example]);
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[\s\x{00A0}\x{2007}\x{2009}\x{202F}]+/u', ' ', strtr($text, self::AS)));
    }

    private static function number(string $digits, string $shown): float
    {
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $digits) === 1) {
            $decimal = str_replace(',', '.', $digits);
            $whole = str_replace(',', '', $digits);
            throw new NotUnderstood(new Saying(
                '“{text}” could be {decimal} or {whole}; write it without the comma.',
                ['text' => $shown, 'decimal' => $decimal, 'whole' => $whole],
            ));
        }
        if (preg_match('/^(?:(\d+) +)?(\d+)\/(\d+)$/', $digits, $found) === 1) {
            if ((int) $found[3] === 0) {
                throw new NotUnderstood(
                    new Saying('“{text}” divides by nothing; write a fraction like 1/2.', ['text' => $shown]),
                );
            }

            return (float) $found[1] + (float) $found[2] / (float) $found[3];
        }
        $value = (float) str_replace([' ', ','], ['', '.'], $digits);
        if (! is_finite($value)) {
            throw new NotUnderstood(new Saying('“{text}” is too large to work with.', ['text' => $shown]));
        }

        return $value;
    }
}
