<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

/** What was done of a bag, on all devices: entries are added and never taken away, and fold to one place. */
final readonly class Log
{
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
     * @param array<string, int> $same how many rows from the first on are the same in other plans, by their fingerprint
     */
    public function place(Course $course, array $same = []): ?Place
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
        // Of another plan: what is worked must be the same in both, the row that is begun too.
        $fixed = $place->row + (int) ($place->stitch > 0);

        return $last->plan === $course->fingerprint() || $fixed <= ($same[$last->plan] ?? 0) ? $place : null;
    }

    /**
     * Wrong counts that are mended in the row behind, but for those that were ripped since. One line takes the place of
     * another of its row; lines of rows that the course has not are passed over.
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
            if ($entry->did === Did::Mends && $entry->counted !== null) {
                $mends[$row] = $entry->counted;
            }
            if ($entry->did === Did::Ripped) {
                $kept = $entry->stitch >= $course->rows[$row]->stitches ? $row + 1 : $row;
                $mends = array_filter($mends, fn(int $at): bool => $at < $kept, ARRAY_FILTER_USE_KEY);
            }
        }

        return array_filter($mends, fn(int $more): bool => $more !== 0);
    }
}
