<?php

declare(strict_types=1);

namespace Fescue\Core\Tests\Work;

use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Tests\Bag\Ways;
use Fescue\Core\Tests\Draw;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Grain;
use Fescue\Core\Work\Log;
use Fescue\Core\Work\NoEntry;
use Fescue\Core\Work\Passage;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\StitchGroup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines that are only ever added fold to one place. */
final class LogTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function said(array $changes = []): array
    {
        return $changes + [
            'device' => 'phone-01', 'number' => 1, 'turn' => 1, 'at' => 1_790_000_000_000, 'did' => 'step',
            'row' => 'Round 1', 'stitch' => 3, 'plan' => '0123456789abcdef',
        ];
    }

    public function testAnEntryReadsWhatItWrites(): void
    {
        $said = self::said();
        self::assertEqualsCanonicalizing($said, Entry::read($said)->write());
        $counted = self::said(['did' => 'counted', 'counted' => 55]);
        self::assertEqualsCanonicalizing($counted, Entry::read($counted)->write());
        self::assertSame('Left gusset: Row 3', (string) Entry::read(self::said(['row' => 'Left gusset: Row 3']))->row);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('forged')]
    public function testWhatIsForgedIsRefused(array $changes): void
    {
        $this->expectException(NoEntry::class);
        Entry::read(self::said($changes));
    }

    /** @return array<string, array{array<string, mixed>}> */
    public static function forged(): array
    {
        return [
            'another deed' => [['did' => 'flew']], 'no number' => [['number' => 0]], 'a text for one' => [['turn' => '2']],
            'a turn beyond all' => [['turn' => Entry::MOST + 1]], 'a device of markup' => [['device' => '<b>phone</b>']],
            'a short device' => [['device' => 'x']], 'a list for a row' => [['row' => ['Round 1']]],
            'no row' => [['row' => '']], 'before the first' => [['stitch' => -1]], 'another plan' => [['plan' => 'none']],
            'a count that is none' => [['did' => 'counted']], 'a count below nothing' => [['did' => 'counted', 'counted' => -1]],
            'a clock before all' => [['at' => -5]],
        ];
    }

    /**
     * Any interleaving of two devices' logs, late, twice, in any order, folds to one place, and none is lost. The one
     * that went on last, knowing of the other, is where it is, whatever the clocks say.
     */
    public function testAnyOrderFoldsToOnePlace(): void
    {
        Draw::sow(14);
        $course = Course::of(Ways::plan([]));
        for ($round = 0; $round < 200; $round++) {
            $devices = ['phone-aa' => new Place(0), 'tablet-b' => new Place(0)];
            $number = $seen = array_fill_keys(array_keys($devices), 0);
            $entries = [];
            $steps = mt_rand(1, 40);
            for ($step = 0; $step < $steps; $step++) {
                $device = array_rand($devices);
                if (mt_rand(0, 3) === 0) {
                    // It hears of the other: from there it goes on.
                    $known = Log::of($entries);
                    $devices[$device] = $known->place($course) ?? new Place(0);
                    $seen[$device] = $known->turn();
                }
                $devices[$device] = $course->forward($devices[$device], Grain::cases()[mt_rand(0, 2)]);
                $row = min($devices[$device]->row, count($course->rows) - 1);
                $entries[] = Entry::read(self::said([
                    'device' => $device, 'number' => ++$number[$device], 'turn' => ++$seen[$device],
                    // Clocks differ by days.
                    'at' => 1_790_000_000_000 + mt_rand(-500_000_000, 500_000_000),
                    'row' => (string) $course->rows[$row]->id,
                    'stitch' => $devices[$device]->row > $row ? $course->rows[$row]->stitches : $devices[$device]->stitch,
                    'plan' => $course->fingerprint(),
                ]));
            }
            $all = Log::of($entries);
            self::assertCount($steps, $all->entries);
            for ($time = 0; $time < 4; $time++) {
                $late = [...$entries, ...array_slice($entries, 0, mt_rand(0, $steps))];
                shuffle($late);
                $some = array_splice($late, 0, mt_rand(0, count($late)));
                self::assertEquals($all, Log::of($some)->with($late));
            }
            self::assertNotNull($all->place($course));
        }
    }

    public function testAPlanThatChangedKeepsWhatIsWorkedOrAsks(): void
    {
        $course = Course::of(Ways::plan([]));
        $log = fn(string $row, int $stitch): Log => Log::of([Entry::read(self::said([
            'row' => $row, 'stitch' => $stitch, 'plan' => $course->fingerprint(),
        ]))]);
        self::assertEquals(new Place(4, 7), $log('Round 5', 7)->place($course));
        self::assertEquals(new Place(5), $log('Round 5', 56)->place($course), 'All of it is the next one’s beginning.');
        self::assertEquals(new Place(0), Log::of([])->place($course));
        $same = fn(Course $now): array => [$course->fingerprint() => $now->same($course->digests())];
        $higher = Course::of(Ways::plan(['body/rounds' => 20]));
        self::assertNotSame($course->fingerprint(), $higher->fingerprint());
        self::assertEquals(new Place(4, 7), $log('Round 5', 7)->place($higher, $same($higher)));
        self::assertNull($log('Round 5', 7)->place($higher), 'Of what it was nothing is known.');
        // Another fabric from the wall on: what is worked of the wall is not there any more.
        $other = Course::of(Ways::plan(['body/stitch' => 'dc']));
        self::assertNull($log('Round 5', 7)->place($other, $same($other)));
        self::assertEquals(new Place(2), $log('Round 2', 56)->place($other, $same($other)), 'The base is the same.');
        self::assertNull($log('Round 3', 7)->place($other, $same($other)), 'It is begun.');
        self::assertNull($log('Round 99', 1)->place($course));
    }

    /** The same lines fold alike here and in the browser: tests/script reads them too. */
    public function testTheLinesFoldAsInTheBrowser(): void
    {
        $said = json_decode((string) file_get_contents(__DIR__.'/logs.json'), true, flags: JSON_THROW_ON_ERROR);
        $course = new Course(array_map(fn(array $row): Passage => new Passage(
            RowId::read($row[0]) ?? self::fail($row[0]),
            $row[0],
            Part::Body,
            $row[1],
            $row[2],
            false,
            false,
            false,
            null,
            '',
            [],
            [new StitchGroup($row[1], $row[2])],
            $row[1],
        ), $said['rows']));
        foreach ($said['logs'] as $one) {
            $log = Log::of(array_map(fn(array $line): Entry => Entry::read(
                ['plan' => $line['plan'] === 'this' ? $course->fingerprint() : $line['plan']] + $line,
            ), $one['entries']));
            $place = $log->place($course, $one['same']);
            self::assertSame($one['place'], $place === null ? null : [$place->row, $place->stitch], $one['told']);
            self::assertSame($one['mends'], array_combine(
                array_map(strval(...), array_keys($log->mends($course))),
                $log->mends($course),
            ), $one['told']);
        }
    }

    public function testACountIsNoPlaceAndTheNameDecidesOfOneTurn(): void
    {
        $log = Log::of([
            Entry::read(self::said(['turn' => 1])),
            Entry::read(self::said(['turn' => 2, 'number' => 2, 'did' => 'counted', 'counted' => 48])),
            Entry::read(self::said(['turn' => 2, 'device' => 'tablet-b', 'did' => 'ripped', 'stitch' => 1])),
        ]);
        self::assertSame('tablet-b', $log->last()?->device);
        self::assertSame(2, $log->turn());
    }

    /** A mend holds until its row is ripped; said again, the later counts. */
    public function testAMendHoldsUntilItsRowIsRipped(): void
    {
        $course = Course::of(Ways::plan([]));
        $all = array_column(array_map(fn($row): array => [(string) $row->id, $row->stitches], $course->rows), 1, 0);
        $log = function (array ...$lines) use ($all): Log {
            $entries = [];
            foreach ($lines as $nth => [$did, $row, $counted]) {
                $entries[] = Entry::read(self::said([
                    'number' => $nth + 1, 'turn' => $nth + 1, 'did' => $did, 'row' => $row,
                    'stitch' => $counted === 'part' ? 3 : $all[$row] ?? 3,
                ] + (is_int($counted) ? ['counted' => $counted] : [])));
            }

            return Log::of($entries);
        };
        self::assertSame([], $log(['step', 'Round 5', null])->mends($course));
        self::assertSame([4 => -2], $log(['mends', 'Round 5', -2], ['step', 'Round 6', null])->mends($course));
        self::assertSame([4 => 1], $log(['mends', 'Round 5', -2], ['mends', 'Round 5', 1])->mends($course));
        self::assertSame([4 => -2], $log(['mends', 'Round 5', -2], ['ripped', 'Round 5', null])->mends($course));
        self::assertSame([], $log(['mends', 'Round 5', -2], ['ripped', 'Round 5', 'part'])->mends($course));
        self::assertSame([4 => -2], $log(['mends', 'Round 5', -2], ['mends', 'Round 9', 1], ['ripped', 'Round 6', 'part'])->mends($course));
        self::assertSame([], $log(['mends', 'Round 99', 2])->mends($course));
    }
}
