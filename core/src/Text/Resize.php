<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/**
 * A text made wider or higher in its own words: what stretches is found by solving row by row what each number of it
 * takes. Straight runs and repeats stretch, alike ones alike; corners, increases, holes and multiples stay.
 */
final class Resize
{
    /** Ways that are tried of one row, and of a text. */
    private const WAYS = 12;

    private const TRIED = 3000;

    /** Ways to make a text wider that are shown beside each other. */
    private const SHOWN = 4;

    /** Fewer stitches than that are no straight run. */
    private const RUN = 2;

    /** Stitches across that a repeat has at most. */
    public const MOST_STEP = 24;

    private int $tries = self::TRIED;

    /** @var array<string, string> numbers written otherwise, by line and letter */
    private array $edits = [];

    /** @var list<string> names of rows that change, and the numbers, for who reads it */
    private array $changed = [];

    /** @param list<ProvenRow> $rows */
    private function __construct(
        private readonly Checked $checked,
        private readonly string $text,
        private readonly array $rows,
    ) {}

    /**
     * The likeliest of the ways to make it so.
     *
     * @param int $across stitches more across, below zero fewer
     * @param int $rounds more, in the longest run of rows alike
     * @param int $grows more rounds of increases, where its first piece grows by such
     *
     * @return ?Resized null where it does not come out
     */
    public static function of(Checked $checked, string $text, int $across, int $rounds, int $grows = 0): ?Resized
    {
        return self::some($checked, $text, [$across, $rounds, $grows], 1)[0] ?? null;
    }

    /**
     * Where what stands below stretches anywhere, a row with more than one run says itself where: all of its ways that
     * come out, the likeliest first.
     *
     * @param Checked $checked the text as it was proven, without problems
     * @param string $text as it was read
     *
     * @return list<Resized> at most 4
     */
    public static function ways(Checked $checked, string $text, int $across, int $rounds, int $grows = 0): array
    {
        return self::some($checked, $text, [$across, $rounds, $grows], self::SHOWN);
    }

    /**
     * @param array{int, int, int} $by across, rounds, rounds of increases
     *
     * @return list<Resized>
     */
    private static function some(Checked $checked, string $text, array $by, int $most): array
    {
        if (! $checked->isRight()) {
            return [];
        }
        [$across, $rounds, $grows] = $by;
        $steps = [
            ...array_fill(0, max(0, $grows), fn(self $one): array => $one->grow() ? [$one] : []),
            ...($across === 0 ? [] : [fn(self $one): array => $one->widen($across, $most)]),
            ...($rounds === 0 ? [] : [fn(self $one): array => $one->heighten($rounds) ? [$one] : []]),
        ];
        $all = [[Grammar::cleaned($text), $checked, []]];
        foreach ($steps as $step) {
            $next = [];
            foreach ($all as [$text, $checked, $changed]) {
                foreach ($step(new self($checked, $text, $checked->rows)) as $one) {
                    $written = $one->written();
                    $again = Checked::of($written, $checked->tongue);
                    if ($again->isRight()) {
                        $next[$written] = [$written, $again, [...$changed, ...$one->changed]];
                    }
                }
            }
            $all = array_values($next);
        }

        return array_map(fn(array $one): Resized => new Resized($one[0], $one[2]), $all);
    }

    /** Stitches by which it can be made wider: 1, or those of a repeat; null where it cannot. */
    public static function step(Checked $checked, string $text): ?int
    {
        for ($by = 1; $by <= self::MOST_STEP; $by++) {
            if (self::of($checked, $text, $by, 0) !== null) {
                return $by;
            }
        }

        return null;
    }

    /** The text with its numbers written otherwise. */
    private function written(): string
    {
        $lines = explode("\n", $this->text);
        krsort($this->edits);
        foreach ($this->edits as $at => $to) {
            [$line, $column, $long] = array_map(intval(...), explode(' ', $at));
            $was = $lines[$line - 1];
            $lines[$line - 1] = mb_substr($was, 0, $column - 1).$to.mb_substr($was, $column - 1 + $long);
        }

        return implode("\n", $lines);
    }

