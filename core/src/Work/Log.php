<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** What was done of a bag, on all devices: entries are added and never taken away, and fold to one place. */
final readonly class Log
{
    /** Minutes without a tap that are no work: a break, or a night. From memory. */
    public const IDLE = 4.0;

    /** @param list<Entry> $entries in the order in which they were done, each once */
    private function __construct(public array $entries) {}

    /**
     * However they come: late, twice, in any order.
     *
     * @param list<Entry> $entries
     */
    public static function of(array $entries): self
    {
        $once = [];
        foreach ($entries as $entry) {
            $once[$entry->key()] ??= $entry;
        }
        $once = array_values($once);
        usort($once, fn(Entry $a, Entry $b): int => $a->compare($b));

        return new self($once);
    }

    /** @param list<Entry> $entries */
    public function with(array $entries): self
    {
        return self::of([...$this->entries, ...$entries]);
    }

    /** The entry that says where the work is; null before the first. */
    public function last(): ?Entry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->did->places()) {
                return $entry;
            }
        }

        return null;
    }

    /** The greatest turn; 0 of an empty log. */
    public function turn(): int
    {
        return $this->entries === [] ? 0 : $this->entries[count($this->entries) - 1]->turn;
    }

    /**
     * Where it is in a course; null where the course has no such place, and she is to be asked.
     *
     * @param list<string>|null $was digests of the course that the last entry was done of; null where it is unknown
     */
    public function place(Course $course, ?array $was = null): ?Place
    {
        $last = $this->last();
        if ($last === null) {
            return new Place(0);
        }
        $row = $course->row($last->row);
        if ($row === null) {
            return null;
        }
        $place = $last->stitch >= $course->rows[$row]->stitches ? new Place($row + 1) : new Place($row, $last->stitch);
        if ($last->plan === $course->fingerprint()) {
            return $place;
        }
        // Another plan: what is worked must be the same in both, the row that is begun too.
        $fixed = $place->row + (int) ($place->stitch > 0);

        $same = $was !== null && array_slice($was, 0, $fixed) === array_slice($course->digests(), 0, $fixed);

        return $same ? $place : null;
    }

    /**
     * Wrong counts that are mended in the row behind, but for those that were ripped since.
     *
     * @return array<int, int> how many stitches the next row gives more than it takes, by the place of the row counted
     */
    public function mends(Course $course): array
    {
        $mends = [];
        foreach ($this->entries as $entry) {
            $row = $course->row($entry->row);
            if ($row === null) {
                continue;
            }
            if ($entry->did === Did::Mends && $entry->counted !== null && $entry->counted !== 0) {
                $mends[$row] = $entry->counted;
            }
            if ($entry->did === Did::Ripped) {
                $kept = $entry->stitch >= $course->rows[$row]->stitches ? $row + 1 : $row;
                $mends = array_filter($mends, fn(int $at): bool => $at < $kept, ARRAY_FILTER_USE_KEY);
            }
        }

        return $mends;
    }

    /**
     * Minutes that the taps tell, without breaks, by the part of the row.
     *
     * @return array<string, float> by the part's value
     */
    public function minutes(Course $course): array
    {
        $parts = array_column(
            array_map(fn(Passage $row): array => [$row->name, $row->part->value], $course->rows),
            1,
            0,
        );
        $minutes = $before = [];
        foreach ($this->entries as $entry) {
            $since = isset($before[$entry->device]) ? ($entry->at - $before[$entry->device]) / 60_000 : INF;
            $before[$entry->device] = $entry->at;
            $part = $parts[$entry->row] ?? null;
            if ($part !== null && $since >= 0.0 && $since <= self::IDLE) {
                $minutes[$part] = ($minutes[$part] ?? 0.0) + $since;
            }
        }

        return $minutes;
    }
}
