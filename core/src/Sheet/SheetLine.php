<?php

declare(strict_types=1);

namespace Fescue\Core\Sheet;

use Fescue\Core\Pattern\RowId;

/** Rows told at once: how they are headed, what is done, what is counted, and what is thought of before them. */
final readonly class SheetLine
{
    /** Letters of the longest line that is kept in mind while it is worked. From memory. */
    public const LONG = 400;

    /**
     * @param string $head "Rnds 2–14"; '' of what is no row
     * @param string $count "44 sc, 2 ch-16 sps"; '' where nothing is counted
     * @param list<string> $before
     * @param list<RowId> $rows
     */
    public function __construct(
        public string $head,
        public string $text,
        public string $count = '',
        public array $before = [],
        public array $rows = [],
    ) {}

    /**
     * In lines that are kept in mind: each ends where one thing is done, outside of brackets where it can, all about as
     * long.
     *
     * @return non-empty-list<self> the first with its head, the last with its count
     */
    public function inLines(): array
    {
        $texts = [];
        $rest = $this->text;
        while (mb_strlen($rest) > self::LONG) {
            $ideal = mb_strlen($rest) / ceil(mb_strlen($rest) / self::LONG);
            $at = null;
            for ($depth = 0; $depth < 3 && $at === null; $depth++) {
                foreach (self::ends($rest, $depth) as $end) {
                    if ($end <= self::LONG && ($at === null || abs($end - $ideal) < abs($at - $ideal))) {
                        $at = $end;
                    }
                }
            }
            if ($at === null) {
                break;
            }
            $texts[] = mb_substr($rest, 0, $at);
            $rest = mb_substr($rest, $at + 1);
        }
        if ($texts === []) {
            return [$this];
        }
        $first = array_shift($texts);

        return [
            new self($this->head, $first, '', $this->before, $this->rows),
            ...array_map(fn(string $text): self => new self('', $text), $texts),
            new self('', $rest, $this->count),
        ];
    }

    /** @return list<int> letters before each blank, in so many brackets, after which something else is done */
    private static function ends(string $text, int $within): array
    {
        $ends = [];
        $depth = 0;
        $before = '';
        foreach (mb_str_split($text) as $at => $letter) {
            $depth += match ($letter) {
                '(', '[' => 1,
                ')', ']' => -1,
                default => 0,
            };
            if ($letter === ' ' && $depth === $within && in_array($before, [',', ';'], true)) {
                $ends[] = $at;
            }
            $before = $letter;
        }

        return $ends;
    }
}
