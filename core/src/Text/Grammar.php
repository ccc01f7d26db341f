<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

use Fescue\Core\Saying\Saying;

/** Reads a pattern as people write them: its rows, and what stands between them. */
final class Grammar
{
    /** Letters that are read. */
    public const LONGEST = 1_000_000;

    /** Letters of one line that are read. */
    private const LONGEST_LINE = 20_000;

    public const MOST_ROWS = 10_000;

    /** Sizes that one text is written for at most. */
    public const MOST_SIZES = 6;

    /** Pieces alike that a heading may ask for, and words that it has at most. */
    private const MOST_PIECES = 12;

    private const HEADING = 12;

    /** Words behind a chain among which its number and what it is of stand, and what none of stitches is of. */
    private const NEAR = 5;

    private const LENGTHS = ['mm', 'cm', '″', '"'];

    /** A line with one of them says to do something. */
    private const DOES = [
        Word::Stitch, Word::Increase, Word::Decrease, Word::Together, Word::Skip, Word::Repeat, Word::Even,
        Word::Around,
    ];

    /** And one with these may go on with the row before it. */
    private const GOES_ON = [
        Word::Stitch, Word::Number, Word::Repeat, Word::Skip, Word::Join, Word::Turn, Word::Stitches, Word::Increase,
        Word::Decrease, Word::Around,
    ];

    /** Words that are told to be none of ours. */
    private const MOST_UNKNOWN = 40;

    /** @var list<WrittenRow> */
    private array $lines = [];

    /** @var list<TextProblem> */
    private array $problems = [];

    private ?Opened $open = null;

    private ?int $chain = null;

    /** Where that is told. */
    private ?Token $chained = null;

    private bool $isRing = false;

    /** Pieces alike that the next is one of. */
    private int $pieces = 1;

    /** @var list<Step> chains and a turn at the end of a row, which lift the next */
    private array $lift = [];

    /** Whether the next row is the first of a piece. */
    private bool $begins = true;

    private string $stitch = 'sc';

    private readonly Lexer $lexer;

    private readonly string $head;

    /** Where the number comes first: "3. sıra:". */
    private readonly string $numbered;

    /** Sizes that the text is written for. */
    private int $found = 1;

    private function __construct(
        private readonly Speech $speech,
        private readonly int $size,
        private readonly int $sizes,
    ) {
        $this->lexer = new Lexer($speech);
        $any = fn(string ...$words): string => implode('|', array_map(
            fn(string $one): string => preg_quote($one, '/'),
            $words,
        ));
        $this->head = '/^[\s•·#>]{0,20}'
            .'(?:(?<rounds>'.$any(...$speech->rounds).')|(?<rows>'.$any(...$speech->rows).'))\s?\.?\s?'
            .'(?<from>\d{1,5})(?!\d)(?:\s?(?:-|–|—|to|a|and|y|&|through|thru|al)\s?(?:'
            .$any(...$speech->rounds, ...$speech->rows).')?\s?\.?\s?(?<to>\d{1,5})(?!\d))?\s{0,3}'
            .'(?:\([a-z ,]{1,24}\)|\[[a-z ,]{1,24}\])?\s{0,3}(?<sign>[:.)\-–—=]|(?=[(*\[]))?\s{0,3}/iu';
        $this->numbered = '/^\s{0,20}(?<from>\d{1,5})(?:\s?[-–—]\s?(?<to>\d{1,5}))?\s?[.ªº]?\s?'
            .'(?:(?<rounds>'.$any(...$speech->rounds).')|(?<rows>'.$any(...$speech->rows).'))'
            .'\s?(?<sign>[:)\-–—=])\s{0,3}/iu';
    }

    /**
     * @param int $size that is read, from 0
     * @param int $sizes that it is known to be written for
     *
     * @return array{list<WrittenRow>, list<TextProblem>, int} rows, what is not understood, and how many sizes
     */
    public static function read(string $text, Speech $speech, int $size = 0, int $sizes = 1): array
    {
        $grammar = new self($speech, $size, $sizes);
        $grammar->all($text);

        return [$grammar->lines, $grammar->problems, $grammar->found];
    }

    /** Without what no line of a pattern has: signs that show nothing, or turn letters round. */
    public static function cleaned(string $text): string
    {
        return (string) preg_replace('/(?!\n)[\p{Cc}\p{Cf}\x{2028}\x{2029}]/u', ' ', str_replace(
            ["\r\n", "\r"],
            "\n",
            mb_scrub($text),
        ));
    }

