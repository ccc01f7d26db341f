<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** The one grammar of a row, for whatever tongue its words are of. */
final class Parser
{
    private const DEEPEST = 40;

    /** What may stand in a count beside its numbers. */
    private const TOLD = [
        Word::Part, Word::And, Word::Filler, Word::Stitches, Word::Stitch, Word::Colon, Word::Counts,
    ];

    /** A foundation stands no more words than that before what explains it. */
    private const NEAR = 5;

    /** Of which words it consists, where nothing else is said. */
    private const PLACE = [Word::In, Word::Next, Word::Stitches, Word::Space, Word::Filler, Word::Number];

    private int $i = 0;

    private ?Stated $stated = null;

    /** @var ?array<int, int> where each bracket closes, by where it opens */
    private ?array $closes = null;

    private readonly Clause $clause;

    /** @param list<Token> $tokens */
    public function __construct(
        private array $tokens,
        private readonly int $size = 0,
        private readonly int $sizes = 1,
    ) {
        $this->clause = new Clause($size);
    }

    /** @return list<Step> */
    public function row(): array
    {
        $steps = [];
        while ($this->i < count($this->tokens)) {
            $from = $this->i;
            array_push($steps, ...$this->list(false, 0));
            // What closes nothing that was opened.
            $this->i += $this->i === $from || $this->here()?->is(Word::Close) === true ? 1 : 0;
        }

        return $steps;
    }

    public function stated(): ?Stated
    {
        return $this->stated;
    }

    /** @return list<Token> words among those of steps that are none of ours */
    public function unknown(): array
    {
        return $this->clause->unknown();
    }

    /** What the last stitch was, for a row that goes on as it was. */
    public function last(): string
    {
        return $this->clause->last();
    }

    private function here(int $on = 0): ?Token
    {
        return $this->tokens[$this->i + $on] ?? null;
    }

    private function isHere(int $on, Word ...$words): bool
    {
        return $this->here($on)?->is(...$words) === true;
    }

    /** @return list<Step> up to what closes them */
    private function list(bool $starred, int $depth): array
    {
        $steps = [];
        while (($token = $this->here()) !== null && ! $token->is(Word::Close)) {
            if ($starred && $token->is(Word::Star, Word::Repeat)) {
                break;
            }
            match (true) {
                $token->is(Word::Open) => array_push($steps, ...$this->bracket($steps, $depth)),
                $token->is(Word::Star) => array_push($steps, ...$this->starred($depth)),
                $token->is(Word::Repeat) => $steps = $this->repeated($steps),
                $token->is(Word::Equals, Word::Dash) => $this->counted(),
                $token->is(Word::Part, Word::Stop, Word::Colon, Word::And, Word::Filler) => $this->i++,
                default => array_push($steps, ...$this->further($steps, $depth)),
            };
        }

        return $steps;
    }

    /**
     * What a clause says: more steps, how often the last is worked ("2 pb juntos, 2 veces"), or into what the bracket
     * behind it is: "sonraki ilmeğe (2 t, 1 zn, 2 t)".
     *
     * @param list<Step> $steps before it
     *
     * @return list<Step>
     */
    private function further(array &$steps, int $depth): array
    {
        $last = $steps === [] ? null : $steps[count($steps) - 1];
        if ($last instanceof Worked && $last->takes > 1 && $last->places === 1) {
            $from = $this->i;
            $often = $this->howOften();
            if ($often?->times !== null) {
                array_pop($steps);

                return [$often->again($last->at(), [$last])];
            }
            $this->i = $from;
        }
        $said = $this->collect();
        if ($depth <= self::DEEPEST && self::isPlace($said) && $this->holdsSeveral()) {
            $open = $this->tokens[$this->i];
            $inside = $this->within($depth);

            return $inside === [] ? [] : [$this->inOne($inside, $open, $said)];
        }

        return $this->clause->steps($said);
    }

    /** @return list<Step> what stands in the bracket that opens here, which is left behind */
    private function within(int $depth): array
    {
        $close = $this->closing();
        $this->i++;
        $steps = $this->list(false, $depth + 1);
        $this->i = max($this->i, $close) + 1;

        return $steps;
    }

