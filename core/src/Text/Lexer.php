<?php

declare(strict_types=1);

namespace Fescue\Core\Text;

/** Parts a line of a pattern into words, numbers and signs. */
final class Lexer
{
    private const SIGNS = [
        '*' => Word::Star, '(' => Word::Open, '[' => Word::Open, '{' => Word::Open, ')' => Word::Close,
        ']' => Word::Close, '}' => Word::Close, ',' => Word::Part, ';' => Word::Part, '.' => Word::Stop,
        '=' => Word::Equals, ':' => Word::Colon, '–' => Word::Dash, '—' => Word::Dash, '-' => Word::Dash,
        '×' => Word::Times, '+' => Word::And, '&' => Word::And,
    ];

    private const ORDINAL = '/^(\d{1,3})(?:\.|\.?[ªº]|st|nd|rd|th|er|ra|da|ta|a)$/u';

    /** @var array<string, string> words as they are looked up, by how they are written */
    private array $plain = [];

    public function __construct(private readonly Speech $speech) {}

    /**
     * @param int $from the first letter that is read, from 0
     *
     * @return list<Token>
     */
    public function line(string $line, int $number, int $from = 0): array
    {
        $pieces = $this->pieces($line, $from);
        $tokens = [];
        for ($nth = 0; $nth < count($pieces);) {
            [$text, $column, $isWord] = $pieces[$nth];
            if (! $isWord) {
                $tokens[] = ctype_digit($text)
                    ? new Token(Word::Number, $text, $number, $column, numbers: [(int) substr($text, 0, 7)])
                    : new Token(self::SIGNS[$text] ?? Word::Filler, $text, $number, $column);
                $nth++;

                continue;
            }
            [$words, $spans] = $this->run($pieces, $nth);
            $found = $this->speech->phrase($words);
            if ($found !== null) {
                [$many, $word, $of, $said] = $found;
                $tokens[] = new Token(
                    $word,
                    implode(' ', array_slice($words, 0, $many)),
                    $number,
                    $column,
                    $of === 'ordinal' ? '' : $of,
                    $said > 0 ? [$said] : [],
                    $of === 'ordinal',
                );
                $nth += $spans[$many - 1];

                continue;
            }
            $made = $this->speech->made($words[0]);
            if (preg_match(self::ORDINAL, $words[0], $found) === 1) {
                $tokens[] = new Token(Word::Number, $text, $number, $column, '', [(int) $found[1]], true);
            } elseif ($made !== null) {
                [$word, $of, $many] = $made;
                if ($word === Word::Together) {
                    $tokens[] = new Token(Word::Together, $text, $number, $column, $of, [$many]);
                } else {
                    $tokens[] = new Token($word, $text, $number, $column);
                    $tokens[] = new Token(Word::Stitch, $text, $number, $column, $of);
                }
            } else {
                $tokens[] = new Token(Word::Unknown, $text, $number, $column);
            }
            $nth++;
        }

        return self::sized($tokens);
    }

    /**
     * The words from one on, as far as nothing else stands between them; a point behind a short word is its own.
     *
     * @param list<array{string, int, bool}> $pieces
     *
     * @return array{non-empty-list<string>, non-empty-list<int>} plain, and how many pieces each is up to
     */
    private function run(array $pieces, int $from): array
    {
        $words = [$this->plain($pieces[$from][0])];
        $spans = [1];
        for ($nth = $from + 1; isset($pieces[$nth]) && $pieces[$nth][2] && count($words) < 8; $nth++) {
            $words[] = $this->plain($pieces[$nth][0]);
            $spans[] = $nth - $from + 1;
        }

        return [$words, $spans];
    }

    private function plain(string $word): string
    {
        return $this->plain[$word] ??= Speech::plain($word);
    }

    /** @return list<array{string, int, bool}> text, column, whether it is a word */
    private function pieces(string $line, int $from): array
    {
        // Parted by what each begins with: no part is looked at twice. A Turkish ordinal is a number and a point.
        $many = preg_match_all(
            '/'.($this->speech->tongue === 'tr' ? '\d{1,3}\.(?=\s\p{Ll})|' : '')
                .'\d{1,2}\.?[ªº]|\d+(?:st|nd|rd|th|er|ra|da|ta|a)\b|\d+'
                .'|[\p{L}\p{M}]+(?:\d(?:tog|juntos|jun|j|ins|b)\b|[’\'])?|\S/u',
            $line,
            $found,
            PREG_OFFSET_CAPTURE,
        );
        $pieces = [];
        $offset = strlen(mb_substr($line, 0, $from));
        $at = $column = 0;
        for ($nth = 0; $nth < (int) $many; $nth++) {
            [$text, $byte] = $found[0][$nth];
            $column += mb_strlen(substr($line, $at, $byte - $at));
            $at = $byte;
            if ($byte >= $offset) {
                $pieces[] = [$text, $column + 1, preg_match('/^(?:\p{L}|\d+\.?\D)/u', $text) === 1];
            }
        }

        return $pieces;
    }

    /**
     * "20 (24, 28)" is one number of three sizes.
     *
     * @param list<Token> $tokens
     *
     * @return list<Token>
     */
    private static function sized(array $tokens): array
    {
        $sized = [];
        for ($nth = 0; $nth < count($tokens); $nth++) {
            $token = $tokens[$nth];
            $sizes = $token->word === Word::Number && ! $token->isOrdinal ? self::sizes($tokens, $nth + 1) : null;
            if ($sizes === null) {
                $sized[] = $token;

                continue;
            }
            [$numbers, $behind] = $sizes;
            $sized[] = new Token(
                Word::Number,
                $token->text,
                $token->line,
                $token->column,
                '',
                [$token->number(), ...$numbers],
            );
            $nth = $behind - 1;
        }

        return $sized;
    }

    /**
     * @param list<Token> $tokens
     *
     * @return ?array{list<int>, int} the numbers in a bracket, where they are several; and what is behind it
     */
    private static function sizes(array $tokens, int $at): ?array
    {
        if (! isset($tokens[$at]) || ! $tokens[$at]->is(Word::Open)) {
            return null;
        }
        $numbers = [];
        for ($at++; isset($tokens[$at]); $at++) {
            if ($tokens[$at]->is(Word::Close)) {
                return count($numbers) > 1 ? [$numbers, $at + 1] : null;
            }
            if ($tokens[$at]->is(Word::Number)) {
                $numbers[] = $tokens[$at]->number();
            } elseif (! $tokens[$at]->is(Word::Part)) {
                return null;
            }
        }

        return null;
    }
}