    private function edit(int $line, int $column, string $was, string $to): void
    {
        $this->edits[sprintf('%07d %07d %07d', $line, $column, mb_strlen($was))] = $to;
    }

    /**
     * As many more across, in every piece that begins as wide as the first; where a piece leaves a choice, each of its
     * ways beside the likeliest of the others.
     *
     * @return list<self>
     */
    private function widen(int $by, int $most): array
    {
        $pieces = $this->checked->pieces();
        $first = $pieces[0][0]->outcome->there;
        $before = null;
        $found = [];
        foreach ($pieces as $piece) {
            $isRound = $piece[0]->line->isRound;
            // A round that goes round the rows before it is as much longer as both its sides.
            $goesRound = $before !== null && $isRound && $piece[0]->line->chain === null && ! $before;
            if ($goesRound || $piece[0]->outcome->there === $first) {
                $ways = $this->stretch($piece, $goesRound ? 2 * $by : $by, $goesRound ? $by : 0, $most);
                if ($ways === []) {
                    return [];
                }
                $found[] = [$piece, $ways];
            }
            $before = $isRound;
        }
        $all = [$this->stretched($found, $by)];
        foreach ($found as $nth => [, $ways]) {
            for ($way = 1; $way < count($ways) && count($all) < $most; $way++) {
                $all[] = $this->stretched($found, $by, [$nth => $way]);
            }
        }

        return $all;
    }

    /**
     * @param list<array{non-empty-list<ProvenRow>, non-empty-list<list<array{list<Token>, RowResult}>>}> $found
     * @param int $by more of each chain
     * @param array<int, int> $which way of a piece; the likeliest of those that are not named
     */
    private function stretched(array $found, int $by, array $which = []): self
    {
        $one = new self($this->checked, $this->text, $this->rows);
        foreach ($found as $nth => [$piece, $ways]) {
            $first = $piece[0]->line;
            if ($first->chained !== null && $first->chain !== null) {
                $one->edit(
                    $first->chained->line,
                    $first->chained->column,
                    $first->chained->text,
                    (string) ($first->chain + $by),
                );
            }
            $one->tell($piece, $ways[$which[$nth] ?? 0]);
        }

        return $one;
    }

    /**
     * @param non-empty-list<ProvenRow> $piece
     * @param int $by more of what its first row works into
     * @param int $side more of each side, of a round around rows
     *
     * @return list<list<array{list<Token>, RowResult}>>
     */
    private function stretch(array $piece, int $by, int $side, int $most): array
    {
        $first = $piece[0]->line;
        $chain = $first->chain === null || $first->chain === 0 ? null : $first->chain + $by;
        if ($first->chain === 0 || ($chain !== null && $chain < 2)) {
            return [];
        }
        $likeliest = $this->solved($piece, $by, $side, $chain);

        return match (true) {
            $likeliest === null => [],
            $most === 1 => [$likeliest],
            default => [$likeliest, ...$this->others($piece, $likeliest, $most - 1)],
        };
    }

    /**
     * The other ways of those rows that alone say where they stretch: below them all of a row is told as one.
     *
     * @param non-empty-list<ProvenRow> $piece
     * @param list<array{list<Token>, RowResult}> $likeliest
     *
     * @return list<list<array{list<Token>, RowResult}>>
     */
    private function others(array $piece, array $likeliest, int $most): array
    {
        $others = [];
        foreach ($piece as $nth => $row) {
            if ($nth === 0 || $row->line->at === $piece[$nth - 1]->line->at
                || ! self::stretchesAnywhere($piece[$nth - 1], $likeliest[$nth - 1])) {
                continue;
            }
            $below = $likeliest[$nth - 1][1]->tops;
            foreach ($this->onto($row, $below, $piece[$nth - 1]->outcome->tops) as $way) {
                if ($way[0] === $likeliest[$nth][0]) {
                    continue;
                }
                $rest = array_slice($piece, $nth + 1);
                $more = $rest === [] ? [] : $this->solved($rest, 0, 0, null, $way[1]->tops, $row->outcome->tops);
                if ($more !== null) {
                    $others[] = [...array_slice($likeliest, 0, $nth), $way, ...$more];
                }
                if (count($others) >= $most) {
                    return $others;
                }
            }
        }

        return $others;
    }