    private function all(string $text): void
    {
        foreach (explode("\n", $text) as $nth => $line) {
            $line = mb_substr($line, 0, self::LONGEST_LINE);
            $head = $this->headed($line);
            $tokens = $this->lexer->line($line, $nth + 1, $head[3] ?? 0);
            foreach ($tokens as $token) {
                $this->found = max($this->found, min(self::MOST_SIZES, count($token->numbers)));
            }
            if ($head !== null && ($head[4] || Token::among($tokens, ...self::DOES) !== null)) {
                $this->close();
                $at = new Token(Word::Rows, trim(mb_substr($line, 0, $head[3])), $nth + 1, 1);
                $this->open = new Opened($head[0], $head[1], $head[2], $at, $tokens);
            } elseif ($tokens === []) {
                $this->close();
            } elseif ($this->open !== null && ! $this->open->ends() && self::goesOn($tokens)
                && ! $this->isRepeating($tokens)) {
                $this->open->goOn($tokens);
            } else {
                $this->close();
                $this->between($tokens);
            }
        }
        $this->close();
    }

    /** @return ?array{bool, int, int, int, bool} whether it is a round; from which to which; letters; whether signed */
    private function headed(string $line): ?array
    {
        $plain = Speech::plain(mb_substr($line, 0, 120));
        $isHead = preg_match($this->head, $plain, $found, PREG_UNMATCHED_AS_NULL) === 1
            || preg_match($this->numbered, $plain, $found, PREG_UNMATCHED_AS_NULL) === 1;
        if (! $isHead) {
            return null;
        }
        // A letter and a number alone may be anything: it is a head where a sign says so.
        $word = $found['rounds'] ?? $found['rows'] ?? '';
        $isSigned = isset($found['sign']);
        if (mb_strlen($word) === 1 && ! $isSigned) {
            return null;
        }
        $from = (int) $found['from'];
        $to = isset($found['to']) ? (int) $found['to'] : $from;

        return [
            isset($found['rounds']), $from, max($from, min($to, $from + self::MOST_ROWS)),
            mb_strlen($found[0] ?? ''), $isSigned,
        ];
    }

    /** @param list<Token> $tokens */
    private static function goesOn(array $tokens): bool
    {
        $known = array_filter($tokens, fn(Token $one): bool => ! $one->is(Word::Unknown));

        return Token::among($tokens, ...self::GOES_ON) !== null && count($known) * 3 >= count($tokens) * 2;
    }

    private function close(): void
    {
        if ($this->open === null) {
            return;
        }
        [$isRound, $from, $to] = [$this->open->isRound, $this->open->from, $this->open->to];
        [$tokens, $head] = [$this->open->tokens, $this->open->head];
        $this->open = null;
        $before = $this->lines === [] ? null : $this->lines[count($this->lines) - 1];
        $isFirst = $this->begins || $before === null || ($from === 1 && $before->number >= 1)
            || ($from <= $before->number && $before->isRound === $isRound);
        if ($this->isRepeating($tokens)) {
            $this->again($tokens, $isRound, $from, $to, $head);

            return;
        }
        $parser = new Parser($tokens, $this->size, $this->sizes);
        $steps = $parser->row();
        $lead = $steps[0] ?? null;
        $isChain = array_filter($steps, fn(Step $one): bool => ! $one instanceof Sign && $one !== $lead) === [];
        if ($isFirst && $isChain && $lead instanceof Chain && $lead->many > 1) {
            // A first row of nothing but chains is what the next stands on.
            [$this->chain, $this->begins, $this->isRing] = [$lead->many, true, false];
            $this->chained = Token::among($tokens, Word::Number);

            return;
        }
        foreach (count($this->problems) < self::MOST_UNKNOWN ? $parser->unknown() : [] as $token) {
            $near = $this->speech->nearest(Speech::plain($token->text));
            if ($near === null) {
                continue;
            }
            $this->problems[] = TextProblem::at(
                $token,
                WrittenRow::called($isRound, $from),
                TextProblem::NOT_UNDERSTOOD,
                new Saying(
                    '“{word}” is no word of a pattern that we know; “{near}” is.',
                    ['word' => $token->text, 'near' => $near],
                ),
                [Correction::write($token, $near)],
            );
        }
        if ($isFirst && $this->isRing) {
            // On a ring all is worked into it, whether that is said or not.
            $steps = array_map(fn(Step $one): Step => $one instanceof Worked ? $one->inRing() : $one, $steps);
        }
        if (Token::among($tokens, Word::Even) !== null) {
            $steps = [new Worked($head, [[$this->stitch, 1]], null)];
        }
        $this->stitch = $steps === [] ? $this->stitch : $parser->last();
        [$steps, $lift] = self::lifting($steps);
        for ($number = $from; $number <= $to && count($this->lines) < self::MOST_ROWS; $number++) {
            $lifted = $isFirst && $number === $from ? $steps : self::lifted($this->lift, $steps);
            $this->lift = $lift;
            $this->add(new WrittenRow(
                $isRound,
                $number,
                $head,
                $lifted,
                $parser->stated(),
                $number === $from && $isFirst ? $this->begun() : null,
                $number === $from && $isFirst,
                $tokens,
                $number === $from && $isFirst ? $this->pieces : 1,
                $number === $from && $isFirst ? $this->chained : null,
                $to,
            ));
            $this->pieces = 1;
        }
    }

