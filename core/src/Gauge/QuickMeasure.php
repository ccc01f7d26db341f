<?php

declare(strict_types=1);

namespace Fescue\Core\Gauge;

use Fescue\Core\Instruction\Motif;
use Fescue\Core\Measure\Length;
use Fescue\Core\Measure\LengthUnit;
use Fescue\Core\Measure\Mass;
use Fescue\Core\Measure\NotUnderstood;
use Fescue\Core\Measure\Repeated;
use Fescue\Core\Saying\Saying;

/**
 * Gauge the way people say it, a line each: "16 chains = 20 cm", "31 rows of sc are 40 cm", "10 st 12 cm". Several
 * lines of a kind are averaged, and how far they lie apart is told.
 */
final readonly class QuickMeasure
{
    /** In each tongue that is whole. */
    private const STITCHES = 'chains?|ch|stitch(?:es)?|sts?|sc|hdc|dc|tr|cadenetas?|cad|puntos?|p|pb|mpa|pa|pad';

    private const ROWS = 'rows?|rounds?|hileras?|vueltas?';

    private const MOST_LINES = 40;

    private const MOST_COUNTED = 1000;

    /**
     * @param ?Repeated $width of one stitch, mm
     * @param ?Repeated $height of one row, mm
     * @param float $stitches counted over one measure, on the average
     * @param float $rows so of rows
     */
    private function __construct(
        public ?Repeated $width,
        public ?Repeated $height,
        public float $stitches,
        public float $rows,
    ) {}

    /** @throws NotUnderstood naming the line */
    public static function parse(string $text, LengthUnit $bare): self
    {
        $lines = array_values(
            array_filter(
                array_map(trim(...), explode("\n", str_replace(';', "\n", $text))),
                fn(string $line): bool => $line !== '',
            ),
        );
        if ($lines === [] || count($lines) > self::MOST_LINES) {
            throw new NotUnderstood(
                new Saying(
                    'Write at least one line like “16 chains = 20 cm” and one like “31 rows = 40 cm”, at most '
                        .'{most}.',
                    ['most' => self::MOST_LINES],
                ),
            );
        }
        $found = ['stitches' => [], 'rows' => []];
        $counted = ['stitches' => 0.0, 'rows' => 0.0];
        foreach ($lines as $place => $line) {
            $number = $place + 1;
            if (preg_match(
                '/^(\d{1,4}(?:[.,]\d{1,2})?)\s*('.self::STITCHES.'|'.self::ROWS.')'
                .'\b\.?(?:\s+(?:of|de)\s+[a-z]+(?: crochet)?)?\s*(?:=|are|is|:|over|in|son|en|sobre)?\s*(\S.*)$/iu',
                $line,
                $part,
            ) !== 1) {
                throw new NotUnderstood(
                    new Saying(
                        'Line {number}, “{line}”, was not understood; write it like “16 chains = 20 cm” or “31 '
                            .'rows = 40 cm”.',
                        ['number' => $number, 'line' => mb_substr($line, 0, 40)],
                    ),
                );
            }
            $count = (float) str_replace(',', '.', $part[1]);
            $kind = preg_match('/^(?:'.self::ROWS.')$/iu', $part[2]) === 1 ? 'rows' : 'stitches';
            try {
                $length = Length::parse($part[3], $bare);
            } catch (NotUnderstood $e) {
                throw new NotUnderstood(new Saying('Line {number}: {why}', ['number' => $number, 'why' => $e->said]));
            }
            if ($count < 1 || $count > self::MOST_COUNTED || $length->mm < 5 || $length->mm > 3000) {
                throw new NotUnderstood(new Saying(
                    'Line {number}: count from 1 to {most}, over 5 mm to 3 m.',
                    ['number' => $number, 'most' => self::MOST_COUNTED],
                ));
            }
            $found[$kind][] = $length->mm / $count;
            $counted[$kind] += $count;
        }

        return new self(
            $found['stitches'] === [] ? null : new Repeated($found['stitches']),
            $found['rows'] === [] ? null : new Repeated($found['rows']),
            self::each($counted['stitches'], $found['stitches']),
            self::each($counted['rows'], $found['rows']),
        );
    }

    /**
     * As a swatch: one line as it was written, several by their mean and how far that may be off.
     *
     * @param ?Mass $each of one stitch
     *
     * @throws NotUnderstood where stitches or rows were not measured
     */
    public function swatch(Motif $motif, ?Mass $each): Swatch
    {
        if ($this->width === null) {
            throw new NotUnderstood(new Saying('Say how wide some stitches are, like “16 chains = 20 cm”.'));
        }
        if ($this->height === null) {
            throw new NotUnderstood(
                new Saying(
                    'Say how high some rows are, like “31 rows = 40 cm”. Without rows no height can be planned.',
                ),
            );
        }

        return new Swatch(
            $motif,
            $this->stitches,
            Length::mm($this->stitches * $this->width->mean),
            $this->rows,
            Length::mm($this->rows * $this->height->mean),
            $each === null ? null : Mass::grams($each->grams * $this->stitches * $this->rows),
            widthSpread: $this->width->uncertainty(0.0) / $this->width->mean,
            heightSpread: $this->height->uncertainty(0.0) / $this->height->mean,
        );
    }

    /** @param list<float> $measures */
    private static function each(float $counted, array $measures): float
    {
        return $measures === [] ? 0.0 : round($counted / count($measures), 1);
    }
}