    /**
     * Whether a row is another length without a word of it changed, being one thing all along.
     *
     * @param array{list<Token>, RowResult} $way
     */
    private static function stretchesAnywhere(ProvenRow $row, array $way): bool
    {
        $does = array_filter($row->line->steps, fn(Step $one): bool => $one instanceof Worked || $one instanceof Again);

        return count($does) === 1 && $way[0] === $row->line->tokens && $way[1]->leaves !== $row->outcome->leaves;
    }

    /** @return list<array{list<Token>, RowResult}> */
    private function onto(ProvenRow $row, Tops $below, Tops $before): array
    {
        return $this->tried(
            $row,
            [self::anchors($below) - self::anchors($before), $below->count(false) - $before->count(false)],
            fn(WrittenRow $line): RowResult => Prover::row($line, $below),
        );
    }

    /**
     * Row by row the first way that comes out, and of the rows after it, too.
     *
     * @param non-empty-list<ProvenRow> $piece
     *
     * @param ?Tops $on what its first row stands on, and what that was, where it is another row
     *
     * @return ?list<array{list<Token>, RowResult}>
     */
    private function solved(
        array $piece,
        int $by,
        int $side,
        ?int $chain,
        ?Tops $on = null,
        ?Tops $was = null,
    ): ?array {
        $found = [];
        $options = [];
        $known = [];
        for ($nth = 0; $nth < count($piece);) {
            $row = $piece[$nth];
            $below = $nth === 0 ? $on : $found[$nth - 1][1]->tops;
            $before = $nth === 0 ? $was : $piece[$nth - 1]->outcome->tops;
            if (! isset($options[$nth])) {
                $key = spl_object_id($row->line->at).' '.spl_object_id($row->line->steps[0] ?? $row->line).' '
                    .($below?->key() ?? '');
                $options[$nth] = $known[$key] ??= $below === null || $before === null
                    ? $this->first($row, $by, $side, $chain)
                    : $this->onto($row, $below, $before);
            }
            if ($options[$nth] === []) {
                unset($options[$nth]);
                if (--$nth < 0) {
                    return null;
                }

                continue;
            }
            $found[$nth] = array_shift($options[$nth]);
            $nth++;
            if ($this->tries < 1) {
                return null;
            }
        }

        return array_slice($found, 0, count($piece));
    }

    private static function anchors(Tops $tops): int
    {
        return $tops->count(false) + $tops->chains();
    }

    /** @return list<array{list<Token>, RowResult}> */
    private function first(ProvenRow $row, int $by, int $side, ?int $chain): array
    {
        if ($chain !== null) {
            return $this->tried(
                $row,
                [$by, 2 * $by],
                fn(WrittenRow $line): RowResult => Prover::row($line, null),
                $chain,
            );
        }
        $there = $row->outcome->there + $by;

        return $there < 1 || $row->line->steps === [] ? [] : $this->tried(
            $row,
            [$by],
            fn(WrittenRow $line): RowResult => Prover::over($line, $there),
            first: $side === 0 ? [] : $this->sides($row, $side),
        );
    }

