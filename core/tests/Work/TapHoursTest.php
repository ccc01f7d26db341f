<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Work;

use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Grain;
use Fescue\Core\Work\Log;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\TapHours;
use PHPUnit\Framework\TestCase;

/** Simulated makers work, rest and tap; what the taps tell is what they worked. */
final class TapHoursTest extends TestCase
{
    private const BEGUN = 1_790_000_000_000;

    /** @param array<string, mixed> $said */
    private static function line(Course $course, int $number, float $seconds, Place $to, array $said = []): Entry
    {
        $row = $to->stitch === 0 ? max(0, $to->row - 1) : $to->row;

        return Entry::read($said + [
            'device' => 'phone-01', 'number' => $number, 'turn' => $number, 'at' => self::BEGUN + (int) (1000 * $seconds),
            'did' => 'step', 'row' => (string) $course->rows[$row]->id,
            'stitch' => $to->stitch === 0 && $to->row > 0 ? $course->rows[$row]->stitches : $to->stitch,
            'plan' => $course->fingerprint(),
        ]);
    }

    /** Makers of 5 to 30 s a stitch, by each grain, who rest now and then and put it away for the night. */
    public function testMakersAreLearnedWithinATenth(): void
    {
        $chance = Draw::chance(46);
        $course = Course::of(Ways::plan([]));
        foreach (Grain::cases() as $grain) {
            $off = [];
            foreach ([5, 8, 12, 18, 25, 30] as $pace) {
                $place = new Place(0);
                $clock = $worked = 0.0;
                $lines = [];
                while ($place->row < count($course->rows)) {
                    $to = $course->forward($place, $grain);
                    $many = $course->done($to) - $course->done($place);
                    $row = exp(0.06 * $chance->normal());
                    for ($stitch = 0; $stitch < $many; $stitch++) {
                        $took = $row * $pace * exp(0.35 * $chance->normal() - 0.35 ** 2 / 2);
                        $worked += $took;
                        $clock += $took;
                        // An hour's work and a half, then tea; every third time a night.
                        if ($chance->share() < $pace / 5400) {
                            $clock += $chance->share() < 0.3 ? 36_000 : $chance->between(300, 2400);
                        }
                    }
                    $lines[] = self::line($course, count($lines) + 1, $clock, $to);
                    $place = $to;
                }
                $told = array_sum(TapHours::of(Log::of($lines), $course));
                $off[] = abs(60 * $told / $worked - 1);
            }
            // Hardly one of a thousand is off by more than a tenth.
            self::assertLessThan(0.15, max($off), "{$grain->value}");
            self::assertLessThan(0.07, array_sum($off) / count($off), "{$grain->value}");
        }
    }

    /** By hand: rows of a tenth of an hour, one with a night in it, the last three tapped at once. */
    public function testANightIsNoneAndWhatIsTappedLaterIsWork(): void
    {
        $course = Course::of(Ways::plan([]));
        $stitches = array_map(fn($row): int => $row->stitches, $course->rows);
        $lines = [];
        $clock = 0.0;
        foreach (array_slice($stitches, 0, 9) as $row => $many) {
            $clock += match (true) {
                $row === 4 => 12 * $many + 30_000,
                $row === 6 => 12 * ($stitches[6] + $stitches[7] + $stitches[8]),
                $row > 6 => 1,
                default => 12 * $many,
            };
            $lines[] = self::line($course, $row + 1, $clock, new Place($row + 1));
        }
        $by = TapHours::of(Log::of($lines), $course);
        $parts = array_map(fn($row): string => $row->part->value, array_slice($course->rows, 0, 9));
        foreach (['base', 'body'] as $part) {
            $of = array_sum(array_intersect_key($stitches, array_filter($parts, fn(string $one): bool => $one === $part)));
            self::assertEqualsWithDelta(12 * $of / 60, $by[$part], 0.05, $part);
        }
    }

    /**
     * By hand, of rows of 56 at 10 s: a row may take 1 + 2·√(0.8²/56 + 0.07²) = 1.256 times as long, and is work to the
     * end; longer, it held a break, and is told by her pace.
     */
    public function testHowLongARowMayTake(): void
    {
        $course = Course::of(Ways::plan([]));
        $first = array_search(56, array_map(fn($row): int => $row->stitches, $course->rows), true);
        $told = function (float $times) use ($course, $first): float {
            $clock = 1000.0;
            $lines = [self::line($course, 1, $clock, new Place($first))];
            for ($row = 0; $row < 12; $row++) {
                $clock += 560 * ($row === 5 ? $times : 1);
                $lines[] = self::line($course, $row + 2, $clock, new Place($first + $row + 1));
            }

            return 60 * array_sum(TapHours::of(Log::of($lines), $course));
        };
        // What came before the first tap is told by the same pace.
        $before = $course->done(new Place($first));
        foreach ([1.0, 1.1, 1.25] as $kept) {
            $pace = 10 * (11 + $kept) / 12;
            self::assertEqualsWithDelta(560 * (11 + $kept) + $before * $pace, $told($kept), 0.1, "{$kept}");
        }
        foreach ([1.27, 2.0, 60.0] as $broken) {
            self::assertEqualsWithDelta(560 * 12 + $before * 10, $told($broken), 0.1, "{$broken}");
        }
    }

    /** A tap too many is taken back; a count of a minute is work, of an hour none; another device is no pause. */
    public function testWhatIsNoStep(): void
    {
        $course = Course::of(Ways::plan([]));
        $stitches = $course->rows[0]->stitches;
        $next = $course->rows[1]->stitches;
        $rows = [
            self::line($course, 1, 10 * $stitches, new Place(1)),
            self::line($course, 2, 10 * ($stitches + $next), new Place(2)),
        ];
        $plain = array_sum(TapHours::of(Log::of($rows), $course));
        self::assertEqualsWithDelta(10 * ($stitches + $next) / 60, $plain, 1e-6);
        $end = 10 * ($stitches + $next);
        $tooMany = [
            ...$rows,
            self::line($course, 3, $end + 1, new Place(3)),
            self::line($course, 4, $end + 4, new Place(2), ['did' => 'back']),
        ];
        // Four seconds; by one of them her pace is slower, at which the first row is told too.
        $slower = 4 + $stitches / $next;
        self::assertEqualsWithDelta($slower, 60 * (array_sum(TapHours::of(Log::of($tooMany), $course)) - $plain), 1e-6);
        foreach ([60 => 60, 239 => 239, 241 => 0, 3600 => 0] as $took => $is) {
            $counted = self::line($course, 3, $end + $took, new Place(2), ['did' => 'counted', 'counted' => 56]);
            $told = array_sum(TapHours::of(Log::of([...$rows, $counted]), $course));
            self::assertEqualsWithDelta($is, 60 * ($told - $plain), 1e-6);
        }
        // A tablet goes on, whose clock is of another year: what it worked is told by her pace.
        $tablet = self::line($course, 3, 1e7, new Place(3), ['device' => 'tablet-b']);
        $told = array_sum(TapHours::of(Log::of([...$rows, $tablet]), $course));
        self::assertEqualsWithDelta(10 * $course->rows[2]->stitches, 60 * ($told - $plain), 1e-6);
        self::assertSame([], TapHours::of(Log::of([]), $course));
    }
}
