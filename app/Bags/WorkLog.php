<?php

declare(strict_types=1);

namespace App\Bags;

use App\Casts\Cell;
use App\Models\Bag;
use App\Models\Transaction;
use App\Models\User;
use Fescue\Core\Bag\BagPlan;
use Fescue\Core\Document\Refused;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;
use Fescue\Core\Work\Course;
use Fescue\Core\Work\Did;
use Fescue\Core\Work\Entry;
use Fescue\Core\Work\Log;
use Fescue\Core\Work\NoEntry;
use Fescue\Core\Work\Place;
use Fescue\Core\Work\TapHours;
use Illuminate\Support\Facades\DB;

/** The log of a bag's work as it is kept: lines are added once, however often they are sent. */
final class WorkLog
{
    /** Lines in one sending, and of one bag: a bag of as many stitches as one may have, ten times over. */
    public const A_SENDING = 1000;

    private const MOST = 200_000;

    /** Turns that a device may be ahead: what it did while the network was away. */
    private const AHEAD = 50_000;

    /** Lines that are answered at once; the rest comes at the next asking. */
    private const ANSWERED = 20_000;

    /** Of a page that has no script. */
    private const PAGE = 'page-of-forms';

    public static function of(Bag $bag): Log
    {
        return Log::of(self::since($bag, 0)[0]);
    }

    /**
     * What was added behind a line, by its number in the bag's log: they are in the order in which they were committed.
     *
     * @return array{list<Entry>, int} and the number of the last
     */
    public static function since(Bag $bag, int $seen): array
    {
        $rows = DB::table('work_entries')->where('bag_id', $bag->id)->where('seq', $seen === 0 ? '>=' : '>', $seen)
            ->orderBy('seq')->orderBy('id')->limit($seen === 0 ? self::MOST : self::ANSWERED)->get();
        $entries = [];
        foreach ($rows as $row) {
            $entries[] = Entry::read(array_filter(
                ['did' => $row->did, 'device' => $row->device, 'row' => $row->row, 'plan' => $row->plan] + array_map(
                    fn(mixed $number): ?int => $number === null ? null : Cell::int($number),
                    [
                        'number' => $row->number, 'turn' => $row->turn, 'at' => $row->at, 'stitch' => $row->stitch,
                        'counted' => $row->counted,
                    ],
                ),
                fn(mixed $one): bool => $one !== null,
            ));
            $seen = Cell::int($row->seq);
        }

        return [$entries, $seen];
    }

    /** @return ?array{Bag, string} the bag that was worked last, and its row; null where none was */
    public static function inHand(User $maker): ?array
    {
        // The last line of each of her bags, and of these the last: not all that was ever done by anyone.
        $lines = DB::table('bags')->where('user_id', $maker->id)->whereNull('deleted_at')->selectRaw(
            '(select id from work_entries where bag_id = bags.id order by id desc limit 1) as line',
        );
        $last = DB::table('work_entries')->where(
            'id',
            DB::query()->fromSub($lines, 'lines')->max('line'),
        )->first(['bag_id', 'row']);
        if ($last === null) {
            return null;
        }
        $bag = $maker->bags()->find(Cell::int($last->bag_id));

        return $bag === null ? null : [$bag, Cell::text($last->row)];
    }

    /**
     * The rows that were worked last.
     *
     * @param list<int> $bags
     *
     * @return array<int, string> as documents have them, by bag; of those that are begun
     */
    public static function rows(array $bags): array
    {
        $lines = DB::table('work_entries')->whereIn('bag_id', $bags)->groupBy('bag_id')->selectRaw('max(id) as line');
        $rows = [];
        foreach (DB::table('work_entries')->whereIn('id', $lines->pluck('line'))->get(['bag_id', 'row']) as $one) {
            $rows[Cell::int($one->bag_id)] = Cell::text($one->row);
        }

        return $rows;
    }

    /** Whether anything was done of a bag, where its row is read. */
    public const BEGUN = 'exists (select 1 from work_entries where work_entries.bag_id = bags.id)';

    /** Whether anything was done of it. */
    public static function isBegun(Bag $bag): bool
    {
        return DB::table('work_entries')->where('bag_id', $bag->id)->exists();
    }

