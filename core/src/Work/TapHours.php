<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/**
 * Hours that the taps tell, breaks taken out. A tap covers the stitches since the one before; how long they take by
 * this maker's own pace tells what of a gap was work, whether she taps stitches, groups or rows.
 */
final class TapHours
{
    /** Minutes that a count, a rip or a look may take without being a break. From memory. */
    private const IDLE = 4.0;

    /** Nobody works a stitch of bag faster, s: such taps are of rows that were done before. From memory. */
    private const LEAST = 1.0;

    /** How far one stitch, and a whole row, is off a maker's pace, relative. From memory. */
    private const STITCH = 0.8;

    private const ROW = 0.07;

    private const SWING = 2.0;

    /**
     * @return array<string, float> minutes by the part's value
     */
    public static function of(Log $log, Course $course): array
    {
        [$lumps, $seconds] = self::read($log, $course);
        $pace = self::pace($lumps);
        foreach ($lumps as $lump) {
            $stitches = array_sum($lump['stitches']);
            $took = $lump['seconds'];
            if ($took === null || $took > self::longest($stitches, $pace)) {
                // What of it was work is not known by the clock: it is what they take by her pace.
                $took = $stitches * $pace;
            }
            foreach ($lump['stitches'] as $part => $many) {
                $seconds[$part] = ($seconds[$part] ?? 0.0) + $took * $many / max(1, $stitches);
            }
        }

        return array_map(fn(float $much): float => $much / 60, $seconds);
    }

    /**
     * @return array{list<array{seconds: ?float, stitches: array<string, int>}>, array<string, float>} what taps cover,
     *         null seconds where the clock does not tell; and seconds by part of what is no step
     */
    private static function read(Log $log, Course $course): array
    {
        /** @var list<array{seconds: ?float, stitches: array<string, int>}> $lumps */
        $lumps = [];
        $beside = $rows = [];
        $done = $all = 0;
        foreach ($course->rows as $row) {
            $rows[(string) $row->id] = [$row->part->value, $all, $row->stitches];
            $all += $row->stitches;
        }
        $before = null;
        foreach ($log->entries as $entry) {
            $gap = $before !== null && $before->device === $entry->device && $entry->at >= $before->at
                ? ($entry->at - $before->at) / 1000
                : null;
            $follows = $before?->device === $entry->device && $before->did === Did::Step;
            $before = $entry;
            if (! isset($rows[(string) $entry->row])) {
                continue;
            }
            [$part, $begin, $stitches] = $rows[(string) $entry->row];
            $more = $entry->did->places() ? $begin + min($entry->stitch, $stitches) - $done : 0;
            $done += $more;
            $last = count($lumps) - 1;
            if ($entry->did === Did::Step && $more > 0) {
                if ($gap !== null && $gap < self::LEAST * $more && $follows && $last >= 0) {
                    // Done before, and tapped now: it belongs to the gap before.
                    ['seconds' => $seconds, 'stitches' => $many] = $lumps[$last];
                    $many[$part] = ($many[$part] ?? 0) + $more;
                    $lumps[$last] = ['seconds' => $seconds === null ? null : $seconds + $gap, 'stitches' => $many];
                } else {
                    $lumps[] = ['seconds' => $gap, 'stitches' => [$part => $more]];
                }

                continue;
            }
            if ($entry->did === Did::Back && $last >= 0) {
                // A tap too many was no work.
                $many = $lumps[$last]['stitches'];
                foreach (array_reverse($many) as $of => $there) {
                    $less = max(-$there, min(0, $more));
                    $many[$of] = $there + $less;
                    $more -= $less;
                }
                $lumps[$last] = ['seconds' => $lumps[$last]['seconds'], 'stitches' => $many];
            }
            if ($gap !== null && $gap <= 60 * self::IDLE) {
                $beside[$part] = ($beside[$part] ?? 0.0) + $gap;
            }
        }

        return [$lumps, $beside];
    }

    /**
     * Seconds a stitch: the median first, of as many stitches on either side, then what those take that are no breaks.
     *
     * @param list<array{seconds: ?float, stitches: array<string, int>}> $lumps
     */
    private static function pace(array $lumps): float
    {
        $timed = [];
        foreach ($lumps as $lump) {
            $stitches = array_sum($lump['stitches']);
            if ($lump['seconds'] !== null && $stitches > 0) {
                $timed[] = [$lump['seconds'] / $stitches, $stitches];
            }
        }
        sort($timed);
        $half = array_sum(array_column($timed, 1)) / 2;
        $pace = 0.0;
        foreach ($timed as [$each, $stitches]) {
            $pace = $each;
            $half -= $stitches;
            if ($half <= 0) {
                break;
            }
        }
        for ($step = 0; $step < 3; $step++) {
            $seconds = $many = 0.0;
            foreach ($timed as [$each, $stitches]) {
                if ($each * $stitches <= self::longest($stitches, $pace)) {
                    $seconds += $each * $stitches;
                    $many += $stitches;
                }
            }
            $pace = $many > 0 ? $seconds / $many : $pace;
        }

        return $pace;
    }

    /** Seconds in which so many stitches may be worked without a break. */
    private static function longest(int $stitches, float $pace): float
    {
        return $pace * ($stitches + self::SWING * hypot(self::STITCH * sqrt($stitches), self::ROW * $stitches));
    }
}