    /**
     * Of a round around rows, what is told of as many stitches as these have: as much longer as they are.
     *
     * @return list<array<int, int>>
     */
    private function sides(ProvenRow $row, int $by): array
    {
        $pieces = $this->checked->pieces();
        $rows = $pieces[0];
        foreach ($pieces as $nth => $piece) {
            $rows = $piece[0] === $row ? $pieces[max(0, $nth - 1)] : $rows;
        }
        $across = $rows[count($rows) - 1]->outcome->leaves;
        $told = array_keys(array_filter(
            $row->line->tokens,
            fn(Token $one): bool => $one->is(Word::Number) && ! $one->isOrdinal && $one->numbers === [$across]
                && $row->line->stated?->tells($one) !== true,
        ));

        return $told === [] ? [] : [array_fill_keys($told, $by)];
    }

    /**
     * Ways to write a row so that it comes out, the likeliest first.
     *
     * @param list<int> $more that it may have to take
     * @param \Closure(WrittenRow): RowResult $walk
     * @param list<array<int, int>> $first changes that are tried before all others
     *
     * @return list<array{list<Token>, RowResult}>
     */
    private function tried(ProvenRow $row, array $more, \Closure $walk, ?int $chain = null, array $first = []): array
    {
        $line = $row->line;
        $all = [...$first, []];
        foreach ($more as $by) {
            array_push($all, ...($by === 0 ? [] : self::shares($row, $by)));
        }
        $ways = [];
        foreach (array_slice($all, 0, 4 * self::WAYS) as $changes) {
            if ($this->tries-- < 1 || count($ways) >= self::WAYS) {
                break;
            }
            $tokens = $line->tokens;
            foreach ($changes as $nth => $by) {
                $tokens[$nth] = $tokens[$nth]->counting($tokens[$nth]->number() + $by);
            }
            $steps = $changes === [] ? $line->steps : self::parsed($line, array_values($tokens));
            $result = $walk($line->resized(array_values($tokens), $steps, $chain));
            if ($result->code === null) {
                $ways[] = [array_values($tokens), $result];
            }
        }

        return $ways;
    }

    /**
     * With what lifts it, which may stand at the end of the row before.
     *
     * @param list<Token> $tokens
     *
     * @return list<Step>
     */
    private static function parsed(WrittenRow $line, array $tokens): array
    {
        $read = (new Parser($tokens, 0))->row();
        $was = (new Parser($line->tokens, 0))->row();
        // As the grammar left it: without what lifts the next row, and with what lifts this one.
        $lead = array_slice($line->steps, 0, max(0, count($line->steps) - count($was)));
        $kept = count($line->steps) - count($lead);
        // As it came out: "2 sc in next 2 sts" means two in each where that proved.
        $isMeant = Prover::otherwise($was) !== $was && Prover::otherwise($line->steps) === $line->steps;
        $read = $isMeant ? Prover::otherwise($read) : $read;

        return [...$lead, ...array_slice($read, 0, $kept)];
    }

    /**
     * Which numbers of a row may share in so many more places, by how much each: straight runs that are alike, the
     * longest first; a round's first and last as the one that they are; repeats; then one run alone.
     *
     * @return list<array<int, int>> by the token's place
     */
    private static function shares(ProvenRow $row, int $by): array
    {
        $runs = $times = [];
        foreach ($row->line->tokens as $nth => $token) {
            $isNumber = $token->is(Word::Number) && ! $token->isOrdinal && count($token->numbers) === 1;
            if (! $isNumber || $row->line->stated?->tells($token) === true) {
                continue;
            }
            [$takes, $leaves] = self::weight($row->line, $nth);
            if ($takes > 0 && $leaves === $takes && $token->number() >= self::RUN) {
                $runs[$nth] = [$token->number(), $takes];
            }
            if ($takes > 1 && self::isTimes($row->line->tokens, $nth)) {
                $times[$nth] = $takes;
            }
        }
        $runs = array_diff_key($runs, $times);
        $shares = [...self::wrapped($row, $runs, $by), ...self::alike($runs, $by)];
        foreach ($times as $nth => $takes) {
            if ($by % $takes === 0) {
                $shares[] = [$nth => intdiv($by, $takes)];
            }
        }
        uasort($runs, fn(array $a, array $b): int => $b[0] <=> $a[0]);
        foreach ($runs as $nth => [$many, $takes]) {
            if ($by % $takes === 0 && $many + intdiv($by, $takes) > 0) {
                $shares[] = [$nth => intdiv($by, $takes)];
            }
        }

        return array_values(array_filter(
            $shares,
            fn(array $of): bool => array_filter(
                array_keys($of),
                fn(int $nth): bool => $row->line->tokens[$nth]->number() + $of[$nth] < 1,
            ) === [],
        ));
    }