    /**
     * What a row does, and the chains and the turn at its end that lift the next.
     *
     * @param list<Step> $steps
     *
     * @return array{list<Step>, list<Step>}
     */
    private static function lifting(array $steps): array
    {
        $at = count($steps);
        while ($at > 0 && ($steps[$at - 1] instanceof Chain || self::isTurn($steps[$at - 1]))) {
            $at--;
        }
        $lift = array_slice($steps, $at);
        $isLift = array_filter($lift, self::isTurn(...)) !== []
            || ($at > 0 && $steps[$at - 1] instanceof Sign && $steps[$at - 1]->what === Sign::JOIN);

        return $at > 0 && $isLift && array_filter($lift, fn(Step $one): bool => $one instanceof Chain) !== []
            ? [array_slice($steps, 0, $at), $lift]
            : [$steps, []];
    }

    private static function isTurn(Step $step): bool
    {
        return $step instanceof Sign && $step->what === Sign::TURN;
    }

    /**
     * A row lifted by what stands at the end of the one before it, where it does not tell that itself.
     *
     * @param list<Step> $lift
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private static function lifted(array $lift, array $steps): array
    {
        foreach ($steps as $step) {
            if ($step instanceof Chain) {
                return $steps;
            }
            if (! $step instanceof Sign) {
                break;
            }
        }

        return [...$lift, ...$steps];
    }

    /** Chains that the next piece stands on; 0 of a ring; null where that is not told. */
    private function begun(): ?int
    {
        return $this->isRing ? 0 : $this->chain;
    }

    private function add(WrittenRow $line): void
    {
        $this->lines[] = $line;
        [$this->chain, $this->isRing, $this->begins, $this->chained] = [null, false, false, null];
    }

    /**
     * "Repeat rows 3 and 4"
     *
     * @param list<Token> $tokens
     */
    private function isRepeating(array $tokens): bool
    {
        $first = array_values(array_filter(
            $tokens,
            fn(Token $one): bool => ! $one->is(Word::Filler, Word::Colon),
        ));
        $named = $first[1] ?? null;
        $isNamed = $named?->is(Word::Rows, Word::Rounds) === true
            || in_array(Speech::plain($named->text ?? ''), [...$this->speech->rounds, ...$this->speech->rows], true);

        return ($first[0] ?? null)?->is(Word::Repeat) === true && $isNamed
            && ($first[2] ?? null)?->is(Word::Number) === true;
    }

    /**
     * Rows as others were, in turn.
     *
     * @param list<Token> $tokens
     * @param ?int $to null: as often as it says
     */
    private function again(array $tokens, bool $isRound, int $from, ?int $to, Token $head): void
    {
        $numbers = array_values(array_filter(
            self::clause($tokens),
            fn(Token $one): bool => $one->is(Word::Number, Word::Times),
        ));
        $those = [];
        $often = null;
        foreach ($numbers as $nth => $one) {
            $next = $numbers[$nth + 1] ?? null;
            if ($one->is(Word::Times)) {
                $often = $one->numbers === [] ? $often : $one->number();
            } elseif ($next?->is(Word::Times) === true && $next->numbers === []) {
                $often = $one->number($this->size);
            } else {
                $those[] = $one->number();
            }
        }
        $first = $those[0] ?? 0;
        $last = $those[count($those) - 1] ?? $first;
        $turn = array_values(array_filter(
            $this->lines,
            fn(WrittenRow $one): bool => $one->number >= $first && $one->number <= $last && $one->isRound === $isRound,
        ));
        $turn = array_slice($turn, -($last - $first + 1));
        if ($turn === []) {
            $this->problems[] = TextProblem::at(
                $head,
                '',
                TextProblem::NOT_UNDERSTOOD,
                new Saying('There is no row {n} before this line that could be repeated.', ['n' => (string) $first]),
            );

            return;
        }
        $to ??= $from + count($turn) * ($often ?? 1) - 1;
        for ($number = $from; $number <= $to && count($this->lines) < self::MOST_ROWS; $number++) {
            $this->add($turn[($number - $from) % count($turn)]->numbered($number));
        }
    }