    /**
     * "In the corner": where something is worked, and not what.
     *
     * @param list<Token> $said
     */
    private static function isPlace(array $said): bool
    {
        $others = array_filter($said, fn(Token $one): bool => ! $one->is(...self::PLACE));

        return $others === [] && Token::among($said, Word::In, Word::Next) !== null;
    }

    /** Whether the bracket that opens here begins with a stitch, or holds one twice, as no count does. */
    private function holdsSeveral(): bool
    {
        if ($this->here()?->is(Word::Open) !== true) {
            return false;
        }
        $close = $this->closing();
        $of = array_map(
            fn(Token $one): string => $one->of,
            array_filter(
                array_slice($this->tokens, $this->i, $close - $this->i),
                fn(Token $one): bool => $one->isStitch(),
            ),
        );
        $after = $this->tokens[$close + 1] ?? null;

        $isList = $this->here(1)?->isStitch() === true || count($of) > count(array_unique($of));

        return $isList && $after?->is(Word::In, Word::Times, Word::Number) !== true;
    }

    /** "= 48", "– 48 sts" at the end of a row. */
    private function counted(): void
    {
        $sign = $this->here();
        $this->i++;
        $number = $this->here();
        if ($sign !== null && $number !== null && $number->is(Word::Number) && ! $number->isOrdinal) {
            $rest = array_slice($this->tokens, $this->i);
            $end = 0;
            while (isset($rest[$end]) && ! $rest[$end]->is(Word::Stop, Word::Open, Word::Star)) {
                $end++;
            }
            $this->state(array_slice($rest, 0, $end), $sign);
            $this->i += $end;
        }
    }

    /** @param list<Token> $tokens */
    private function state(array $tokens, Token $at): bool
    {
        $tokens = $this->ofSize($tokens);
        $stitches = $spaces = 0;
        $apart = false;
        $said = false;
        for ($nth = 0; $nth < count($tokens); $nth++) {
            $token = $tokens[$nth];
            if ($token->is(Word::Number) && ! $token->isOrdinal) {
                $said = true;
                $isSpace = false;
                $on = $nth + 1;
                while (isset($tokens[$on]) && ! $tokens[$on]->is(Word::Part, Word::And)) {
                    $isSpace = $isSpace || $tokens[$on]->is(Word::Space);
                    $on++;
                }
                $apart = $apart || $isSpace;
                $isSpace ? $spaces += $token->number($this->size) : $stitches += $token->number($this->size);
                $nth = $on;
            } elseif (! $token->is(...self::TOLD)) {
                return false;
            }
        }
        if ($said) {
            $this->stated = new Stated(
                $at,
                $stitches,
                $apart ? $spaces : null,
                array_values(array_filter($tokens, fn(Token $one): bool => $one->is(Word::Number))),
            );
        }

        return $said;
    }

    /**
     * Of "(19, 23, 27)" in a text for three sizes the number of the one that is read.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private function ofSize(array $tokens): array
    {
        $numbers = array_values(array_filter($tokens, fn(Token $one): bool => $one->is(Word::Number)));
        $nouns = array_filter($tokens, fn(Token $one): bool => $one->is(Word::Space, Word::Stitch, Word::Stitches));

        return $this->sizes > 1 && count($numbers) === $this->sizes && count($nouns) < 2
            ? [$numbers[$this->size], ...array_values($nouns)]
            : $tokens;
    }

    /** Where the bracket that is opened here closes; behind all of them, where it does not. */
    private function closing(): int
    {
        if ($this->closes === null) {
            $closes = $open = [];
            foreach ($this->tokens as $at => $token) {
                if ($token->is(Word::Open)) {
                    $open[] = $at;
                } elseif ($token->is(Word::Close) && $open !== []) {
                    $closes[array_pop($open)] = $at;
                }
            }
            $this->closes = $closes;
        }

        return $this->closes[$this->i] ?? count($this->tokens);
    }