    /**
     * @param array<int, array{int, int}> $runs how many each has, and what one more takes
     *
     * @return list<array<int, int>>
     */
    private static function alike(array $runs, int $by): array
    {
        $groups = [];
        foreach ($runs as $nth => [$many]) {
            $groups[$many][] = $nth;
        }
        krsort($groups);
        $shares = [];
        foreach ($groups as $group) {
            $takes = array_sum(array_map(fn(int $nth): int => $runs[$nth][1], $group));
            if (count($group) > 1 && $by % $takes === 0) {
                $shares[] = array_fill_keys($group, intdiv($by, $takes));
            }
        }

        return $shares;
    }

    /**
     * A round's first run and its last are one, on either side of where it begins.
     *
     * @param array<int, array{int, int}> $runs
     *
     * @return list<array<int, int>>
     */
    private static function wrapped(ProvenRow $row, array $runs, int $by): array
    {
        $places = array_keys($runs);
        if (! $row->line->isRound || count($places) < 2) {
            return [];
        }
        [$first, $last] = [$places[0], $places[count($places) - 1]];
        $both = $runs[$first][0] + $runs[$last][0];
        $alike = array_keys(array_filter(
            $runs,
            fn(array $one, int $nth): bool => abs($one[0] - $both) <= 1 && $nth !== $first && $nth !== $last,
            ARRAY_FILTER_USE_BOTH,
        ));
        $parts = count($alike) + 1;
        $isOne = array_filter(
            [$first, $last, ...$alike],
            fn(int $nth): bool => $runs[$nth][1] !== 1,
        ) === [];
        if (! $isOne || $alike === []) {
            return [];
        }
        // What is left over goes to the first of the others: the back begins and ends where the round does.
        [$each, $left] = [intdiv($by, $parts), $by % $parts];
        $half = intdiv($each, 2);
        $shares = array_fill_keys($alike, $each) + [$first => $each - $half, $last => $half];
        $shares[$alike[0]] += $left;

        return [$shares];
    }

    /** @return array{int, int} places that one more of a number takes, and what it leaves more */
    private static function weight(WrittenRow $line, int $nth): array
    {
        $tokens = $line->tokens;
        $was = self::counted((new Parser($tokens, 0))->row());
        $tokens[$nth] = $tokens[$nth]->counting($tokens[$nth]->number() + 1);
        $is = self::counted((new Parser(array_values($tokens), 0))->row());

        return [$is[0] - $was[0], $is[1] - $was[1]];
    }

    /**
     * @param array<Step> $steps
     *
     * @return array{int, int} places that are told, and stitches in them
     */
    private static function counted(array $steps): array
    {
        $takes = $leaves = 0;
        foreach ($steps as $step) {
            if ($step instanceof Again) {
                [$each, $left] = self::counted($step->steps);
                $takes += ($step->times ?? 0) * $each;
                $leaves += ($step->times ?? 0) * $left;

                continue;
            }
            $takes += $step->takes();
            if ($step instanceof Worked) {
                $leaves += ($step->places ?? 0) * array_sum(array_column($step->in, 1));
            }
        }

        return [$takes, $leaves];
    }

    /** @param list<Token> $tokens */
    private static function isTimes(array $tokens, int $nth): bool
    {
        return ($tokens[$nth + 1] ?? null)?->is(Word::Times) === true
            || ($tokens[$nth - 1] ?? null)?->is(Word::Times) === true;
    }