    /**
     * So, of a device that is none of ours: the forms of pages have a name of their own.
     *
     * @param list<Entry> $entries
     *
     * @throws NoEntry
     */
    public static function take(Bag $bag, array $entries, Course $course): void
    {
        foreach ($entries as $entry) {
            if ($entry->device === self::PAGE) {
                throw new NoEntry(new Saying('“device” is a name of another one.'));
            }
        }
        self::add($bag, $entries, $course);
    }

    /**
     * Adds what a device did. All of a sending, or nothing of it.
     *
     * @param list<Entry> $entries
     *
     * @throws NoEntry where a line says what the plan has not, or there are too many
     */
    public static function add(Bag $bag, array $entries, Course $course): void
    {
        if (count($entries) > self::A_SENDING) {
            throw new NoEntry(new Saying(
                'At most {aSending} lines are sent at once.',
                ['aSending' => self::A_SENDING],
            ));
        }
        $here = $course->fingerprint();
        $turn = Cell::int(DB::table('work_entries')->where('bag_id', $bag->id)->max('turn'));
        foreach ($entries as $entry) {
            // A device counts on from what it knows, one turn a line; else nobody could go on behind it.
            if ($entry->turn > $turn + self::AHEAD) {
                throw new NoEntry(new Saying('“turn” is far ahead of what was done of this bag.'));
            }
            $row = $entry->plan === $here ? $course->row($entry->row) : 0;
            if ($row === null || ($entry->plan === $here && $entry->stitch > $course->rows[$row]->stitches)) {
                throw new NoEntry(new Saying(
                    'This plan has no stitch {stitch} in “{row}”.',
                    ['stitch' => $entry->stitch, 'row' => $entry->row],
                ));
            }
        }
        Transaction::run(function () use ($bag, $entries, $course, $here): void {
            if (DB::table('work_entries')->where('bag_id', $bag->id)->count() + count($entries) > self::MOST) {
                throw new NoEntry(new Saying(
                    'More than {most} lines of one bag are not kept.',
                    ['most' => self::MOST],
                ));
            }
            DB::table('work_courses')->insertOrIgnore([
                'bag_id' => $bag->id, 'plan' => $here, 'digests' => implode("\n", $course->digests()),
            ]);
            $seq = self::count($bag, count($entries));
            foreach (array_chunk($entries, 200) as $some) {
                DB::table('work_entries')->insertOrIgnore(array_map(
                    // Every line with every column, in one order.
                    function (Entry $entry) use ($bag, &$seq): array {
                        return ['bag_id' => $bag->id, 'seq' => ++$seq]
                            + array_diff_key($entry->write(), ['counted' => 1])
                            + ['counted' => $entry->counted];
                    },
                    $some,
                ));
            }
        });
    }

    /**
     * Raises the bag's counter, whose row is held until what is counted is committed; what it was before.
     */
    private static function count(Bag $bag, int $many): int
    {
        DB::insert(
            'INSERT IGNORE INTO work_counters SELECT ?, COALESCE(MAX(seq), 0) FROM work_entries WHERE bag_id = ?',
            [$bag->id, $bag->id],
        );
        DB::update('UPDATE work_counters SET seq = seq + ? WHERE bag_id = ?', [$many, $bag->id]);
        $seq = DB::table('work_counters')->where('bag_id', $bag->id)->value('seq');

        return (is_numeric($seq) ? (int) $seq : 0) - $many;
    }

    /** @return array<int, int> as Log has them */
    public static function mends(Bag $bag, BagPlan $plan): array
    {
        return DB::table('work_entries')->where(['bag_id' => $bag->id, 'did' => Did::Mends->value])->exists()
            ? self::of($bag)->mends(Course::of($plan))
            : [];
    }

    /**
     * Hours of the parts that are done, by the taps: kept once each, hers to correct.
     *
     * @param list<Entry> $entries that were added
     */
    public static function hours(Bag $bag, array $entries, Course $course): void
    {
        $done = [];
        foreach ($entries as $entry) {
            $row = $entry->did === Did::Step ? $course->row($entry->row) : null;
            if ($row !== null && $entry->stitch >= $course->rows[$row]->stitches && $course->endsPart($row)) {
                $done[] = $course->rows[$row]->part->value;
            }
        }
        if ($done === []) {
            return;
        }
        $minutes = array_intersect_key(TapHours::of(self::of($bag), $course), array_flip($done));
        foreach ($minutes as $part => $many) {
            if ($many >= 1.0) {
                DB::table('bag_minutes')->insertOrIgnore([
                    'bag_id' => $bag->id, 'part' => $part, 'minutes' => (int) round($many),
                ]);
            }
        }
    }