    /**
     * @param list<Step> $before which a bracket may say more of
     *
     * @return list<Step>
     */
    private function bracket(array &$before, int $depth): array
    {
        $open = $this->tokens[$this->i];
        $close = $this->closing();
        if ($depth > self::DEEPEST) {
            $this->i = $close + 1;

            return [];
        }
        $inside = array_slice($this->tokens, $this->i + 1, $close - $this->i - 1);
        $after = $this->tokens[$close + 1] ?? null;
        $isLast = $after === null || $after->is(Word::Stop, Word::Part, Word::Close, Word::Filler, Word::Unknown)
            || $after->is(Word::FastenOff, Word::Turn, Word::Join)
            // A line that goes on below begins anew, but for where it is worked or how often.
            || ($after->line > $open->line && ! $after->is(Word::In, Word::Number, Word::Times));
        if ($isLast && ! self::saysAs($inside)
            && ($inside[0] ?? null)?->is(Word::Number, Word::Filler, Word::Counts) === true) {
            $this->i = $close + 1;
            if ($this->state($inside, $open)) {
                return [];
            }
            $this->i = $close - count($inside) - 1;
        }
        if ($this->explains()) {
            $this->i = $close + 1;

            return [];
        }
        if (Token::among($inside, Word::Counts) !== null) {
            $this->i = $close + 1;
            $before = self::counting($before, $inside);

            return [];
        }
        $steps = $this->within($depth);
        if ($steps === []) {
            return [];
        }
        $in = $this->here();
        if ($in !== null && $in->is(Word::In)) {
            return [$this->inOne($steps, $open, $this->collect())];
        }
        $often = $this->howOften();

        return $often === null ? $steps : [$often->again($open, $steps)];
    }

    /** Whether the bracket here says how a foundation is worked: "29 foundation sc (chain and stitch at once)". */
    private function explains(): bool
    {
        $before = array_slice($this->tokens, max(0, $this->i - self::NEAR), min($this->i, self::NEAR));

        return Token::among($before, Word::Foundation) !== null;
    }

    /**
     * Whether it says what chains count as: "counts as dc, ch 1", not "counts 48 sc".
     *
     * @param list<Token> $inside
     */
    private static function saysAs(array $inside): bool
    {
        $first = Token::among($inside, Word::Number, Word::Stitch);

        return ($inside[0] ?? null)?->is(Word::Counts) === true && $first?->is(Word::Stitch) === true;
    }

    /**
     * What a bracket says of the chains before it.
     *
     * @param list<Step> $before
     * @param list<Token> $inside
     *
     * @return list<Step>
     */
    private static function counting(array $before, array $inside): array
    {
        for ($at = count($before) - 1; $at >= 0; $at--) {
            if ($before[$at] instanceof Chain) {
                $before[$at] = Clause::asSaid($before[$at], $inside);

                break;
            }
        }

        return $before;
    }

    /** @return list<Step> */
    private function starred(int $depth): array
    {
        $star = $this->tokens[$this->i++];
        if ($depth > self::DEEPEST) {
            return [];
        }
        $steps = $this->list(true, $depth + 1);
        if ($this->here()?->is(Word::Star) === true) {
            $this->i++;
        }
        while ($this->here()?->is(Word::Part, Word::Stop, Word::Filler, Word::And) === true) {
            $this->i++;
        }
        $often = $this->howOften();

        return $steps === [] || $often === null ? $steps : [$often->again($star, $steps)];
    }