    /**
     * What stands before a stop, with something in it: after it which the last is as, or what each leaves.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function clause(array $tokens): array
    {
        $has = false;
        foreach ($tokens as $nth => $one) {
            $has = $has || $one->is(Word::Number);
            if ($has && ($one->is(Word::Stop) || $one->text === ';')) {
                return array_slice($tokens, 0, $nth);
            }
        }

        return $tokens;
    }

    /**
     * What stands between rows: a chain to begin, rows that are repeated, or a note.
     *
     * @param non-empty-list<Token> $tokens
     */
    private function between(array $tokens): void
    {
        $last = $this->lines === [] ? null : $this->lines[count($this->lines) - 1];
        if ($last !== null && $this->isRepeating($tokens)) {
            $this->again($tokens, $last->isRound, $last->number + 1, null, $tokens[0]);

            return;
        }
        $number = Token::among($tokens, Word::Number);
        $isEven = $number !== null && Token::among($tokens, Word::Even) !== null && $this->countsRows($tokens);
        if ($last !== null && $isEven) {
            $many = min(1000, $number->number($this->size));
            for ($nth = 1; $nth <= $many && count($this->lines) < self::MOST_ROWS; $nth++) {
                $this->add(new WrittenRow(
                    $last->isRound,
                    $last->number + $nth,
                    $tokens[0],
                    [new Worked($tokens[0], [[$this->stitch, 1]], null)],
                    tokens: $tokens,
                ));
            }

            return;
        }
        if ($number !== null && $this->isHeading($tokens)) {
            // "Strap (make 2)"
            $this->pieces = max(1, min(self::MOST_PIECES, $number->number($this->size)));
        }
        $this->foundation($tokens);
    }

    /** @param list<Token> $tokens */
    private function isHeading(array $tokens): bool
    {
        return count($tokens) <= self::HEADING && array_filter(
            $tokens,
            fn(Token $one): bool => in_array(Speech::plain($one->text), $this->speech->makes, true),
        ) !== [] && Token::among($tokens, Word::Stitch, Word::Rows, Word::Rounds) === null;
    }

    /**
     * Whether so many rows or rounds are told of: "work even for 5 rounds", not "one every 6 stitches, evenly".
     *
     * @param list<Token> $tokens
     */
    private function countsRows(array $tokens): bool
    {
        $words = [...$this->speech->rounds, ...$this->speech->rows];
        foreach ($tokens as $nth => $one) {
            $next = $tokens[$nth + 1] ?? null;
            if ($one->is(Word::Number) && ($next?->is(Word::Rows, Word::Rounds) === true
                || in_array(Speech::plain($next->text ?? ''), $words, true))) {
                return true;
            }
        }

        return false;
    }

    /**
     * "Chain, 1100 mm": one of metal, or how long one is.
     *
     * @param list<Token> $tokens
     */
    private static function isThing(array $tokens, int $nth): bool
    {
        $rest = array_slice($tokens, $nth + 1, self::NEAR);

        return ($rest[0] ?? null)?->is(Word::Part) === true
            || array_filter($rest, fn(Token $one): bool => in_array($one->text, self::LENGTHS, true)) !== [];
    }

    /** @param non-empty-list<Token> $tokens */
    private function foundation(array $tokens): void
    {
        foreach ($tokens as $nth => $one) {
            if ($one->is(Word::Counts, Word::Skip)) {
                return;
            }
            // "Magic ring", "MR": a ring alone may be of metal.
            if ($one->is(Word::Ring) && (str_contains($one->text, ' ') || mb_strlen($one->text) === 2)) {
                [$this->isRing, $this->begins] = [true, true];

                return;
            }
            if ($one->is(Word::Stop) && $nth > 12) {
                return;
            }
            if ($one->isChain()) {
                if (self::isThing($tokens, $nth)) {
                    return;
                }
                $near = array_values(array_filter(
                    array_map(fn(int $on): ?Token => $tokens[$nth + $on] ?? null, [1, 2, 3, -1]),
                    fn(?Token $token): bool => $token?->is(Word::Number) === true && ! $token->isOrdinal,
                ))[0] ?? null;
                if ($near !== null && $near->number($this->size) > 1) {
                    // Closed, it is a ring.
                    $this->isRing = Token::among($tokens, Word::Ring) !== null;
                    [$this->chain, $this->begins, $this->chained] = [$near->number($this->size), true, $near];
                }

                return;
            }
        }
    }
}