    /** One line from a form: what stands there by now goes before it. */
    public static function enter(Bag $bag, Course $course, Did $did, Place $place, ?int $counted = null): void
    {
        Transaction::run(function () use ($bag, $course, $did, $place, $counted): void {
            Transaction::hold('bags', $bag->id);
            $numbers = DB::table('work_entries')->where(['bag_id' => $bag->id, 'device' => self::PAGE]);
            $number = 1 + Cell::int($numbers->max('number'));
            // The end of a row is told as that row with all its stitches done.
            $row = max(0, $place->stitch === 0 ? $place->row - 1 : $place->row);
            self::add($bag, [Entry::read([
                'device' => self::PAGE,
                'number' => $number,
                'turn' => 1 + self::of($bag)->turn(),
                'at' => (int) now()->valueOf(),
                'did' => $did->value,
                'row' => (string) $course->rows[$row]->id,
                'stitch' => match (true) {
                    $place->stitch > 0 => $place->stitch,
                    $place->row === 0 => 0,
                    default => $course->rows[$row]->stitches,
                },
                'plan' => $course->fingerprint(),
            ] + ($counted === null ? [] : ['counted' => $counted]))], $course);
        });
    }

    /** Where the work is; null where the plan became another meanwhile, and she is to be asked. */
    public static function place(Bag $bag, Course $course, ?Log $log = null): ?Place
    {
        $log ??= self::of($bag);
        $last = $log->last();

        return $log->place($course, $last === null ? [] : self::same($bag, $course, [$last]));
    }

    /**
     * How many rows from the first on the plans that lines were done of have as this one has.
     *
     * @param list<Entry> $entries
     *
     * @return array<string, int> by their fingerprint, this one's apart
     */
    public static function same(Bag $bag, Course $course, array $entries): array
    {
        $plans = array_diff(
            array_unique(array_map(fn(Entry $entry): string => $entry->plan, $entries)),
            [$course->fingerprint()],
        );
        /** @var array<string, mixed> $courses */
        $courses = $plans === [] ? [] : DB::table('work_courses')->where('bag_id', $bag->id)->whereIn('plan', $plans)
            ->pluck('digests', 'plan')->all();

        return array_map(
            fn(mixed $digests): int => $course->same(explode("\n", is_string($digests) ? $digests : '')),
            $courses,
        );
    }

    /**
     * The row from which the ball in hand was worked, where she said that one was used up; 0 where she did not.
     */
    public static function wholeFrom(Bag $bag, BagPlan $plan): int
    {
        $line = DB::table('work_entries')->where(['bag_id' => $bag->id, 'did' => Did::UsedUp->value])
            ->orderByDesc('turn')->orderByDesc('id')->first(['row', 'stitch']);
        $row = $line === null ? null : $plan->work->place(RowId::read(Cell::text($line->row)));

        // Of the row that is begun the stitches behind are of it, and those before are not.
        return $row === null ? 0 : $row + (int) ($line->stitch > 0);
    }

    /**
     * What is worked is fixed: a plan that would change it is another bag's.
     *
     * @throws Refused
     */
    public static function guard(Bag $bag, ?BagPlan $was, BagPlan $is): void
    {
        $course = $was === null ? null : Course::of($was);
        $place = $course === null ? null : self::place($bag, $course);
        if ($course === null || $place === null || ($place->row === 0 && $place->stitch === 0)) {
            return;
        }
        $worked = $place->row + (int) ($place->stitch > 0);
        $next = Course::of($is);
        if (array_slice($course->digests(), 0, $worked) !== array_slice($next->digests(), 0, $worked)) {
            throw Refused::at(
                '/worked',
                new Saying(
                    'This would change what is worked already, up to {id}. Change what comes after it, or make a '
                        .'copy of the bag and change that.',
                    ['id' => $course->rows[$worked - 1]->id],
                ),
                [['path' => '/copy', 'value' => true, 'said' => new Saying('Make a copy, changed so')]],
            );
        }
    }
}