    /**
     * "rep around" behind steps without a star.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private function repeated(array $steps): array
    {
        $often = $this->howOften();
        if ($often === null || $steps === []) {
            $this->i++;

            return $steps;
        }
        $from = count($steps);
        // A turning chain before them is no part of it.
        $kept = [];
        foreach ($steps as $nth => $step) {
            if ($step instanceof Sign || ($step instanceof Chain && $nth < 2)) {
                $kept[] = $step;
            } else {
                $from = $nth;

                break;
            }
        }
        $those = array_slice($steps, $from);

        return $those === [] ? $steps : [...$kept, $often->again($those[0]->at(), $those)];
    }

    /**
     * "6 times", "x 6", "twice", "around", "rep from * 5 more times", "to last 3 sts".
     *
     * @return ?Often null where nothing is said of it
     */
    private function howOften(): ?Often
    {
        $begin = $this->i;
        $isRepeat = $fromStar = $isMore = $isTimes = $isAll = $isAcross = $isLast = false;
        $number = null;
        for (; ($token = $this->here()) !== null; $this->i++) {
            $next = $this->here(1);
            if ($token->is(Word::Star) && ! $isRepeat && $this->isHere(1, Word::Number)) {
                // "(sc, inc)*6"
                $isTimes = true;
            } elseif ($token->is(Word::Repeat)) {
                $isRepeat = true;
            } elseif ($token->is(Word::From) && $isRepeat) {
                if ($next?->is(Word::Star) === true) {
                    $fromStar = true;
                    $this->i++;
                }
            } elseif ($token->is(Word::Star) && $isRepeat) {
                $fromStar = true;
            } elseif ($token->is(Word::Number) && ! $token->isOrdinal && $number === null) {
                $isCounted = $isRepeat || $isTimes || $isLast || $next?->is(Word::Times, Word::More) === true;
                if (! $isCounted) {
                    break;
                }
                $number = $token->number($this->size);
            } elseif ($token->is(Word::Times)) {
                $isTimes = true;
                $number = $token->numbers === [] ? $number : $token->number();
            } elseif ($token->is(Word::More)) {
                $isMore = true;
            } elseif ($token->is(Word::Around, Word::Across)) {
                $isAll = true;
                $isAcross = $token->is(Word::Across);
            } elseif ($token->is(Word::ToLast)) {
                $isLast = true;
            } elseif ($token->is(Word::Stitches, Word::Filler) || ($isLast && $token->is(Word::Stitch, Word::Space))) {
                continue;
            } else {
                break;
            }
        }
        if (! $isTimes && ! $isAll && ! $isLast && ! $isRepeat) {
            $this->i = $begin;

            return null;
        }

        return match (true) {
            $isLast => new Often(null, $number ?? 1, isAcross: true),
            $isAll || $number === null => new Often(null, isAcross: $isAcross),
            // "rep from * 5 times" is five more; some mean five in all.
            $isMore || $fromStar => new Often($number + 1, or: $number),
            default => new Often($number, or: $isRepeat ? $number + 1 : null),
        };
    }

    /** @return list<Token> up to what parts it from the next */
    private function collect(): array
    {
        $clause = [];
        $hasIn = false;
        for (; ($token = $this->here()) !== null; $this->i++) {
            $before = $clause === [] ? null : $clause[count($clause) - 1];
            $stands = match (true) {
                $token->is(Word::Dash) => $this->isHere(1, Word::Number)
                    // "ch-2 sp"; "14–17. ilmeklerine"
                    && ($before?->isChain() === true || $this->here(1)?->isOrdinal === true),
                // "in each st and ch around" is one.
                $token->is(Word::And) => $hasIn && $before->is(Word::Stitches, Word::Stitch, Word::Space)
                    && $this->isHere(1, Word::Stitches, Word::Stitch, Word::Space)
                    && ! $this->isHere(2, Word::Number),
                $token->is(Word::Part, Word::Stop, Word::Colon, Word::Equals) => false,
                $token->is(Word::Open, Word::Close, Word::Star) => false,
                $token->is(Word::Repeat) => $clause === [],
                $token->is(Word::Join) => $clause === [] || $clause[0]->is(Word::Number)
                    || array_filter($clause, fn(Token $one): bool => $one->of === 'sl st') !== [],
                default => true,
            };
            if (! $stands) {
                break;
            }
            $hasIn = $hasIn || $token->is(Word::In);
            $clause[] = $token;
        }
        if ($clause === []) {
            $this->i++;
        }

        return $clause;
    }

    /**
     * "(2 dc, ch 1, 2 dc) in next st"
     *
     * @param non-empty-list<Step> $steps
     * @param list<Token> $place
     */
    private function inOne(array $steps, Token $at, array $place): Worked
    {
        $stitch = new Token(Word::Stitch, '', $at->line, $at->column, 'sc');
        $where = $this->clause->work([$stitch, ...$place], null, '');
        $in = [];
        foreach ($steps as $step) {
            array_push($in, ...match (true) {
                $step instanceof Worked => array_map(
                    fn(array $one): array => [$one[0], $one[1] * ($step->places ?? 1)],
                    $step->in,
                ),
                $step instanceof Chain => [['ch', $step->many]],
                default => [],
            });
        }

        return new Worked(
            $at,
            $in === [] ? [['sc', 1]] : $in,
            $where->places,
            $where->but,
            $where->takes,
            $where->into,
            $where->loop,
            $where->from,
            $where->isLast,
            $where->isAcross,
        );
    }
}
