<?php

declare(strict_types=1);

namespace Fescue\Core\Work;

use Fescue\Core\Pattern\Part;
use Fescue\Core\Pattern\RowId;
use Fescue\Core\Saying\Saying;

/** A row as it is worked: its groups one after another, and what to heed there. */
final readonly class Passage
{
    /** Stitches in all its groups. */
    public int $stitches;

    /**
     * @param string $called as the maker reads it
     * @param string $said the row in words
     * @param int $leaves what is counted at its end
     * @param bool $counted whether to count there
     * @param bool $changes whether the count there is another than in the row before
     * @param bool $taped whether the tape is laid on it then
     * @param ?bool $right whether the right side faces the maker; null where that never changes
     * @param string $special what is special of it, a message of a word: "slots", "colour"
     * @param list<Saying> $heed what belongs here: a change, a caution
     * @param non-empty-list<StitchGroup> $groups
     * @param string $plain the row in US words, by which two plans are compared in any tongue
     */
    public function __construct(
        public RowId $id,
        public string $called,
        public Part $part,
        public string $said,
        public int $leaves,
        public bool $counted,
        public bool $changes,
        public bool $taped,
        public ?bool $right,
        public string $special,
        public array $heed,
        public array $groups,
        public string $plain,
    ) {
        $this->stitches = array_sum(array_map(fn(StitchGroup $group): int => $group->stitches, $groups));
    }

    /** Stitches done where the group ends in which so many are. */
    public function groupEnd(int $done): int
    {
        $end = 0;
        foreach ($this->groups as $group) {
            $end += $group->stitches;
            if ($end > $done) {
                break;
            }
        }

        return $end;
    }

    /** Stitches done where the last group begins that begins before so many are. */
    public function groupBegin(int $done): int
    {
        $begin = $end = 0;
        foreach ($this->groups as $group) {
            if ($end < $done) {
                $begin = $end;
            }
            $end += $group->stitches;
        }

        return $begin;
    }
}