    /**
     * @param list<ProvenRow> $piece
     * @param list<array{list<Token>, RowResult}> $ways
     */
    private function tell(array $piece, array $ways): void
    {
        $seen = [];
        foreach ($piece as $nth => $row) {
            $line = $row->line;
            if (isset($seen[spl_object_id($line->at)])) {
                continue;
            }
            $seen[spl_object_id($line->at)] = true;
            [$tokens, $result] = $ways[$nth];
            $told = [];
            foreach ($line->tokens as $place => $was) {
                $is = $tokens[$place];
                if ($was->number() !== $is->number()) {
                    $this->edit($was->line, $was->column, $was->text, (string) $is->number());
                    $told[] = "{$was->number()} → {$is->number()}";
                }
            }
            array_push($told, ...$this->counts($row, $result));
            if ($told !== []) {
                $this->changed[] = "{$line->name}: ".implode(', ', $told);
            }
        }
    }

    /** @return list<string> */
    private function counts(ProvenRow $row, RowResult $result): array
    {
        $stated = $row->line->stated;
        if ($stated === null) {
            return [];
        }
        [$was, $is] = [self::told($row->outcome->tops), self::told($result->tops)];
        if ($stated->spaces !== null) {
            $to = $stated->stitches === 0 ? [$is[2]] : [$is[1], $is[2]];
        } else {
            $as = (int) array_search($stated->stitches, $was, true);
            $to = [$is[$as]];
        }
        $told = [];
        foreach ($stated->numbers as $nth => $number) {
            if (isset($to[$nth]) && $number->number() !== $to[$nth]) {
                $this->edit($number->line, $number->column, $number->text, (string) $to[$nth]);
                $told[] = "({$number->number()} → {$to[$nth]})";
            }
        }

        return $told;
    }

    /** @return array{int, int, int, int} with every chain, stitches, spaces, both */
    private static function told(Tops $tops): array
    {
        $stitches = $tops->count(false);

        return [$stitches + $tops->chains(), $stitches, $tops->count(true), $stitches + $tops->count(true)];
    }

    /** More rows alike, where there are most of them; what comes after is numbered on. */
    private function heighten(int $by): bool
    {
        $runs = [];
        foreach ($this->rows as $row) {
            $line = $row->line;
            if ($line->to !== null && $row->outcome->leaves === $row->outcome->there) {
                $id = spl_object_id($line->at);
                $runs[$id] = [$line, ($runs[$id][1] ?? 0) + 1];
            }
        }
        uasort($runs, fn(array $a, array $b): int => $b[1] <=> $a[1]);
        [$line, $many] = array_values($runs)[0] ?? [null, 0];
        if ($line === null || $many < 2 || $many + $by < 1) {
            return false;
        }
        $this->renumber($line->at, $by, false);
        $this->after($line, $by);
        $this->changed[] = trim($line->at->text, ' :.)-–—=').": {$many} → ".($many + $by);

        return true;
    }

    /** What comes after a line in its piece is numbered on. */
    private function after(WrittenRow $line, int $by): void
    {
        $seen = [];
        $isAfter = false;
        foreach ($this->rows as $row) {
            $at = $row->line->at;
            if ($at === $line->at) {
                $isAfter = true;

                continue;
            }
            if ($isAfter && $row->line->isFirst) {
                return;
            }
            if ($isAfter && $row->line->isRound === $line->isRound && ! isset($seen[spl_object_id($at)])) {
                $seen[spl_object_id($at)] = true;
                $this->renumber($at, $by, true);
            }
        }
    }

    /** @param bool $both the first number of a range too, or its last alone */
    private function renumber(Token $head, int $by, bool $both): void
    {
        $source = explode("\n", $this->text)[$head->line - 1];
        $long = mb_strlen($source) - mb_strlen(ltrim($source));
        preg_match_all('/\d+/', $head->text, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as $nth => [$number, $byte]) {
            if ($both || $nth === count($found[0]) - 1) {
                $column = 1 + $long + mb_strlen(substr($head->text, 0, $byte));
                $this->edit($head->line, $column, $number, (string) ((int) $number + $by));
            }
        }
    }

