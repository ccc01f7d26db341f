<?php

declare(strict_types=1);

namespace App\Drawing;

use App\Tongue\Tongues;
use Fescue\Core\Text\ProvenRow;

/**
 * What was read of a piece, row upon row: a dash for each stitch, a gap for the chains of a space; rounds as rings
 * about their beginning, rows one over another. What does not come out is warm.
 */
final class TextChart
{
    private const WIDE = 320;

    private const HIGHEST = 420;

    /** Pixels from row to row at most, and of the first ring. */
    private const STEP = 13.0;

    private const FIRST = 10.0;

    /** Share of a stitch that is drawn of it. */
    private const DRAWN = 0.68;

    /** Stitches of a row that are told apart; of more a line is drawn. */
    private const MOST = 400;

    /** Rows that are drawn of a long piece, the last of them. */
    private const ROWS = 80;

    /** @param non-empty-list<ProvenRow> $rows of a piece */
    public static function of(array $rows): string
    {
        $many = count($rows);
        $rows = array_slice($rows, -self::ROWS);
        $isRound = $rows[count($rows) - 1]->line->isRound;
        $marks = $isRound ? self::rings($rows) : self::lines($rows);
        $high = $isRound ? self::WIDE : min(self::HIGHEST, (int) ceil(count($rows) * self::step(count($rows)) + 16));
        $said = Canvas::escape(Tongues::tell(
            'What was read: {n, plural, one {# row} other {# rows}}, the last of {leaves}',
            ['n' => $many, 'leaves' => $rows[count($rows) - 1]->outcome->leaves],
        ));

        $wide = $isRound ? self::WIDE : (int) ceil(self::each($rows) * self::most($rows) + 8);

        return "<svg class=\"text-chart\" viewBox=\"0 0 {$wide} {$high}\" width=\"{$wide}\" height=\"{$high}\" "
            ."role=\"img\"><title>{$said}</title>{$marks}</svg>";
    }

    private static function step(int $rows): float
    {
        return min(self::STEP, (self::HIGHEST - 16) / $rows);
    }

    /** @param list<ProvenRow> $rows */
    private static function rings(array $rows): string
    {
        $n = Canvas::number(...);
        $middle = self::WIDE / 2;
        $step = min(self::STEP, ($middle - self::FIRST - 6) / count($rows));
        $marks = '';
        foreach ($rows as $nth => $row) {
            $r = self::FIRST + ($nth + 0.5) * $step;
            // From the foot on against the clock, as right hands go round.
            $way = "M{$n($middle)} {$n($middle + $r)}a{$n($r)} {$n($r)} 0 1 0 0 {$n(-2 * $r)}"
                ."a{$n($r)} {$n($r)} 0 1 0 0 {$n(2 * $r)}";
            $marks .= self::row($row, $way, 0.62 * $step);
        }

        return $marks;
    }

    /** @param list<ProvenRow> $rows */
    private static function lines(array $rows): string
    {
        $n = Canvas::number(...);
        $step = self::step(count($rows));
        [$most, $each] = [self::most($rows), self::each($rows)];
        $marks = '';
        foreach ($rows as $nth => $row) {
            $y = 8 + (count($rows) - $nth - 0.5) * $step;
            $long = $each * max(1, self::units($row));
            // Each is worked back over the one below.
            $way = $nth % 2 === 0
                ? "M{$n(4 + ($each * $most + $long) / 2)} {$n($y)}h{$n(-$long)}"
                : "M{$n(4 + ($each * $most - $long) / 2)} {$n($y)}h{$n($long)}";
            $marks .= self::row($row, $way, 0.62 * $step);
        }

        return $marks;
    }

    /** @param list<ProvenRow> $rows */
    private static function most(array $rows): int
    {
        return max(1, ...array_map(self::units(...), $rows));
    }

    /**
     * Pixels of a stitch of rows.
     *
     * @param list<ProvenRow> $rows
     */
    private static function each(array $rows): float
    {
        return min(16.0, (self::WIDE - 8) / self::most($rows));
    }

    private static function row(ProvenRow $row, string $way, float $broad): string
    {
        $units = self::units($row);
        $colour = $row->isRight() ? Ink::GRASS : Ink::WARM;
        $width = Canvas::number($broad);
        $thin = "<path d=\"{$way}\" fill=\"none\" stroke=\"".Ink::LINE.'" stroke-width="1"/>';
        if ($units < 1) {
            return $thin;
        }
        $dashes = $units > self::MOST ? '' : " pathLength=\"{$units}\" stroke-dasharray=\"".self::dashes($row).'"';

        return "{$thin}<path d=\"{$way}\" fill=\"none\" stroke=\"{$colour}\" stroke-width=\"{$width}\"{$dashes}/>";
    }

    /** How long its tops are, a stitch and a chain each being one. */
    private static function units(ProvenRow $row): int
    {
        return $row->outcome->tops->count(false) + $row->outcome->tops->chains();
    }

    private static function dashes(ProvenRow $row): string
    {
        $gap = 1 - self::DRAWN;
        $dashes = [];
        foreach ($row->outcome->tops->runs() as [$isSpace, $chains, $many]) {
            for ($nth = 0; $nth < $many; $nth++) {
                array_push($dashes, $isSpace ? 0 : self::DRAWN, $isSpace ? $chains : $gap);
            }
        }
        // Alike all along they are told once.
        $isPlain = ! $row->outcome->tops->hasSpaces();

        return implode(' ', array_map(
            fn(float|int $one): string => Canvas::number((float) $one),
            $isPlain ? array_slice($dashes, 0, 2) : $dashes,
        ));
    }
}
