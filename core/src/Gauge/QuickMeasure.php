<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Measure\Decimal;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;

/**
 * Gauge the way people say it, a line each: "16 chains = 20 cm", "31 rows are 40 cm", "10 st 12 cm". Several lines of a
 * kind are averaged, and how far they lie apart is told.
 */
final readonly class QuickMeasure
{
    private const MOST_LINES = 40;

    /**
     * @param ?Repeated $width of one stitch, mm
     * @param ?Repeated $height of one row, mm
     * @param float $stitches counted in all
     * @param float $rows counted in all
     */
    private function __construct(public ?Repeated $width, public ?Repeated $height, public float $stitches, public float $rows) {}

    /** @throws NotUnderstood naming the line */
    public static function parse(string $text, LengthUnit $bare): self
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", str_replace(';', "\n", $text))), fn(string $line): bool => $line !== ''));
        if ($lines === [] || count($lines) > self::MOST_LINES) {
            throw new NotUnderstood('Write at least one line like “16 chains = 20 cm” and one like “31 rows = 40 cm”, at most '.self::MOST_LINES.'.');
        }
        $found = ['stitches' => [], 'rows' => []];
        $counted = ['stitches' => 0.0, 'rows' => 0.0];
        foreach ($lines as $place => $line) {
            $number = $place + 1;
            if (preg_match('/^(\d{1,4}(?:[.,]\d{1,2})?)\s*(chains?|ch|stitch(?:es)?|sts?|sc|hdc|dc|tr|rows?|rounds?)\b\.?\s*(?:=|are|is|:|over|in)?\s*(\S.*)$/iu', $line, $part) !== 1) {
                throw new NotUnderstood("Line {$number}, “".mb_substr($line, 0, 40).'”, was not understood; write it like “16 chains = 20 cm” or “31 rows = 40 cm”.');
            }
            $count = (float) str_replace(',', '.', $part[1]);
            $kind = preg_match('/^r/i', $part[2]) === 1 ? 'rows' : 'stitches';
            try {
                $length = Length::parse($part[3], $bare);
            } catch (NotUnderstood $e) {
                throw new NotUnderstood("Line {$number}: {$e->getMessage()}");
            }
            if ($count <= 0 || $length->mm <= 0) {
                throw new NotUnderstood("Line {$number}: count more than nothing over more than nothing.");
            }
            $found[$kind][] = $length->mm / $count;
            $counted[$kind] += $count;
        }

        return new self($found['stitches'] === [] ? null : new Repeated($found['stitches']), $found['rows'] === [] ? null : new Repeated($found['rows']), $counted['stitches'], $counted['rows']);
    }

    /** How far several lines of a kind lie apart, in words; '' where there are not several. */
    public function spread(): string
    {
        $said = [];
        foreach (['a stitch' => $this->width, 'a row' => $this->height] as $what => $measured) {
            if ($measured !== null && $measured->count() > 1) {
                $said[] = "{$what} ".Decimal::print($measured->mean, 1).' ± '.Decimal::print($measured->deviation, 1).' mm from '.$measured->count();
            }
        }

        return implode(', ', $said);
    }
}