    /** One round of increases more after the last such, and what stands on it as much longer. */
    private function grow(): bool
    {
        $piece = $this->checked->pieces()[0];
        $nth = $this->lastGrowing($piece);
        if ($nth === null) {
            return false;
        }
        $line = $piece[$nth]->line;
        $at = self::grown($piece[$nth - 1]->line, $line);
        $tokens = $line->tokens;
        $tokens[(int) $at] = $tokens[(int) $at]->counting($tokens[(int) $at]->number() + 1);
        $more = new WrittenRow(
            $line->isRound,
            $line->number + 1,
            $line->at,
            self::parsed($line, array_values($tokens)),
            tokens: array_values($tokens),
        );
        $result = Prover::row($more, $piece[$nth]->outcome->tops);
        $rest = array_slice($piece, $nth + 1);
        if ($result->code !== null) {
            return false;
        }
        $ways = $rest === [] ? [] : $this->solved($rest, 0, 0, null, $result->tops, $piece[$nth]->outcome->tops);
        if ($ways === null) {
            return false;
        }
        // What is written of the round, once more with other numbers.
        $own = new self($this->checked, $this->text, []);
        $own->renumber($line->at, 1, true);
        $own->tell([$piece[$nth]], [[array_values($tokens), $result]]);
        $lines = [$line->at->line, ...array_map(fn(Token $one): int => $one->line, $line->tokens)];
        $written = array_slice(explode("\n", $own->written()), min($lines) - 1, max($lines) - min($lines) + 1);
        $end = explode("\n", $this->text)[max($lines) - 1];
        $this->edit(max($lines), mb_strlen($end) + 1, '', "\n".implode("\n", $written));
        $this->changed[] = '+ '.trim($written[0]);
        $this->after($line, 1);
        $this->tell($rest, $ways);

        return true;
    }

    /** @param non-empty-list<ProvenRow> $piece */
    private function lastGrowing(array $piece): ?int
    {
        for ($nth = count($piece) - 1; $nth > 0; $nth--) {
            $line = $piece[$nth]->line;
            if ($line->isRound && $line->to === $line->number && self::grown($piece[$nth - 1]->line, $line) !== null) {
                return $nth;
            }
        }

        return null;
    }

    /** The one number, but for the count, by which a round grows on from the one before it; null where none is. */
    private static function grown(WrittenRow $before, WrittenRow $line): ?int
    {
        if (count($line->tokens) === count($before->tokens) + 1) {
            return self::second($before->tokens, $line->tokens);
        }
        if (count($before->tokens) !== count($line->tokens)) {
            return null;
        }
        $grown = [];
        foreach ($line->tokens as $nth => $token) {
            $was = $before->tokens[$nth];
            if (! self::isAlike($token, $was)) {
                return null;
            }
            if ($token->numbers !== $was->numbers && $line->stated?->tells($token) !== true) {
                $grown[$nth] = $token->number() - $was->number();
            }
        }

        return array_values($grown) === [1] ? array_key_first($grown) : null;
    }

    /**
     * "sc in next 2 sts" after "sc in next st".
     *
     * @param list<Token> $before
     * @param list<Token> $tokens
     */
    private static function second(array $before, array $tokens): ?int
    {
        foreach ($tokens as $nth => $one) {
            $rest = $tokens;
            array_splice($rest, $nth, 1);
            $isSecond = $one->is(Word::Number) && $one->numbers === [2] && ! $one->isOrdinal;
            if ($isSecond && array_map(self::isAlike(...), $rest, $before) === array_fill(0, count($rest), true)) {
                return $nth;
            }
        }

        return null;
    }

    private static function isAlike(Token $a, Token $b): bool
    {
        return $a->word === $b->word && $a->of === $b->of;
    }
}
